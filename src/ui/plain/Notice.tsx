import type { ComponentProps } from 'react';
import { Button } from './Button';
import styles from './plain.module.css';

interface NoticeProps extends ComponentProps<'div'> {
  readonly severity: 'info' | 'warning' | 'error';
  /** Takes it away. */
  readonly onClose?: () => void;
}

/** A word that must be read, announced when it appears. */
export function Notice({ severity, onClose, children, ...rest }: NoticeProps) {
  return (
    <div role="alert" className={`${styles.notice} ${styles[severity]}`} {...rest}>
      <div>{children}</div>
      {onClose === undefined ? null : (
        <Button size="compact" onClick={onClose}>
          Close
        </Button>
      )}
    </div>
  );
}
