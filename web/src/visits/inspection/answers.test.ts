import { describe, expect, test } from '@jest/globals';
import { uuid } from '@phylaxon/core/testing';
import type { StationItem } from '@phylaxon/core/views/inspection';
import {
  answerKey,
  isNoReading,
  isUnfinished,
  NOT_CHOSEN,
  restNormal,
  stationAnswers,
  stopAt,
  THE_REST,
} from './answers.ts';

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

  test('a breaker with a finding that is not chosen yet is never taken for normal, and holds the station up', () => {
    const items = [ask('touch', [a, b])];
    const tapped = { [answerKey('touch', THE_REST)]: 'cool', [answerKey('touch', b)]: NOT_CHOSEN };
    expect(stationAnswers(items, tapped).results.map(({ breakerId }) => breakerId)).toEqual([a]);
    expect(isUnfinished(items, tapped)).toBe(true);
    expect(isUnfinished(items, { ...tapped, [answerKey('touch', b)]: 'warm' })).toBe(false);
  });

  test('a hazard of the whole panel stops at its item', () => {
    const items = [ask('moisture', [null]), ask('sound', [null]), ask('touch', [a, b])];
    expect(stopAt(items, { [answerKey('moisture', null)]: 'damp' })).toBe(-1);
    expect(stopAt(items, { [answerKey('sound', null)]: 'sizzle' })).toBe(1);
    expect(stopAt(items, { [answerKey('touch', b)]: 'hot' })).toBe(2);
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
