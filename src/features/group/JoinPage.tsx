'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { askJson, ownAnswer } from '@/ui/askJson';
import { keysBeside } from '@/ui/bench/queueKeys';
import { lazyPart } from '@/ui/lazyPart';
import { Button } from '@/ui/plain/Button';
import { Field } from '@/ui/plain/Field';
import { InertUntilHydrated } from '@/ui/plain/InertUntilHydrated';
import { Notice } from '@/ui/plain/Notice';
import styles from '@/ui/plain/plain.module.css';
import { useListening } from '@/ui/plain/useListening';

// Most phones keep nothing of another class.
const EarlierClasses = lazyPart(() =>
  import('@/ui/bench/Undelivered').then((module) => module.EarlierClasses),
);

interface ShownClass {
  readonly title: string;
  readonly groups: readonly string[];
}

/** A device that waits for the teacher’s word; its number stands on both screens. */
interface Waiting {
  readonly id: string;
  readonly group: string;
  readonly number: number;
}

interface Joined extends ShownClass {
  readonly seated: boolean;
  readonly waiting: Waiting | null;
}

const ASK_AGAIN_MS = 2000;

interface JoinPageProps {
  readonly initialCode: string;
  /** The class of a device that changes its group; `null`: the code is asked for. */
  readonly initialClass: ShownClass | null;
}

const joined = ownAnswer<Joined>();

/** Two steps into a class: its code, then the group’s bird. No names. */
export function JoinPage({ initialCode, initialClass }: JoinPageProps) {
  const router = useRouter();
  const [code, setCode] = useState(initialCode);
  const [found, setFound] = useState<ShownClass | null>(initialClass);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const listening = useListening();
  const left = listening && keysBeside(window.localStorage, null).length > 0;
  const ask = async (group: string | null, asked?: string): Promise<void> => {
    setBusy(true);
    const answer = await askJson('/api/class/join', joined, { code, group, asked });
    setBusy(false);
    if (!answer.ok) {
      setProblem(answer.message);
      // Where nobody answered it goes on asking.
      if (answer.status !== null) setWaiting(null);
      return;
    }
    setProblem(null);
    setWaiting(answer.value.waiting);
    if (answer.value.seated) router.push('/group');
    else setFound(answer.value);
  };
  useEffect(() => {
    if (waiting === null || busy) return;
    const again = setTimeout(() => void ask(waiting.group, waiting.id), ASK_AGAIN_MS);
    return () => clearTimeout(again);
  });
  return (
    <InertUntilHydrated as="main" className={`${styles.sheet} ${styles.narrow}`}>
      {left ? <EarlierClasses seat={null} /> : null}
      <div className={`${styles.card} ${styles.stack}`}>
        <h1 className={styles.h1}>{found === null ? 'Join your class' : found.title}</h1>
        {found === null ? (
          <form
            className={styles.stack}
            onSubmit={(event) => {
              event.preventDefault();
              void ask(null);
            }}
          >
            <Field
              label="Code of the class"
              value={code}
              autoFocus
              autoComplete="off"
              autoCapitalize="characters"
              maxLength={8}
              style={{ fontSize: '1.6rem', letterSpacing: 4 }}
              onChange={(event) => setCode(event.target.value.toUpperCase())}
              helper="Six letters or digits; your teacher shows it."
            />
            <Button type="submit" look="filled" size="large" disabled={busy || code.trim() === ''}>
              Go on
            </Button>
          </form>
        ) : waiting !== null ? (
          <>
            <p className={styles.text} role="status">
              Group {waiting.group} is in use on another device. Your teacher can let this one in
              too: tell the number
            </p>
            <p style={{ fontSize: '3rem', fontWeight: 700, margin: 0 }} data-testid="own-number">
              {waiting.number}
            </p>
            <Button onClick={() => setWaiting(null)}>Another group</Button>
          </>
        ) : (
          <>
            <p className={styles.text}>Which group are you?</p>
            <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 8 }}>
              {found.groups.map((group) => (
                <Button
                  key={group}
                  look="outlined"
                  size="large"
                  disabled={busy}
                  onClick={() => void ask(group)}
                >
                  {group}
                </Button>
              ))}
            </div>
            <Button onClick={() => setFound(null)}>Another code</Button>
          </>
        )}
        {problem === null ? null : <Notice severity="error">{problem}</Notice>}
        <p className={`${styles.caption} ${styles.soft}`}>
          Nobody is asked for a name. Everything stays in this room’s network.
        </p>
      </div>
    </InertUntilHydrated>
  );
}
