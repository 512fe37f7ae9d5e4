import { describe, expect, test } from '@jest/globals';
import { uuid } from '@phylaxon/core/testing';
import type { StationItem } from '@phylaxon/core/views/inspection';
import { answerKey, isNoReading, restNormal, stationAnswers, THE_REST } from './answers.ts';

const [a, b] = [uuid(1), uuid(2)];
const ask = (item: StationItem['item'], asked: StationItem['asked']): StationItem => ({
  item,
  asked,
  known: [],
});

describe('answers of a station', () => {
  test('one tap answers for all breakers; an exception stays one', () => {
    const items = [ask('touch', [a, b])];
    const tapped = { [answerKey('touch', THE_REST)]: 'cool', [answerKey('touch', b)]: 'hot' };
    expect(stationAnswers(items, tapped).results).toEqual([
      { item: 'touch', breakerId: a, result: 'cool', volts: null },
      { item: 'touch', breakerId: b, result: 'hot', volts: null },
    ]);
  });

  test('what has no answer was not looked at; what is known already is neither', () => {
    const items = [ask('sound', [null]), ask('smell', []), ask('touch', [a, b])];
    const tapped = { [answerKey('touch', a)]: 'warm' };
    const { results, skipped } = stationAnswers(items, tapped);
    expect(results).toHaveLength(1);
    expect(skipped).toEqual(['sound']);
  });

  test('the rest is marked as normal, but never a reading', () => {
    const items = [ask('sound', [null]), ask('outlet-voltage', [a]), ask('outlet-wiring', [a])];
    expect(restNormal(items, {})).toEqual([
      [answerKey('sound', null), 'quiet'],
      [answerKey('outlet-wiring', THE_REST), 'correct'],
    ]);
  });

  test.each([
    ['120.4', 120.4],
    ['', null],
    ['a lot', null],
    ['-3', null],
    ['1001', null],
  ])('“%s” is read as %s V', (typed, volts) => {
    const { results } = stationAnswers([ask('outlet-voltage', [a])], {
      [answerKey('outlet-voltage', a)]: typed,
    });
    expect(results[0]?.volts ?? null).toBe(volts);
    expect(isNoReading(typed)).toBe(typed !== '' && volts === null);
  });
});
