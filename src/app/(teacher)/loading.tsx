import styles from '@/ui/plain/plain.module.css';

export default function Loading() {
  return (
    <main className={styles.sheet}>
      <p role="status" className={`${styles.text} ${styles.soft}`}>
        Opening the page …
      </p>
    </main>
  );
}
