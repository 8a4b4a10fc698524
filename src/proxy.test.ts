import { NextRequest } from 'next/server';
import { proxy } from './proxy';

const status = (headers: Record<string, string>): number =>
  proxy(new NextRequest('http://127.0.0.1:3000/api/plans', { method: 'POST', headers })).status;

test('own pages are answered, under both names', () => {
  expect(status({ host: '127.0.0.1:3000' })).toBe(200);
  expect(status({ host: 'localhost:3000', origin: 'http://localhost:3000' })).toBe(200);
});

test('other sites, and other names for this machine, are refused', () => {
  expect(status({ host: '127.0.0.1:3000', origin: 'http://elsewhere.example' })).toBe(403);
  expect(status({ host: '127.0.0.1:3000', origin: 'null' })).toBe(403);
  expect(status({ host: 'rebound.example:3000' })).toBe(403);
});

test('a page names the scripts that may run, each answer another nonce; nothing may be framed', () => {
  const policyOf = (path: string): string =>
    proxy(
      new NextRequest(`http://127.0.0.1:3000${path}`, { headers: { host: '127.0.0.1:3000' } }),
    ).headers.get('content-security-policy') ?? '';
  const [first, second] = [policyOf('/'), policyOf('/')];
  expect(first).toMatch(/script-src 'self' 'nonce-[\w+/]{22}==' 'strict-dynamic';/);
  expect(first).not.toContain('unsafe-eval');
  expect(second).not.toBe(first);
  for (const policy of [first, policyOf('/api/plans')]) {
    expect(policy).toContain("frame-ancestors 'none'");
  }
});
