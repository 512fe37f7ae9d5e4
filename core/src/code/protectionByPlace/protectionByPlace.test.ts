import { describe, expect, test } from '@jest/globals';
import {
  EDITIONS,
  PLACE_RULES,
  protectionByPlace,
  SERVED,
  type Edition,
  type PlaceQuestion,
} from './index.ts';

const ask = (serves: string | string[], edition: Edition, change: Partial<PlaceQuestion> = {}) =>
  protectionByPlace({
    serves: typeof serves === 'string' ? [serves] : serves,
    edition,
    volts: 120,
    ratingAmps: 20,
    receptacles: true,
    isNew: true,
    ...change,
  });

type Row = [
  serves: string,
  edition: Edition,
  kind: string,
  clause: string | null,
  change?: Partial<PlaceQuestion>,
];

const ACROSS = { volts: 240, ratingAmps: 30 } as const;
const WIRED = { receptacles: false } as const;

/** Read from the three editions. */
const ROWS: Row[] = [
  ['bathroom', '2017', 'gfci', '210.8(A)(1)'],
  ['bathroom', '2023', 'gfci', '210.8(A)(1)'],
  ['kitchen', '2017', 'afci', '210.12(A)'],
  ['kitchen', '2020', 'afci', '210.12(A)'],
  ['kitchen', '2023', 'dual', '210.8(A)(6)'],
  ['kitchen-counter', '2017', 'dual', '210.8(A)(6)'],
  ['kitchen-counter', '2020', 'dual', '210.8(A)(6)'],
  ['kitchen-counter', '2023', 'dual', '210.12(B)'],
  ['near-sink', '2017', 'gfci', '210.8(A)(7)'],
  ['near-sink', '2023', 'gfci', '210.8(A)(8)'],
  ['near-tub', '2020', 'gfci', '210.8(A)(9)'],
  ['near-tub', '2023', 'gfci', '210.8(A)(10)'],
  ['laundry', '2017', 'dual', '210.8(A)(10)'],
  ['laundry', '2023', 'dual', '210.8(A)(11)'],
  ['laundry', '2020', 'gfci', '210.8(A)(10)', ACROSS],
  ['laundry', '2017', 'standard', null, ACROSS],
  ['pool', '2017', 'gfci', '680.21(C)', { ...ACROSS, ...WIRED }],
  ['pool', '2023', 'gfci', '680.21(C)', { ...ACROSS, ...WIRED }],
  ['garage', '2017', 'gfci', '210.8(A)(2)'],
  ['garage', '2020', 'gfci', '210.8(A)(2)', ACROSS],
  ['garage', '2017', 'standard', null, ACROSS],
  ['garage', '2023', 'standard', null, WIRED],
  ['accessory-building', '2023', 'gfci', '210.8(A)(2)'],
  ['outdoors', '2017', 'gfci', '210.8(A)(3)'],
  ['crawl-space', '2020', 'gfci', '210.8(A)(4)'],
  ['unfinished-basement', '2017', 'gfci', '210.8(A)(5)'],
  ['finished-basement', '2017', 'afci', '210.12(A)'],
  ['finished-basement', '2020', 'dual', '210.8(A)(5)'],
  ['finished-basement', '2023', 'dual', '210.12(B)'],
  ['boathouse', '2020', 'gfci', '210.8(A)(8)'],
  ['boathouse', '2023', 'gfci', '210.8(A)(9)'],
  ['damp-indoors', '2017', 'standard', null],
  ['damp-indoors', '2020', 'gfci', '210.8(A)(11)'],
  ['damp-indoors', '2023', 'gfci', '210.8(A)(12)'],
  ['living-room', '2017', 'afci', '210.12(A)'],
  ['bedroom', '2020', 'afci', '210.12(A)', { ratingAmps: 15 }],
  ['bedroom', '2023', 'afci', '210.12(B)', WIRED],
  ['bedroom', '2023', 'standard', null, { ratingAmps: 30 }],
  ['bedroom', '2023', 'standard', null, { volts: 240 }],
  ['dining-room', '2017', 'afci', '210.12(A)'],
  ['den', '2020', 'afci', '210.12(A)'],
  ['hallway', '2023', 'afci', '210.12(B)'],
  ['closet', '2017', 'afci', '210.12(A)'],
  ['sunroom', '2020', 'afci', '210.12(A)'],
  ['dishwasher', '2017', 'dual', '210.8(D)', WIRED],
  ['range', '2020', 'standard', null, { volts: 240, ratingAmps: 50 }],
  ['range', '2023', 'gfci', '210.8(D)', { volts: 240, ratingAmps: 50 }],
  ['dryer', '2023', 'gfci', '210.8(D)', ACROSS],
  ['sump-pump', '2017', 'standard', null],
  ['sump-pump', '2020', 'gfci', '210.8(D)', WIRED],
  ['outdoor-equipment', '2017', 'standard', null, { ...ACROSS, ...WIRED }],
  ['outdoor-equipment', '2020', 'gfci', '210.8(F)', { ...ACROSS, ...WIRED }],
  ['outdoor-equipment', '2023', 'standard', null, { volts: 240, ratingAmps: 60, ...WIRED }],
  ['range', '2023', 'gfci', '210.8(D)', { volts: 240, ratingAmps: 60, ...WIRED }],
  ['range', '2023', 'standard', null, { volts: 240, ratingAmps: 70, ...WIRED }],
  ['vehicle-outlet', '2017', 'gfci', '625.54', { volts: 240, ratingAmps: 50 }],
  ['hot-tub', '2017', 'gfci', '680.44', { volts: 240, ratingAmps: 50, ...WIRED }],
];

describe('the kind of breaker by place', () => {
  test.each(ROWS)('%s, %s: %s, %s', (serves, edition, kind, clause, change = {}) => {
    const answer = ask(serves, edition, change);
    expect(answer.kind).toBe(kind);
    expect(answer.unknown).toEqual([]);
    const texts = answer.reasons.map(({ text }) => text).join(' ');
    if (clause === null) expect(answer.reasons[0]!.code).toBe('none-asked');
    else expect(texts).toContain(`NEC ${edition}, ${clause}.`);
  });

  test('a circuit of several places asks for what each asks for', () => {
    expect(ask(['bathroom', 'hallway'], '2020').kind).toBe('dual');
    // Equipment at a place: whichever of the two asks for it.
    expect(ask(['laundry', 'dryer'], '2020', ACROSS)).toMatchObject({ kind: 'gfci' });
    expect(ask(['dryer'], '2020', ACROSS)).toMatchObject({ kind: 'standard' });
    expect(ask(['near-sink', 'range'], '2020', { volts: 240, ratingAmps: 50 }).kind).toBe('gfci');
    expect(ask(['unfinished-basement', 'sump-pump'], '2017').kind).toBe('gfci');
    expect(ask(['garage', 'outdoors'], '2017').reasons).toHaveLength(2);
  });

  test('old work may stand, and what new work would ask for is told', () => {
    const old = ask('bathroom', '2023', { isNew: false });
    expect(old.kind).toBe('standard');
    expect(old.reasons.map(({ code }) => code)).toEqual(['ground-fault', 'old-work-may-stand']);
  });

  test('a place that is in no list is told, not guessed', () => {
    const answer = ask(['kiln room', 'bedroom'], '2023');
    expect(answer.unknown).toEqual(['kiln room']);
    expect(answer.kind).toBe('afci');
    expect(ask('constructor', '2023').unknown).toEqual(['constructor']);
  });

  test('a local list goes before the code’s', () => {
    const own = {
      garage: ['ground-fault', 'arc-fault'],
      bedroom: [],
      'kiln room': ['ground-fault'],
    } as const;
    expect(ask('garage', '2017', { own }).kind).toBe('dual');
    expect(ask('bedroom', '2023', { own }).kind).toBe('standard');
    expect(ask('kiln room', '2023', { own })).toMatchObject({ kind: 'gfci', unknown: [] });
  });

  test('a newer edition never asks for less', () => {
    for (const serves of Object.keys(SERVED))
      for (const change of [{}, ACROSS, WIRED]) {
        const count = (edition: Edition) =>
          ask(serves, edition, change).reasons.filter(({ code }) => code !== 'none-asked').length;
        EDITIONS.slice(1).forEach((edition, i) =>
          expect(count(edition)).toBeGreaterThanOrEqual(count(EDITIONS[i]!)),
        );
      }
    expect(Object.keys(PLACE_RULES)).toEqual(Object.keys(SERVED));
  });
});
