import { useId, type ReactNode } from 'react';
import styles from './plain.module.css';

interface SelectProps {
  readonly label: string;
  readonly value: string | number;
  readonly onChange: (chosen: string) => void;
  /** `option` elements. */
  readonly children: ReactNode;
}

/** One of a few, with its label beside it. */
export function Select({ label, value, onChange, children }: SelectProps) {
  const id = useId();
  return (
    <span className={styles.choice}>
      <label htmlFor={id}>{label}</label>
      <select
        id={id}
        className={styles.entry}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {children}
      </select>
    </span>
  );
}
