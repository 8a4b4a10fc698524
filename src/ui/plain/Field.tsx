import { useId, type ChangeEventHandler, type ComponentProps } from 'react';
import styles from './plain.module.css';

interface FieldProps extends Omit<ComponentProps<'input'>, 'onChange'> {
  /** Shown above it; without one, `aria-label` names it. */
  readonly label?: string;
  readonly helper?: string | undefined;
  /** Whether what stands is wrong; the helper says why. */
  readonly wrong?: boolean;
  /** More than one line high. */
  readonly lines?: number;
  readonly onChange: ChangeEventHandler<HTMLInputElement | HTMLTextAreaElement>;
}

/** An entry field that phones load too. */
export function Field({ label, helper, wrong = false, lines, onChange, ...rest }: FieldProps) {
  const id = useId();
  const said = helper === undefined ? undefined : `${id} said`;
  const entry = { id, className: styles.entry, 'aria-invalid': wrong, 'aria-describedby': said };
  const { maxLength, value } = rest;
  return (
    <div className={styles.field}>
      {label === undefined ? null : <label htmlFor={id}>{label}</label>}
      {lines === undefined ? (
        <input {...rest} {...entry} onChange={onChange} />
      ) : (
        <textarea {...entry} rows={lines} maxLength={maxLength} value={value} onChange={onChange} />
      )}
      {helper === undefined ? null : (
        <span id={said} className={wrong ? styles.wrong : undefined}>
          {helper}
        </span>
      )}
    </div>
  );
}
