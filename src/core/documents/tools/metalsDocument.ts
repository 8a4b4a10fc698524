import { metalPairSchema, type MetalPairQuestion } from '../../physics/cell/metalPair';
import { toolDocument } from './toolDocument';

export const METALS_DOCUMENT = toolDocument<MetalPairQuestion>('pair of metals', metalPairSchema, {
  first: 'copper',
  second: 'zinc',
  medium: 'fruit',
  wording: 'school',
});
