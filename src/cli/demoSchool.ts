import { SCHOOL_DOCUMENT } from '@/core/documents/tools/schoolDocument';
import type { ToolState } from '@/core/documents/tools/toolDocument';
import { freshCell } from '@/core/records/plan/newPlan';
import { kindOfPlanCell } from '@/core/records/school/figuresOfSchool';
import type { SchoolState } from '@/core/records/school/schoolSchema';

/** Invented earlier evenings of the scenario's club: volts of kiwi cells by group, and milliamps of each first one. */
const EVENINGS: readonly {
  readonly day: string;
  readonly groups: readonly (readonly [string, readonly number[], number])[];
}[] = [
  {
    day: '2026-10-02',
    groups: [
      ['Dunlin', [0.92, 0.95, 0.9], 1.31],
      ['Plover', [0.94, 0.93, 0.97], 1.48],
      ['Knot', [0.89, 0.93, 0.94], 1.12],
      ['Sanderling', [0.96, 0.92, 0.91], 1.4],
    ],
  },
  {
    day: '2026-11-06',
    groups: [
      ['Dunlin', [0.9, 0.91, 0.94, 0.88], 1.05],
      ['Plover', [0.93, 0.9, 0.92, 0.91], 1.22],
      ['Knot', [0.91, 0.95, 0.89, 0.93], 0.98],
    ],
  },
  {
    day: '2026-11-20',
    groups: [
      ['Dunlin', [0.95, 0.93, 0.96], 1.55],
      ['Sanderling', [0.94, 0.97, 0.92], 1.37],
    ],
  },
];

/** What the club's earlier evenings have let into its own figures. */
export const DEMO_SCHOOL: ToolState<SchoolState> = {
  ...SCHOOL_DOCUMENT.fresh(SCHOOL_DOCUMENT.noun),
  state: {
    cells: EVENINGS.flatMap(({ day, groups }) =>
      groups.flatMap(([group, volts, milliamps]) =>
        volts.map((openVolts, index) => ({
          ...kindOfPlanCell(freshCell('copper-zinc-fruit', 'kiwi')),
          id: `kiwi-evening ${day} ${group} 1 ${index + 1}`,
          lesson: 'kiwi-evening',
          title: 'Kiwi evening',
          day,
          group,
          string: 1,
          cell: index + 1,
          openVolts,
          shortAmps: index === 0 ? milliamps / 1000 : null,
          counted: true,
        })),
      ),
    ),
    scores: (
      [
        ['2026-10-02', 0.97, 6],
        ['2026-11-06', 0.97, 6],
        ['2026-11-20', 0.88, 5],
      ] as const
    ).map(([day, promised, lit]) => ({
      lesson: 'kiwi-evening',
      title: 'Kiwi evening',
      day,
      promised,
      batteries: 6,
      lit,
    })),
  },
};
