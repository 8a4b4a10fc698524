import { originWords } from '../cautionsOfPlan';
import { amountWords } from '../../parts/amountWords';
import type { LessonFacts } from './lessonFacts';

/** A point to tick before the lesson. */
export interface ChecklistPoint {
  /** Stable, so that a tick stays with its point. */
  readonly id: string;
  readonly text: string;
  /** Where it comes from; empty where it is for every lesson. */
  readonly from: string;
}

/** What to have done and thought of, cautions first. */
export function checklistOf({ cautions, kit, gate }: LessonFacts): ChecklistPoint[] {
  const tools = kit.lines.filter(({ part }) => part === 'goggles' || part === 'gloves');
  return [
    {
      id: 'risk-assessment',
      text: 'The school’s own risk assessment is made and filed.',
      from: '',
    },
    ...cautions.map(({ id, text, from: [origin] }) => ({
      id,
      text,
      from: origin === undefined ? '' : originWords(origin),
    })),
    ...tools.map(({ part, total }) => ({
      id: `have-${part}`,
      text: `${amountWords(part, total)} are at hand.`,
      from: '',
    })),
    {
      id: 'trial',
      text: gate.preparing
        ? `One cell was built and measured beforehand; ${kit.groups === 1 ? 'the kit is' : `${kit.groups} kits are`} complete.`
        : 'It was tried beforehand by those trained for it.',
      from: '',
    },
    { id: 'waste', text: 'It is clear where food, liquids and metals go afterwards.', from: '' },
  ];
}
