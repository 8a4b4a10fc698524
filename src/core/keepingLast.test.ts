import { cellOfPlan } from './records/plan/cellOfPlan';
import { newPlan } from './records/plan/newPlan';
import { keepingLast } from './keepingLast';

test('an equal question has the same answer; the one asked for longest ago is forgotten first', () => {
  const asked: number[] = [];
  const half = keepingLast(
    2,
    (number: number) => String(number),
    (number) => {
      asked.push(number);
      return { half: number / 2 };
    },
  );
  const four = half(4);
  expect(half(6)).toEqual({ half: 3 });
  expect(half(4)).toBe(four);
  half(8);
  expect(half(4)).toBe(four);
  half(6);
  expect(asked).toEqual([4, 6, 8, 6]);
});

test('a plan that was read anew has the same cell; another room, meter or reading has another', () => {
  const plan = newPlan('Lamp');
  const copy = structuredClone(plan);
  expect(cellOfPlan(copy)).toBe(cellOfPlan(plan));
  const others = [
    { ...plan, running: { ...plan.running, celsius: 5 } },
    { ...plan, meter: { ...plan.meter, shuntOhms: { ...plan.meter.shuntOhms, '2 mA': 1 } } },
    { ...plan, cell: { ...plan.cell, body: 'apple' } },
  ];
  for (const other of others) expect(cellOfPlan(other)).not.toBe(cellOfPlan(plan));
});
