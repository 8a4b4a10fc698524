import { z } from 'zod';

const refusalSchema = z.object({
  message: z.string(),
  faults: z.array(z.object({ message: z.string() })).default([]),
});

export type Answer<T> =
  | { readonly ok: true; readonly value: T }
  /** `status` is `null` where nobody answered. */
  | { readonly ok: false; readonly status: number | null; readonly message: string };

const UNREACHABLE = 'Grozer’s computer does not answer. Does it still run, in the same network?';

/**
 * Asks the server and reads the answer by its schema; refusals come back in words, with what they say about each fault.
 * @param body JSON to send, or a file as it is; none: only asks.
 */
export async function askJson<T>(
  url: string,
  schema: z.ZodType<T>,
  body?: object,
): Promise<Answer<T>> {
  let response: Response;
  try {
    response = await fetch(url, body === undefined ? {} : sent(body));
  } catch {
    return { ok: false, status: null, message: UNREACHABLE };
  }
  const answer: unknown = await response.json().catch(() => null);
  const parsed = schema.safeParse(answer);
  if (response.ok && parsed.success) return { ok: true, value: parsed.data };
  const refusal = refusalSchema.safeParse(answer);
  const words = refusal.success
    ? [refusal.data.message, ...refusal.data.faults.map(({ message }) => message)]
    : ['The server did not take this.'];
  // Some refusals repeat their only fault.
  return { ok: false, status: response.status, message: [...new Set(words)].join(' ') };
}

function sent(body: object): RequestInit {
  if (body instanceof Blob) return { method: 'POST', body };
  return {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  };
}
