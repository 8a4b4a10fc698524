import { cellsOf, faultCount, type Desk, type StandingItem } from '@/core/physics/desk/desk';
import { formatAmps } from '@/core/units';

/** The desk in words, for those who do not see it. */
export function deskWords(desk: Desk, loadName: string, amps: number): string {
  const { strings } = desk;
  const side = strings.length === 1 ? 'one string' : `${strings.length} strings side by side`;
  const [first] = cellsOf(desk);
  const alike = new Set(strings.map((items) => items.map(wordsOf).join(', ')));
  const each =
    alike.size === 1
      ? `each ${counted(strings[0] ?? [])} in series`
      : strings.map((items, index) => `string ${index + 1}: ${counted(items)}`).join('; ');
  const sides =
    first === undefined
      ? ''
      : `, ${first.recipe.minus.material} (−) on the left and ${first.recipe.plus.material} (+) on the right of every cell`;
  const wrong = faultCount(desk);
  const faults = wrong === 0 ? '' : ` ${wrong} things are wrong on purpose.`;
  return `Desk picture: ${side}, ${each}${sides}, feeding the ${loadName} with ${formatAmps(amps)}.${faults}`;
}

/** `4 × kiwi`, `2 × kiwi, 1 × group of 2 strings`. */
function counted(items: readonly StandingItem[]): string {
  const counts = new Map<string, number>();
  for (const item of items) {
    const words = wordsOf(item);
    counts.set(words, (counts.get(words) ?? 0) + 1);
  }
  return [...counts].map(([words, count]) => `${count} × ${words}`).join(', ');
}

function wordsOf(item: StandingItem): string {
  return item.kind === 'cell' ? item.body.name : `group of ${item.strings.length} strings`;
}
