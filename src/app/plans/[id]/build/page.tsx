import { BuildStation } from '@/features/plan/stations/BuildStation';

export default function BuildPage() {
  return <BuildStation />;
}
