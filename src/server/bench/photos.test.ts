import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { faultsOf } from '@/testing/server/benchForTests';
import { readPhoto, storePhoto } from './photos';

test('photos are what they are, not what they are called', () => {
  const folder = mkdtempSync(join(tmpdir(), 'grozer-photos-'));
  const id = '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a11';
  const png = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  );
  expect(storePhoto(folder, id, png)).toEqual({
    ok: true,
    value: { photo: id, type: 'image/png', bytes: png.byteLength },
  });
  expect(readPhoto(folder, id)?.type).toBe('image/png');
  expect(readPhoto(folder, '../../etc/passwd')).toBeNull();
  expect(readPhoto(folder, '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a12')).toBeNull();
  const refused = (bytes: Uint8Array): string => {
    const stored = storePhoto(folder, '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a13', bytes);
    return stored.ok ? 'ok' : `${stored.issues[0]?.code}, ${faultsOf(stored)}`;
  };
  const none = 'not-a-photo, photo: This is no JPEG, PNG or WebP photo.';
  expect(
    refused(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="1" height="1"/>')),
  ).toBe(none);
  expect(refused(Buffer.from('hello'))).toBe(none);
  // Begins as one, and ends at once.
  expect(refused(png.subarray(0, 10))).toBe(none);
  expect(refused(new Uint8Array())).toBe('empty, photo: The photo is empty.');
  expect(refused(Buffer.concat([png, Buffer.alloc(8_000_001)]))).toBe(
    'too-large, photo: The photo is larger than 8 MB: send a smaller one.',
  );
  expect(existsSync(join(folder, '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a13'))).toBe(false);
  rmSync(folder, { recursive: true });
});
