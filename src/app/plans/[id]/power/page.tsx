import { PowerStation } from '@/features/plan/stations/PowerStation';

export default function PowerPage() {
  return <PowerStation />;
}
