import type { Profile } from '../vocabulary/index.ts';
import { ACTION_WORDS } from './actionWords.ts';
import type { Assessment } from './assess.ts';
import { NEEDLESS, type Deed } from './losses.ts';
import { bestDeed, DEEDS, LEAST_CONFIDENCE, type Choice, type LossTable } from './verdict.ts';

/** Deeds that are work for a qualified electrician. */
const BY_ELECTRICIAN: ReadonlySet<Deed> = new Set(DEEDS.filter((deed) => ACTION_WORDS[deed].forElectrician));

/** To have an electrician come where anybody could have put it right, and where it takes one. */
const CALLED = { needlessly: 14, rightly: 1.5 } as const;

/**
 * The losses of somebody who has the work of an electrician done: whatever is wrong, to call one is one deed. What only
 * parts one electrician’s work from another’s is no reason to ask this person more.
 */
export function lossesOf(profile: Profile, table: LossTable): LossTable {
  if (profile === 'electrician') return table;
  const columns = table.columns.map((column, i) => {
    const right = table.right[i];
    if (right === 'replace-main') return asMain(column);
    return asCalled(column, right === undefined || BY_ELECTRICIAN.has(right) ? 'rightly' : 'needlessly');
  });
  return { ...table, columns };
}

/**
 * Where half the house is dead and the street is lit nobody without a meter can tell a lost leg from a main’s dead pole: the
 * utility comes first, and says which.
 */
function asMain(column: Float64Array): Float64Array {
  const known = mains.get(column);
  if (known) return known;
  const made = asCalled(column, 'rightly').map((loss, a) => (DEEDS[a] === 'call-utility' ? 0 : loss));
  mains.set(column, made);
  return made;
}
const mains = new WeakMap<Float64Array, Float64Array>();

const called = {
  rightly: new WeakMap<Float64Array, Float64Array>(),
  needlessly: new WeakMap<Float64Array, Float64Array>(),
};

/** A column of losses with an electrician’s work as the one deed of calling one; made once for each column. */
function asCalled(column: Float64Array, how: keyof typeof CALLED): Float64Array {
  const known = called[how].get(column);
  if (known) return known;
  const made = column.map((loss, a) => (BY_ELECTRICIAN.has(DEEDS[a]!) ? CALLED[how] : loss));
  called[how].set(column, made);
  return made;
}

/** From this confidence on the electrician’s work is named; below it is said that one is needed, and why. */
const SURE_OF_THE_WORK = 0.7;

/**
 * What this person is told to do: the choice, or, where all that is left to find out takes the cover off, to hand it over.
 *
 * @example forPerson(assess([]), 'electrician').action // the choice itself
 */
export function forPerson(assessed: Assessment, profile: Profile): Choice {
  const { choice, table, probabilities, stops } = assessed;
  if (profile === 'electrician' || stops.length > 0) return choice;
  const own = bestDeed(lossesOf(profile, table), probabilities);
  if (!BY_ELECTRICIAN.has(own.action)) {
    // What was seen binds for whoever sees it.
    if (choice.action !== 'gather-more' && BY_ELECTRICIAN.has(choice.action)) return named(choice);
    return own.expected > LEAST_SURE || sureOf(own.action, assessed) < LEAST_CONFIDENCE
      ? { ...choice, action: 'gather-more', confidence: 0 }
      : { ...choice, action: own.action, expected: own.expected, confidence: sureOf(own.action, assessed) };
  }
  return named(choice);
}

const named = (choice: Choice): Choice =>
  choice.action !== 'gather-more' &&
  BY_ELECTRICIAN.has(choice.action) &&
  choice.confidence >= SURE_OF_THE_WORK
    ? choice
    : { ...choice, action: 'gather-more', confidence: 0 };

/** An own deed that is expected to lose more than this is not named. */
const LEAST_SURE = NEEDLESS['shed-load'] + CALLED.needlessly;

const sureOf = (deed: Deed, { table, probabilities }: Assessment): number =>
  table.does.reduce((sum, does, i) => sum + (does.includes(deed) ? probabilities[i]! : 0), 0);
