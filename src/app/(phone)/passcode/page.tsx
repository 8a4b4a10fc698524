import type { Metadata } from 'next';
import { PasscodePage } from '@/features/group/PasscodePage';

export const metadata: Metadata = { title: 'Passcode' };

export default function Passcode() {
  return <PasscodePage />;
}
