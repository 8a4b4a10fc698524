import { EMPTY_SCHOOL, schoolSchema, type SchoolState } from '../../records/school/schoolSchema';
import { toolDocument } from './toolDocument';

export const SCHOOL_DOCUMENT = toolDocument<SchoolState>(
  'school figures',
  schoolSchema,
  EMPTY_SCHOOL,
);
