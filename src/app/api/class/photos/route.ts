import { randomUUID } from 'node:crypto';
import type { NextResponse } from 'next/server';
import { benchContext } from '@/server/bench/benchContext';
import { receivePhoto } from '../../receivePhoto';
import { notSeated, seatOfRequest } from '../seatOfRequest';

export async function POST(request: Request): Promise<NextResponse> {
  if ((await seatOfRequest(benchContext())) === null) return notSeated();
  return receivePhoto(request, randomUUID());
}
