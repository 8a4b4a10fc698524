import { fileText } from './fileText';

const TEXT = 'group,what did they say?\r\nTern,“0,93 V” für 3 Äpfel\r\n';

const utf16 = (text: string, order: 'le' | 'be', mark: boolean): Blob => {
  const bytes = Buffer.from((mark ? '\uFEFF' : '') + text, 'utf16le');
  return new Blob([order === 'le' ? bytes : bytes.swap16()]);
};

test.each([
  ['UTF-8', new Blob([TEXT])],
  ['UTF-8 with its mark', new Blob(['\uFEFF', TEXT])],
  ['UTF-16, little end first', utf16(TEXT, 'le', true)],
  ['UTF-16, big end first', utf16(TEXT, 'be', true)],
  ['UTF-16 without its mark', utf16(TEXT, 'le', false)],
  ['UTF-16, big end first, without its mark', utf16(TEXT, 'be', false)],
])('a table in %s is read as it was written', async (_name, file) => {
  expect(await fileText(file, 1e6)).toEqual({ ok: true, value: TEXT });
});

test('what an older program wrote is read too', async () => {
  const file = new Blob([Buffer.from('für Äpfel', 'latin1')]);
  expect(await fileText(file, 1e6)).toEqual({ ok: true, value: 'für Äpfel' });
});

test('a file that is far too large is refused in words before it is read', async () => {
  const said = async (most: number): Promise<string> => {
    const refused = await fileText(new Blob(['x'.repeat(3_000_000)]), most);
    return refused.ok ? '' : (refused.issues[0]?.message ?? '');
  };
  expect(await said(2e6)).toMatch(/larger than 2 MB/);
  expect(await said(300e3)).toMatch(/larger than 300 kB/);
});
