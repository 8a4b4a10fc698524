import type { Grid } from './searchGrids';
import { formatVolts } from '../../units';
import type { LoadRequirement } from '../../records/plan/loadRequirement';

/** How near `m·E` must come to twice the load's voltage to count as the best match, as a share. */
const BEST_MATCH_SHARE = 0.15;
/** Open volts this little above the load's voltage sag away quickly. */
const TIGHT_SHARE = 1.45;

/** Why somebody would choose this wiring, in a few words. */
export function wiringReason(
  candidate: Pick<Grid, 'strings'>,
  { openVolts, need }: { readonly openVolts: number; readonly need: LoadRequirement },
): string {
  const ratio = openVolts / need.volts;
  const open = `${formatVolts(openVolts)} with nothing connected`;
  if (Math.abs(ratio / 2 - 1) <= BEST_MATCH_SHARE) {
    return `${open}, about twice what the load holds: best use of the cells`;
  }
  if (ratio < TIGHT_SHARE) return `${open}: little to spare when the cells sag`;
  if (ratio > 2) return `${open}: steadier if a cell or a joint is poor`;
  return candidate.strings === 1
    ? `${open}: one short string is enough`
    : `${open}: shorter strings, more of them`;
}
