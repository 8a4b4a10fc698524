import { DOCUMENT_FORMATS } from '@/core/documents/documentKinds';
import { refused, type JsonAnswer } from '../jsonAnswer';
import type { AppendedLog } from './appendToLog';

/** What a page is told about lines that it sent. */
export function answerOfLog(appended: AppendedLog): JsonAnswer {
  switch (appended.status) {
    case 'logged':
      return { status: 201, body: { lines: appended.lines } };
    case 'no-plan':
      return refused(404, `This ${DOCUMENT_FORMATS.plans.noun} is not here any more.`);
    case 'foreign':
      return refused(403, 'A group writes in its own log only.');
    case 'conflict': {
      const { status, body } = refused(
        409,
        'Somebody changed this entry in between; it stands as it is.',
      );
      return { status, body: { ...body, line: appended.line } };
    }
  }
}
