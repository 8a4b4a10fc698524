import { NextResponse } from 'next/server';
import type { AppendedLog } from '@/server/bench/appendToLog';
import { documentMissing } from './kindOf';

/** What a page is told about lines that it sent. */
export function answerOfLog(appended: AppendedLog): NextResponse {
  switch (appended.status) {
    case 'logged':
      return NextResponse.json({ lines: appended.lines }, { status: 201 });
    case 'no-plan':
      return documentMissing('plans');
    case 'conflict':
      return NextResponse.json(
        {
          message: 'Somebody changed this entry in between; it stands as it is.',
          faults: [],
          line: appended.line,
        },
        { status: 409 },
      );
  }
}
