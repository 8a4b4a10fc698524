import * as z from 'zod/mini';
import { ELECTRODE_SHAPES } from './scaleCell';

/** Most electrode pairs in one body. */
export const MAX_PAIRS = 10;
/** Longest length of a cell's parts. */
export const MAX_MILLIMETRES = 500;

/** What a person can cut and hold; what keeps two metals apart may be as thin as paper. */
const LEAST_METAL_MILLIMETRES = 0.5;
const LEAST_GAP_MILLIMETRES = 0.05;
/** A flash of zinc. */
const LEAST_COATING_MILLIMETRES = 0.001;

const millimetres = (least: number) =>
  z
    .number('Give a length in millimetres.')
    .check(
      z.minimum(least, `The length must be at least ${least} mm.`),
      z.maximum(MAX_MILLIMETRES, `The length must be at most ${MAX_MILLIMETRES} mm.`),
    );

const extra = z
  .number('Give a whole number.')
  .check(
    z.int('Give a whole number.'),
    z.minimum(0, 'Give 0 or more.'),
    z.maximum(MAX_PAIRS, `There can be at most ${MAX_PAIRS}.`),
  );

export const electrodeSizeSchema = z.strictObject({
  shape: z.enum(ELECTRODE_SHAPES, 'Choose one of the shapes.'),
  widthMillimetres: millimetres(LEAST_METAL_MILLIMETRES),
  depthMillimetres: millimetres(LEAST_METAL_MILLIMETRES),
  gapMillimetres: millimetres(LEAST_GAP_MILLIMETRES),
  metalMillimetres: millimetres(LEAST_COATING_MILLIMETRES).check(
    z.describe(
      'How thick the − metal is that can dissolve: the coating of coated steel, all of what is solid.',
    ),
  ),
  pairs: z
    .number('Give a whole number.')
    .check(
      z.int('Give a whole number.'),
      z.minimum(1, 'There must be at least one.'),
      z.maximum(MAX_PAIRS, `There can be at most ${MAX_PAIRS}.`),
    ),
  extraPlus: extra.check(z.describe('+ electrodes in the same body beside the whole pairs.')),
  extraMinus: extra.check(z.describe('− electrodes in the same body beside the whole pairs.')),
});
