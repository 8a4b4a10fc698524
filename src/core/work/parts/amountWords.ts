import { formatOhms } from '../../units';
import { PARTS, type PartId } from '../../physics/recipes/parts';

/** Rounding of amounts that were added up must not ask for one more. */
const ROUNDING = 1e-9;

/** `12 kiwis`, `250 g table salt`, `1 sheet of felt`. */
export function amountWords(part: PartId, amount: number): string {
  return `${countedWords(part, amount)} ${partWords(part, amount)}`;
}

/** Words for a part, with its value where it is the battery’s resistor: `7 series resistors of 3.3 kΩ`. */
export function withValue(
  words: string,
  part: PartId,
  { seriesResistorOhms: ohms }: Valued,
): string {
  return part !== 'series-resistor' || ohms === null ? words : `${words} of ${formatOhms(ohms)}`;
}

/** A battery with or without a resistor before its load. */
export interface Valued {
  readonly seriesResistorOhms: number | null;
}

/** `12 kiwis`, `7 series resistors of 3.3 kΩ`. */
export function valuedWords(part: PartId, amount: number, battery: Valued): string {
  return withValue(amountWords(part, amount), part, battery);
}

/** `2 more kiwis`, `250 g more table salt`. */
export function moreOf(part: PartId, amount: number): string {
  return `${countedWords(part, amount)} more ${partWords(part, amount)}`;
}

function countedWords(part: PartId, amount: number): string {
  const { unit } = PARTS[part];
  const counted = unit === 'piece' || unit === 'sheet' ? '' : ` ${unit}`;
  return `${wholeUnits(amount)}${counted}`;
}

/** A part by its name for so many of it: `kiwi`, `kiwis`. */
export function partWords(part: PartId, amount: number): string {
  const { name, plural } = PARTS[part];
  return wholeUnits(amount) === 1 ? name : plural;
}

/** Whole units that hold an amount. */
export function wholeUnits(amount: number): number {
  return Math.ceil(amount - ROUNDING);
}
