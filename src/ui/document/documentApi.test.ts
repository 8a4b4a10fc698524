import { newPlan } from '@/core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import {
  createRemote,
  deleteRemote,
  duplicateRemote,
  importRemote,
  openRemote,
  restoreRemote,
  saveRemote,
} from './documentApi';

const LAMP = { kind: 'plans', id: 'lamp' } as const;
const plan = newPlan('Lamp');
const answers = (status: number, body: string): jest.Mock => {
  const fetching = jest
    .fn()
    .mockImplementation(() => Promise.resolve(new Response(body, { status })));
  global.fetch = fetching;
  return fetching;
};
const nobody = (): void => {
  global.fetch = jest.fn().mockRejectedValue(new TypeError('fetch failed'));
};

test('a saved plan has its new revision', async () => {
  const fetching = answers(200, '{"revision": 4}');
  expect(await saveRemote(LAMP, plan, 3)).toEqual({ status: 'saved', revision: 4 });
  const [url, request] = fetching.mock.calls[0] as [string, RequestInit];
  expect(url).toBe('/api/plans/lamp');
  expect(JSON.parse(String(request.body))).toEqual({ document: plan, revision: 3 });
  expect(request.keepalive).toBe(true);
});

test('a plan too large for a page that closes is sent without that promise', async () => {
  const fetching = answers(200, '{"revision": 4}');
  await saveRemote(LAMP, { ...plan, title: 'x'.repeat(60_001) }, 3);
  expect((fetching.mock.calls[0] as [string, RequestInit])[1].keepalive).toBe(false);
});

test('somebody else was first; it is refused; nobody answers: nothing is called saved', async () => {
  answers(409, '{}');
  expect(await saveRemote(LAMP, plan, 3)).toEqual({ status: 'conflict' });
  answers(422, '{"message": "Too long.", "faults": []}');
  expect(await saveRemote(LAMP, plan, 3)).toEqual({
    status: 'failed',
    message: 'Too long.',
    answered: true,
  });
  answers(500, 'oops');
  expect(await saveRemote(LAMP, plan, 3)).toMatchObject({ status: 'failed', answered: false });
  answers(200, '{"revision": "four"}');
  expect(await saveRemote(LAMP, plan, 3)).toMatchObject({ status: 'failed' });
  nobody();
  const unsaved = await saveRemote(LAMP, plan, 3);
  expect(unsaved.status === 'failed' && unsaved.message).toContain('it is tried again');
});

test('what the server has is read by the format; anything else is nothing', async () => {
  answers(200, JSON.stringify({ revision: 7, document: plan }));
  expect(await openRemote(LAMP, PLAN_DOCUMENT)).toEqual({ revision: 7, document: plan });
  answers(200, JSON.stringify({ revision: 7, document: { ...plan, minutes: -1 } }));
  expect(await openRemote(LAMP, PLAN_DOCUMENT)).toBeNull();
  answers(404, '{}');
  expect(await openRemote(LAMP, PLAN_DOCUMENT)).toBeNull();
  nobody();
  expect(await openRemote(LAMP, PLAN_DOCUMENT)).toBeNull();
});

test.each([
  ['create', () => createRemote('plans', 'Pier'), 'POST', '/api/plans'],
  ['import', () => importRemote('plans', '{}'), 'POST', '/api/plans/import'],
  ['duplicate', () => duplicateRemote(LAMP), 'POST', '/api/plans/lamp/duplicate'],
  ['delete', () => deleteRemote(LAMP), 'DELETE', '/api/plans/lamp'],
  ['restore', () => restoreRemote(LAMP), 'POST', '/api/plans/lamp/restore'],
])('%s: the id, or what stood in the way, place by place', async (_, act, method, url) => {
  const fetching = answers(200, '{"id": "pier"}');
  expect(await act()).toEqual({ ok: true, id: 'pier' });
  expect(fetching.mock.calls[0]).toEqual([url, expect.objectContaining({ method })]);
  answers(
    422,
    '{"message": "This cannot be imported.", "faults": [{"path": ["cell", "body"], "message": "Unknown."}]}',
  );
  const refused = await act();
  expect(refused).toMatchObject({ ok: false, message: 'This cannot be imported.' });
  expect(refused.ok ? [] : refused.details[0]).toMatch(/cell.*body.*: Unknown\.$/);
  nobody();
  expect(await act()).toMatchObject({ ok: false, details: [] });
});
