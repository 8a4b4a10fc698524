/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { newPlan } from '@/core/records/plan/newPlan';
import { groupFacts } from '@/core/work/guide/benchFacts';
import type { BenchJudgement } from '@/core/work/guide/benchJudgement';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { HoldCard } from './HoldCard';
import { LogProvider } from './LogProvider';
import { useDrafts } from './useReadingDraft';

const PLAN = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 } as const,
};
const FACTS = groupFacts(PLAN, evaluatePlan(PLAN));
const TWO = { kind: 'volts', string: 1, from: 1, to: 2, built: 2 } as const;
const LINE: LogLine = {
  seq: 1,
  at: 1,
  author: 'group',
  entryId: 'a',
  revision: 1,
  group: 'Tern',
  struck: false,
  entry: readingEntry(TWO, 0.02, '2027-01-29T14:00:00Z', { typed: '0.02', range: null }),
};
const OPEN_LEAD: BenchJudgement = {
  verdict: 'faulty',
  sure: true,
  dark: false,
  headline: 'the lead between cells 1 and 2 has no contact',
  remedy: 'Press the clip on.',
  place: { string: 1, cell: 1, lead: true },
  causes: [],
  next: [],
};

function Held({ judgement, onGoOn }: { judgement: BenchJudgement; onGoOn: () => void }) {
  const drafts = useDrafts();
  return (
    <LogProvider initial={[LINE]} author="group" postUrl="/log">
      <HoldCard facts={FACTS} group="Tern" judgement={judgement} drafts={drafts} onGoOn={onGoOn} />
    </LogProvider>
  );
}

const show = (change: Partial<BenchJudgement> = {}) => {
  const onGoOn = jest.fn();
  const { container } = render(<Held judgement={{ ...OPEN_LEAD, ...change }} onGoOn={onGoOn} />);
  const svg = () => container.querySelector('svg[role=img]');
  return { onGoOn, words: () => svg()?.textContent ?? '' };
};

test('what is sure: what was read, what to do and where; the meter comes when it is read again', () => {
  const { words, onGoOn } = show();
  expect(screen.getByTestId('group-wrong')).toHaveTextContent(
    /^0\.02.V: the lead between cells 1 and 2 has no contact\. Press the clip on\.$/,
  );
  expect(words()).toContain('this lead');
  expect(words()).not.toContain('COM');
  fireEvent.click(screen.getByRole('button', { name: 'Read again' }));
  expect(words()).toContain('COM');
  expect(words()).not.toContain('this lead');
  expect(screen.getByTestId('measure-next')).toHaveTextContent(/Range \d+.V, red lead in/);
  expect(screen.getByRole('textbox')).toBeVisible();
  fireEvent.click(screen.getByRole('button', { name: 'Go on all the same' }));
  expect(onGoOn).toHaveBeenCalledTimes(1);
});

test('what has no one place is read again with the meter beside it; what is only likely at once', () => {
  expect(show({ place: null }).words()).toContain('COM');
  document.body.innerHTML = '';
  const { words } = show({ sure: false });
  expect(screen.queryByRole('button', { name: 'Read again' })).toBeNull();
  expect(words()).toContain('COM');
});
