/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { demoPlan } from '@/cli/demoPlans';
import { press } from '@/testing/ui/acting';
import { showPlan } from '@/testing/ui/planPage';
import { TourInvite } from '@/ui/tour/TourInvite';
import { TOUR_COOKIE, TOUR_STEPS } from '@/ui/tour/tourSteps';

afterEach(() => {
  document.cookie = `${TOUR_COOKIE}=; max-age=0; path=/`;
});

const askForTour = () => act(() => window.history.replaceState(null, '', '/?tour=1'));

test('the tour stops at everything it tells of; Escape ends it, and it can be taken again', async () => {
  showPlan(demoPlan('demo-lamp'), 'arrange');
  askForTour();
  for (const [index, { title, text }] of TOUR_STEPS.entries()) {
    const stop = await screen.findByRole('dialog', { name: title });
    expect(stop).toHaveTextContent(text);
    expect(stop).toHaveTextContent(`${index + 1} of ${TOUR_STEPS.length}`);
    if (index < TOUR_STEPS.length - 1) press('Next');
  }
  expect(document.cookie).not.toContain(TOUR_COOKIE);
  fireEvent.keyUp(window, { key: 'Escape' });
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(document.cookie).toContain(`${TOUR_COOKIE}=seen`);
  // Going back does not begin it anew.
  expect(window.location.search).toBe('');
  askForTour();
  expect(await screen.findByRole('dialog', { name: 'Six steps' })).toBeVisible();
});

test('before there is any plan the tour begins with one of its own', () => {
  const begin = jest.fn();
  render(<TourInvite planId={null} onBegin={begin} />);
  press('Show me');
  expect(begin).toHaveBeenCalledTimes(1);
});

test('the tour is offered; whoever declines is not asked again', () => {
  render(<TourInvite planId="lamp" onBegin={() => undefined} />);
  expect(screen.getByRole('link', { name: 'Show me' })).toHaveAttribute(
    'href',
    '/plans/lamp/arrange?tour=1',
  );
  press('No, thanks');
  expect(screen.queryByText(/New here/)).toBeNull();
  expect(document.cookie).toContain(`${TOUR_COOKIE}=seen`);
});
