import styles from './plain/plain.module.css';

/** Stands where a part of the page is still being fetched. */
export function Fetching() {
  return (
    <p role="status" className={`${styles.small} ${styles.soft}`}>
      Fetching it …
    </p>
  );
}
