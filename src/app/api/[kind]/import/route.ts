import { NextResponse } from 'next/server';
import { DOCUMENT_FORMATS } from '@/core/documents/documentKinds';
import { benchContext } from '@/server/bench/benchContext';
import { photosFolder } from '@/server/bench/photos';
import { importPlanArchive, isArchive } from '@/server/bench/planArchive';
import { serverContext } from '@/server/context';
import { importDocument } from '@/server/documents';
import { documentMissing, kindOf } from '../../kindOf';
import { boundedBytes } from '../../body';
import { withStorageErrors, refuse } from '../../respond';

interface Context {
  params: Promise<{ kind: string }>;
}

const NOT_IMPORTED = 'The file was not imported; nothing has changed.';
/** A document is a few kilobytes; anything far larger is not one. */
const LARGEST_FILE_BYTES = 1_000_000;
/** A plan with the photos of its class; the proxy lets as much through. */
const LARGEST_ARCHIVE_BYTES = 200_000_000;

export const POST = withStorageErrors(
  async (request: Request, { params }: Context): Promise<NextResponse> => {
    const kind = kindOf((await params).kind);
    if (kind === null) return documentMissing(kind);
    const bytes = await boundedBytes(
      request,
      kind === 'plans' ? LARGEST_ARCHIVE_BYTES : LARGEST_FILE_BYTES,
    );
    if (kind === 'plans' && isArchive(bytes)) return importArchive(bytes);
    if (bytes.byteLength > LARGEST_FILE_BYTES) {
      const { noun } = DOCUMENT_FORMATS[kind];
      return refuse(413, `The file is larger than 1 MB; a ${noun} is never that large.`);
    }
    const text = new TextDecoder().decode(bytes);
    const imported = importDocument(serverContext(), kind, text);
    if (!imported.ok) return refuse(422, NOT_IMPORTED, imported.issues);
    return NextResponse.json(imported.value, { status: 201 });
  },
);

function importArchive(bytes: Uint8Array): NextResponse {
  const imported = importPlanArchive(benchContext(), bytes, photosFolder());
  return imported.ok
    ? NextResponse.json(imported.value, { status: 201 })
    : refuse(422, NOT_IMPORTED, imported.issues);
}
