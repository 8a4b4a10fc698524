import { ReadyStation } from '@/features/plan/stations/ready/ReadyStation';

export default function ReadyPage() {
  return <ReadyStation />;
}
