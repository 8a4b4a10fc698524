import { withoutFaults } from '../../physics/desk/desk';
import { solveDesk } from '../../physics/desk/solveDesk';
import type { PlanEvaluation } from '../judging/evaluatePlan';

/** Open-circuit volts of the battery as it is meant, nothing wrong on purpose. */
export function soundVolts({ desk, need, wrong, source }: PlanEvaluation): number {
  return wrong === 0 ? source.emfVolts : solveDesk(withoutFaults(desk), need.load).source.emfVolts;
}
