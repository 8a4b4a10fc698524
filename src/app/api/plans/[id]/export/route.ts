import { planText } from '@/core/plan/parsePlan';
import { serverContext } from '@/server/context';
import { planMissing, refuse } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

export async function GET(_request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const found = serverContext().plans.find(id);
  if (found === null) return planMissing();
  if (!found.plan.ok) return refuse(422, 'The stored plan cannot be read.', found.plan.faults);
  const plan = found.plan.value;
  return new Response(planText(plan), {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="${fileNameOf(plan.title)}.grozer.json"`,
    },
  });
}

/** Title as a file name: letters and digits of plain ASCII, the rest as hyphens. */
function fileNameOf(title: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase();
  return plain === '' ? 'plan' : plain;
}
