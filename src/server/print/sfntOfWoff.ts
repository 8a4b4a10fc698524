import { inflateSync } from 'node:zlib';

const WOFF_HEADER = 44;
const WOFF_ENTRY = 20;
const SFNT_HEADER = 12;
const SFNT_ENTRY = 16;
const SIGNATURE = 0x774f4646;

/**
 * A web font unpacked (W3C, WOFF File Format 1.0): the PDF library unpacks it anew for every document, and slowly.
 * Throws where the file is no web font.
 */
export function sfntOfWoff(woff: Buffer): Buffer {
  if (woff.readUInt32BE(0) !== SIGNATURE) throw new Error('the font file is no web font');
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, index) => {
    const at = WOFF_HEADER + index * WOFF_ENTRY;
    const [tag, offset, packed, length, checksum] = [0, 4, 8, 12, 16].map((field) =>
      woff.readUInt32BE(at + field),
    ) as [number, number, number, number, number];
    const stored = woff.subarray(offset, offset + packed);
    return { tag, checksum, length, data: packed < length ? inflateSync(stored) : stored };
  });
  const header = Buffer.alloc(SFNT_HEADER + count * SFNT_ENTRY);
  const power = Math.floor(Math.log2(count));
  header.writeUInt32BE(woff.readUInt32BE(4), 0);
  header.writeUInt16BE(count, 4);
  header.writeUInt16BE(16 * 2 ** power, 6);
  header.writeUInt16BE(power, 8);
  header.writeUInt16BE(16 * (count - 2 ** power), 10);
  let offset = header.length;
  const bodies = tables.map(({ tag, checksum, length, data }, index) => {
    const at = SFNT_HEADER + index * SFNT_ENTRY;
    header.writeUInt32BE(tag, at);
    header.writeUInt32BE(checksum, at + 4);
    header.writeUInt32BE(offset, at + 8);
    header.writeUInt32BE(length, at + 12);
    // Tables begin at multiples of four bytes.
    const padded = Buffer.alloc(4 * Math.ceil(length / 4));
    data.copy(padded);
    offset += padded.length;
    return padded;
  });
  return Buffer.concat([header, ...bodies]);
}
