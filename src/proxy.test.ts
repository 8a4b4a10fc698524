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
