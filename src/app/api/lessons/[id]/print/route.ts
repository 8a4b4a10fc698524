import { issuesOfZod } from '@/core/issuesOfZod';
import { joinAddress } from '@/server/lanGateway/gatewayKeeper';
import { serverContext } from '@/server/context';
import { printLesson, printRequestSchema } from '@/server/printLesson';
import { documentMissing } from '../../../kindOf';
import { pdfResponse, withStorageErrors, refuse } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

export const GET = withStorageErrors(
  async (request: Request, { params }: Context): Promise<Response> => {
    const { id } = await params;
    const query = Object.fromEntries(new URL(request.url).searchParams);
    const asked = printRequestSchema.safeParse(query);
    if (!asked.success) return refuse(400, 'This cannot be printed.', issuesOfZod(asked.error));
    const printed = await printLesson(serverContext(), id, asked.data, joinAddress());
    if (printed === null) return documentMissing('plans');
    if (!printed.ok) return refuse(422, 'This cannot be printed.', printed.issues);
    return pdfResponse(printed.value.pdf, printed.value.fileName);
  },
);
