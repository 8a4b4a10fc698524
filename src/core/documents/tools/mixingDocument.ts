import { mixingRequestSchema, type MixingRequest } from '../../physics/recipes/mixingRequest';
import { toolDocument } from './toolDocument';

const START: MixingRequest = {
  electrolyte: 'brine',
  by: 'cells',
  cells: 24,
  millilitres: 10,
  groups: 6,
  groupMillilitres: 100,
  litres: 1,
  strength: 1,
};

/** Written out, so that it stays what version 2 had when later versions change. */
const ADDED_IN_VERSION_2 = { by: 'cells', groups: 6, groupMillilitres: 100, litres: 1 };

export const MIXING_DOCUMENT = toolDocument<MixingRequest>(
  'mixing bench',
  mixingRequestSchema,
  START,
  {
    version: 2,
    // 1 → 2: amounts by the group and in litres; before that they were by the cell.
    migrations: {
      1: ({ state, ...document }) => ({
        ...document,
        state:
          typeof state === 'object' && state !== null ? { ...ADDED_IN_VERSION_2, ...state } : state,
      }),
    },
  },
);
