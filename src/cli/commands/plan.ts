import { FAMILIES } from '@/core/physics/chemistry/families';
import { planRequestSchema } from '@/cli/requests';
import { requirementOf } from '@/core/records/plan/loadRequirement';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { limitOfTarget } from '@/core/work/planning/seriesResistor';
import { bestFromStock } from '@/core/work/planning/bestFromStock';
import { planBatteries } from '@/core/work/planning/planBatteries';
import type { BatteryCandidate } from '@/core/work/planning/plannerTypes';
import { commandOf } from '../command';

export const planCommand = commandOf(
  'batteries that meet a wish, or the best that a stock can light',
  planRequestSchema,
  ({ target, families: wanted, ...asked }) => {
    const limits = { ...asked, running: USUAL_RUNNING, resistor: AS_NEEDED };
    const families = FAMILIES.filter(({ id }) => wanted === undefined || wanted.includes(id));
    if (target === null) {
      const best = bestFromStock({ families, ...limits });
      return {
        status: best.length > 0 ? 'solved' : 'no-solution',
        output: {
          status: best.length > 0 ? 'solved' : 'impossible',
          best: best.map((one) => ({ target: one.target, candidate: shown(one.candidate) })),
        },
      };
    }
    const { candidates, impossible } = planBatteries({
      families,
      need: requirementOf(target),
      limit: limitOfTarget(target),
      ...limits,
    });
    return {
      status: candidates.length > 0 ? 'solved' : 'no-solution',
      output: {
        status: candidates.length > 0 ? 'solved' : 'impossible',
        candidates: candidates.map(shown),
        impossible: impossible.map(({ family, limit, explanation }) => ({
          family: family.id,
          limit,
          explanation,
        })),
      },
    };
  },
);

const AS_NEEDED = { kind: 'as-needed' } as const;

function shown({ family, ...rest }: BatteryCandidate): object {
  return { family: family.id, ...rest };
}
