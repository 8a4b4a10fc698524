import {
  cupboardSchema,
  EMPTY_CUPBOARD,
  type CupboardState,
} from '../../records/cupboard/cupboardSchema';
import { toolDocument } from './toolDocument';

export const CUPBOARD_DOCUMENT = toolDocument<CupboardState>(
  'cupboard',
  cupboardSchema,
  EMPTY_CUPBOARD,
);
