import { useId, type CSSProperties, type ReactNode } from 'react';
import styles from './plain/plain.module.css';

interface CardProps {
  readonly title: string;
  /** Controls on the right of the heading. */
  readonly actions?: ReactNode;
  readonly children: ReactNode;
  readonly style?: CSSProperties;
}

/** A titled region with a hairline. */
export function Card({ title, actions, children, style }: CardProps) {
  const heading = useId();
  return (
    <section aria-labelledby={heading} className={styles.card} style={style}>
      <div className={styles.cardHead}>
        <h2 className={styles.h2} id={heading}>
          {title}
        </h2>
        {actions}
      </div>
      {children}
    </section>
  );
}
