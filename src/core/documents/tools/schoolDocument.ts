import { isRecord } from '../../formats/json';
import { EMPTY_SCHOOL, schoolSchema, type SchoolState } from '../../records/school/schoolSchema';
import { toolDocument } from './toolDocument';

export const SCHOOL_DOCUMENT = toolDocument<SchoolState>(
  'school figures',
  schoolSchema,
  EMPTY_SCHOOL,
  {
    version: 2,
    // 1 → 2: promises are held against what was lit.
    migrations: {
      1: ({ state, ...document }) => ({
        ...document,
        state: isRecord(state) ? { ...state, scores: [] } : state,
      }),
    },
  },
);
