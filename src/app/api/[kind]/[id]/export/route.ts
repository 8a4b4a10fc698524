import { DOCUMENT_FORMATS, type DocumentKind } from '@/core/documents/documentKinds';
import { serverContext } from '@/server/context';
import { exportDocument } from '@/server/documents';
import { documentMissing, kindOf } from '../../../kindOf';
import { withStorageErrors, refuse } from '../../../respond';

interface Context {
  params: Promise<{ kind: string; id: string }>;
}

export const GET = withStorageErrors(
  async (request: Request, { params }: Context): Promise<Response> => {
    const { kind: named, id } = await params;
    const kind = kindOf(named);
    if (kind !== null && new URL(request.url).searchParams.get('raw') === 'yes') {
      return rawFile(kind, id);
    }
    const found = kind === null ? null : exportDocument(serverContext(), kind, id);
    if (kind === null || found === null) return documentMissing(kind);
    const { noun } = DOCUMENT_FORMATS[kind];
    if (!found.ok) return refuse(422, `The stored ${noun} cannot be read.`, found.issues);
    const name = fileNameOf(found.value.title, noun);
    const suffix = kind === 'plans' ? '' : `.${noun.replaceAll(' ', '-')}`;
    return new Response(found.value.text, {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename="${name}${suffix}.grozer.json"`,
      },
    });
  },
);

/** What is stored, byte for byte, also where it cannot be read: for whoever wants to mend it. */
function rawFile(kind: DocumentKind, id: string): Response {
  const text = serverContext().documents(kind).rawText(id);
  if (text === null) return documentMissing(kind);
  const name = `${DOCUMENT_FORMATS[kind].noun.replaceAll(' ', '-')}.stored.json`;
  return new Response(text, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="${name}"`,
    },
  });
}

/** Title as a file name: letters and digits of plain ASCII, the rest as hyphens. */
function fileNameOf(title: string, noun: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase();
  return plain === '' ? noun.replaceAll(' ', '-') : plain;
}
