import { describePath } from '@/core/result';

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
      /** What it answered besides, unread. */
      readonly answer: unknown;
    };

const UNREACHABLE = 'Grozer’s computer does not answer. Does it still run, in the same network?';
const NOT_TAKEN = 'The server did not take this.';
/** Largest body that browsers still send while the page closes, bytes. */
const KEEPALIVE_LIMIT = 60_000;

/** Reads an answer: any Zod schema does, or {@link ownAnswer}. */
export interface AnswerReader<T> {
  readonly safeParse: (
    answer: unknown,
  ) => { readonly success: true; readonly data: T } | { readonly success: false };
}

/**
 * Takes the answer as our own server gives it, whose routes have checked it. For pages of pupils’ phones: a library
 * to check it once more would be a sixth of all that they load.
 */
export function ownAnswer<T>(): AnswerReader<T> {
  return { safeParse: (answer) => ({ success: true, data: answer as T }) };
}

type FieldTypes = Readonly<Record<string, 'number' | 'string'>>;

/** Reads an answer of a few plain fields without a library. */
export function answerWith<Fields extends FieldTypes>(
  fields: Fields,
): AnswerReader<{ [Name in keyof Fields]: Fields[Name] extends 'number' ? number : string }> {
  return {
    safeParse: (answer) =>
      Object.entries(fields).every(([name, type]) => typeof Object(answer)[name] === type)
        ? { success: true, data: Object(answer) }
        : { success: false },
  };
}

interface Asking {
  /** Otherwise POST with a body, GET without. */
  readonly method?: 'PUT' | 'DELETE' | 'POST';
  /** Sent even while the page closes, as far as browsers allow. */
  readonly keepalive?: boolean;
}

/**
 * The one way to the server: asks, and reads the answer; refusals come back in words.
 * @param body what is sent as JSON, text that is JSON already, or a file as it is; none: only asks.
 */
export async function askJson<T>(
  url: string,
  reader: AnswerReader<T>,
  body?: object | string,
  asking: Asking = {},
): Promise<Answer<T>> {
  let response: Response;
  try {
    response = await fetch(url, requestOf(body, asking));
  } catch {
    return { ok: false, status: null, message: UNREACHABLE, refusal: null, answer: null };
  }
  const answer: unknown = await response.json().catch(() => null);
  const parsed = reader.safeParse(answer);
  if (response.ok && parsed.success) return { ok: true, value: parsed.data };
  const { status } = response;
  const refused = refusalIn(answer);
  if (refused === null) return { ok: false, status, message: NOT_TAKEN, refusal: null, answer };
  const { message, faults } = refused;
  // Some refusals repeat their only fault.
  const words = [...new Set([message, ...faults.map((fault) => fault.message)])].join(' ');
  const details = faults.map((fault) => `${describePath(fault.path)}: ${fault.message}`);
  return { ok: false, status, message: words, refusal: { message, details }, answer };
}

interface Fault {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** A refusal as the routes word it; `null` where the answer is none of theirs. */
function refusalIn(answer: unknown): { message: string; faults: Fault[] } | null {
  const message = textIn(answer, 'message');
  if (message === null) return null;
  const listed: unknown = Object(answer).faults;
  const faults = (Array.isArray(listed) ? listed : []).flatMap((fault: unknown): Fault[] => {
    const words = textIn(fault, 'message');
    const path: unknown = Object(fault).path;
    return words === null ? [] : [{ path: Array.isArray(path) ? path : [], message: words }];
  });
  return { message, faults };
}

function textIn(value: unknown, field: string): string | null {
  const text: unknown = Object(value)[field];
  return typeof text === 'string' ? text : null;
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
