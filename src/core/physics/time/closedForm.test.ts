import { familyBuild, familyModel } from '../../../testing/core/cells';
import { FAMILY_IDS, type FamilyId } from '../recipes/recipe';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { gridCurve } from '../circuit/battery/sourceCurve';
import { ledModelOf } from '../circuit/load/ledPresets';
import type { Load } from '../circuit/load/load';
import { operatingPoint } from '../circuit/operatingPoint';
import { ageingCell, cellAfter } from './ageingCell';
import { discharge } from './discharge';
import { IntermittentUse, segmentOf } from './intermittentUse';

const ROOM = { wrap: 'open', humidity: 0.5, celsius: 20, soakSeconds: null } as const;
const aged = (id: FamilyId, cellsInSeries: number) =>
  ageingCell({ ...familyBuild(id), model: familyModel(id) }, { ...ROOM, cellsInSeries });
const LOADS: readonly Load[] = [
  { kind: 'led', led: ledModelOf('red') },
  { kind: 'resistor', ohms: 1000 },
  { kind: 'resistor', ohms: 1 },
];

/**
 * @check the current after a time by the short formula
 * @origin closed form: against the whole integration, any family, load and time
 * @tolerance 3.5 %
 */
test('the closed form gives the current of the integrated run to 3.5 %, whatever family, load and time', () => {
  let compared = 0;
  for (const id of FAMILY_IDS) {
    if (id === 'concentration') continue;
    for (const load of LOADS) {
      for (const seconds of [3, 10, 60, 600, 2400]) {
        const cellsInSeries = Math.ceil(3.4 / familyModel(id).emfVolts);
        const ageing = aged(id, cellsInSeries);
        const { samples } = discharge({
          strings: [Array.from({ length: cellsInSeries }, () => ageing)],
          load,
          thermalVolts: ROOM_THERMAL_VOLTS,
          seconds,
          atSeconds: [seconds],
          leastAmps: 0,
        });
        const point = operatingPoint(
          gridCurve(cellAfter(ageing, seconds), cellsInSeries, 1),
          load,
          ROOM_THERMAL_VOLTS,
        );
        // A heavy load may have used up the metal before.
        if (samples.length === 0 || point.status !== 'solved') continue;
        compared += 1;
        expect(Math.abs(point.amps / samples[0]!.amps - 1)).toBeLessThan(0.035);
      }
    }
  }
  expect(compared).toBeGreaterThan(150);
});

/** One cell shorted for a minute: its current after so many seconds, against the first. */
function shorted(id: FamilyId, seconds: number): { share: number; voltsShare: number } {
  const ageing = aged(id, 1);
  const use = new IntermittentUse({
    strings: [[ageing]],
    thermalVolts: ROOM_THERMAL_VOLTS,
    leastAmps: 0,
  });
  use.go(segmentOf({ kind: 'resistor', ohms: 1e-3 }, seconds, 2));
  const [first, last] = use.samples;
  use.go(segmentOf(null, 30, 2));
  return {
    share: last!.amps / first!.amps,
    voltsShare: use.samples.at(-1)!.volts / ageing.cell.emfVolts,
  };
}

test.each([
  'fruit',
  'root-vegetable',
  'juice-cup',
  'coin-pile-brine',
  'magnesium-graphite',
] as const)(
  '%s shorted: about two thirds after a minute, half after five; nine tenths of the volts back half a minute later (common practice)',
  (id) => {
    const minute = shorted(id, 60);
    expect(minute.share).toBeGreaterThan(0.6);
    expect(minute.share).toBeLessThan(0.72);
    expect(minute.voltsShare).toBeGreaterThan(0.88);
    const five = shorted(id, 300).share;
    expect(five).toBeGreaterThan(0.45);
    expect(five).toBeLessThan(0.58);
  },
);

test('charcoal in acid settles to about two fifths of its peak, a brine sponge sags a little, felt stays steady (common practice)', () => {
  expect(shorted('aluminium-air-acid', 300).share).toBeGreaterThan(0.35);
  expect(shorted('aluminium-air-acid', 300).share).toBeLessThan(0.5);
  expect(shorted('aluminium-air-brine', 300).share).toBeGreaterThan(0.65);
  expect(shorted('zinc-carbon-felt', 60).share).toBeGreaterThan(0.85);
  expect(shorted('two-solution', 60).share).toBeGreaterThan(0.99);
});
