import { LEVEL_ONCE_READ, LEVEL_UNREAD } from '@/core/physics/readings/cellBelief';
import { isLedLoad } from '@/core/physics/circuit/load/load';
import type * as z from 'zod/mini';
import { diagnoseRequestSchema } from '@/cli/requests';
import { USUAL_CLASS_METER } from '@/core/physics/instruments/classMeter';
import { nameOfTarget, requirementOf } from '@/core/records/plan/loadRequirement';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import type { Issue, Result } from '@/core/result';
import { succeed } from '@/core/result';
import { wordsOfCause, type BatteryWords } from '@/core/work/diagnosis/causeWords';
import { isOfLead, type CauseKind } from '@/core/work/diagnosis/causes';
import type { Cause } from '@/core/work/diagnosis/diagnose';
import { findFaults } from '@/core/work/diagnosis/findFaults';
import { belongsToBattery } from '@/core/work/diagnosis/nominalBattery';
import { judgementOf } from '@/core/work/diagnosis/judgement';
import { runsFromAmps, type NominalBattery } from '@/core/work/diagnosis/nominalBattery';
import { benchFacts } from '@/core/work/guide/benchFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { commandOf } from '../command';

type Request = z.output<typeof diagnoseRequestSchema>;

/** What is meant to stand there, and what its parts are called. */
interface Meant {
  readonly nominal: NominalBattery;
  readonly words: BatteryWords;
}

export const diagnoseCommand = commandOf(
  'what is wrong with a battery, from what was read of it, and what to measure next',
  diagnoseRequestSchema,
  (request) => {
    const meant = meantBy(request);
    if (!meant.ok) return { status: 'bad-input', faults: meant.issues };
    const { nominal, words } = meant.value;
    const faults = request.readings.flatMap(({ measurement }, index): Issue[] =>
      belongsToBattery(nominal, measurement)
        ? []
        : [
            {
              code: 'no-such-place',
              path: ['readings', index, 'measurement'],
              message: 'The battery has no such place.',
            },
          ],
    );
    if (faults.length > 0) return { status: 'bad-input', faults };
    const { readings } = request;
    const diagnosis = findFaults(nominal, readings);
    if (diagnosis === null) throw new Error('readings of places that are there can be judged');
    return {
      status: 'solved',
      output: {
        status: 'judged',
        headline: judgementOf(diagnosis, words, readings).headline,
        causes: diagnosis.causes
          .filter(({ chance }, index) => index === 0 || chance >= LEAST_CHANCE)
          .map((cause) => ({
            ...placeOf(cause, nominal),
            probability: cause.chance,
            remedy: wordsOfCause(cause, words, readings).remedy,
          })),
        next: diagnosis.next.map(({ measurement, bits }) => ({
          measurement,
          informationBits: bits,
        })),
      },
    };
  },
);

/** Kinds that are told by what they lie between, or by how many cells they span. */
const PRINTED_KINDS: Partial<Record<CauseKind, CauseKind>> = {
  'load-off': 'open',
  'load-poor': 'poor-contact',
  'bridged-two': 'bridged',
};

/** What is wrong and where: a cell, or a lead by the two things that it joins. */
function placeOf({ kind, hypothesis }: Cause, { strings }: NominalBattery): object {
  const string = hypothesis?.string ?? null;
  const cell = hypothesis?.cell ?? null;
  const printed = PRINTED_KINDS[kind] ?? kind;
  if (kind === 'load-off' || kind === 'load-poor') {
    const only = strings.length === 1 ? 1 : null;
    return { kind: printed, string: only, between: [strings[0]?.length ?? 0, 'load'] };
  }
  if (hypothesis === null || string === null || cell === null) return { kind, string, cell };
  if (isOfLead(hypothesis) && hypothesis.changes[0]?.inner === null) {
    const isLast = cell === strings[string - 1]?.length;
    return { kind, string, between: [cell, isLast ? 'load' : cell + 1] };
  }
  return { kind: printed, string, cell };
}

/** Causes below this are not printed. */
const LEAST_CHANCE = 0.001;

function meantBy({ plan, battery }: Request): Result<Meant> {
  if (battery === undefined) {
    const found = PLAN_DOCUMENT.parse(plan);
    if (!found.ok) {
      const under = found.issues.map((one) => ({ ...one, path: ['plan', ...one.path] }));
      return { ok: false, issues: under };
    }
    const { nominal, words } = benchFacts(found.value, evaluatePlan(found.value));
    return succeed({ nominal, words });
  }
  const { cell, cellsInSeries, strings, stands, measured } = battery;
  const need = requirementOf(battery.load);
  const { load } = need;
  return succeed({
    nominal: {
      strings: Array.from({ length: strings }, () =>
        Array.from({ length: cellsInSeries }, () => ({ cell, faults: [], body: null })),
      ),
      load,
      runsFromAmps: runsFromAmps(need),
      level: measured ? LEVEL_ONCE_READ : LEVEL_UNREAD,
      pile: stands === 'pile',
      bodies: stands === 'bodies',
      meter: USUAL_CLASS_METER,
      isPolarised: isLedLoad(load),
    },
    words: {
      body: stands === 'pile' ? 'cell' : 'body',
      plus: '+ metal',
      minus: '− metal',
      device: nameOfTarget(battery.load),
      strings,
      places: Array.from({ length: strings }, () => cellsInSeries),
      pile: stands === 'pile',
    },
  });
}
