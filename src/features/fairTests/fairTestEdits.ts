import { freeVariantId } from '@/core/records/fairTest/fairTestCsv';
import type { FairTest, FairTestReading } from '@/core/records/fairTest/fairTestSchema';
import type { Run } from '@/core/records/fairTest/runOrder';

/** The reading of a run, or `null`. */
export function readingOf(
  { readings }: FairTest,
  { variant, repeat }: Run,
): FairTestReading | null {
  return readings.find((one) => one.variant === variant && one.repeat === repeat) ?? null;
}

/** The test with part of a run's reading changed; a reading with nothing in it is taken out. */
export function withReading(test: FairTest, run: Run, part: Partial<FairTestReading>): FairTest {
  const before = readingOf(test, run) ?? { ...run, volts: null, amps: null, changed: [] };
  const after = { ...before, ...part };
  const others = test.readings.filter((one) => one !== readingOf(test, run));
  const empty = after.volts === null && after.amps === null && after.changed.length === 0;
  return { ...test, readings: empty ? others : [...others, after] };
}

export function withVariant(test: FairTest, name: string): FairTest {
  const variant = { id: freeVariantId(test.variants), name };
  return { ...test, variants: [...test.variants, variant] };
}

/** Without a variant, and without what was read of it. */
export function withoutVariant(test: FairTest, id: string): FairTest {
  return {
    ...test,
    variants: test.variants.filter((one) => one.id !== id),
    readings: test.readings.filter(({ variant }) => variant !== id),
  };
}

/** With another number of rounds; readings of rounds that fall away go with them. */
export function withRepeats(test: FairTest, repeats: number): FairTest {
  return {
    ...test,
    repeats,
    readings: test.readings.filter(({ repeat }) => repeat <= repeats),
  };
}
