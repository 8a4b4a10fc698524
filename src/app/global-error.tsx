'use client';

interface BrokenProps {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}

/** The frame of all pages broke, the theme with it: plain words without any of our own pieces. */
export default function Broken({ error, reset }: BrokenProps) {
  return (
    <html lang="en-GB">
      <body
        style={{ fontFamily: 'sans-serif', maxWidth: 560, margin: '4rem auto', padding: '0 1rem' }}
      >
        <h1>Grozer cannot show this page</h1>
        <p>{error.message === '' ? 'Something failed.' : `Something failed: ${error.message}`}</p>
        <p>What was saved is safe on this computer.</p>
        <button onClick={reset}>Try again</button>
      </body>
    </html>
  );
}
