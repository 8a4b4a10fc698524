'use client';

import { useEffect, useState, type ComponentType } from 'react';
import { Button } from './plain/Button';
import { Notice } from './plain/Notice';
import styles from './plain/plain.module.css';

/**
 * A part of a page that is fetched after it: as soon as the browser is idle, so that it is there without waiting and
 * also when the network is gone by then; at the latest when it is shown. Where it cannot be fetched, its place says so
 * and it can be tried again; the page around it stays.
 */
export function lazyPart<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): ComponentType<Props> {
  let there: ComponentType<Props> | null = null;
  const fetchOnce = async (): Promise<void> => {
    there ??= await load();
  };
  if (typeof window !== 'undefined' && 'requestIdleCallback' in window) {
    // Whoever shows it hears of a failure.
    window.requestIdleCallback(() => void fetchOnce().catch(() => undefined));
  }
  return function Fetched(props: Props) {
    const [Part, setPart] = useState<ComponentType<Props> | null>(() => there);
    const [failed, setFailed] = useState(false);
    const [attempt, setAttempt] = useState(0);
    useEffect(() => {
      let gone = false;
      fetchOnce().then(
        () => {
          if (!gone) setPart(() => there);
        },
        () => {
          if (!gone) setFailed(true);
        },
      );
      return () => {
        gone = true;
      };
    }, [attempt]);
    if (Part !== null) return <Part {...props} />;
    if (!failed) {
      return (
        // Also where it stands in a sentence.
        <span role="status" className={`${styles.small} ${styles.soft}`}>
          Fetching it …
        </span>
      );
    }
    const again = (): void => {
      setFailed(false);
      setAttempt(attempt + 1);
    };
    return (
      <Notice severity="error">
        Grozer’s computer does not answer, so this part is not here yet. Nothing that you typed is
        lost. <Button onClick={again}>Try again</Button>
      </Notice>
    );
  };
}
