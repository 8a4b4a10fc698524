import { randomUUID } from 'node:crypto';
import type { NextResponse } from 'next/server';
import { receivePhoto } from '../../../receivePhoto';

export function POST(request: Request): Promise<NextResponse> {
  return receivePhoto(request, randomUUID());
}
