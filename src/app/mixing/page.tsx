import type { Metadata } from 'next';
import { Suspense } from 'react';
import { MixingBench } from '@/features/mixing/MixingBench';

export const metadata: Metadata = { title: 'Mixing bench' };

export default function MixingPage() {
  // What to mix stands in the address, which is known in the browser only.
  return (
    <Suspense>
      <MixingBench />
    </Suspense>
  );
}
