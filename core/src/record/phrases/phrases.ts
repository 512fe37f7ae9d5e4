import type { TestId } from '../../facts/vocabulary/index.ts';
import type { BreakerEvent, Pace, Reading } from '../entities/index.ts';
import { FINDING_PHRASES } from './findingPhrases.ts';
import { tokensOf } from './tokens.ts';

/** Where a figure was taken, as a line says it; `ambient`: the air. */
export type PointWord =
  'terminal' | 'face' | 'outlet' | 'clamp' | 'output' | 'across' | 'pole-2' | 'leg-a' | 'leg-b' | 'ambient';

/** What words mean in a line. */
export type PhraseMeaning =
  | { is: 'point'; point: PointWord }
  | { is: 'load'; state: NonNullable<Reading['loadState']> }
  | { is: 'trip' }
  | { is: 'pace'; pace: Pace }
  | { is: 'no-trip' }
  | { is: 'reset' }
  | { is: 'feel'; feel: NonNullable<BreakerEvent['feel']> }
  | { is: 'holds' }
  | { is: 'handle'; position: NonNullable<BreakerEvent['position']> }
  | { is: 'finding'; test: TestId; outcome: string }
  | { is: 'filler' };

type Entry = readonly [PhraseMeaning, string];

const each = (meaning: PhraseMeaning, ...phrases: string[]): Entry[] =>
  phrases.map((phrase) => [meaning, phrase]);
const point = (name: PointWord, ...phrases: string[]) => each({ is: 'point', point: name }, ...phrases);
const load = (state: NonNullable<Reading['loadState']>, ...phrases: string[]) =>
  each({ is: 'load', state }, ...phrases);
const pace = (name: Pace, ...phrases: string[]) => each({ is: 'pace', pace: name }, ...phrases);
const feel = (name: NonNullable<BreakerEvent['feel']>, ...phrases: string[]) =>
  each({ is: 'feel', feel: name }, ...phrases);
const handle = (position: NonNullable<BreakerEvent['position']>, ...phrases: string[]) =>
  each({ is: 'handle', position }, ...phrases);

/** The words of the shorthand, apart from findings. The longest that fits counts. */
const WORDS: readonly Entry[] = [
  ...point('terminal', 'term', 'terminal', 'screw', 'lug', 'terminals', 'screws', 'lugs', 'load terminal'),
  ...point('face', 'face', 'front'),
  ...point('outlet', 'outlet', 'outlets', 'plug', 'receptacle', 'receptacles', 'socket', 'plug in meter'),
  ...point('clamp', 'clamp', 'clamped', 'conductor', 'wire', 'clamp meter'),
  ...point('pole-2', 'pole 2', 'second pole', 'other pole'),
  ...point('output', 'pole 1', 'first pole', 'output', 'load side'),
  ...point('across', 'across', 'leg to leg', 'legs', 'pole to pole'),
  ...point('leg-a', 'leg a', 'leg 1', 'l1', 'a leg'),
  ...point('leg-b', 'leg b', 'leg 2', 'l2', 'b leg'),
  ...point('ambient', 'amb', 'ambient', 'air', 'room', 'ambient temperature', 'room temperature'),

  ...load(
    'everything-on',
    'load on',
    'everything on',
    'all on',
    'full load',
    'under load',
    'loaded',
    'with load',
  ),
  ...load('no-load', 'no load', 'idle', 'unloaded', 'nothing on', 'without load'),
  ...load('normal', 'usual', 'usual load', 'normal load', 'as usual'),

  ...each(
    { is: 'trip' },
    'tripped',
    'trips',
    'trip',
    'popped',
    'pops',
    'kicked out',
    'kicks out',
    'kicked off',
  ),
  ...each(
    { is: 'trip' },
    'has tripped',
    'it tripped',
    'tripped out',
    'tripped again',
    'trips again',
    'tripping',
  ),
  ...pace('at-once', 'at once', 'right away', 'instantly', 'immediately', 'instant', 'straight away'),
  ...pace(
    'seconds',
    'within seconds',
    'in seconds',
    'after seconds',
    'after some seconds',
    'in a few seconds',
  ),
  ...pace('seconds', 'within a few seconds', 'after a few seconds', 'within a minute'),
  ...pace(
    'minutes',
    'within minutes',
    'in minutes',
    'after minutes',
    'after some minutes',
    'in a few minutes',
  ),
  ...pace('minutes', 'within a few minutes', 'after a few minutes', 'within the hour', 'within an hour'),
  ...pace('hours', 'after hours', 'in hours', 'within hours', 'after some hours', 'after a few hours'),
  ...each(
    { is: 'no-trip' },
    'no trip',
    'held',
    'carried',
    'carries',
    'did not trip',
    "didn't trip",
    'without tripping',
  ),
  ...each({ is: 'no-trip' }, 'without a trip', 'has held', 'not tripped', 'does not trip', "doesn't trip"),

  ...each(
    { is: 'reset' },
    'reset',
    'resets',
    'was reset',
    'on reset',
    'after reset',
    'after the reset',
    'resetting',
  ),
  ...feel(
    'clean-clicks',
    'clicks',
    'clicks cleanly',
    'clean click',
    'clean clicks',
    'clicked',
    'clicks clean',
  ),
  ...feel('clean-clicks', 'clicked cleanly', 'click', 'two clicks'),
  ...feel('no-off-click', 'no click', 'no off click', 'never clicked', 'never clicks', 'does not click'),
  ...feel(
    'no-off-click',
    "doesn't click",
    'did not click',
    "didn't click",
    'without a click',
    'never clicked off',
  ),
  ...feel(
    'hard-or-gritty',
    'gritty',
    'hard',
    'feels gritty',
    'feels hard',
    'stiff',
    'hard or gritty',
    'hard to move',
  ),
  ...feel('will-not-latch', 'will not latch', "won't latch", 'does not latch', "doesn't latch", 'wont latch'),
  ...feel(
    'will-not-latch',
    'did not latch',
    "didn't latch",
    'will not stay on',
    "won't stay on",
    'does not stay on',
  ),
  ...each({ is: 'holds' }, 'holds', 'it holds', 'stays on', 'hold', 'holding', 'is holding'),

  ...handle('on', 'on', 'switched on', 'turned on', 'is on', 'handle on', 'handle is on'),
  ...handle('off', 'off', 'switched off', 'turned off', 'is off', 'handle off', 'handle is off', 'shut off'),
  ...handle('tripped', 'handle tripped', 'handle is tripped', 'handle at tripped', 'stands tripped'),

  ...each(
    { is: 'filler' },
    'the',
    'at',
    'is',
    'reads',
    'about',
    'a',
    'an',
    'and',
    'it',
    'of',
    'with',
    'in',
    'for',
  ),
  ...each(
    { is: 'filler' },
    'on the',
    'on a',
    'at the',
    'was',
    'are',
    'reading',
    'measured',
    'shows',
    'around',
    'has',
  ),
  ...each(
    { is: 'filler' },
    'roughly',
    'approx',
    'approximately',
    'by',
    'then',
    'again',
    'to',
    'from',
    'after',
    'within',
    'but',
    'breaker',
    'breakers',
    'circuit',
    'to neutral',
    '@',
  ),
];

const findings: Entry[] = (Object.keys(FINDING_PHRASES) as TestId[]).flatMap((test) =>
  Object.entries(FINDING_PHRASES[test] as Record<string, readonly string[]>).flatMap(([outcome, phrases]) =>
    each({ is: 'finding', test, outcome }, ...phrases),
  ),
);

interface Known {
  words: readonly string[];
  meaning: PhraseMeaning;
}

/** By first word, the longest first. The words of the shorthand go before those of findings. */
const BY_FIRST = (() => {
  const byFirst = new Map<string, Known[]>();
  for (const [meaning, phrase] of [...WORDS, ...findings]) {
    const words = tokensOf(phrase, 0).map(({ text }) => text);
    const known = byFirst.get(words[0]!) ?? [];
    known.push({ words, meaning });
    byFirst.set(words[0]!, known);
  }
  for (const known of byFirst.values()) known.sort((a, b) => b.words.length - a.words.length);
  return byFirst;
})();

/**
 * The longest phrase of the shorthand that begins with a word.
 *
 * @param wordAt the word at a distance from where it may begin; `undefined` behind the last
 * @returns what it means, and of how many words it is; `null`: none
 * @example phraseAt((n) => ['hot', 'plastic'][n]) // { meaning: { is: 'finding', test: 'smell', … }, length: 2 }
 */
export function phraseAt(
  wordAt: (n: number) => string | undefined,
): { meaning: PhraseMeaning; length: number } | null {
  const known = BY_FIRST.get(wordAt(0) ?? '')?.find(({ words }) =>
    words.every((word, n) => wordAt(n) === word),
  );
  return known ? { meaning: known.meaning, length: known.words.length } : null;
}

/** Every phrase and what it means, for tests and for the help. */
export const ALL_PHRASES: readonly Entry[] = [...WORDS, ...findings];
