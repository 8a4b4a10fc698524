/** The body of a request is larger than such a one ever is. */
export class TooLarge extends Error {}

/**
 * The bytes of a request, counted while they arrive: what is too large is not read to its end.
 * @throws {TooLarge} beyond `most` bytes.
 */
export async function boundedBytes(request: Request, most: number): Promise<Uint8Array> {
  if (Number(request.headers.get('content-length') ?? 0) > most) throw new TooLarge();
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (
    let next = await reader?.read();
    next !== undefined && !next.done;
    next = await reader?.read()
  ) {
    size += next.value.byteLength;
    if (size > most) {
      await reader?.cancel();
      throw new TooLarge();
    }
    chunks.push(next.value);
  }
  return new Uint8Array(Buffer.concat(chunks));
}
