import { issuesOfZod } from '@/core/issuesOfZod';
import { serverContext } from '@/server/context';
import { mixingPrintSchema, printMixing } from '@/server/printMixing';
import { pdfResponse, withStorageErrors, refuse } from '../../respond';

export const GET = withStorageErrors(async (request: Request): Promise<Response> => {
  const query = Object.fromEntries(new URL(request.url).searchParams);
  const asked = mixingPrintSchema.safeParse(query);
  if (!asked.success) return refuse(400, 'This cannot be printed.', issuesOfZod(asked.error));
  return pdfResponse(await printMixing(serverContext(), asked.data), 'mixing-card');
});
