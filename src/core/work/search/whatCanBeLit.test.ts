import { PLAN_DOCUMENT } from '../../records/plan/planDocument';
import { newPlan } from '../../records/plan/newPlan';
import { requirementOf } from '../../records/plan/loadRequirement';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { missingParts } from '../parts/partStock';
import { evaluatePlan, reaches } from '../judging/evaluatePlan';
import {
  litFigures,
  litHeadline,
  litTitle,
  litWiring,
  moreWords,
  usesWords,
} from '../words/litWords';
import { RECIPES } from '../../physics/recipes/recipes';
import type { PartCounts } from '../../records/plan/haveSchema';
import type { Plan } from '../../records/plan/planSchema';
import { planOfThing } from './planOfThing';
import { verdictOf } from '../judging/verdict';
import { whatCanBeLit } from './whatCanBeLit';

/** Nine potatoes, six nails, ten copper strips, eight leads, two LEDs and a clock. */
const HAVE = {
  potato: 9,
  'galvanised-nail': 6,
  'copper-strip': 10,
  'clip-lead': 8,
  'led-red': 3,
  'led-blue': 1,
  'lcd-clock': 1,
} as const;
const question = { have: HAVE, minutes: 10, running: USUAL_RUNNING };
const { things, more } = whatCanBeLit(question);

test('everything that is offered can be made of the parts, and reaches what it says to the end', () => {
  expect(things.length).toBeGreaterThan(2);
  for (const { target, candidate, minutes, uses } of things) {
    expect(missingParts(uses, HAVE)).toEqual([]);
    expect(minutes).toBeGreaterThanOrEqual(10);
    expect(reaches(candidate.atEnd.amps, requirementOf(target))).toBe(true);
  }
});

test('each becomes a plan that says the same, in the same words as the verdict', () => {
  for (const thing of things) {
    const plan = planOfThing(newPlan(litTitle(thing)), thing, HAVE);
    expect(PLAN_DOCUMENT.parse(JSON.parse(PLAN_DOCUMENT.text(plan))).ok).toBe(true);
    const evaluation = evaluatePlan(plan);
    expect(evaluation.missing).toEqual([]);
    expect(evaluation.amps / thing.candidate.amps).toBeCloseTo(1, 6);
    expect(evaluation.atEnd.amps / thing.candidate.atEnd.amps).toBeCloseTo(1, 6);
    expect(verdictOf(evaluation).tone).toBe(thing.candidate.recommended ? 'fine' : 'marginal');
  }
});

test('its plan is one battery for one group, of the metals and pieces that were found', () => {
  const base = newPlan('Base');
  const lesson = { ...base.lesson, groups: 5, meters: 3, joinCode: 'ABC234' };
  const [thing] = things;
  if (thing === undefined) throw new Error('nothing can be lit');
  const { option, candidate, minutes, target } = thing;
  const made = (pairsPerBody: number, have: PartCounts): Plan =>
    planOfThing({ ...base, lesson }, { ...thing, candidate: { ...candidate, pairsPerBody } }, have);
  expect(made(1, HAVE)).toMatchObject({
    target,
    minutes,
    have: HAVE,
    seriesResistor: { kind: 'as-needed' },
    arrangement: {
      kind: 'own',
      cellsInSeries: candidate.cellsInSeries,
      strings: candidate.strings,
    },
    cell: { recipe: option.recipe, body: option.body, piece: option.piece, size: null },
    lesson: { groups: 1, meters: 3, joinCode: null, pupils: base.lesson.pupils },
  });
  expect(made(3, HAVE).cell.size).toEqual({ ...RECIPES[option.recipe].usualSize, pairs: 3 });
  expect(made(1, { ...HAVE, meter: 2 }).lesson.meters).toBe(2);
  expect(made(1, { ...HAVE, meter: 0 }).lesson.meters).toBe(1);
});

test('brightest and longest first; each LED and device that is there, no other', () => {
  const words = things.map(litHeadline);
  expect(words[0]).toMatch(/^A red LED, dimly for/);
  expect(words.some((one) => one.startsWith('An LCD clock for'))).toBe(true);
  expect(words.some((one) => one.includes('blue LED'))).toBe(true);
  expect(words.join()).not.toMatch(/amber|white|buzzer/);
  const [best] = things;
  if (best === undefined) throw new Error('nothing can be lit');
  expect(litWiring(best)).toMatch(/^\d .*potatoes in series/);
  expect(usesWords(best)).toMatch(/copper strips, \d galvanised nails and \d clip leads/);
  expect(litFigures(best)).toMatch(/mA → .*mA · works in \d+ of 100 classes/);
});

test('what a few parts more would do is small and near, and true: with them it is there', () => {
  const near = {
    lemon: 8,
    'galvanised-nail': 8,
    'copper-strip': 8,
    'clip-lead': 9,
    'led-red': 1,
  } as const;
  const asked = { have: near, minutes: 10, running: USUAL_RUNNING };
  const hints = whatCanBeLit(asked).more;
  expect(hints.length).toBeGreaterThan(0);
  for (const { target, minutes, missing } of hints) {
    expect(missing.length).toBeGreaterThan(0);
    for (const { needed, there } of missing) expect(needed - there).toBeLessThanOrEqual(8);
    expect(moreWords({ target, minutes, missing })).toMatch(/^With \d+ more /);
    const enough = Object.fromEntries(missing.map(({ part, needed }) => [part, needed]));
    const found = whatCanBeLit({ ...asked, have: { ...near, ...enough }, minutes });
    expect(found.things.map((thing) => thing.target)).toContainEqual(target);
  }
  // What would take a hundred nails is no hint.
  expect(more).toEqual([]);
});

test('one lead too few: a shorter string or nothing, never a promise that cannot be wired', () => {
  const few = whatCanBeLit({ ...question, have: { ...HAVE, 'clip-lead': 4 } });
  for (const { candidate } of few.things) {
    expect(candidate.strings * (candidate.cellsInSeries + 1)).toBeLessThanOrEqual(4);
  }
  const none = whatCanBeLit({ ...question, have: { potato: 9, 'led-red': 1 } });
  expect(none.things).toEqual([]);
});

test('a plan never stays fine with eight pairs where six exist', () => {
  const plan = {
    ...newPlan('Eight'),
    cell: { ...newPlan('x').cell, recipe: 'root-vegetable' as const, body: 'potato' },
    target: { kind: 'led' as const, colour: 'red' as const, brightness: 'glimmer' as const },
    arrangement: { kind: 'own' as const, cellsInSeries: 8, strings: 1 },
    lesson: { ...newPlan('x').lesson, groups: 1 },
  };
  expect(verdictOf(evaluatePlan(plan)).tone).toBe('fine');
  const limited = { ...plan, have: { ...HAVE, 'clip-lead': 20 } };
  const verdict = verdictOf(evaluatePlan(limited));
  expect(verdict.tone).toBe('wrong');
  expect(verdict.headline).toMatch(/but 2 galvanised nails are missing$/);
  // For two groups twice as much is needed.
  const two = evaluatePlan({ ...limited, lesson: { ...limited.lesson, groups: 2 } });
  expect(two.missing.find(({ part }) => part === 'galvanised-nail')).toMatchObject({ needed: 16 });
  // Above 30 V an adult builds one, however many groups there are.
  const high = evaluatePlan({
    ...limited,
    arrangement: { kind: 'own', cellsInSeries: 40, strings: 1 },
    lesson: { ...limited.lesson, groups: 6 },
  });
  expect(high.missing.find(({ part }) => part === 'galvanised-nail')).toMatchObject({ needed: 40 });
  // Left to the planner, the wiring keeps to what there is.
  const planned = evaluatePlan({ ...limited, arrangement: { kind: 'suggested' as const } });
  expect(planned.missing).toEqual([]);
});

test('what a few parts more would do is told once, and not of what is there', () => {
  const parts = { lemon: 12, 'galvanised-nail': 12, 'copper-strip': 12, 'clip-lead': 12 };
  const FEW_NAILS = { lemon: 3, 'galvanised-nail': 3, 'copper-strip': 3, 'clip-lead': 5 };
  const clock = whatCanBeLit({ ...question, have: { ...parts, 'lcd-clock': 1 } });
  expect(clock.things.map(litHeadline).join()).toContain('An LCD clock');
  expect(clock.more).toEqual([]);
  // The clock runs already; what a white LED lacks is told.
  const both = whatCanBeLit({
    ...question,
    have: { ...FEW_NAILS, 'lcd-clock': 1, 'led-white': 1 },
  });
  expect(both.things.every(({ target }) => target.kind === 'device')).toBe(true);
  expect(both.more.length).toBeGreaterThan(0);
  for (const { target } of both.more) expect(target).toMatchObject({ colour: 'white' });
  // Lemons whole, in halves and in quarters all lack the same.
  const bare = whatCanBeLit({ ...question, have: { ...parts, 'clip-lead': 2, 'led-red': 1 } });
  const told = bare.more.map(moreWords);
  expect(told.length).toBeGreaterThan(0);
  expect(new Set(told).size).toBe(told.length);
});

test('nothing is offered for less time than is wanted, nor what nobody would see; what stays is counted', () => {
  const asked = whatCanBeLit({ ...question, minutes: 60, have: { ...HAVE, 'led-infrared': 1 } });
  expect(asked.things.length).toBeGreaterThan(0);
  for (const { minutes, target, uses, leftOver } of asked.things) {
    expect([60, 240, 2880]).toContain(minutes);
    expect(JSON.stringify(target)).not.toContain('infrared');
    for (const { part, amount } of leftOver) {
      const used = uses.find((line) => line.part === part)?.amount ?? 0;
      expect(amount).toBe((HAVE as Partial<Record<string, number>>)[part]! - used);
    }
    expect(leftOver.some(({ part }) => part === 'potato')).toBe(true);
  }
});

test('where an LED is all that lacks, a red one is named, with what it would do', () => {
  const parts = { potato: 9, 'galvanised-nail': 6, 'copper-strip': 10, 'clip-lead': 8 };
  const { things: none, withLed } = whatCanBeLit({ ...question, have: parts });
  expect(none).toEqual([]);
  const lit = whatCanBeLit({ ...question, have: { ...parts, 'led-red': 1 } });
  expect(withLed).toEqual(lit.things[0]);
  expect(withLed?.target).toMatchObject({ kind: 'led', colour: 'red' });
  expect(lit.withLed).toBeNull();
  // Nothing to build a cell of: no LED helps.
  expect(whatCanBeLit({ ...question, have: { 'clip-lead': 8 } }).withLed).toBeNull();
});
