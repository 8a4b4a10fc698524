import * as z from 'zod/mini';
import { describePath } from '@/core/result';

const refusalSchema = z.object({
  message: z.string(),
  faults: z._default(
    z.array(
      z.object({
        path: z._default(z.array(z.union([z.string(), z.number()])), []),
        message: z.string(),
      }),
    ),
    [],
  ),
});

/** What the server says about what it did not take. */
export interface Refusal {
  readonly message: string;
  /** `where: what` for each thing that is wrong. */
  readonly details: readonly string[];
}

export type Answer<T> =
  | { readonly ok: true; readonly value: T }
  | {
      readonly ok: false;
      /** `null` where nobody answered. */
      readonly status: number | null;
      /** Everything in one line, for people. */
      readonly message: string;
      /** The server's own words; `null` where it gave none. */
      readonly refusal: Refusal | null;
    };

const UNREACHABLE = 'Grozer’s computer does not answer. Does it still run, in the same network?';
const NOT_TAKEN = 'The server did not take this.';
/** Largest body that browsers still send while the page closes, bytes. */
const KEEPALIVE_LIMIT = 60_000;

interface Asking {
  /** Otherwise POST with a body, GET without. */
  readonly method?: 'PUT' | 'DELETE' | 'POST';
  /** Sent even while the page closes, as far as browsers allow. */
  readonly keepalive?: boolean;
}

/**
 * The one way to the server: asks, and reads the answer by its schema; refusals come back in words.
 * @param body what is sent as JSON, text that is JSON already, or a file as it is; none: only asks.
 */
export async function askJson<T>(
  url: string,
  schema: z.core.$ZodType<T>,
  body?: object | string,
  asking: Asking = {},
): Promise<Answer<T>> {
  let response: Response;
  try {
    response = await fetch(url, requestOf(body, asking));
  } catch {
    return { ok: false, status: null, message: UNREACHABLE, refusal: null };
  }
  const answer: unknown = await response.json().catch(() => null);
  const parsed = z.safeParse(schema, answer);
  if (response.ok && parsed.success) return { ok: true, value: parsed.data };
  const { status } = response;
  const refused = refusalSchema.safeParse(answer);
  if (!refused.success) return { ok: false, status, message: NOT_TAKEN, refusal: null };
  const { message, faults } = refused.data;
  // Some refusals repeat their only fault.
  const words = [...new Set([message, ...faults.map((fault) => fault.message)])].join(' ');
  const details = faults.map((fault) => `${describePath(fault.path)}: ${fault.message}`);
  return { ok: false, status, message: words, refusal: { message, details } };
}

function requestOf(body: object | string | undefined, { method, keepalive }: Asking): RequestInit {
  if (body === undefined) return method === undefined ? {} : { method };
  if (body instanceof Blob) return { method: method ?? 'POST', body };
  const text = typeof body === 'string' ? body : JSON.stringify(body);
  return {
    method: method ?? 'POST',
    headers: { 'content-type': 'application/json' },
    body: text,
    ...(keepalive === true ? { keepalive: text.length < KEEPALIVE_LIMIT } : {}),
  };
}
