import { randomUUID } from 'node:crypto';
import type { NextResponse } from 'next/server';
import { receivePhoto } from '../../../receivePhoto';
import { withStorageErrors } from '../../../respond';

export const POST = withStorageErrors((request: Request): Promise<NextResponse> => {
  return receivePhoto(request, randomUUID());
});
