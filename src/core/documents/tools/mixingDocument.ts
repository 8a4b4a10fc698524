import { mixingRequestSchema, type MixingRequest } from '../../physics/chemistry/mixingBench';
import { toolDocument } from './toolDocument';

export const MIXING_DOCUMENT = toolDocument<MixingRequest>('mixing bench', mixingRequestSchema, {
  electrolyte: 'brine',
  cells: 24,
  millilitres: 10,
  strength: 1,
});
