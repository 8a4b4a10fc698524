import { NextResponse } from 'next/server';
import { LARGEST_PHOTO_BYTES, photosFolder, storePhoto } from '@/server/bench/photos';
import { refuse } from './respond';

/** Stores the body of a request as a photo, after a look at its size and at what it is. */
export async function receivePhoto(request: Request, id: string): Promise<NextResponse> {
  const announced = Number(request.headers.get('content-length') ?? 0);
  if (announced > LARGEST_PHOTO_BYTES) {
    return refuse(413, 'The photo is larger than 8 MB: send a smaller one.');
  }
  const stored = storePhoto(photosFolder(), id, new Uint8Array(await request.arrayBuffer()));
  return stored.ok
    ? NextResponse.json(stored.value, { status: 201 })
    : refuse(422, 'The photo was not taken.', stored.issues);
}
