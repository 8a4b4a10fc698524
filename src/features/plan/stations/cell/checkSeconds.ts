import { MAX_SECONDS_AFTER } from '@/core/physics/chemistry/ownReadings';

/** What is wrong with a time after connecting, or `null`. */
export function checkSeconds(seconds: number): string | null {
  return seconds >= 0 && seconds <= MAX_SECONDS_AFTER ? null : 'Give seconds, at most an hour.';
}
