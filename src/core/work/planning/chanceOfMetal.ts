import { chanceThatMetalLasts, type StringOnMetal } from '../../physics/chance/metalChance';
import { meanCurrents } from './endAtMeanCurrent';

interface MetalOfStrings {
  /** Currents of the strings after so many seconds, amperes. */
  readonly stringAmpsAt: (seconds: number) => readonly number[];
  readonly metal: readonly Omit<StringOnMetal, 'meanAmps'>[];
  /** How often these strings stand side by side; once where nothing is said. */
  readonly times?: number;
}

/** What is surer than this is told as sure. */
const SURE = 0.9999;

/**
 * Chance that no metal is used up in so many seconds. Currents only fall: where those at first leave no doubt, no later ones are
 * asked for.
 * @param firstAmps of each string, amperes
 */
export function chanceOfMetal(
  seconds: number,
  firstAmps: readonly number[],
  { stringAmpsAt, metal, times = 1 }: MetalOfStrings,
): number {
  const chanceAt = (stringAmps: readonly number[]): number =>
    chanceThatMetalLasts(
      metal.map((string, index) => ({ ...string, meanAmps: stringAmps[index] ?? 0 })),
    ) ** times;
  return chanceAt(firstAmps) > SURE ? 1 : chanceAt(meanCurrents(seconds, stringAmpsAt));
}
