import type { LessonPlan } from '../lesson/lessonPlan';

/** Shore birds after whom groups are named: the scenario's six first. Never persons. */
const BIRDS = [
  'Curlew',
  'Knot',
  'Dunlin',
  'Avocet',
  'Plover',
  'Tern',
  'Sanderling',
  'Turnstone',
  'Redshank',
  'Whimbrel',
  'Oystercatcher',
  'Godwit',
] as const;

/** Names of so many groups. */
export function groupNames(count: number): string[] {
  return Array.from({ length: count }, (_, index) => groupName(index));
}

/** Name of a group by its number from 0; after twelve they begin again with a number behind. */
export function groupName(index: number): string {
  const bird = BIRDS[index % BIRDS.length] ?? 'Group';
  const round = Math.floor(index / BIRDS.length);
  return round === 0 ? bird : `${bird} ${round + 1}`;
}

/** Who stands at a bench, in a word: a bird, or the adult who shows it and has the first place to themselves. */
export function shortBenchName(group: string, { gate }: Pick<LessonPlan, 'gate'>): string {
  return gate.pupilSheet || group !== groupName(0) ? group : 'the demonstration';
}

/** The same within a sentence: “group Tern”. */
export function benchName(group: string, lesson: Pick<LessonPlan, 'gate'>): string {
  const name = shortBenchName(group, lesson);
  return name === group ? `group ${group}` : name;
}
