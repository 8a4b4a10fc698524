import { ArrangeStation } from '@/features/plan/stations/ArrangeStation';

export default function ArrangePage() {
  return <ArrangeStation />;
}
