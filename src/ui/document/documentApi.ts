import { z } from 'zod';
import type { DocumentFormat, TitledDocument } from '@/core/formats/documentFormat';
import type { DocumentKind } from '@/core/documents/documentKinds';
import { describePath } from '@/core/result';

export interface DocumentAddress {
  readonly kind: DocumentKind;
  readonly id: string;
}

const savedSchema = z.object({ revision: z.number() });
const idSchema = z.object({ id: z.string() });
const refusalSchema = z.object({
  message: z.string(),
  faults: z.array(
    z.object({ path: z.array(z.union([z.string(), z.number()])), message: z.string() }),
  ),
});

export type SaveResult =
  | { readonly status: 'saved'; readonly revision: number }
  | { readonly status: 'conflict' }
  | { readonly status: 'failed'; readonly message: string };

/** Answer to an action on a whole document: its id, or what stood in the way. */
export type DocumentAnswer =
  | { readonly ok: true; readonly id: string }
  | {
      readonly ok: false;
      readonly message: string;
      /** `where: what` for each fault. */
      readonly details: readonly string[];
    };

const NOT_SAVED =
  'Grozer’s server does not answer. Your changes are kept here and saved once it does.';
const UNREACHABLE: DocumentAnswer = {
  ok: false,
  message: 'Grozer’s server does not answer. Is it still running?',
  details: [],
};

/** Largest body that browsers still send while the page closes, bytes. */
const KEEPALIVE_LIMIT = 60_000;
const JSON_HEADERS = { 'content-type': 'application/json' };

const pathOf = ({ kind, id }: DocumentAddress): string => `/api/${kind}/${id}`;

export async function saveRemote(
  address: DocumentAddress,
  document: TitledDocument,
  revision: number,
): Promise<SaveResult> {
  const body = JSON.stringify({ document, revision });
  let response: Response;
  try {
    response = await fetch(pathOf(address), {
      method: 'PUT',
      headers: JSON_HEADERS,
      body,
      keepalive: body.length < KEEPALIVE_LIMIT,
    });
  } catch {
    return { status: 'failed', message: NOT_SAVED };
  }
  if (response.status === 409) return { status: 'conflict' };
  const answer: unknown = await response.json().catch(() => null);
  const saved = savedSchema.safeParse(answer);
  if (response.ok && saved.success) return { status: 'saved', revision: saved.data.revision };
  const refused = refusalSchema.safeParse(answer);
  return { status: 'failed', message: refused.success ? refused.data.message : NOT_SAVED };
}

/** The document as the server has it now, or `null` where it cannot be had. */
export async function openRemote<T extends TitledDocument>(
  address: DocumentAddress,
  { schema }: Pick<DocumentFormat<T>, 'schema'>,
): Promise<{ document: T; revision: number } | null> {
  try {
    const response = await fetch(pathOf(address));
    const opened = z
      .object({ revision: z.number(), document: schema })
      .safeParse(await response.json());
    return response.ok && opened.success ? opened.data : null;
  } catch {
    return null;
  }
}

export function createRemote(kind: DocumentKind, title: string): Promise<DocumentAnswer> {
  return ask(`/api/${kind}`, 'POST', JSON.stringify({ title }));
}

/** Stores a document that comes as the text of a file. */
export function importRemote(kind: DocumentKind, text: string): Promise<DocumentAnswer> {
  return ask(`/api/${kind}/import`, 'POST', text);
}

export function duplicateRemote(address: DocumentAddress): Promise<DocumentAnswer> {
  return ask(`${pathOf(address)}/duplicate`, 'POST');
}

export function deleteRemote(address: DocumentAddress): Promise<DocumentAnswer> {
  return ask(pathOf(address), 'DELETE');
}

export function restoreRemote(address: DocumentAddress): Promise<DocumentAnswer> {
  return ask(`${pathOf(address)}/restore`, 'POST');
}

async function ask(url: string, method: string, body?: string): Promise<DocumentAnswer> {
  let answer: unknown;
  try {
    const response = await fetch(url, {
      method,
      ...(body === undefined ? {} : { body, headers: JSON_HEADERS }),
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
