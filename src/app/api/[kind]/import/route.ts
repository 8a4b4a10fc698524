import { NextResponse } from 'next/server';
import { DOCUMENT_FORMATS } from '@/core/documents/documentKinds';
import { benchContext } from '@/server/bench/benchContext';
import { logReadingsOfOldPlan } from '@/server/bench/logReadingsOfOldPlan';
import { serverContext } from '@/server/context';
import { importDocument } from '@/server/documents';
import { documentMissing, kindOf } from '../../kindOf';
import { refuse } from '../../respond';

interface Context {
  params: Promise<{ kind: string }>;
}

/** A document is a few kilobytes; anything far larger is not one. */
const LARGEST_FILE_BYTES = 1_000_000;

export async function POST(request: Request, { params }: Context): Promise<NextResponse> {
  const kind = kindOf((await params).kind);
  if (kind === null) return documentMissing(kind);
  const bytes = await request.arrayBuffer();
  if (bytes.byteLength > LARGEST_FILE_BYTES) {
    const { noun } = DOCUMENT_FORMATS[kind];
    return refuse(413, `The file is larger than 1 MB; a ${noun} is never that large.`);
  }
  const text = new TextDecoder().decode(bytes);
  const imported = importDocument(serverContext(), kind, text);
  if (!imported.ok) {
    return refuse(422, 'The file was not imported; nothing has changed.', imported.issues);
  }
  if (kind === 'plans') logReadingsOfOldPlan(benchContext(), imported.value.id, text);
  return NextResponse.json(imported.value, { status: 201 });
}
