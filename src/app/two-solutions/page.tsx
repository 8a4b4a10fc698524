import type { Metadata } from 'next';
import { Suspense } from 'react';
import { TwoSolutionsPage } from '@/features/twoSolutions/TwoSolutionsPage';

export const metadata: Metadata = { title: 'Two solutions' };

export default function Page() {
  // The state stands in the address, which is known in the browser only.
  return (
    <Suspense>
      <TwoSolutionsPage />
    </Suspense>
  );
}
