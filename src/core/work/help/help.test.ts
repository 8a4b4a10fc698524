import { demoPlan } from '../../../cli/demoPlans';
import {
  explainChance,
  explainOpenVolts,
  explainOperatingPoint,
  explainResistance,
} from '../words/explain';
import { evaluatePlan } from '../judging/evaluatePlan';
import { answerOf } from '../reality/question';
import { CLAIM_IDS } from '../reality/claims';
import { EMPTY_CUPBOARD } from '../../records/cupboard/cupboardSchema';
import { DEFAULT_REASONS } from './defaults';
import { GLOSSARY } from './glossary';
import { sourceHref, SOURCE_IDS } from '../../sourceIds';
import { SOURCES } from './sources';

const values = (id: keyof typeof SOURCES): Map<string, string> =>
  new Map(SOURCES[id].values.map(({ what, value }) => [what, value]));

test('every source says where it is from, and gives its figures', () => {
  for (const id of SOURCE_IDS) {
    expect(SOURCES[id].source.length).toBeGreaterThan(15);
    expect(SOURCES[id].values.length).toBeGreaterThan(1);
    for (const { what, value } of SOURCES[id].values) {
      expect(`${what} ${value}`).not.toMatch(/undefined|NaN/);
    }
  }
});

test('the figures shown are those of the tables (CODATA 2018; CRC Electrochemical Series; Faraday)', () => {
  expect(values('constants').get('Faraday constant')).toBe('96485.33212 C/mol');
  expect(values('potentials').get('Zn2+/Zn')).toBe('-0.7618 V');
  expect(values('potentials').get('Cu2+/Cu')).toBe('0.3419 V');
  expect(values('metal').get('a gram of Zn')).toBe('819.9 mAh');
  expect(values('metal').get('a gram of Mg')).toBe('2205 mAh');
  expect(values('conductivity').get('NaCl, 10 %')).toBe('126 mS/cm');
});

test('every explained figure leads to its sources', () => {
  for (const id of ['demo-lamp', 'demo-fog-bell', 'demo-tide-clock']) {
    const evaluation = evaluatePlan(demoPlan(id));
    for (const explain of [
      explainOpenVolts,
      explainResistance,
      explainOperatingPoint,
      explainChance,
    ]) {
      const { sources } = explain(evaluation);
      expect(sources.length).toBeGreaterThan(0);
      for (const one of sources) expect(SOURCE_IDS).toContain(one);
    }
    for (const claim of CLAIM_IDS) {
      const { sources } = answerOf({ kind: 'claim', id: claim }, evaluation.cell, EMPTY_CUPBOARD);
      expect(sources.length).toBeGreaterThan(0);
    }
  }
  expect(sourceHref('films')).toBe('/help?part=sources#films');
});

test('words stand in the order of the alphabet, none twice; every reason names both schools', () => {
  const words = GLOSSARY.map(({ word }) => word);
  expect(new Set(words).size).toBe(words.length);
  expect([...words].sort((a, b) => a.localeCompare(b, 'en'))).toEqual(words);
  for (const { some, others, grozer } of DEFAULT_REASONS) {
    expect(some).not.toBe(others);
    expect(grozer.length).toBeGreaterThan(20);
  }
});
