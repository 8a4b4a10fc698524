import type { ReactNode } from 'react';
import styles from './plain/plain.module.css';

interface HintProps {
  readonly text: string;
  /** Shown without being pointed at. */
  readonly open?: boolean;
  readonly children: ReactNode;
}

/**
 * A word under a control while it is pointed at or has the focus. Screen readers take the control’s own label, so
 * that nothing is said twice.
 */
export function Hint({ text, open = false, children }: HintProps) {
  return (
    <span className={styles.hint}>
      {children}
      {text === '' ? null : (
        <span aria-hidden className={styles.bubble} data-open={open}>
          {text}
        </span>
      )}
    </span>
  );
}
