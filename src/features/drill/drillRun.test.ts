/**
 * @jest-environment jsdom
 */
import type { TakenReading } from '@/core/work/drill/drillHints';
import { createDrillStore, FRESH_RUN } from './drillRun';

const KEY = { level: 2, seed: 9 };
const reading: TakenReading = {
  probing: {
    red: { string: 1, cell: 2, side: 'left' },
    black: { string: 1, cell: 1, side: 'left' },
    range: '2 V',
    meanwhile: 'nothing',
  },
  value: 0.93,
};

beforeEach(() => window.localStorage.clear());

test('a run is kept in the browser and found again, for its own drill only', async () => {
  const drill = createDrillStore(KEY);
  drill.read(reading);
  drill.hint();
  drill.wrong();
  drill.name([{ cell: 2, kind: 'open' }]);
  const again = createDrillStore(KEY);
  await again.store.persist.rehydrate();
  expect(again.store.getState().run).toEqual({
    taken: [reading],
    hints: 1,
    wrongAnswers: 1,
    named: [{ cell: 2, kind: 'open' }],
    over: 'no',
  });
  const other = createDrillStore({ ...KEY, seed: 10 });
  await other.store.persist.rehydrate();
  expect(other.store.getState().run).toEqual(FRESH_RUN);
});

test('starting over can be taken back, until something new is done', () => {
  const drill = createDrillStore(KEY);
  drill.read(reading);
  drill.startOver();
  expect(drill.store.getState().run).toEqual(FRESH_RUN);
  drill.takeBack();
  expect(drill.store.getState().run.taken).toEqual([reading]);
  drill.startOver();
  drill.hint();
  expect(drill.store.getState().thrownAway).toBeNull();
  drill.end('shown');
  expect(drill.store.getState().run.over).toBe('shown');
});

test('what was kept and cannot be read any more begins anew', async () => {
  const kept = { state: { run: { taken: 'many' } }, version: 0 };
  window.localStorage.setItem('grozer-drill-2-9', JSON.stringify(kept));
  const drill = createDrillStore(KEY);
  await drill.store.persist.rehydrate();
  expect(drill.store.getState().run).toEqual(FRESH_RUN);
});
