import { ArrangeStation } from '@/features/plan/stations/arrange/ArrangeStation';

export default function ArrangePage() {
  return <ArrangeStation />;
}
