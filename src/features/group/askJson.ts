import { z } from 'zod';

const refusalSchema = z.object({ message: z.string() });

export type Answer<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string };

/** Sends JSON and reads the answer by its schema; refusals come back in words. */
export async function askJson<T>(
  url: string,
  body: object,
  schema: z.ZodType<T>,
): Promise<Answer<T>> {
  try {
    const response = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const answer: unknown = await response.json();
    const parsed = schema.safeParse(answer);
    if (response.ok && parsed.success) return { ok: true, value: parsed.data };
    const refusal = refusalSchema.safeParse(answer);
    return {
      ok: false,
      message: refusal.success
        ? refusal.data.message
        : 'The teacher’s computer did not understand.',
    };
  } catch {
    return {
      ok: false,
      message: 'The teacher’s computer does not answer. Are you in its network?',
    };
  }
}
