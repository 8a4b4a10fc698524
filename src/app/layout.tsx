import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/fraunces';
import '@/ui/plain/otherEyes.css';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import type { ReactNode } from 'react';

export const metadata: Metadata = {
  title: { default: 'Grozer', template: '%s · Grozer' },
  description: 'Plans classroom demonstration batteries.',
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  // The scripts of a page carry the nonce of its own answer: no page is made before it is asked for.
  await connection();
  return (
    <html lang="en-GB" suppressHydrationWarning>
      <body style={{ margin: 0 }}>{children}</body>
    </html>
  );
}
