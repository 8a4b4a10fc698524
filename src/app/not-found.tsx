import { PlainBody } from '@/ui/plain/PlainBody';
import { PlainLink } from '@/ui/plain/PlainLink';
import styles from '@/ui/plain/plain.module.css';

export default function NotFound() {
  return (
    <PlainBody>
      <main className={styles.sheet}>
        <h1 className={styles.h1}>Page not found</h1>
        <p className={styles.text}>The plan was deleted, or there is an error in the address.</p>
        <PlainLink href="/" className={styles.button}>
          To the shelf
        </PlainLink>
      </main>
    </PlainBody>
  );
}
