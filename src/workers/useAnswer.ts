'use client';

import { useEffect, useState } from 'react';

/**
 * What a worker answers to a question; `null` until it does. A new question (another function, so keep it with
 * `useCallback`) makes an older answer void.
 */
export function useAnswer<T>(ask: () => Promise<T>): T | null {
  const [known, setKnown] = useState<{ readonly ask: () => Promise<T>; readonly answer: T } | null>(
    null,
  );
  useEffect(() => {
    let outdated = false;
    void ask().then((answer) => {
      if (!outdated) setKnown({ ask, answer });
    });
    return () => {
      outdated = true;
    };
  }, [ask]);
  return known?.ask === ask ? known.answer : null;
}
