import { z } from 'zod';
import { ELECTRODE_SHAPES } from './electrodeSize';

/** Most electrode pairs in one body. */
export const MOST_PAIRS = 10;
/** Longest length of a cell's parts. */
export const MOST_MILLIMETRES = 500;

const millimetres = z
  .number('Give a length in millimetres.')
  .positive('The length must be greater than zero.')
  .max(MOST_MILLIMETRES, `The length must be at most ${MOST_MILLIMETRES} mm.`);

export const electrodeSizeSchema = z.strictObject({
  shape: z.enum(ELECTRODE_SHAPES, 'Choose one of the shapes.'),
  widthMillimetres: millimetres,
  depthMillimetres: millimetres,
  gapMillimetres: millimetres,
  pairs: z
    .number('Give a whole number.')
    .int('Give a whole number.')
    .min(1, 'There must be at least one.')
    .max(MOST_PAIRS, `There can be at most ${MOST_PAIRS}.`),
});
