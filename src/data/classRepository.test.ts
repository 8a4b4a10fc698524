import { createClassRepository } from './classRepository';
import { openDatabase } from './openDatabase';

const fresh = () => createClassRepository(openDatabase(':memory:'));

test('a class runs from its opening until it is closed or its time is over', () => {
  const classes = fresh();
  expect(classes.find('p', 5)).toBeNull();
  classes.open('p', 'KWB742', 5, 100);
  const running = { planId: 'p', code: 'KWB742', startedAt: 5, endsAt: 100 };
  expect(classes.find('p', 99)).toEqual(running);
  expect(classes.findByCode('KWB742', 99)).toEqual(running);
  expect(classes.findByCode('AAAAAA', 99)).toBeNull();
  expect(classes.find('q', 99)).toBeNull();
  expect(classes.find('p', 100)).toBeNull();
  expect(classes.running(100)).toEqual([]);
  classes.close('p', 50);
  expect(classes.find('p', 60)).toBeNull();
  expect(classes.findByCode('KWB742', 60)).toBeNull();
  // Opened again it has its new code only.
  classes.open('p', 'NEWCDE', 70, 200);
  expect(classes.find('p', 80)).toMatchObject({ code: 'NEWCDE', startedAt: 70 });
  classes.open('q', 'QQQQQQ', 75, 200);
  expect(
    classes
      .running(80)
      .map(({ planId }) => planId)
      .sort(),
  ).toEqual(['p', 'q']);
});

test('a secret is made once and kept until it is replaced', () => {
  const classes = fresh();
  let made = 0;
  const make = () => `${(made += 1)}`;
  expect([classes.secret('seat', make), classes.secret('seat', make)]).toEqual(['1', '1']);
  expect(classes.secret('other', make)).toBe('2');
  classes.replaceSecret('seat', 'new');
  expect(classes.secret('seat', make)).toBe('new');
});
