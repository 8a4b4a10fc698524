import { KNOWN_LEVEL } from '../../physics/chance/scatter';
import type { Spread } from '../../physics/readings/cellBelief';
import type { Desk, StandingCell } from '../../physics/desk/desk';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import { chanceOfDesk, levelOf } from './chanceInTime';

const PLAN: Plan = {
  ...newPlan('Lamp'),
  target: { kind: 'led', colour: 'red', brightness: 'dim' },
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 2 },
};

test('cells that are laid out one by one are as sure as the same grid', () => {
  const { desk, need, amps } = evaluatePlan(PLAN);
  expect(desk.grid).toMatchObject({ cellsInSeries: 3, strings: 2 });
  const laidOut = { ...desk, grid: null };
  const wanted = { load: need.load, amps };
  const [asGrid, asLaidOut] = [chanceOfDesk(desk, wanted), chanceOfDesk(laidOut, wanted)];
  // About half of all classes get what an ordinary one does; 600 classes tell a share to ± 0.06 (three deviations).
  expect(asGrid).toBeGreaterThan(0.3);
  expect(asGrid).toBeLessThan(0.7);
  expect(Math.abs(asLaidOut - asGrid)).toBeLessThan(0.09);
  const tenfold = { ...wanted, amps: 10 * amps };
  expect(chanceOfDesk(laidOut, tenfold)).toBeLessThan(0.01);
  expect(chanceOfDesk(laidOut, tenfold, undefined, 0.9)).toBeLessThan(0.9);
});

test('of unlike cells the class’s level is as open as that of the least known, wherever it stands', () => {
  const known = (ampsLog: number): StandingCell =>
    ({ kind: 'cell', belief: { level: { voltsShare: 0.01, ampsLog } } }) as StandingCell;
  const deskOf = (...logs: number[]): Desk =>
    ({ grid: null, strings: [logs.map(known)] }) as unknown as Desk;
  const levels: readonly Spread[] = [
    levelOf(deskOf(0.2, 0.6, 0.4)),
    levelOf(deskOf(0.6, 0.2)),
    levelOf(deskOf(0.2, 0.6)),
  ];
  expect(levels.map(({ ampsLog }) => ampsLog)).toEqual([0.6, 0.6, 0.6]);
  expect(levelOf(deskOf())).toEqual(KNOWN_LEVEL);
});
