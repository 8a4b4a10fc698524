import { EXAMPLE_WISHES } from '@/core/work/reality/exampleWishes';
import { cellsAsked, questionSchema, type Question } from '@/core/work/reality/question';
import type { Wish } from '@/core/records/plan/wishSchema';

/** How the address names a question: `example.ferry`, `claim.power`, `own.2`. */
export function addressOf(
  asked: Exclude<Question, { kind: 'own' }> | { kind: 'own'; index: number },
) {
  return asked.kind === 'own' ? `own.${asked.index}` : `${asked.kind}.${asked.id}`;
}

/** The question that the address names, and of how many it is asked; the first example where it names none. */
export function askedAt(
  address: string | null,
  wishes: readonly Wish[],
  would: string | null = null,
): Question {
  const [kind = '', name = ''] = (address ?? '').split('.');
  const count = cellsAsked.safeParse(would === null ? undefined : Number(would)).data;
  const asked = count === undefined ? {} : { would: count };
  const wish = kind === 'own' ? wishes[Number(name)] : undefined;
  if (wish !== undefined) return { kind: 'own', wish, ...asked };
  if (kind === 'claim') {
    const claim = questionSchema.safeParse({ kind, id: name });
    if (claim.success) return claim.data;
  }
  const example = questionSchema.safeParse({ kind, id: name, ...asked });
  return example.success ? example.data : { kind: 'example', id: EXAMPLE_WISHES[0]!.id, ...asked };
}
