import { familyBuild, familyModel } from '../../../testing/core/cells';
import { cellBuild, withPairs, waterOf } from '../recipes/cellBuild';
import { RECIPES } from '../recipes/recipes';
import { bodyOf, FAMILY_IDS, type FamilyId, recipeOfFamily } from '../recipes/recipe';
import type { ElectrodeSize } from '../cell/scaleCell';
import {
  type AgeingCell,
  ageingCell,
  type CellSurroundings,
  dryingPerSecond,
  saturationGramsPerCubicMetre,
} from './ageingCell';
import { theveninCurve } from '../circuit/battery/sourceCurve';
import { type Piece, PIECE_FACTS } from '../recipes/pieces';
import { chargeTime } from './chargeTime';

const DAY = 86_400;
const AROUND = {
  wrap: 'open',
  humidity: 0.5,
  celsius: 20,
  cellsInSeries: 4,
  soakSeconds: null,
} as const;
type Around = Partial<CellSurroundings> & {
  piece?: Piece;
  pairs?: number;
  size?: ElectrodeSize;
  body?: string;
};
const aged = (
  id: FamilyId,
  { piece = 'whole', pairs, size, body, ...around }: Around = {},
): AgeingCell => {
  const { recipe, body: any } = familyBuild(id);
  const of = body === undefined ? any : bodyOf(recipe, body);
  const build = cellBuild(recipe, of, { piece, size: size ?? null });
  return ageingCell(
    { ...(pairs === undefined ? build : withPairs(build, pairs)), model: familyModel(id) },
    { ...AROUND, ...around },
  );
};

describe('charging a capacitor', () => {
  const farads = 4.7e-3;
  const source = theveninCurve({ emfVolts: 3, resistanceOhms: 300 });

  /**
   * @check the time that charging takes
   * @origin closed form: t = R·C·ln((E − V₀)/(E − V))
   * @tolerance 1e-5 of the time
   */
  test.each([
    [0, 1],
    [0.5, 2.7],
    [0, 2.97],
  ])('from %p V to %p V on 3 V through 300 Ω', (fromVolts, toVolts) => {
    const seconds = chargeTime({ source, farads, fromVolts, toVolts });
    const exact = 300 * farads * Math.log((3 - fromVolts) / (3 - toVolts));
    expect(seconds / exact).toBeCloseTo(1, 5);
  });

  test('what is there already takes no time, and what is never reached no end', () => {
    const ask = (fromVolts: number, toVolts: number): number =>
      chargeTime({ source, farads, fromVolts, toVolts });
    expect(ask(2, 2)).toBe(0);
    expect(ask(2, 1)).toBe(0);
    expect(ask(0, 3)).toBe(Infinity);
    expect(ask(0, 3.5)).toBe(Infinity);
  });
});

describe('what ends a cell', () => {
  test('fruit spoils within a week, juice sooner, what is cut within two days; metal and salt never', () => {
    expect(aged('fruit').spoilsSeconds).toBe(7 * DAY);
    expect(aged('juice-cup').spoilsSeconds).toBe(4 * DAY);
    expect(aged('fruit', { piece: 'half' }).spoilsSeconds).toBe(2 * DAY);
    expect(aged('coin-pile-brine').spoilsSeconds).toBeNull();
    expect(aged('two-solution').spoilsSeconds).toBeNull();
  });

  test.each(FAMILY_IDS)(
    '%s: corrosion and metal go with the − electrodes, whatever the + ones',
    (id) => {
      const { usualSize } = RECIPES[recipeOfFamily(id)];
      const one = aged(id);
      const sized = (change: Partial<ElectrodeSize>): AgeingCell =>
        aged(id, { size: { ...usualSize, ...change } });
      expect(sized({ extraPlus: 2 }).parasiticAmps).toBeCloseTo(one.parasiticAmps, 12);
      expect(sized({ extraPlus: 2 }).metalCoulombs).toBeCloseTo(one.metalCoulombs, 6);
      expect(sized({ extraMinus: 2 }).parasiticAmps).toBeCloseTo(3 * one.parasiticAmps, 12);
      expect(aged(id, { pairs: 3 }).metalCoulombs).toBeCloseTo(3 * one.metalCoulombs, 6);
      expect(one.soakSeconds).toBeNull();
      expect(aged(id, { soakSeconds: 60 }).soakSeconds).toBe(60);
    },
  );
});

describe('drying', () => {
  const of = (id: FamilyId, change: Parameters<typeof aged>[1] = {}): number =>
    aged(id, change).dryingPerSecond;

  /**
   * @check water in saturated air
   * @origin memory: tables of absolute humidity, 17.3 g/m³ at 20 °C and 4.85 g/m³ at 0 °C
   * @tolerance 1 %
   */
  test.each([
    [20, 17.3],
    [0, 4.85],
  ])('air of %p °C holds %p g/m³', (celsius, grams) => {
    expect(saturationGramsPerCubicMetre(celsius) / grams).toBeCloseTo(1, 2);
  });

  /**
   * @check a wet ball in still air
   * @origin published: Maxwell’s law of diffusion, 4π·r·D·Δc
   * @tolerance twelve digits
   */
  test('1 cm of wet ball in half damp air, open, covered, stacked, in brine', () => {
    const ball = {
      waterGrams: 10,
      wetRadiusMetres: 0.01,
      wrap: 'open',
      humidity: 0.5,
      celsius: 20,
      stacked: null,
    } as const;
    const open = (4 * Math.PI * 0.01 * 2.5e-5 * 0.5 * saturationGramsPerCubicMetre(20)) / 10;
    expect(dryingPerSecond(ball)).toBeCloseTo(open, 12);
    expect(dryingPerSecond({ ...ball, wrap: 'taped' }) / open).toBeCloseTo(0.05, 9);
    expect(dryingPerSecond({ ...ball, stacked: 4 }) / open).toBeCloseTo(0.25, 9);
    expect(dryingPerSecond({ ...ball, stacked: 1 }) / open).toBeCloseTo(0.5, 9);
    expect(dryingPerSecond({ ...ball, waterActivity: 0.75 }) / open).toBeCloseTo(0.5, 9);
    expect(dryingPerSecond({ ...ball, waterActivity: 0.4 })).toBe(0);
  });

  test('cells of a pile dry as one body, cups and fruit each by itself', () => {
    expect(of('coin-pile-brine', { cellsInSeries: 8 }) / of('coin-pile-brine')).toBeCloseTo(0.5, 9);
    expect(of('fruit', { cellsInSeries: 8 })).toBe(of('fruit'));
  });

  /**
   * @check a cut fruit
   * @origin closed form: the ball of its share, and each cut face as a ball of a πth of the radius, bare
   * @tolerance nine digits
   */
  test('a half is a smaller ball and a wet disc; its skin holds back what it covers', () => {
    const { waterGrams, wetRadiusMetres } = waterOf(familyBuild('fruit'));
    const { share, cutFaces } = PIECE_FACTS.half;
    const ball = (radius: number, wrap: 'open' | 'skin'): number =>
      dryingPerSecond({
        humidity: AROUND.humidity,
        celsius: AROUND.celsius,
        stacked: null,
        wrap,
        waterGrams: waterGrams * share,
        wetRadiusMetres: radius,
      });
    const expected =
      ball(wetRadiusMetres * Math.cbrt(share), 'skin') +
      cutFaces * ball(wetRadiusMetres / Math.PI, 'open');
    expect(of('fruit', { piece: 'half', wrap: 'skin' })).toBeCloseTo(expected, 9);
    expect(of('fruit', { piece: 'half', wrap: 'skin' })).toBeGreaterThan(
      5 * of('fruit', { wrap: 'skin' }),
    );
  });

  test('what is sealed hardly dries, cut or not; salt in the liquid holds its water', () => {
    expect(of('fruit', { piece: 'half', wrap: 'sealed' })).toBeLessThan(
      0.01 * of('fruit', { piece: 'half' }),
    );
    expect(of('coin-pile-brine', { body: 'felt' })).toBeLessThan(
      of('coin-pile-brine', { body: 'felt-vinegar' }),
    );
  });
});
