import { freshBench } from '@/testing/server/benchForTests';
import { logOfGroup } from '../bench/logOfGroup';
import { isRestoring, whileRestoring } from './restoring';

test('while a backup is put back nothing is written, and who wants to is told', async () => {
  expect(isRestoring()).toBe(false);
  await whileRestoring(async () => {
    expect(isRestoring()).toBe(true);
    const answer = await logOfGroup(freshBench(), undefined, {});
    expect(answer.status).toBe(503);
  });
  await expect(whileRestoring(() => Promise.reject(new Error('broken')))).rejects.toThrow('broken');
  expect(isRestoring()).toBe(false);
});
