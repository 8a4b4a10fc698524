/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { screen, waitFor } from '@testing-library/react';
import { demoPlan } from '@/cli/demoPlans';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { fill } from '@/testing/ui/acting';
import { showPlan } from '@/testing/ui/planPage';

/** What lies beyond every limit. */
const ODD = ['-1', '1e12'];
/** Fields of words, which take what is typed. */
const WORDS = /Title of the plan|What did you see|Address|Find/;

const fieldNames = (): string[] =>
  screen
    .queryAllByRole<HTMLInputElement>('textbox')
    .filter((field) => field.type === 'text' && !field.disabled)
    .map((field) => field.getAttribute('aria-label') ?? field.labels?.[0]?.textContent ?? '')
    .filter((name) => name !== '' && !WORDS.test(name));

/**
 * A field that took what the plan's schema refuses would throw, for an edit that makes the plan invalid is a programmer's
 * error; a field that refused without a word would leave its reader alone.
 */
test.each([
  ['power', ''],
  ['cell', ''],
  ['ready', 'class'],
  ['run', 'turns'],
  ['run', 'short'],
])('the limits of every field are those of the plan: %s %s', async (station, part) => {
  const { kept, goTo } = showPlan(demoPlan('demo-lamp'), station);
  if (part !== '') goTo(station, part);
  await waitFor(() => expect(fieldNames()).not.toEqual([]));
  const names = fieldNames();
  let refused = 0;
  for (const name of names) {
    for (const text of ODD) {
      const [field] = screen.queryAllByLabelText<HTMLInputElement>(name, { exact: true });
      if (field === undefined) continue;
      fill(field, text);
      const [after] = screen.queryAllByLabelText<HTMLInputElement>(name, { exact: true });
      if (after?.getAttribute('aria-invalid') !== 'true') continue;
      refused += 1;
      const told = document.getElementById(after.getAttribute('aria-describedby') ?? '');
      expect(told?.textContent ?? '').not.toBe('');
    }
  }
  expect(refused).toBeGreaterThanOrEqual(names.length);
  await waitFor(() => expect(screen.getByTestId('save-state')).toHaveTextContent('saved'));
  for (const { body } of kept) {
    if (typeof body !== 'object' || body === null || !('document' in body)) continue;
    expect(PLAN_DOCUMENT.parse(body.document).ok).toBe(true);
  }
});
