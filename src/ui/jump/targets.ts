import { RECIPE_IDS } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { capital } from '@/core/words';
import { GLOSSARY } from '@/core/work/help/glossary';
import { PLACES } from './places';
import { wordAnchor } from './wordAnchor';

/** Somewhere that one can go. */
export interface JumpTarget {
  readonly name: string;
  /** What kind of place it is. */
  readonly kind: 'plan' | 'station' | 'deed' | 'tool' | 'recipe' | 'material' | 'word';
  readonly href: string;
  /** Other words that it is looked for by. */
  readonly also?: string;
  /** Title of the plan that it is done in, where none is open. */
  readonly of?: string;
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

/** What people want to do, with where it is done. */
const DEEDS: readonly JumpTarget[] = [
  { name: 'Back up everything', kind: 'deed', href: '/safekeeping', also: 'backup save copy' },
  { name: 'Put a backup back', kind: 'deed', href: '/safekeeping', also: 'restore' },
  { name: 'Put back what was deleted', kind: 'deed', href: '/safekeeping', also: 'bin undo' },
  { name: 'Look up where a figure comes from', kind: 'deed', href: '/help?part=sources' },
];

/** The same in a plan, below its address. */
const DEEDS_IN_PLAN: readonly Omit<JumpTarget, 'kind'>[] = [
  { name: 'Print', href: 'ready?part=prints', also: 'sheets paper pdf pupils answers cards' },
  { name: 'Shopping list', href: 'ready?part=shopping', also: 'buy price' },
  { name: 'Safety', href: 'ready?part=safety', also: 'caution risk assessment' },
  { name: 'Timetable', href: 'ready?part=timetable', also: 'timer calendar when time' },
  { name: 'Cut and mix', href: 'ready?part=prepare', also: 'prepare' },
  { name: 'Class board', href: 'build?part=board', also: 'groups wall join start class' },
  { name: 'Results', href: 'build?part=results', also: 'readings export csv delete data' },
];

const FIXED: readonly JumpTarget[] = [
  ...DEEDS,
  { name: 'Your plans', kind: 'tool', href: '/' },
  { name: 'I have …', kind: 'tool', href: '/i-have' },
  { name: 'Help', kind: 'tool', href: '/help' },
  ...PLACES.map(({ name, href }): JumpTarget => ({ name, kind: 'tool', href })),
  ...RECIPE_IDS.map((id): JumpTarget => ({
    name: RECIPES[id].name,
    kind: 'recipe',
    also: id.replaceAll('-', ' '),
    href: `/recipes/shipped/${id}`,
  })),
  ...RECIPE_IDS.flatMap((id) =>
    RECIPES[id].bodies.map((body): JumpTarget => ({
      name: materialName(capital(body.name), RECIPES[id].name),
      kind: 'material',
      href: `/recipes/shipped/${id}`,
    })),
  ),
  ...GLOSSARY.map(({ word }): JumpTarget => ({
    name: word,
    kind: 'word',
    href: `/help#${wordAnchor(word)}`,
  })),
];

/** A family that is called by its own fruit says nothing more. */
function materialName(body: string, family: string): string {
  return family.endsWith('…') ? body : `${body}: ${family}`;
}

/** Most places that are offered at once. */
const MOST = 9;

/**
 * Places and deeds whose name, or other word, has the typed words in it; those that begin with them first.
 */
export function jumpTargets(
  typed: string,
  plans: readonly TitledPlan[],
  open: OpenPlan | null,
): readonly JumpTarget[] {
  // Without an open plan they are done in the one that was changed last.
  const [first] = plans;
  const doing = open ?? first;
  const all: readonly JumpTarget[] = [
    ...(doing === undefined ? [] : DEEDS_IN_PLAN).map(({ name, href, ...rest }): JumpTarget => ({
      ...rest,
      name,
      ...(open === null ? { of: first?.title ?? 'first plan' } : {}),
      kind: 'deed',
      href: `/plans/${doing?.id}/${href}`,
    })),
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
  /** 0: begins with what was typed, 1: has it in its name, 2: is looked for by it. */
  const rank = ({ name, also = '' }: JumpTarget): number | null => {
    const plain = name.toLowerCase();
    if (!words.every((word) => `${plain} ${also}`.includes(word))) return null;
    if (plain.startsWith(words[0] ?? '')) return 0;
    return words.every((word) => plain.includes(word)) ? 1 : 2;
  };
  return all
    .flatMap((target) => {
      const at = rank(target);
      return at === null ? [] : [{ target, at }];
    })
    .sort((one, other) => one.at - other.at)
    .map(({ target }) => target)
    .slice(0, MOST);
}
