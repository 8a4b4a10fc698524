import { z } from 'zod';
import { describePath } from '@/core/result';

const idSchema = z.object({ id: z.string() });
const refusalSchema = z.object({
  message: z.string(),
  faults: z.array(
    z.object({ path: z.array(z.union([z.string(), z.number()])), message: z.string() }),
  ),
});

export type ShelfAnswer =
  | { readonly ok: true; readonly id: string }
  | {
      readonly ok: false;
      readonly message: string;
      /** `where: what` for each fault. */
      readonly details: readonly string[];
    };

const UNREACHABLE: ShelfAnswer = {
  ok: false,
  message: 'Grozer’s server does not answer. Is it still running?',
  details: [],
};

export function createPlan(title: string): Promise<ShelfAnswer> {
  return ask('/api/plans', 'POST', JSON.stringify({ title }));
}

export function importPlan(text: string): Promise<ShelfAnswer> {
  return ask('/api/plans/import', 'POST', text);
}

export function duplicatePlan(id: string): Promise<ShelfAnswer> {
  return ask(`/api/plans/${id}/duplicate`, 'POST');
}

export function deletePlan(id: string): Promise<ShelfAnswer> {
  return ask(`/api/plans/${id}`, 'DELETE');
}

export function restorePlan(id: string): Promise<ShelfAnswer> {
  return ask(`/api/plans/${id}/restore`, 'POST');
}

async function ask(url: string, method: string, body?: string): Promise<ShelfAnswer> {
  let answer: unknown;
  try {
    const response = await fetch(url, {
      method,
      ...(body === undefined ? {} : { body, headers: { 'content-type': 'application/json' } }),
    });
    answer = await response.json();
  } catch {
    return UNREACHABLE;
  }
  const done = idSchema.safeParse(answer);
  if (done.success) return { ok: true, id: done.data.id };
  const refusal = refusalSchema.safeParse(answer);
  if (!refusal.success) return UNREACHABLE;
  const { message, faults } = refusal.data;
  return {
    ok: false,
    message,
    details: faults.map((fault) => `${describePath(fault.path)}: ${fault.message}`),
  };
}
