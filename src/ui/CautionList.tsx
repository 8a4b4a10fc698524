import type { Caution } from '@/core/physics/safety/cautions';
import styles from './plain/plain.module.css';

export function CautionList({ cautions }: { cautions: readonly Caution[] }) {
  return (
    <ul className={styles.list}>
      {cautions.map(({ id, text }) => (
        <li key={id}>{text}</li>
      ))}
    </ul>
  );
}
