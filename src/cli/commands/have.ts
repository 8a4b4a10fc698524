import { haveRequestSchema } from '@/cli/requests';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { litHeadline, litWiring, moreWords, onlyLedWords } from '@/core/work/words/litWords';
import { whatCanBeLit } from '@/core/work/search/whatCanBeLit';
import { commandOf } from '../command';

export const haveCommand = commandOf(
  'what can be lit or run with parts that are there, best first',
  haveRequestSchema,
  ({ parts, minutes, objective }) => {
    const { things, more, withLed } = whatCanBeLit({
      have: parts,
      minutes,
      running: USUAL_RUNNING,
      objective,
    });
    return {
      status: things.length > 0 ? 'solved' : 'no-solution',
      output: {
        status: things.length > 0 ? 'solved' : 'impossible',
        things: things.map((thing) => {
          const { target, option, candidate, uses, leftOver } = thing;
          const { cellsInSeries, strings, pairsPerBody, amps, atEnd, chance } = candidate;
          return {
            headline: litHeadline(thing),
            wiring: litWiring(thing),
            target,
            ...option,
            minutes: thing.minutes,
            cellsInSeries,
            strings,
            pairsPerBody,
            amps,
            ampsAtEnd: atEnd.amps,
            chance,
            recommended: candidate.recommended,
            seriesResistorOhms: candidate.seriesResistorOhms,
            uses,
            leftOver,
          };
        }),
        more: more.map((one) => ({ ...one, words: moreWords(one) })),
        onlyMissing: withLed === null ? null : { part: 'led-red', words: onlyLedWords(withLed) },
      },
    };
  },
);
