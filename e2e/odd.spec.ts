import { randomStream } from '@/core/physics/chance/random';
import { mutatedPlan } from '@/testing/core/mutatedPlans';
import { expect, test } from './test';

const PLANS = 4;
const STATIONS = ['power', 'cell', 'arrange', 'ready', 'build', 'run', 'reality'];
/** What the server leaves where a part of a page could not be drawn. */
const BROKEN = 'data-dgst';

test('odd plans that pass the schema open at every station, and hide no other on the shelf', async ({
  request,
}) => {
  const random = randomStream(18);
  for (let index = 0; index < PLANS; index += 1) {
    const title = `Odd ${index}`;
    const { id } = (await (await request.post('/api/plans', { data: { title } })).json()) as {
      id: string;
    };
    const saved = await request.put(`/api/plans/${id}`, {
      data: { document: { ...mutatedPlan(random), title }, revision: 1 },
    });
    expect(saved.status()).toBe(200);
    for (const station of STATIONS) {
      const page = await request.get(`/plans/${id}/${station}`);
      expect([page.status(), (await page.text()).includes(BROKEN)], station).toEqual([200, false]);
    }
  }
  const shelf = await (await request.get('/?find=odd')).text();
  expect(shelf.match(/Duplicate Odd/g)?.length).toBe(PLANS);
});
