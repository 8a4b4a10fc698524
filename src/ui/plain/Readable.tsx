import type { ReactNode } from 'react';

/** A picture of so many pixels at least: on a phone it is moved under the finger rather than made illegible. */
export function Readable({ least, children }: { least: number; children: ReactNode }) {
  return (
    <div style={{ overflowX: 'auto' }}>
      <div style={{ minWidth: least }}>{children}</div>
    </div>
  );
}
