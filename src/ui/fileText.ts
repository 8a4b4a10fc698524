import { fail, succeed, type Result } from '@/core/result';

/** Zero bytes in this share of the beginning are the other halves of letters. */
const LOOKED_AT = 200;

/**
 * The text of a file in any of the encodings that spreadsheets write: UTF-8, UTF-16 with or without a mark at its
 * beginning (Unicode 15, 3.10), or else Windows-1252.
 * @param mostBytes a larger file is refused before it is read.
 */
export async function fileText(file: Blob, mostBytes: number): Promise<Result<string>> {
  if (file.size > mostBytes) {
    return fail({
      code: 'too-large',
      path: [],
      message: `The file is larger than ${mostBytes >= 1e6 ? `${mostBytes / 1e6} MB` : `${mostBytes / 1e3} kB`}. Is it the right one?`,
    });
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  return succeed(new TextDecoder(encodingOf(bytes)).decode(bytes));
}

function encodingOf(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be';
  const start = [...bytes.subarray(0, LOOKED_AT)];
  const zeros = (odd: 0 | 1): number =>
    start.filter((byte, index) => index % 2 === odd && byte === 0).length;
  if (zeros(1) > start.length / 4) return 'utf-16le';
  if (zeros(0) > start.length / 4) return 'utf-16be';
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    return 'utf-8';
  } catch {
    // What is no UTF-8 was written by an older program.
    return 'windows-1252';
  }
}
