/** Set once the tour was taken or declined. */
export const TOUR_COOKIE = 'grozer-tour';

/** Where the tour of a plan begins. */
export function tourHref(planId: string): string {
  return `/plans/${planId}/arrange?tour=1`;
}

/** One stop: what is pointed at (a selector of the page), and what is said. */
export interface TourStep {
  readonly at: string;
  readonly title: string;
  readonly text: string;
}

/** A minute round a plan: seven stops of about eight seconds. */
export const TOUR_STEPS: readonly TourStep[] = [
  {
    at: 'nav[aria-label="Stations of the plan"]',
    title: 'Six steps',
    text: 'A plan has six steps, in the order in which you work. Each shows its answer so far, so this column is the whole plan at a glance.',
  },
  {
    at: '[data-testid="verdict"]',
    title: 'The verdict',
    text: 'One sentence, always true: what will happen, with which figures, and in how many classes of a hundred.',
  },
  {
    at: '[data-desk-picture]',
    title: 'The desk',
    text: 'The battery as it will stand on the desk, + and − on every metal, and below it the volts step by step: dashed with nothing connected, filled under load.',
  },
  {
    at: '[data-tour="figures"]',
    title: 'Figures that explain themselves',
    text: 'Every figure opens to show its sum, and where its constants come from.',
  },
  {
    at: 'a[href$="/ready"]',
    title: 'Before the lesson',
    text: 'Get ready makes the shopping list, the timetable, the cautions and the sheets for your class.',
  },
  {
    at: 'a[href$="/build"]',
    title: 'In the lesson',
    text: 'Build & measure leads group by group, takes the readings, and says what is wrong when it stays dark.',
  },
  {
    at: 'button[aria-label="List of keys"]',
    title: 'Keys and undo',
    text: 'Everything is saved by itself and can be undone. The keys are listed here, and Help is on the shelf.',
  },
];
