import type { StringJudgement } from './judgeAnswer';
import { DRILL_FAULT_NAMES } from './levels';
import type { Drill, HiddenFault } from './makeDrill';

/** “cell 3 of string 2: dry” */
export function faultName(
  { level }: Pick<Drill, 'level'>,
  { string, cell, kind }: HiddenFault,
): string {
  const of = level.strings > 1 ? ` of string ${string}` : '';
  return `cell ${cell}${of}: ${DRILL_FAULT_NAMES[kind]}`;
}

/** What a judgement means to the learner. */
export function judgementWords(judgement: StringJudgement): string {
  switch (judgement) {
    case 'right':
      return 'right';
    case 'right-cell':
      return 'the right cell, but another fault';
    case 'right-kind':
      return 'the right fault, but at another cell';
    case 'wrong':
      return 'not so';
  }
}
