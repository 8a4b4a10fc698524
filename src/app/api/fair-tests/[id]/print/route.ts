import { serverContext } from '@/server/context';
import { printFairTest } from '@/server/printFairTest';
import { documentMissing } from '../../../kindOf';
import { pdfResponse, withStorageErrors, refuse } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

export const GET = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<Response> => {
    const { id } = await params;
    const printed = await printFairTest(serverContext(), id);
    if (printed === null) return documentMissing('fair-tests');
    if (!printed.ok) return refuse(422, 'This cannot be printed.', printed.issues);
    return pdfResponse(printed.value, 'fair-test');
  },
);
