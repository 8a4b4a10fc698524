import { ADULT_ONLY_ABOVE_VOLTS, REFUSED_ABOVE_VOLTS } from '../../constants';
import type { CellBuild } from '../../physics/recipes/cellBuild';
import type { CautionId } from '../../physics/safety/cautions';
import type { Lesson } from '../../records/plan/lessonSchema';

/** What may be made of a plan for this class. */
export interface SafetyGate {
  /** `class`: pupils build; `older`: not this age band; `adult-only`: a demonstration; `numbers-only`: no sheets for a class; `refused`: nothing. */
  readonly verdict: 'class' | 'older' | 'adult-only' | 'numbers-only' | 'refused';
  /** Why, in plain words; empty for `class`. */
  readonly reason: string;
  /** Whether a sheet for pupils is made. */
  readonly pupilSheet: boolean;
  /** Whether lists, cards and labels for preparing are made. */
  readonly preparing: boolean;
}

/** Hazards that are for older pupils (common practice, no source). */
const OLDER_PUPILS: readonly CautionId[] = ['magnesium', 'metal-salts'];

/**
 * What age and role allow; local rules decide.
 * @param cells of the battery as it is meant
 * @param volts with nothing connected
 */
export function safetyGate(
  { ageBand }: Pick<Lesson, 'ageBand'>,
  cells: readonly Pick<CellBuild, 'recipe'>[],
  volts: number,
): SafetyGate {
  if (volts > REFUSED_ABOVE_VOLTS) {
    return {
      verdict: 'refused',
      reason: `Above ${REFUSED_ABOVE_VOLTS} V d.c. Grozer makes no class plan: shorten the strings.`,
      pupilSheet: false,
      preparing: false,
    };
  }
  if (cells.some(({ recipe }) => recipe.restricted)) {
    return {
      verdict: 'numbers-only',
      reason:
        'Strong acid: demonstrator only, trained staff in a fume hood. Grozer works out the numbers and makes no pupil sheet.',
      pupilSheet: false,
      preparing: false,
    };
  }
  if (volts > ADULT_ONLY_ABOVE_VOLTS && ageBand !== 'adults') {
    return {
      verdict: 'adult-only',
      reason: `Over ${ADULT_ONLY_ABOVE_VOLTS} V d.c. with nothing connected: an adult shows it; pupils do not build it.`,
      pupilSheet: false,
      preparing: true,
    };
  }
  const older = cells.some(({ recipe }) =>
    recipe.cautions.some((caution) => OLDER_PUPILS.includes(caution)),
  );
  if (older && (ageBand === 'under-11' || ageBand === '11-to-13')) {
    return {
      verdict: 'older',
      reason:
        'Magnesium and metal salts are for pupils of 14 and over; for younger ones an adult shows it.',
      pupilSheet: false,
      preparing: true,
    };
  }
  return { verdict: 'class', reason: '', pupilSheet: true, preparing: true };
}
