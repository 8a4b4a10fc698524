import * as z from 'zod/mini';
import { issuesOfZod } from '@/core/issuesOfZod';
import { benchContext } from '@/server/bench/benchContext';
import { photosFolder } from '@/server/bench/photos';
import { exportResults, RESULT_FORMATS } from '@/server/bench/exportResults';
import { documentMissing } from '../../../kindOf';
import { withStorageErrors, refuse } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

const querySchema = z.object({
  format: z._default(z.enum(RESULT_FORMATS, 'Choose csv, package or plan.'), 'csv'),
});

export const GET = withStorageErrors(
  async (request: Request, { params }: Context): Promise<Response> => {
    const query = querySchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
    if (!query.success) return refuse(400, 'There is no such file.', issuesOfZod(query.error));
    const file = exportResults(
      benchContext(),
      (await params).id,
      query.data.format,
      photosFolder(),
    );
    if (file === null) return documentMissing('plans');
    return new Response(file.bytes, {
      headers: {
        'content-type': file.type,
        'content-disposition': `attachment; filename="${file.name}"`,
        'cache-control': 'no-store',
      },
    });
  },
);
