import { RECIPE_IDS } from '@/core/physics/chemistry/recipe';
import { RECIPES } from '@/core/physics/chemistry/recipes';
import { GLOSSARY } from '@/core/work/help/glossary';
import { wordAnchor } from '../help/wordAnchor';
import { PLACES } from '../places';
import { STATIONS } from '../plan/stations';

/** Somewhere that one can go. */
export interface JumpTarget {
  readonly name: string;
  /** What kind of place it is. */
  readonly kind: 'plan' | 'station' | 'tool' | 'recipe' | 'word';
  readonly href: string;
}

/** A plan by its title. */
export interface TitledPlan {
  readonly id: string;
  readonly title: string | null;
}

const FIXED: readonly JumpTarget[] = [
  { name: 'Your plans', kind: 'tool', href: '/' },
  { name: 'I have …', kind: 'tool', href: '/i-have' },
  { name: 'Help', kind: 'tool', href: '/help' },
  ...PLACES.map(({ name, href }): JumpTarget => ({ name, kind: 'tool', href })),
  ...RECIPE_IDS.map((id): JumpTarget => ({
    name: RECIPES[id].name,
    kind: 'recipe',
    href: `/recipes/shipped/${id}`,
  })),
  ...GLOSSARY.map(({ word }): JumpTarget => ({
    name: word,
    kind: 'word',
    href: `/help#${wordAnchor(word)}`,
  })),
];

/** Most places that are offered at once. */
const MOST = 9;

/**
 * Places whose name has the typed words in it, those that begin with them first.
 * @param planId the plan that is open, whose stations can be gone to; `null`: none.
 */
export function jumpTargets(
  typed: string,
  plans: readonly TitledPlan[],
  planId: string | null,
): readonly JumpTarget[] {
  const stations = planId === null ? [] : STATIONS;
  const all: readonly JumpTarget[] = [
    ...stations.map(({ slug, name }): JumpTarget => ({
      name,
      kind: 'station',
      href: `/plans/${planId}/${slug}`,
    })),
    ...plans.map(({ id, title }): JumpTarget => ({
      name: title ?? 'A plan that cannot be read',
      kind: 'plan',
      href: `/plans/${id}/arrange`,
    })),
    ...FIXED,
  ];
  const words = typed
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');
  const rank = ({ name }: JumpTarget): number =>
    name.toLowerCase().startsWith(words[0] ?? '') ? 0 : 1;
  return all
    .filter(({ name }) => words.every((word) => name.toLowerCase().includes(word)))
    .sort((one, other) => rank(one) - rank(other))
    .slice(0, MOST);
}
