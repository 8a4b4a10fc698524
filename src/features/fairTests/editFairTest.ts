import type { FairTest } from '@/core/records/fairTest/fairTestSchema';

/** Changes the fair test; edits that name the same `typing` one after another are one undo step. */
export type EditFairTest = (change: (test: FairTest) => FairTest, typing?: string) => void;
