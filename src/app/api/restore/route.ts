import { NextResponse } from 'next/server';
import type { ReadableStream as NodeStream } from 'node:stream/web';
import { receiveBackup } from '@/server/safekeeping/keeper';
import { onlyHere } from '../onlyHere';
import { withStorageErrors, refuse } from '../respond';

/** A file that is to be put back: it is checked, and waits. */
export const POST = withStorageErrors(async (request: Request): Promise<Response> => {
  const away = onlyHere(request);
  if (away !== null) return away;
  if (request.body === null) return refuse(422, 'Choose a backup.');
  const received = await receiveBackup(request.body as unknown as NodeStream<Uint8Array>);
  return received.ok
    ? NextResponse.json(received.value)
    : refuse(422, 'This file was not taken; nothing has changed.', received.issues);
});
