import { z } from 'zod';
import { LED_COLOURS } from '../../physics/circuit/load/ledPresets';
import { MAX_CELLS } from '../../physics/desk/limits';
import type { PlannedCell } from '../../physics/chemistry/plannedCell';
import type { Plan } from '../../records/plan/planSchema';
import { bestFromStock, type BestFromStock } from './bestFromStock';
import { PLANNER_DEFAULTS } from './planBatteries';
import { familyOfPlan } from './wiringOptions';

const count = z
  .number('Give a whole number.')
  .int('Give a whole number.')
  .min(0, 'Give 0 or more.')
  .max(1000, 'Give at most 1000.');

/** What lies in the cupboard for one kind of cell. */
export const stockOnHandSchema = z.strictObject({
  bodies: count,
  plusMetals: count,
  minusMetals: count,
  colours: z.array(z.enum(LED_COLOURS)),
  leds: count.min(1, 'Give at least 1.').max(20, 'Give at most 20.'),
});
export type StockOnHand = z.infer<typeof stockOnHandSchema>;

/** The brightest light in each colour that is there that these parts make with the plan's cell, best first. */
export function bestFromCupboard(
  cell: PlannedCell,
  plan: Pick<Plan, 'cell' | 'minutes' | 'running' | 'seriesResistor'>,
  { bodies, plusMetals, minusMetals, colours, leds }: StockOnHand,
): BestFromStock[] {
  const input = {
    families: [familyOfPlan(cell, plan.cell.size)],
    minutes: plan.minutes,
    running: plan.running,
    resistor: plan.seriesResistor,
    objective: 'brightest' as const,
    stock: { bodies, pairs: Math.min(plusMetals, minusMetals) },
    mostCells: Math.min(MAX_CELLS, Math.max(1, bodies)),
    mostPairs: PLANNER_DEFAULTS.mostPairs,
    mostPrice: null,
    mostCandidates: 1,
  };
  return bestFromStock(input, { colours, sideBySide: leds });
}
