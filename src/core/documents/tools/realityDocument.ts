import { realityBenchSchema, USUAL_REALITY, type RealityBench } from '../../work/reality/question';
import { toolDocument } from './toolDocument';

export const REALITY_DOCUMENT = toolDocument<RealityBench>(
  'reality check',
  realityBenchSchema,
  USUAL_REALITY,
);
