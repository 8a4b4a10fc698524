import { NextResponse } from 'next/server';
import { serverContext } from '@/server/context';
import { planMissing } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

export async function POST(_request: Request, { params }: Context): Promise<NextResponse> {
  const { id } = await params;
  return serverContext().plans.restore(id) ? NextResponse.json({ id }) : planMissing();
}
