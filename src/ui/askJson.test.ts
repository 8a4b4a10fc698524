import * as z from 'zod/mini';
import { askJson } from './askJson';

const schema = z.object({ volts: z.number() });
const answers = (status: number, body: string): jest.Mock => {
  const fetching = jest.fn().mockResolvedValue(new Response(body, { status }));
  global.fetch = fetching;
  return fetching;
};

test('an answer of the right shape is taken', async () => {
  const fetching = answers(200, '{"volts": 0.93}');
  expect(await askJson('/api/x', schema)).toEqual({ ok: true, value: { volts: 0.93 } });
  expect(fetching).toHaveBeenCalledWith('/api/x', {});
});

test('an object is sent as JSON, a file as it is', async () => {
  const fetching = answers(200, '{"volts": 1}');
  await askJson('/api/x', schema, { range: '2 V' });
  expect(fetching).toHaveBeenLastCalledWith('/api/x', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{"range":"2 V"}',
  });
  const photo = new Blob(['x']);
  answers(200, '{"volts": 1}');
  await askJson('/api/x', schema, photo);
  expect(global.fetch).toHaveBeenLastCalledWith('/api/x', { method: 'POST', body: photo });
});

test.each([
  ['{"message": "No meter.", "faults": [{"message": "Is it on?"}]}', 'No meter. Is it on?'],
  ['{"message": "No meter.", "faults": [{"message": "No meter."}]}', 'No meter.'],
  ['{"message": "Gone."}', 'Gone.'],
  ['<html>', 'The server did not take this.'],
])('a refusal comes in words: %s', async (body, message) => {
  answers(422, body);
  expect(await askJson('/api/x', schema)).toMatchObject({ ok: false, status: 422, message });
});

test('an answer of another shape is no answer', async () => {
  answers(200, '{"volts": "many"}');
  expect(await askJson('/api/x', schema)).toMatchObject({ ok: false, status: 200 });
});

test('nobody there: the address is not blamed on the user', async () => {
  global.fetch = jest.fn().mockRejectedValue(new TypeError('fetch failed'));
  const answer = await askJson('/api/x', schema);
  expect(answer).toMatchObject({ ok: false, status: null });
  expect(answer.ok ? '' : answer.message).toContain('does not answer');
});
