import type { Metadata } from 'next';
import { connection } from 'next/server';
import { gatewayAddress } from '@/server/lanGateway/gatewayKeeper';
import { DrillPage } from '@/features/drill/DrillPage';

export const metadata: Metadata = { title: 'Fault drill' };

export default async function Page() {
  // The address names the drill, so there is nothing to prepare at build.
  await connection();
  return <DrillPage classAddress={gatewayAddress()} />;
}
