import { listWords } from '../../words';
import { amountWords, wholeUnits } from './amountWords';
import type { MissingPart } from './partStock';

/** “2 galvanised nails and 1 clip lead are”. */
export function missingWords(missing: readonly MissingPart[]): string {
  const amounts = missing.map(({ part, needed, there }) => amountWords(part, needed - there));
  const [first] = missing;
  const single =
    missing.length === 1 && first !== undefined && wholeUnits(first.needed - first.there) === 1;
  return `${listWords(amounts)} ${single ? 'is' : 'are'}`;
}
