import { makeDrill } from './makeDrill';
import { DRILL_FAULT_NAMES, DRILL_LEVELS } from './levels';
import { faultName, judgementWords } from './drillWords';

test('a fault is named with its string only where there are two', () => {
  const [one, two] = [1, 2].map((strings) =>
    DRILL_LEVELS.find((level) => level.strings === strings)!,
  );
  const fault = { string: 2, cell: 3, kind: 'dry' as const };
  expect(faultName({ level: one! }, fault)).toBe(`cell 3: ${DRILL_FAULT_NAMES[fault.kind]}`);
  expect(faultName({ level: two! }, fault)).toBe(
    `cell 3 of string 2: ${DRILL_FAULT_NAMES[fault.kind]}`,
  );
});

test('every hidden fault of every level has a name, and each judgement its words', () => {
  for (const level of DRILL_LEVELS) {
    for (let seed = 1; seed <= 20; seed += 1) {
      for (const hidden of makeDrill({ level: level.level, seed }).hidden) {
        expect(faultName({ level }, hidden)).toMatch(/^cell \d+( of string \d)?: \w/);
      }
    }
  }
  const words = (['right', 'right-cell', 'right-kind', 'wrong'] as const).map(judgementWords);
  expect(new Set(words).size).toBe(4);
});
