import { twoSolutionsSchema, type TwoSolutions } from '../../physics/cell/twoSolutions';
import { toolDocument } from './toolDocument';

export const TWO_SOLUTIONS_DOCUMENT = toolDocument<TwoSolutions>(
  'pair of vessels',
  twoSolutionsSchema,
  {
    cell: 'copper-copper',
    right: 0.5,
    left: 0.05,
    celsius: 25,
    bridge: 'bridge',
    activity: 'ideal',
  },
);
