'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { askJson, ownAnswer } from '@/ui/askJson';
import { PlainLink } from '@/ui/plain/PlainLink';
import { Button } from '@/ui/plain/Button';
import { Field } from '@/ui/plain/Field';
import { InertUntilHydrated } from '@/ui/plain/InertUntilHydrated';
import { Notice } from '@/ui/plain/Notice';
import styles from '@/ui/plain/plain.module.css';

/** Where a teacher’s own tablet comes in; groups are shown the way to their page. */
export function PasscodePage() {
  const router = useRouter();
  const [passcode, setPasscode] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const enter = async (): Promise<void> => {
    const answer = await askJson('/api/passcode', ownAnswer<{ readonly right: boolean }>(), {
      passcode,
    });
    if (answer.ok) router.push('/');
    else setProblem(answer.message);
  };
  return (
    <InertUntilHydrated as="main" className={`${styles.sheet} ${styles.narrow}`}>
      <form
        className={`${styles.card} ${styles.stack}`}
        onSubmit={(event) => {
          event.preventDefault();
          void enter();
        }}
      >
        <h1 className={styles.h1}>For the teacher</h1>
        <Field
          label="Passcode"
          type="password"
          value={passcode}
          autoComplete="off"
          inputMode="numeric"
          maxLength={6}
          onChange={(event) => setPasscode(event.target.value)}
          helper="Six digits; they stand on the class board of the teacher’s computer."
        />
        <Button type="submit" look="filled" disabled={passcode.length !== 6}>
          Come in
        </Button>
        {problem === null ? null : <Notice severity="error">{problem}</Notice>}
        <PlainLink href="/join" className={styles.button}>
          I am in a group
        </PlainLink>
      </form>
    </InertUntilHydrated>
  );
}
