import { photosFolder, readPhoto } from '@/server/bench/photos';
import { withStorageErrors, refuse } from '../../../../respond';

interface Context {
  params: Promise<{ photo: string }>;
}

export const GET = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<Response> => {
    const photo = readPhoto(photosFolder(), (await params).photo);
    if (photo === null) return refuse(404, 'This photo is not here.');
    return new Response(photo.bytes, {
      headers: {
        'content-type': photo.type,
        'x-content-type-options': 'nosniff',
        'cache-control': 'private, max-age=86400',
      },
    });
  },
);
