import { KIWI_READ, toldPlan } from '../../../testing/core/toldPlans';
import { UNREAD } from '../../records/plan/newPlan';
import { MOST_PAIRS_SUGGESTED, suggestionFor, waysToBuild } from './suggestion';

const suggested = (cell: typeof KIWI_READ) =>
  suggestionFor({ ...toldPlan({ cell }), batteries: 1 });

test('what is read of the first cell changes how many are built, not what they are made of', () => {
  const fresh = suggestionFor({ ...toldPlan({ cell: { ...KIWI_READ, ...UNREAD } }), batteries: 1 });
  const read = suggested(KIWI_READ);
  expect(read.cell.own).not.toBeNull();
  expect([read.cell.piece, read.cell.size]).toEqual([fresh.cell.piece, fresh.cell.size]);
  if (fresh.wiringOptions.status !== 'possible') throw new Error('nothing is suggested');
  const { suggested: before } = fresh.wiringOptions;
  // A cell that gives hardly anything: the same cells, more of them.
  const { own } = KIWI_READ;
  const weak = suggested({
    ...KIWI_READ,
    own: { ...own!, shortCircuit: { ...own!.shortCircuit!, amps: 0.05e-3 }, loaded: [] },
  });
  expect([weak.cell.piece, weak.cell.size]).toEqual([fresh.cell.piece, fresh.cell.size]);
  if (weak.wiringOptions.status !== 'possible') throw new Error('nothing is suggested');
  expect(weak.wiringOptions.suggested.cells).toBeGreaterThan(before.cells);
});

test('trial cells alone, too, move only how many are built', () => {
  const trial = { volts: 0.93, milliamps: 0.05, seconds: null, counted: true };
  const trials = suggested({ ...KIWI_READ, ...UNREAD, trialCells: [trial, trial, trial] });
  const fresh = suggested({ ...KIWI_READ, ...UNREAD });
  expect(trials.cell.own).toBeNull();
  expect(trials.cell.trials).not.toEqual([]);
  expect([trials.cell.piece, trials.cell.size]).toEqual([fresh.cell.piece, fresh.cell.size]);
});

test('one pair to four, in every way it may be cut, what gives least first; more than fit in are left out', () => {
  const { cell } = suggested({ ...KIWI_READ, ...UNREAD });
  const ways = (piece: Parameters<typeof waysToBuild>[1], most?: number): string[] =>
    waysToBuild(cell, piece, most).map(({ piece: cut, size }) => `${size.pairs} ${cut}`);
  expect(ways('whole')).toEqual(
    Array.from({ length: MOST_PAIRS_SUGGESTED }, (_, index) => `${index + 1} ${cell.piece}`),
  );
  expect(ways(null, 1)).toEqual(['1 quarter', '1 half', '1 whole']);
  const all = ways(null);
  expect(all.filter((one) => one.endsWith('whole'))).toHaveLength(MOST_PAIRS_SUGGESTED);
  expect(all.filter((one) => one.endsWith('quarter')).length).toBeLessThan(MOST_PAIRS_SUGGESTED);
});
