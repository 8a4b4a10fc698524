import { summaryOfMutants } from './mutants.mjs';

const mutant = (status, line) => ({
  status,
  mutatorName: 'ArithmeticOperator',
  replacement: 'a\n - b',
  location: { start: { line } },
});

test('killed and timed out count for, survived and uncovered against, others on neither side', () => {
  const summary = summaryOfMutants({
    files: {
      'a.ts': { mutants: [mutant('Killed', 1), mutant('Timeout', 2), mutant('Survived', 3)] },
      'b.ts': { mutants: [mutant('NoCoverage', 4), mutant('Ignored', 5)] },
    },
  });
  expect(summary).toMatchObject({ killed: 2, all: 4, percent: '50.0' });
  expect(summary.survivors).toEqual([
    'a.ts:3 Survived: ArithmeticOperator → a - b',
    'b.ts:4 NoCoverage: ArithmeticOperator → a - b',
  ]);
});
