import { EXAMPLE_WISHES } from '@/core/work/reality/exampleWishes';
import { questionSchema, type Question } from '@/core/work/reality/question';
import type { Wish } from '@/core/records/plan/wishSchema';

/** How the address names a question: `example.ferry`, `claim.power`, `own.2`. */
export function addressOf(
  asked: Exclude<Question, { kind: 'own' }> | { kind: 'own'; index: number },
) {
  return asked.kind === 'own' ? `own.${asked.index}` : `${asked.kind}.${asked.id}`;
}

/** The question that the address names; the first example where it names none. */
export function askedAt(address: string | null, wishes: readonly Wish[]): Question {
  const [kind = '', name = ''] = (address ?? '').split('.');
  const wish = kind === 'own' ? wishes[Number(name)] : undefined;
  if (wish !== undefined) return { kind: 'own', wish };
  const parsed = questionSchema.safeParse({ kind, id: name });
  return parsed.success ? parsed.data : { kind: 'example', id: EXAMPLE_WISHES[0]!.id };
}
