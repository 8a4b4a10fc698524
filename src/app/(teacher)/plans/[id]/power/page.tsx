import { PowerStation } from '@/features/plan/stations/power/PowerStation';

export default function PowerPage() {
  return <PowerStation />;
}
