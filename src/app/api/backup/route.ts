import { Readable } from 'node:stream';
import { startBackup } from '@/server/safekeeping/keeper';
import { onlyHere } from '../onlyHere';
import { withStorageErrors } from '../respond';

/** Everything as one file, on its way while it is made: the browser shows how far it is, and can break it off. */
export const POST = withStorageErrors(async (request: Request): Promise<Response> => {
  const away = onlyHere(request);
  if (away !== null) return away;
  const { stream, name } = await startBackup(Date.now());
  return new Response(Readable.toWeb(stream) as ReadableStream<Uint8Array>, {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
});
