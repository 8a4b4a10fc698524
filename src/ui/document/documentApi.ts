import type { DocumentKind } from '@/core/documents/documentKinds';
import type { DocumentFormat, TitledDocument } from '@/core/formats/documentFormat';
import { answerWith, askJson } from '../askJson';

export interface DocumentAddress {
  readonly kind: DocumentKind;
  readonly id: string;
}

const saved = answerWith({ revision: 'number' });
const made = answerWith({ id: 'string' });

export type SaveResult =
  | { readonly status: 'saved'; readonly revision: number }
  | { readonly status: 'conflict' }
  /** `answered`: the server said no; otherwise nobody knows whether it was saved. */
  | { readonly status: 'failed'; readonly message: string; readonly answered: boolean };

/** Answer to an action on a whole document: its id, or what stood in the way. */
export type DocumentAnswer =
  | { readonly ok: true; readonly id: string }
  | {
      readonly ok: false;
      readonly message: string;
      /** `where: what` for each fault. */
      readonly details: readonly string[];
    };

const NOT_SAVED = 'Grozer’s server does not answer; it is tried again.';
const UNREACHABLE = 'Grozer’s server does not answer. Is it still running?';

const pathOf = ({ kind, id }: DocumentAddress): string => `/api/${kind}/${id}`;

export async function saveRemote(
  address: DocumentAddress,
  document: TitledDocument,
  revision: number,
): Promise<SaveResult> {
  const asking = { method: 'PUT', keepalive: true } as const;
  const answer = await askJson(pathOf(address), saved, { document, revision }, asking);
  if (answer.ok) return { status: 'saved', revision: answer.value.revision };
  return answer.status === 409
    ? { status: 'conflict' }
    : {
        status: 'failed',
        message: answer.refusal?.message ?? NOT_SAVED,
        answered: answer.status !== null && answer.status < 500,
      };
}

/** The document as the server has it now, or `null` where it cannot be had. */
export async function openRemote<T extends TitledDocument>(
  address: DocumentAddress,
  { schema }: Pick<DocumentFormat<T>, 'schema'>,
): Promise<{ document: T; revision: number } | null> {
  const answer = await askJson(pathOf(address), {
    safeParse: (opened) => {
      const document = schema.safeParse(Object(opened).document);
      const revision = saved.safeParse(opened);
      return document.success && revision.success
        ? { success: true, data: { document: document.data, ...revision.data } }
        : { success: false };
    },
  });
  return answer.ok ? answer.value : null;
}

export function createRemote(kind: DocumentKind, title: string): Promise<DocumentAnswer> {
  return ask(`/api/${kind}`, 'POST', { title });
}

/** Stores a document that comes as a file, or its text. */
export function importRemote(kind: DocumentKind, file: File | string): Promise<DocumentAnswer> {
  return ask(`/api/${kind}/import`, 'POST', file);
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

async function ask(
  url: string,
  method: 'POST' | 'DELETE',
  body?: object | string,
): Promise<DocumentAnswer> {
  const answer = await askJson(url, made, body, { method });
  if (answer.ok) return { ok: true, id: answer.value.id };
  const { message, details } = answer.refusal ?? { message: UNREACHABLE, details: [] };
  return { ok: false, message, details };
}
