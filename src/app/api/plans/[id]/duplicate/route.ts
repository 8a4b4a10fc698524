import { NextResponse } from 'next/server';
import { serverContext } from '@/server/context';
import { duplicatePlan } from '@/server/duplicatePlan';
import { planMissing } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

export async function POST(_request: Request, { params }: Context): Promise<NextResponse> {
  const { id } = await params;
  const copy = duplicatePlan(serverContext(), id);
  return copy === null ? planMissing() : NextResponse.json(copy, { status: 201 });
}
