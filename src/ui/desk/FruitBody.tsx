import { type BodyId, shippedBody } from '@/core/physics/recipes/bodies';
import { fruitShapes } from '@/core/physics/desk/drawing/fruitShapes';
import { Shapes } from './Shapes';

/** A whole fruit without its metals, centred on the origin, about 60 wide. */
export function FruitBody({ id }: { id: BodyId }) {
  const { drawing } = shippedBody(id);
  const colours = typeof drawing === 'object' ? drawing : null;
  return <Shapes shapes={fruitShapes(colours, 'whole')} prefix="" />;
}
