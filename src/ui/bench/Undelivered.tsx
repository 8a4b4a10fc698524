'use client';

import { useMemo, useState } from 'react';
import { entryText } from '@/core/records/logbook/entryText';
import { Button } from '../plain/Button';
import { Notice } from '../plain/Notice';
import styles from '../plain/plain.module.css';
import { useListening } from '../plain/useListening';
import { useLog } from './LogProvider';
import type { Undelivered as Line } from './logStore';
import type { Seat } from './queueKeys';
import { leftoversBeside, type Leftovers } from './queues';

/** What this page typed and the server will not take: it stays here with the reason. */
export function Undelivered() {
  const { undelivered, tryAgain, dismiss } = useLog();
  return (
    <NotTaken lines={undelivered} onRemove={dismiss}>
      <Button size="compact" onClick={tryAgain}>
        Try again
      </Button>
    </NotTaken>
  );
}

const NONE: Leftovers = { keys: [], undelivered: [] };

/** What classes before this one left on the phone: they can't be sent any more, but are not hidden either. */
export function EarlierClasses({ seat }: { readonly seat: Seat | null }) {
  const [removed, setRemoved] = useState(false);
  // Only the browser knows what it keeps: nothing of it stands in the page that the server drew.
  const listening = useListening();
  const left = useMemo(
    () => (listening && !removed ? leftoversBeside(window.localStorage, seat) : NONE),
    [listening, removed, seat],
  );
  const remove = (): void => {
    for (const key of left.keys) window.localStorage.removeItem(key);
    setRemoved(true);
  };
  return <NotTaken lines={left.undelivered} onRemove={remove} />;
}

function NotTaken(props: {
  readonly lines: readonly Line[];
  readonly onRemove: () => void;
  readonly children?: React.ReactNode;
}) {
  const { lines, onRemove, children } = props;
  if (lines.length === 0) return null;
  return (
    <Notice severity="error" data-testid="undelivered">
      <strong>Not in the log, kept on this device only:</strong>
      <ul className={styles.text} style={{ margin: '4px 0', paddingLeft: 20 }}>
        {lines.map(({ request: { entryId, revision, group, entry }, reason }) => (
          <li key={`${entryId} ${revision}`}>
            {group}, {entryText(entry)}. {reason}
          </li>
        ))}
      </ul>
      <div className={styles.row}>
        {children}
        <Button size="compact" onClick={onRemove}>
          Remove from this device
        </Button>
      </div>
    </Notice>
  );
}
