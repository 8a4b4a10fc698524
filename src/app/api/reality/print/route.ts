import { issuesOfZod } from '@/core/issuesOfZod';
import { serverContext } from '@/server/context';
import { answerRequestSchema, printAnswer } from '@/server/printAnswer';
import { pdfResponse, withStorageErrors, refuse } from '../../respond';

export const GET = withStorageErrors(async (request: Request): Promise<Response> => {
  const query = Object.fromEntries(new URL(request.url).searchParams);
  const asked = answerRequestSchema.safeParse(query);
  if (!asked.success) return refuse(400, 'This cannot be printed.', issuesOfZod(asked.error));
  const printed = await printAnswer(serverContext(), asked.data);
  return printed.ok
    ? pdfResponse(printed.value, 'answer')
    : refuse(404, 'This cannot be printed.', printed.issues);
});
