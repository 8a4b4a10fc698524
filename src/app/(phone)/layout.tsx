import type { ReactNode } from 'react';
import { PlainBody } from '@/ui/plain/PlainBody';

/** Pages for pupils’ phones: without the theme’s library, so that thirty of them open quickly over one access point. */
export default function PhoneLayout({ children }: { children: ReactNode }) {
  return <PlainBody>{children}</PlainBody>;
}
