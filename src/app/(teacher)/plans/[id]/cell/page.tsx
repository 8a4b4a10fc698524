import { CellStation } from '@/features/plan/stations/cell/CellStation';

export default function CellPage() {
  return <CellStation />;
}
