import { RECIPES } from '@/core/physics/recipes/recipes';
import { plannedCell } from '@/core/physics/readings/plannedCell';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { ageingCell } from '@/core/physics/time/ageingCell';
import { performance } from 'node:perf_hooks';
import { ledModelOf } from '@/core/physics/circuit/load/ledPresets';
import { ROOM_THERMAL_VOLTS } from '@/core/constants';
import { discharge } from '@/core/physics/time/discharge';
import { IntermittentUse, segmentOf } from '@/core/physics/time/intermittentUse';
import { printRow } from './print.mjs';
import { timed } from './timed';

const red = ledModelOf('red');

/** Batteries that run for days: how long they take to be worked out. */
export function benchTime(): void {
  const run = {
    soakSeconds: null,
    cellsInSeries: 24,
    wrap: 'taped',
    humidity: 0.5,
    celsius: 20,
  } as const;
  const recipe = RECIPES['copper-zinc-fruit'];
  const kiwi = plannedCell(cellBuild(recipe, recipe.bodies[0]), run.celsius);
  const cells = Array.from({ length: 24 }, (_, index) => {
    const cell = ageingCell(kiwi, run);
    return { ...cell, cell: { ...cell.cell, emfVolts: cell.cell.emfVolts + 0.001 * index } };
  });
  for (const [name, strings] of [
    ['24 unlike cells in a string, 24 hours', [cells]],
    [
      '24 unlike cells in six strings, 24 hours',
      Array.from({ length: 6 }, (_, string) => cells.slice(4 * string, 4 * string + 4)),
    ],
  ] as const) {
    const time = timed(1, () =>
      discharge({
        strings,
        load: { kind: 'led', led: red },
        thermalVolts: ROOM_THERMAL_VOLTS,
        seconds: 86_400,
        atSeconds: Array.from({ length: 97 }, (_, index) => 900 * index),
        leastAmps: 0,
      }),
    );
    printRow(name, `${time.toFixed(0)} ms`, 'budget 100 ms', time <= 100);
  }
  const felt = { ...run, wrap: 'open' as const };
  const steady = ageingCell(kiwi, felt);
  for (const [name, strings, load] of [
    ['24 unlike cells, LED, three days', [cells], { kind: 'led', led: red }],
    [
      '24 unlike cells, device, three days',
      [cells],
      { kind: 'device', amps: 5e-5, leastVolts: 1.5 },
    ],
    [
      '24 equal cells in four strings, device, three days',
      Array.from({ length: 4 }, () => Array.from({ length: 6 }, () => steady)),
      { kind: 'device', amps: 5e-5, leastVolts: 1.5 },
    ],
  ] as const) {
    const time = timed(1, () =>
      discharge({
        strings,
        load,
        thermalVolts: ROOM_THERMAL_VOLTS,
        seconds: 3 * 86_400,
        atSeconds: Array.from({ length: 140 }, (_, index) => (3 * 86_400 * index) / 139),
        leastAmps: 1e-6,
      }),
    );
    printRow(name, `${time.toFixed(0)} ms`, 'budget 300 ms', time <= 300);
  }
  // In the steps and with the samples that the app takes.
  const use = new IntermittentUse(
    { strings: [cells], thermalVolts: ROOM_THERMAL_VOLTS, leastAmps: 0 },
    'quick',
  );
  const start = performance.now();
  while (use.end === null && use.seconds < 3 * 86_400) {
    use.go(segmentOf({ kind: 'led', led: red }, 300, 7));
    use.go(segmentOf(null, 600, 2));
  }
  const took = performance.now() - start;
  printRow(
    '24 unlike cells, on 5 min and off 10 min, three days',
    `${took.toFixed(0)} ms`,
    'budget 300 ms',
    took <= 300,
  );
}
