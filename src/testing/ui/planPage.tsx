import { render, screen } from '@testing-library/react';
import type { ComponentType } from 'react';
import { METER_DOCUMENT } from '@/core/documents/tools/meterDocument';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import type { LogLine } from '@/core/records/logbook/logEntry';
import type { Plan } from '@/core/records/plan/planSchema';
import type { SchoolState } from '@/core/records/school/schoolSchema';
import type { FoundTool } from '@/ui/document/useTool';
import { ArrangeStation } from '@/features/plan/stations/arrange/ArrangeStation';
import { BuildStation } from '@/features/plan/stations/build/BuildStation';
import { CellStation } from '@/features/plan/stations/cell/CellStation';
import { PowerStation } from '@/features/plan/stations/power/PowerStation';
import { ReadyStation } from '@/features/plan/stations/ready/ReadyStation';
import { RunStation } from '@/features/plan/stations/run/RunStation';
import { plain } from './acting';
import { OpenPlan } from './OpenPlan';
import { navigation } from './navigation';
import { keepEverything, type Kept } from './server';
import { foundTool } from './toolPage';

/** No meter stands in the network. */
const METER = foundTool(METER_DOCUMENT);

const STATIONS: Readonly<Record<string, ComponentType>> = {
  power: PowerStation,
  cell: CellStation,
  arrange: ArrangeStation,
  ready: ReadyStation,
  build: () => <BuildStation meterFound={METER} />,
  run: RunStation,
};

/** Every part of a plan's stations, but for what it is left to run by itself. */
export const PARTS_OF_PLAN = [
  ['power', ''],
  ['cell', ''],
  ['arrange', ''],
  ['ready', 'class'],
  ['ready', 'safety'],
  ['ready', 'shopping'],
  ['ready', 'timetable'],
  ['ready', 'prepare'],
  ['ready', 'prints'],
  ['build', ''],
  ['build', 'log'],
  ['build', 'board'],
  ['build', 'results'],
  ['run', 'turns'],
  ['run', 'short'],
  ['run', 'bank'],
  ['run', 'ways'],
] as const;

interface PlanPage {
  /** What was sent to be kept, newest last. */
  readonly kept: Kept[];
  /** To another station of the same plan, or another part of one. */
  readonly goTo: (station: string, part?: string) => void;
}

/** An open plan at one of its stations: real stores and calculation, and a server that takes everything. */
export function showPlan(
  plan: Plan,
  station: string,
  log?: readonly LogLine[],
  cupboard?: FoundTool<CupboardState>,
  school?: FoundTool<SchoolState>,
): PlanPage {
  const kept = keepEverything();
  const page = (at: string, part = '') => {
    navigation.segment = at;
    navigation.search = part === '' ? '' : `part=${part}`;
    const Station = STATIONS[at] ?? PowerStation;
    return (
      <OpenPlan plan={plan} log={log} cupboard={cupboard} school={school}>
        <Station key={`${at} ${part}`} />
      </OpenPlan>
    );
  };
  const { rerender } = render(page(station));
  return { kept, goTo: (at, part) => rerender(page(at, part)) };
}

/** The verdict as it is read, and its tone. */
export function verdict(): { readonly text: string; readonly tone: string | null } {
  const [pill] = screen.getAllByTestId('verdict');
  return {
    text: plain(pill?.textContent ?? ''),
    tone: pill?.getAttribute('data-tone') ?? null,
  };
}
