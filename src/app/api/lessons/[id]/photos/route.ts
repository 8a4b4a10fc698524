import { randomUUID } from 'node:crypto';
import type { NextResponse } from 'next/server';
import { receivePhoto } from '../../../receivePhoto';
import { plainly } from '../../../respond';

export const POST = plainly((request: Request): Promise<NextResponse> => {
  return receivePhoto(request, randomUUID());
});
