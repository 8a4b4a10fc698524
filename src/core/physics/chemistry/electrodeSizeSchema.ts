import { z } from 'zod';
import { ELECTRODE_SHAPES } from './electrodeSize';

/** Most electrode pairs in one body. */
export const MAX_PAIRS = 10;
/** Longest length of a cell's parts. */
export const MAX_MILLIMETRES = 500;

const millimetres = z
  .number('Give a length in millimetres.')
  .positive('The length must be greater than zero.')
  .max(MAX_MILLIMETRES, `The length must be at most ${MAX_MILLIMETRES} mm.`);

export const electrodeSizeSchema = z.strictObject({
  shape: z.enum(ELECTRODE_SHAPES, 'Choose one of the shapes.'),
  widthMillimetres: millimetres,
  depthMillimetres: millimetres,
  gapMillimetres: millimetres,
  pairs: z
    .number('Give a whole number.')
    .int('Give a whole number.')
    .min(1, 'There must be at least one.')
    .max(MAX_PAIRS, `There can be at most ${MAX_PAIRS}.`),
});
