import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import Fuse from 'fuse.js';
import { z } from 'zod';
import { id, type DeadMark } from '../../record/entities/index.ts';
import { BREAKER_KINDS } from '../../panel/layout/index.ts';
import * as messages from './messages.ts';

/** A breaker as far as a search for the right one looks at it. */
export const suspect = z.object({
  breakerId: id,
  panelId: id,
  panelName: z.string(),
  place: z.string().describe('its spaces; empty for the main'),
  label: z.string().nullable(),
  loads: z.array(z.string()),
  places: z
    .array(z.string())
    .default([])
    .describe('outlets and fixtures that it feeds, from circuit mapping'),
  role: z.enum(['main', 'branch']),
  kind: z.enum(BREAKER_KINDS),
  handle: z.enum(['on', 'off', 'tripped']),
  share: z.number().nullable().describe('load divided by rating'),
  trips: z.int().describe('number of trips on record'),
});
export type Suspect = z.infer<typeof suspect>;

/** A breaker with the chance that it is the one, and what speaks for it. */
export interface Ranked {
  breakerId: string;
  chance: number;
  why: string[];
}

/** Different words for the same thing, as people write and say them. */
const SAME: readonly (readonly string[])[] = [
  ['fridge', 'refrigerator', 'freezer'],
  ['cooker', 'stove', 'range', 'oven', 'hob'],
  ['light', 'lights', 'lamp', 'lamps', 'lighting'],
  ['bath', 'bathroom', 'shower'],
  ['bedroom', 'bedrooms', 'bed'],
  ['outlet', 'outlets', 'socket', 'sockets', 'receptacle', 'plug', 'plugs'],
  ['router', 'internet', 'wifi'],
  ['heater', 'heaters', 'heating', 'radiator'],
  ['dryer', 'drier'],
  ['washer', 'washing', 'laundry'],
  ['stairs', 'stair', 'hall', 'hallway', 'landing'],
  ['yard', 'garden', 'outdoor', 'outside'],
];
const FILLERS = new Set(messages.aAnAndAreAtDead.split(' '));

const wordsOf = (text: string) =>
  text
    .toLowerCase()
    .replace(/[’']/g, ' ')
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '' && !FILLERS.has(word));

const sameAs = (word: string) => SAME.find((group) => group.includes(word)) ?? [word];

/** Directories are faded and wrong so often that a breaker nothing points to stays possible. */
const UNLABELLED = 0.1;
const UNMATCHED = 0.02;
/** A match of every word against none: so many times likelier. */
const MATCH_POWER = 3;

/** How well each breaker’s directory line and loads fit what was said, 0 to 1. */
function matches(suspects: readonly Suspect[], words: readonly string[]): number[] {
  const terms = suspects.flatMap(({ label, loads, places }, at) =>
    [label ?? '', ...loads, ...places].flatMap((text, line) =>
      wordsOf(text).map((term) => ({ at, term, worth: line === 0 ? 1 : 0.85 })),
    ),
  );
  // Letters that got lost or swapped are forgiven; a word must begin as it is written.
  const fuse = new Fuse(terms, {
    keys: ['term'],
    includeScore: true,
    threshold: 0.34,
    distance: 20,
    minMatchCharLength: 2,
  });
  const sums = suspects.map(() => 0);
  for (const word of words) {
    const best = suspects.map(() => 0);
    sameAs(word).forEach((alike) => {
      for (const { item, score = 1 } of fuse.search(alike)) {
        const whole = item.term.length >= 3 || item.term === alike;
        const fit = whole ? item.worth * (1 - score) * (alike === word ? 1 : 0.9) : 0;
        best[item.at] = Math.max(best[item.at]!, fit);
      }
    });
    best.forEach((fit, i) => (sums[i]! += fit));
  }
  return sums.map((sum) => sum / Math.max(1, words.length));
}

/** How much likelier a breaker is for what is on record of it, and why. */
const ON_RECORD: {
  when: (one: Suspect) => boolean;
  times: number;
  why: (one: Suspect) => string;
}[] = [
  { when: ({ handle }) => handle === 'tripped', times: 8, why: () => messages.itWasTrippedWhenLastLogged },
  {
    when: ({ handle }) => handle === 'off',
    times: 4,
    why: () => messages.itWasOffWhenLastLogged,
  },
  {
    when: ({ trips }) => trips >= 1,
    times: 2,
    why: ({ trips }) => (trips === 1 ? messages.itHasTrippedBefore : messages.itHasTrippedTimesBefore(trips)),
  },
  { when: ({ trips }) => trips >= 3, times: 1.5, why: () => '' },
  {
    when: ({ share }) => (share ?? 0) > LOAD_LIMITS.continuousShare,
    times: 1.6,
    why: () => messages.itIsHeavilyLoaded,
  },
  { when: ({ kind }) => kind !== 'standard' && kind !== 'surge', times: 1.4, why: () => '' },
  { when: ({ role }) => role === 'main', times: 0.08, why: () => '' },
  { when: ({ kind }) => kind === 'surge', times: 0.02, why: () => '' },
];

/** How often what is found dead hangs on a breaker whose directory does not say so, and the other way round. */
const DEAD = { onIt: 0.9, elsewhere: 0.12 } as const;
const WORKING = { onIt: 0.04, elsewhere: 0.95 } as const;

/** Whether a thing is known to hang on a breaker. */
const hangsOn = ({ label, loads, places }: Suspect, name: string) =>
  label === name || loads.includes(name) || places.includes(name);

/**
 * Which breaker is meant: by what was said against the directory and the loads, by what else is dead or works, and by
 * what is on record. However badly the panel is labelled, none is ever ruled out.
 *
 * @param suspects all breakers that may be meant
 * @param words what was said, in any words
 * @param marks things found dead or found working
 * @returns all of them, likeliest first; the chances sum to 1
 * @example findBreaker(suspects, 'kichen dead', [])[0] // the one labelled “Flat: kitchen counter”
 */
export function findBreaker(
  suspects: readonly Suspect[],
  words: string,
  marks: readonly DeadMark[],
): Ranked[] {
  const said = wordsOf(words);
  const fits = matches(suspects, said);
  const weights = suspects.map((one, i) => {
    const why: string[] = [];
    let weight =
      said.length === 0 ? 1 : Math.max(fits[i]! ** MATCH_POWER, one.label ? UNMATCHED : UNLABELLED);
    if (fits[i]! > 0.3) why.push(messages.theDirectoryNameMatches);
    for (const { when, times, why: text } of ON_RECORD) {
      if (!when(one)) continue;
      weight *= times;
      if (text(one)) why.push(text(one));
    }
    for (const { name, dead } of marks) {
      if (!suspects.some((other) => hangsOn(other, name))) continue;
      const on = hangsOn(one, name);
      weight *= (dead ? DEAD : WORKING)[on ? 'onIt' : 'elsewhere'];
      if (on)
        why.push(
          !dead ? messages.butWorks(name) : one.label === name ? messages.itWasNamed : messages.isDead(name),
        );
    }
    return { breakerId: one.breakerId, weight, why };
  });
  const sum = weights.reduce((total, { weight }) => total + weight, 0);
  return weights
    .map(({ breakerId, weight, why }) => ({ breakerId, chance: weight / sum, why }))
    .sort((a, b) => b.chance - a.chance);
}
