import { randomUUID } from 'node:crypto';
import type { NextResponse } from 'next/server';
import { benchContext } from '@/server/bench/benchContext';
import { receivePhoto } from '../../receivePhoto';
import { notSeated, seatOfRequest } from '../seatOfRequest';
import { plainly } from '../../respond';

export const POST = plainly(async (request: Request): Promise<NextResponse> => {
  if ((await seatOfRequest(benchContext())) === null) return notSeated();
  return receivePhoto(request, randomUUID());
});
