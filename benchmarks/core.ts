import { RECIPES } from '@/core/physics/recipes/recipes';
import { plannedCell } from '@/core/physics/readings/plannedCell';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { gridShape } from '@/core/physics/chance/drawnBattery';
import { simulateClasses } from '@/core/physics/chance/simulateClasses';
import { theveninInParallel, theveninInSeries } from '@/core/physics/circuit/battery/sourceCurve';
import { ledModelOf } from '@/core/physics/circuit/load/ledPresets';
import type {
  NetworkComponent,
  NetworkDocument,
} from '@/core/physics/circuit/network/networkSchema';
import { solveNetwork } from '@/core/physics/circuit/network/solveNetwork';
import { ledAmpsOnThevenin } from '@/core/physics/circuit/load/led';
import { netlistOf } from '@/core/physics/circuit/spice/netlistOf';
import { ROOM_CELSIUS, ROOM_THERMAL_VOLTS } from '@/core/constants';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { limitOfTarget } from '@/core/work/search/loadLimits';
import { requirementOf } from '@/core/records/plan/loadRequirement';
import { evaluatePlan, momentOf } from '@/core/work/judging/evaluatePlan';
import { planBatteries, PLANNER_DEFAULTS } from '@/core/work/search/planBatteries';
import { verdictOf } from '@/core/work/judging/verdict';
import { DEMO_PLANS } from '@/cli/demoPlans';
import { benchLesson } from './lesson';
import { part, printRow } from './print.mjs';
import { benchTime } from './time';
import { timed } from './timed';

const NGSPICE = '/usr/bin/ngspice';
const red = ledModelOf('red');

/** Time of the ngspice process on a network in milliseconds, also the least of several; `null` where it is not installed. */
function spiceTime(network: NetworkDocument): number | null {
  if (!existsSync(NGSPICE)) return null;
  const folder = mkdtempSync(join(tmpdir(), 'grozer-bench-'));
  const file = join(folder, 'deck.cir');
  // One figure is enough: printing a thousand would be counted against the simulator.
  const { text } = netlistOf(network);
  const lines = text.split('\n').filter((line) => !/^print (?!v\(n1\))/.test(line));
  writeFileSync(file, lines.join('\n'));
  const times = Array.from({ length: 5 }, () => {
    const start = performance.now();
    const run = spawnSync(NGSPICE, ['-b', file], { encoding: 'utf8' });
    if (!run.stdout.includes('v(n1) =')) throw new Error(`ngspice gave no answer: ${run.stderr}`);
    return performance.now() - start;
  });
  rmSync(folder, { recursive: true });
  return Math.min(...times);
}

function printAgainstSpice(name: string, ours: number, spice: number | null, wanted: number): void {
  const ratio =
    spice === null
      ? 'ngspice is not installed'
      : `${Math.round(spice / ours)} × faster than ngspice (${spice.toFixed(0)} ms)`;
  printRow(
    name,
    `${ours.toFixed(3)} ms, ${ratio}`,
    `wanted ${wanted} ×`,
    spice === null || spice / ours >= wanted,
  );
}

/** Unlike cells, so that nothing is the same twice. */
const emf = (index: number): number => 0.85 + 0.0001 * (index % 100);
const ohms = (index: number): number => 500 + (index % 37) * 10;

/** Strings of unlike cells as one source, building included. */
function reducedArray(
  strings: number,
  length: number,
): { emfVolts: number; resistanceOhms: number } {
  return theveninInParallel(
    Array.from({ length: strings }, (_, string) =>
      theveninInSeries(
        Array.from({ length }, (_cell, place) => {
          const index = string * length + place;
          return { emfVolts: emf(index), resistanceOhms: ohms(index) };
        }),
      ),
    ),
  );
}

function arrayNetwork(strings: number, length: number, leaks: boolean): NetworkDocument {
  const components: NetworkComponent[] = [];
  const node = (string: number, place: number): string =>
    place === 0 ? '0' : place === length ? 'top' : `s${string}p${place}`;
  for (let string = 0; string < strings; string += 1) {
    for (let place = 0; place < length; place += 1) {
      const index = string * length + place;
      const minus = node(string, place);
      const plus = node(string, place + 1);
      components.push({
        type: 'cell',
        name: `c${index}`,
        minus,
        plus,
        emfVolts: emf(index),
        resistanceOhms: ohms(index),
      });
      if (!leaks) continue;
      components.push({
        type: 'resistor',
        name: `rim${index}`,
        a: minus,
        b: plus,
        resistanceOhms: 4000,
      });
      if (place > 0 && string > 0) {
        const beside = node(string - 1, place);
        components.push({
          type: 'resistor',
          name: `wet${index}`,
          a: minus,
          b: beside,
          resistanceOhms: 9000,
        });
      }
    }
  }
  components.push({ type: 'led', name: 'led', anode: 'top', cathode: '0', ...red });
  return { temperatureCelsius: 27, components };
}

function solved(network: NetworkDocument): number {
  const outcome = solveNetwork(network);
  if (outcome.status !== 'solved') throw new Error(JSON.stringify(outcome));
  return outcome.iterations;
}

function benchCircuits(): void {
  const build = (): number => {
    const { emfVolts, resistanceOhms } = reducedArray(100, 10);
    return ledAmpsOnThevenin(emfVolts, resistanceOhms, red, ROOM_THERMAL_VOLTS);
  };
  printAgainstSpice(
    '1,000-cell array to an LED, building included',
    timed(50, build),
    spiceTime(arrayNetwork(100, 10, false)),
    100,
  );
  const mesh = arrayNetwork(50, 20, true);
  printAgainstSpice(
    '1,000-cell mesh with leaks',
    timed(5, () => solved(mesh)),
    spiceTime(mesh),
    15,
  );
  for (const cells of [1000, 2000, 4000, 8000]) {
    const time = timed(20, () => reducedArray(cells / 10, 10));
    printRow(
      `  array of ${cells} cells, reduced`,
      `${time.toFixed(3)} ms, ${((1000 * time) / cells).toFixed(3)} µs a cell`,
      'linear growth',
    );
  }
  for (const strings of [10, 20, 40, 80]) {
    const network = arrayNetwork(strings, 20, true);
    const time = timed(5, () => solved(network));
    printRow(
      `  mesh of ${20 * strings} cells`,
      `${time.toFixed(2)} ms, ${((1000 * time) / 20 / strings).toFixed(2)} µs a cell`,
      'linear growth',
    );
  }
  const small = arrayNetwork(4, 5, true);
  for (let warm = 0; warm < 2000; warm += 1) solved(small);
  globalThis.gc?.();
  const before = process.memoryUsage().heapUsed;
  for (let call = 0; call < 10_000; call += 1) solved(small);
  globalThis.gc?.();
  const grown = (process.memoryUsage().heapUsed - before) / 1e6;
  printRow('heap after 10,000 solves', `${grown >= 0 ? '+' : ''}${grown.toFixed(2)} MB`, 'flat');
}

function benchPlanning(): void {
  const lamp = DEMO_PLANS.find(({ id }) => id === 'demo-lamp');
  if (lamp === undefined) throw new Error('the demo has no lamp');
  const whole = evaluatePlan(lamp.plan);
  printRow(
    'operating point and verdict of a wiring',
    `${timed(500, () => verdictOf({ ...whole, ...momentOf(whole.desk, whole.need) })).toFixed(4)} ms`,
    'budget 1 ms',
  );
  printRow(
    'the same with chance and all wirings of the cell',
    `${timed(20, () => evaluatePlan(lamp.plan)).toFixed(2)} ms`,
  );
  const cell = { emfVolts: 0.93, resistanceOhms: 654 };
  const many = 100_000;
  const grids = timed(1, () => {
    let sum = 0;
    for (let index = 0; index < many; index += 1) {
      const inSeries = 2 + (index % 10);
      const ohmsInside = (inSeries * cell.resistanceOhms) / (1 + (index % 7));
      sum += ledAmpsOnThevenin(inSeries * cell.emfVolts, ohmsInside, red, ROOM_THERMAL_VOLTS);
    }
    return sum;
  });
  printRow(
    'm × n evaluations into an LED',
    `${(many / grids / 1000).toFixed(2)} million a second`,
    'wanted 1',
  );
  const classes = timed(1, () =>
    simulateClasses({
      battery: gridShape(cell, 4, 3),
      typicalAmps: 2e-3,
      load: { kind: 'led', led: red },
      wantedAmps: 1.5e-3,
      thermalVolts: ROOM_THERMAL_VOLTS,
      classes: 10_000,
      seed: 1,
    }).gets(),
  );
  printRow(
    '10,000 simulated classes of a 12-cell battery',
    `${classes.toFixed(0)} ms`,
    'budget 250 ms',
    classes <= 250,
  );
  const target = { kind: 'led', colour: 'amber', brightness: 'clear' } as const;
  const candidates = timed(1, () =>
    planBatteries({
      cells: Object.values(RECIPES).map((recipe) =>
        plannedCell(cellBuild(recipe, recipe.bodies[0]), ROOM_CELSIUS),
      ),
      need: requirementOf(target),
      limit: limitOfTarget(target),
      resistor: { kind: 'as-needed' },
      minutes: 10,
      running: USUAL_RUNNING,
      objective: 'fewest-cells',
      mostPrice: null,
      ...PLANNER_DEFAULTS,
      mostCells: 200,
    }),
  );
  printRow(
    'candidates of all recipes up to 200 cells, each with its chance and condition',
    `${candidates.toFixed(0)} ms`,
  );
}

await part('circuits', benchCircuits);
await part('planning', benchPlanning);
await part('time', benchTime);
await part('lesson', benchLesson);
