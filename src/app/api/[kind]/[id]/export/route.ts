import { DOCUMENT_FORMATS } from '@/core/documents/documentKinds';
import { serverContext } from '@/server/context';
import { exportDocument } from '@/server/documents';
import { documentMissing, kindOf } from '../../../kindOf';
import { refuse } from '../../../respond';

interface Context {
  params: Promise<{ kind: string; id: string }>;
}

export async function GET(_request: Request, { params }: Context): Promise<Response> {
  const { kind: named, id } = await params;
  const kind = kindOf(named);
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
