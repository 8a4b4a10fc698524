import { NextResponse } from 'next/server';
import { LARGEST_UPLOAD_BYTES, photosFolder, storePhoto } from '@/server/bench/photos';
import { boundedBytes, TooLarge } from './body';
import { refuse } from './respond';

const TOO_LARGE = `The photo is larger than ${LARGEST_UPLOAD_BYTES / 1e6} MB: send a smaller one.`;

/** Stores the body of a request as a photo, after a look at its size and at what it is. */
export async function receivePhoto(request: Request, id: string): Promise<NextResponse> {
  let bytes: Uint8Array;
  try {
    bytes = await boundedBytes(request, LARGEST_UPLOAD_BYTES);
  } catch (error) {
    if (error instanceof TooLarge) return refuse(413, TOO_LARGE);
    throw error;
  }
  const stored = storePhoto(photosFolder(), id, bytes, LARGEST_UPLOAD_BYTES);
  return stored.ok
    ? NextResponse.json(stored.value, { status: 201 })
    : refuse(422, 'The photo was not taken.', stored.issues);
}
