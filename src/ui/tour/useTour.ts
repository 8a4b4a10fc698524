'use client';

import 'driver.js/dist/driver.css';
import './tour.css';
import { useEffect } from 'react';
import { TOUR_STEPS } from './tourSteps';

const SEEN = 'grozer-tour-seen';

/** Whether the tour was taken or declined in this browser; a browser that keeps nothing is asked each time. */
export function tourSeen(): boolean {
  try {
    return window.localStorage.getItem(SEEN) !== null;
  } catch {
    return false;
  }
}

export function rememberTour(): void {
  try {
    window.localStorage.setItem(SEEN, 'yes');
  } catch {
    // Nothing is lost: the question is only asked again.
  }
}

/** Runs the tour once on the page that asks for it; Escape and the cross end it at any stop. */
export function useTour(wanted: boolean, onEnd: () => void): void {
  useEffect(() => {
    if (!wanted) return;
    let gone = false;
    let end = (): void => undefined;
    void import('driver.js').then(({ driver }) => {
      if (gone) return;
      const tour = driver({
        showProgress: true,
        progressText: '{{current}} of {{total}}',
        nextBtnText: 'Next',
        prevBtnText: 'Back',
        doneBtnText: 'Done',
        animate: !window.matchMedia('(prefers-reduced-motion: reduce)').matches,
        steps: TOUR_STEPS.filter(({ at }) => document.querySelector(at) !== null).map(
          ({ at, title, text }) => ({ element: at, popover: { title, description: text } }),
        ),
        onDestroyed: () => {
          rememberTour();
          onEnd();
        },
      });
      end = () => tour.destroy();
      tour.drive();
    });
    return () => {
      gone = true;
      end();
    };
  }, [wanted, onEnd]);
}
