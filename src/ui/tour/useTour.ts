'use client';

import 'driver.js/dist/driver.css';
import './tour.css';
import { useEffect } from 'react';
import { TOUR_COOKIE, TOUR_STEPS } from './tourSteps';

/** From now on the tour is not offered in this browser. A cookie, so that the server knows and nothing jumps on the page. */
export function rememberTour(): void {
  document.cookie = `${TOUR_COOKIE}=seen; max-age=31536000; path=/; samesite=lax`;
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
        // It draws its title as the head of the whole page.
        onPopoverRender: ({ title }) => {
          title.setAttribute('role', 'heading');
          title.setAttribute('aria-level', '2');
        },
        // Not once it is gone: that is told of a stop at rest only, not of one left while it still moves.
        onDestroyStarted: () => {
          end();
          onEnd();
        },
      });
      end = () => {
        rememberTour();
        tour.destroy();
      };
      tour.drive();
    });
    return () => {
      gone = true;
      end();
    };
  }, [wanted, onEnd]);
}
