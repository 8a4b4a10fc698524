import { issuesOfZod } from '@/core/issuesOfZod';
import { serverContext } from '@/server/context';
import { drillPrintSchema, printDrill } from '@/server/printDrill';
import { pdfResponse, withStorageErrors, refuse } from '../../respond';

export const GET = withStorageErrors(async (request: Request): Promise<Response> => {
  const query = Object.fromEntries(new URL(request.url).searchParams);
  const asked = drillPrintSchema.safeParse(query);
  if (!asked.success) return refuse(400, 'This cannot be printed.', issuesOfZod(asked.error));
  return pdfResponse(await printDrill(serverContext(), asked.data), 'drill');
});
