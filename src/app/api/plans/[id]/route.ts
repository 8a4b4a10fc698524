import { NextResponse } from 'next/server';
import { z } from 'zod';
import { faultsOfZod } from '@/core/faultsOfZod';
import { planSchema } from '@/core/plan/planSchema';
import { serverContext } from '@/server/context';
import { savePlan } from '@/server/savePlan';
import { jsonBody, planMissing, refuse } from '../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

const bodySchema = z.strictObject({ revision: z.int().positive(), plan: planSchema });

export async function GET(_request: Request, { params }: Context): Promise<NextResponse> {
  const { id } = await params;
  const found = serverContext().plans.find(id);
  if (found === null) return planMissing();
  if (!found.plan.ok) return refuse(422, 'The stored plan cannot be read.', found.plan.faults);
  return NextResponse.json({ revision: found.revision, plan: found.plan.value });
}

export async function PUT(request: Request, { params }: Context): Promise<NextResponse> {
  const { id } = await params;
  const body = bodySchema.safeParse(await jsonBody(request));
  if (!body.success) return refuse(422, 'The plan was not saved.', faultsOfZod(body.error));
  const outcome = savePlan(serverContext(), id, body.data.plan, body.data.revision);
  switch (outcome.status) {
    case 'saved':
      return NextResponse.json({ revision: outcome.revision });
    case 'conflict':
      return refuse(409, 'This plan was changed in another window since you opened it.');
    case 'missing':
      return planMissing();
  }
}

export async function DELETE(_request: Request, { params }: Context): Promise<NextResponse> {
  const { id } = await params;
  const { plans, now } = serverContext();
  return plans.remove(id, now()) ? NextResponse.json({ id }) : planMissing();
}
