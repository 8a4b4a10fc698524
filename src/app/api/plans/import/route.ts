import { NextResponse } from 'next/server';
import { serverContext } from '@/server/context';
import { importPlan } from '@/server/importPlan';
import { refuse } from '../../respond';

/** A plan is a few kilobytes; anything far larger is not one. */
const LARGEST_FILE_BYTES = 1_000_000;

export async function POST(request: Request): Promise<NextResponse> {
  const bytes = await request.arrayBuffer();
  if (bytes.byteLength > LARGEST_FILE_BYTES) {
    return refuse(413, 'The file is larger than 1 MB; a plan is never that large.');
  }
  const imported = importPlan(serverContext(), new TextDecoder().decode(bytes));
  return imported.ok
    ? NextResponse.json(imported.value, { status: 201 })
    : refuse(422, 'The file was not imported; nothing has changed.', imported.faults);
}
