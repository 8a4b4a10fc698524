import { CellStation } from '@/features/plan/stations/CellStation';

export default function CellPage() {
  return <CellStation />;
}
