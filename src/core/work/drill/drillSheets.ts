import { GROUP_LINE, type Block, type PrintedSheet } from '../preparation/sheets/sheet';
import { gridDesk } from '../../physics/desk/desk';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import { freshCell, newPlan } from '../../records/plan/newPlan';
import { isVoltRange } from '../../physics/instruments/meter';
import { formatAmps, formatVolts } from '../../units';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import { faultName } from './drillWords';
import {
  DRILL_CELL,
  HIGHEST_DRILL,
  makeDrill,
  type Drill,
  type DrillKey,
  type HiddenFault,
} from './makeDrill';
import { probingFor, readDrill, type Probing } from './probing';

/** Drills on paper: the readings that a group took of each, room for the answer; the key on a page of its own. */
export function drillSheets(first: DrillKey, count: number): PrintedSheet[] {
  const drills = Array.from({ length: count }, (_, index) =>
    // After the highest number comes 1 again, so that each is found on the screen.
    makeDrill({ ...first, seed: 1 + ((first.seed - 1 + index) % HIGHEST_DRILL) }),
  );
  const { name, promise } = drills[0]!.level;
  const shortAmps = cellAmpsAt(DRILL_CELL, 0);
  return [
    {
      title: `Fault drill: ${name}`,
      subtitle: `${promise} A sound kiwi reads about ${formatVolts(DRILL_CELL.emfVolts)} and ${formatAmps(shortAmps)}; every cell is a little different.`,
      blocks: drills.flatMap(drillBlocks),
    },
    {
      title: `Fault drill: ${name}, key`,
      subtitle: 'For the teacher. The number finds the same drill on the screen.',
      blocks: [
        {
          kind: 'table',
          header: ['battery', 'number', 'what is wrong', 'where it shows'],
          rows: drills.map((drill, index) => [
            String(index + 1),
            String(drill.key.seed),
            drill.hidden.length === 0
              ? 'nothing'
              : drill.hidden.map((one) => faultName(drill, one)).join('; '),
            drill.hidden.map(({ kind }) => WHERE_IT_SHOWS[kind]).join('; ') ||
              'every step is there',
          ]),
          widths: [0.1, 0.1, 0.35, 0.45],
        },
      ],
    },
  ];
}

const WHERE_IT_SHOWS: Readonly<Record<HiddenFault['kind'], string>> = {
  reversed: 'the step goes down',
  open: 'no current, and no volts beyond it',
  shorted: 'the step is missing, and nothing is lost there with the ends joined',
  'poor-contact': 'volts right, string current small, the cell alone gives its current',
  dry: 'volts right, string current small, and so is the cell’s own',
  'same-metal': 'the step is missing, and volts are lost there with the ends joined',
};

function drillBlocks(drill: Drill, index: number): Block[] {
  const { cells, strings } = drill.level;
  const kiwi = cellOfPlan({ ...newPlan(''), cell: freshCell('copper-zinc-fruit', 'kiwi') });
  const blocks: Block[] = [
    { kind: 'heading', text: `Battery ${index + 1}` },
    { kind: 'text', text: GROUP_LINE },
    { kind: 'desk', most: 0.16, desk: gridDesk(kiwi, cells, strings) },
    ...drill.built.flatMap((items, at): Block[] => [
      {
        kind: 'table',
        header: [
          drill.level.strings > 1 ? `string ${at + 1}` : 'string',
          ...items.map((_, cell) => `cell ${cell + 1}`),
        ],
        rows: tableRows(drill, at + 1, items.length),
        widths: [0.3, ...items.map(() => 0.7 / items.length)],
      },
    ]),
    { kind: 'text', text: 'What is wrong, and how do you know?' },
    { kind: 'lines', count: 2 },
  ];
  return [{ kind: 'together', blocks }];
}

function tableRows(drill: Drill, string: number, cells: number): string[][] {
  const numbers = Array.from({ length: cells }, (_, index) => index + 1);
  const built = cells;
  const shown = (probing: Probing | null): string => {
    if (probing === null) return '';
    const display = readDrill(drill, probing);
    if (display.status !== 'reads') return 'over range';
    return (isVoltRange(probing.range) ? formatVolts : formatAmps)(display.value);
  };
  return [
    [
      'volts up to this cell',
      ...numbers.map((to) =>
        shown(probingFor({ kind: 'volts', string, from: 1, to, built }, cells)),
      ),
    ],
    [
      'current of this cell alone',
      ...numbers.map((cell) => shown(probingFor({ kind: 'cell-short', string, cell }, cells))),
    ],
    [
      'volts up to it, ends joined',
      ...numbers.map((to) =>
        to === cells ? '–' : shown(probingFor({ kind: 'shorted-volts', string, to, built }, cells)),
      ),
    ],
    [
      'current of the string',
      shown(probingFor({ kind: 'short', string, built }, cells)),
      ...numbers.slice(1).map(() => ''),
    ],
  ];
}
