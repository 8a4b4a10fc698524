import { csvText } from '../../formats/csv';
import { withValue } from '../parts/amountWords';
import { PARTS } from '../../physics/recipes/parts';
import type { LessonFacts } from './sheets/lessonFacts';

const HEADER = [
  'aisle',
  'part',
  'unit',
  'a group',
  'class',
  'in stock',
  'packs',
  'in a pack',
  'price',
  'bought',
];

/** The shopping list as CSV; a price that nobody set stays empty. */
export function shoppingCsv({ shopping, kit, plan, evaluation }: LessonFacts): string {
  const rows = shopping.lines.map(({ part, needed, inCupboard, packs, pack, price }) => [
    PARTS[part].aisle,
    withValue(PARTS[part].name, part, evaluation),
    PARTS[part].unit,
    kit.lines.find((one) => one.part === part)?.perGroup ?? 0,
    needed,
    inCupboard,
    packs,
    pack,
    price ?? '',
    plan.lesson.bought.includes(part) ? 'yes' : '',
  ]);
  return csvText(HEADER, rows);
}
