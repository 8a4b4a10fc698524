import { RECIPE_IDS } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { GLOSSARY } from '@/core/work/help/glossary';
import { PLACES } from './places';
import { wordAnchor } from './wordAnchor';

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

/** A station of every plan. */
export interface NamedStation {
  readonly slug: string;
  readonly name: string;
}

/** The plan that is open, whose stations can be gone to. */
export interface OpenPlan {
  readonly id: string;
  readonly stations: readonly NamedStation[];
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
 */
export function jumpTargets(
  typed: string,
  plans: readonly TitledPlan[],
  open: OpenPlan | null,
): readonly JumpTarget[] {
  const all: readonly JumpTarget[] = [
    ...(open?.stations ?? []).map(({ slug, name }): JumpTarget => ({
      name,
      kind: 'station',
      href: `/plans/${open?.id}/${slug}`,
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
