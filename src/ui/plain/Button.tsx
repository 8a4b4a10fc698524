import type { ComponentProps } from 'react';
import styles from './plain.module.css';

interface ButtonProps extends ComponentProps<'button'> {
  readonly look?: 'text' | 'outlined' | 'filled' | 'danger';
  readonly size?: 'compact' | 'large';
}

/** A button that phones load too. */
export function Button({ look = 'text', size, type = 'button', ...rest }: ButtonProps) {
  const classes = [styles.button, look === 'text' ? '' : styles[look], size && styles[size]];
  return <button type={type} className={classes.filter(Boolean).join(' ')} {...rest} />;
}
