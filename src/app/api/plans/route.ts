import { NextResponse } from 'next/server';
import { z } from 'zod';
import { faultsOfZod } from '@/core/faultsOfZod';
import { planSchema } from '@/core/plan/planSchema';
import { serverContext } from '@/server/context';
import { createPlan } from '@/server/createPlan';
import { jsonBody, refuse } from '../respond';

const bodySchema = z.strictObject({ title: planSchema.shape.title }, 'Give the plan a title.');

export async function POST(request: Request): Promise<NextResponse> {
  const body = bodySchema.safeParse(await jsonBody(request));
  if (!body.success) return refuse(422, 'The plan has no usable title.', faultsOfZod(body.error));
  return NextResponse.json(createPlan(serverContext(), body.data.title), { status: 201 });
}
