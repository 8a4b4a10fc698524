import { RunStation } from '@/features/plan/stations/run/RunStation';

export default function RunPage() {
  return <RunStation />;
}
