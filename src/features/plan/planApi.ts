import { z } from 'zod';
import { planSchema, type Plan } from '@/core/plan/planSchema';

const savedSchema = z.object({ revision: z.number() });
const refusedSchema = z.object({ message: z.string() });
const openedSchema = z.object({ revision: z.number(), plan: planSchema });

export type SaveResult =
  | { readonly status: 'saved'; readonly revision: number }
  | { readonly status: 'conflict' }
  | { readonly status: 'failed'; readonly message: string };

const UNREACHABLE =
  'Grozer’s server does not answer. Your changes are kept here and saved once it does.';

/** Largest body that browsers still send while the page closes, bytes. */
const KEEPALIVE_LIMIT = 60_000;

export async function savePlanRemote(
  id: string,
  plan: Plan,
  revision: number,
): Promise<SaveResult> {
  const body = JSON.stringify({ plan, revision });
  let response: Response;
  try {
    response = await fetch(`/api/plans/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body,
      keepalive: body.length < KEEPALIVE_LIMIT,
    });
  } catch {
    return { status: 'failed', message: UNREACHABLE };
  }
  if (response.status === 409) return { status: 'conflict' };
  const answer: unknown = await response.json().catch(() => null);
  const saved = savedSchema.safeParse(answer);
  if (response.ok && saved.success) return { status: 'saved', revision: saved.data.revision };
  const refused = refusedSchema.safeParse(answer);
  return { status: 'failed', message: refused.success ? refused.data.message : UNREACHABLE };
}

/** The plan as the server has it now, or `null` where it cannot be had. */
export async function openPlanRemote(id: string): Promise<{ plan: Plan; revision: number } | null> {
  try {
    const response = await fetch(`/api/plans/${id}`);
    const opened = openedSchema.safeParse(await response.json());
    return response.ok && opened.success ? opened.data : null;
  } catch {
    return null;
  }
}
