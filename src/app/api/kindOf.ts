import * as z from 'zod/mini';
import {
  DOCUMENT_FORMATS,
  DOCUMENT_KINDS,
  type DocumentKind,
} from '@/core/documents/documentKinds';
import { refuse } from './respond';

const kindSchema = z.enum(DOCUMENT_KINDS);

/** The kind that an address names, or `null`. */
export function kindOf(text: string): DocumentKind | null {
  const parsed = kindSchema.safeParse(text);
  return parsed.success ? parsed.data : null;
}

export function documentMissing(kind: DocumentKind | null) {
  return kind === null
    ? refuse(404, 'There is nothing of that kind.')
    : refuse(404, `This ${DOCUMENT_FORMATS[kind].noun} is not here any more.`);
}
