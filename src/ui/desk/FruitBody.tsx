import { fruitShapes } from '@/core/physics/desk/drawing/fruitShapes';
import { Shapes } from './Shapes';

/** A whole fruit without its metals, centred on the origin, about 60 wide. */
export function FruitBody({ id }: { id: string }) {
  return <Shapes shapes={fruitShapes(id, 'whole')} prefix="" />;
}
