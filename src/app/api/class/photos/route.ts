import { randomUUID } from 'node:crypto';
import type { NextResponse } from 'next/server';
import { benchContext } from '@/server/bench/benchContext';
import { photosOfClasses, photosOfSeats } from '@/server/lanGateway/trafficLimit';
import { receivePhoto } from '../../receivePhoto';
import { withStorageErrors, refuse } from '../../respond';
import { notSeated, seatOfRequest } from '../seatOfRequest';

export const POST = withStorageErrors(async (request: Request): Promise<NextResponse> => {
  const seat = await seatOfRequest(benchContext());
  if (seat === null) return notSeated();
  const lesson = `${seat.planId} ${seat.startedAt}`;
  const within =
    (await photosOfSeats.take(`${lesson} ${seat.group}`, 1)) &&
    (await photosOfClasses.take(lesson, 1));
  if (!within) return refuse(429, 'That is enough photos for one lesson. Write a note instead.');
  return receivePhoto(request, randomUUID());
});
