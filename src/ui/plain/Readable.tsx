import type { CSSProperties, ReactNode } from 'react';
import styles from './plain.module.css';

/** A picture of so many pixels at least: on a phone it is moved under the finger rather than made illegible. */
export function Readable({ least, children }: { least: number; children: ReactNode }) {
  return (
    <div className={styles.readable} style={{ '--least': `${least}px` } as CSSProperties}>
      {children}
    </div>
  );
}
