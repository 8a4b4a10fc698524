import { UNREAD } from '../plan/newPlan';
import { typicalModel, cellBuild } from '../../physics/recipes/cellBuild';
import { bodyOf } from '../../physics/recipes/recipe';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import { deviationsFromMedian, FAR_FROM_DEVIATIONS } from '../../numeric/outliers';
import { cellFromReadings } from '../../physics/readings/ownCell';
import { currentRangeOf, suitableCurrentRange } from '../../physics/instruments/meter';
import type { LoggedReading, LogLine } from '../logbook/logEntry';
import { readingsOfGroup } from '../logbook/foldLog';
import { cellOfPlan } from '../plan/cellOfPlan';
import type { Plan } from '../plan/planSchema';
import { kindOfPlanCell } from './figuresOfSchool';
import type { SchoolCell } from './schoolSchema';

/** A cell that a class read, and whether it reads like its neighbours. */
export interface LessonCell {
  readonly cell: SchoolCell;
  /** Far from the class's other cells (median and MAD): likely a fault or a slip. */
  readonly isFarOff: boolean;
}

/** Scatter that is always reckoned with: the meter's last digits, volts; a share for currents. */
const LEAST_SCATTER = { volts: 0.01, logAmps: 0.05 } as const;

/**
 * Every single cell of a plan's lessons: read by itself, or as the step from one stair to the next. Currents are taken
 * from cells that were shorted alone. All are brought to one usual pair at room temperature by what the plan's own cell
 * would give against it. Cells of a battery laid out by hand differ from each other and are left out (empty list).
 */
export function cellsOfLesson(
  plan: Plan,
  lessonId: string,
  groups: readonly string[],
  lines: readonly LogLine[],
): LessonCell[] {
  if (plan.arrangement.kind === 'desk') return [];
  const scale = scaleToUsual(plan);
  const cells = groups.flatMap((group) => {
    const readings = readingsOfGroup(lines, group);
    const places = [...voltsOfCells(readings)].sort(
      ([, a], [, b]) => a.string - b.string || a.cell - b.cell,
    );
    return places.flatMap(([place, { string, cell, volts, takenAt }]) => {
      const openVolts = volts * scale.volts;
      if (!(openVolts > 0) || openVolts > 5) return [];
      const amps = shortOf(plan, readings, string, cell, volts);
      const day = takenAt.slice(0, 10);
      const found: SchoolCell = {
        ...kindOfPlanCell(plan.cell),
        id: `${lessonId} ${day} ${group} ${place}`,
        lesson: lessonId,
        title: plan.title,
        day,
        group,
        string,
        cell,
        openVolts,
        shortAmps: amps === null ? null : amps * scale.amps,
        counted: true,
      };
      return [found];
    });
  });
  const [volts] = deviationsFromMedian(
    [cells.map(({ openVolts }) => openVolts)],
    LEAST_SCATTER.volts,
  );
  const shorted = cells.filter(({ shortAmps }) => shortAmps !== null);
  const [amps] = deviationsFromMedian(
    [shorted.map(({ shortAmps }) => Math.log(shortAmps ?? 1))],
    LEAST_SCATTER.logAmps,
  );
  return cells.map((cell, index) => ({
    cell,
    isFarOff: [volts?.[index], amps?.[shorted.indexOf(cell)]].some(
      (off) => Math.abs(off ?? 0) > FAR_FROM_DEVIATIONS,
    ),
  }));
}

interface CellVolts {
  readonly string: number;
  readonly cell: number;
  readonly volts: number;
  readonly takenAt: string;
}

/** Volts of each cell by string and place: its own reading, or else the step of the stairs. */
function voltsOfCells(readings: readonly LoggedReading[]): Map<string, CellVolts> {
  const found = new Map<string, CellVolts>();
  const stairs = new Map<string, number>();
  const put = (string: number, cell: number, volts: number, takenAt: string): void => {
    found.set(`${string} ${cell}`, { string, cell, volts, takenAt });
  };
  for (const { measurement: one, value } of readings) {
    if (one.kind === 'volts' && one.from === 1) stairs.set(`${one.string} ${one.to}`, value);
  }
  for (const { measurement: one, value, takenAt } of readings) {
    if (one.kind !== 'volts' || one.from !== 1 || one.to === 1) continue;
    const below = stairs.get(`${one.string} ${one.to - 1}`);
    if (below !== undefined) put(one.string, one.to, value - below, takenAt);
  }
  for (const { measurement: one, value, takenAt } of readings) {
    if (one.kind === 'volts' && one.from === one.to) put(one.string, one.from, value, takenAt);
    if (one.kind === 'cell-volts') put(one.string, one.cell, value, takenAt);
  }
  return found;
}

/** Short-circuit current of a cell that was shorted alone, the meter's shunt taken off, amperes; `null` without one. */
function shortOf(
  { meter }: Plan,
  readings: readonly LoggedReading[],
  string: number,
  cell: number,
  volts: number,
): number | null {
  const read = readings.findLast(
    ({ measurement: one }) =>
      (one.kind === 'cell-short' && one.string === string && one.cell === cell) ||
      (one.kind === 'short' && one.string === string && one.built === 1 && cell === 1),
  );
  if (read === undefined || read.value <= 0) return null;
  const range = currentRangeOf(read.range) ?? suitableCurrentRange(read.value, meter.shuntOhms);
  const found = cellFromReadings({
    openVolts: volts,
    shortAmps: read.value,
    shuntOhms: meter.shuntOhms[range],
  });
  return found.ok ? volts / found.value.resistanceOhms : null;
}

/** What a reading of the plan's cell is multiplied by to be one of a usual pair at room temperature. */
function scaleToUsual(plan: Plan): { readonly volts: number; readonly amps: number } {
  const planned = cellOfPlan({ ...plan, cell: { ...plan.cell, ...UNREAD, school: null } });
  const usual = typicalModel(cellBuild(planned.recipe, bodyOf(planned.recipe, planned.body.id)));
  return {
    volts: usual.emfVolts / planned.model.emfVolts,
    amps: cellAmpsAt(usual, 0) / cellAmpsAt(planned.model, 0),
  };
}
