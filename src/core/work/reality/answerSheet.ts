import type { PrintedSheet } from '../preparation/sheets/sheet';
import { cautionsOf } from '../../physics/safety/cautions';
import type { WorkedSolution } from './workedSolution';

/** A worked answer on paper: the question, every line of the sum, what it means. */
export function answerSheetOf(answer: WorkedSolution): PrintedSheet {
  const { question, headline, lines, remarks, origin, cautions } = answer;
  return {
    title: question,
    subtitle: headline,
    blocks: [
      ...(lines.length === 0
        ? []
        : [
            {
              kind: 'table' as const,
              header: ['what', 'the sum', 'result'],
              rows: lines.map(({ what, sum, result }) => [what, sum, result]),
              widths: [0.27, 0.48, 0.25],
            },
          ]),
      ...remarks.map((text) => ({ kind: 'text' as const, text })),
      ...cautionsOf(cautions).map(({ text }) => ({ kind: 'caution' as const, text })),
      { kind: 'text', text: origin },
    ],
  };
}
