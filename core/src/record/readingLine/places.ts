import { HALF_NAMES, type Half } from '../../panel/layout/index.ts';
import {
  amountAt,
  FILLERS,
  type Labels,
  type LabelScore,
  phraseAt,
  type Token,
  numberWord,
  unitBefore,
} from '../phrases/index.ts';
import type { LinePlace } from './schema.ts';
import * as messages from './messages.ts';

/** A place with what its name says. */
export interface KnownPlace extends LinePlace {
  spaces: readonly number[];
  half: Half | null;
  isMain: boolean;
  /** Its two ends are told apart: a two-pole, or the main. */
  isPair: boolean;
}

/** A place that is named from a piece on; or why it cannot be told. */
export type PlaceAt = { next: number } & ({ place: KnownPlace } | { problem: string });

const NUMBERED = new Set([
  'breaker',
  'breakers',
  'brk',
  'bkr',
  'space',
  'slot',
  'circuit',
  'ckt',
  'cb',
  'number',
  'no',
  '#',
]);
const JOINED = new Set(['-', '–', '—', '/', '+', '&', 'and']);

/** What the name of a place says. */
export function knownPlace(place: LinePlace): KnownPlace {
  const text = place.place.toLowerCase();
  const half = /(?:^|[\s\d-])(upper|lower|inner|outer|[ulio])\b/.exec(text)?.[1];
  const isMain = /\bmain\b/.test(text);
  const spaces = (text.match(/\d+/g) ?? []).map(Number);
  return {
    ...place,
    spaces,
    half: half === undefined ? null : HALF_NAMES[half]!,
    isMain,
    isPair: isMain || spaces.length === 2,
  };
}

/** How a place is told to people. */
export const named = ({ place, label }: LinePlace) => (label ? `${place} ${label}` : place);

const listed = (places: readonly LinePlace[]) => {
  const shown = places.slice(0, 4).map(named);
  return places.length > 4 ? `${shown.join(', ')} …` : shown.join(' or ');
};

/** The number that stands at a piece, whole and without a sign. */
function wholeAt(token: Token | undefined): number | null {
  if (token?.kind === 'number') return /^\d{1,3}$/.test(token.text) ? Number(token.text) : null;
  return token?.kind === 'word' ? numberWord(token.text) : null;
}

/** Whether a two-pole has these two spaces, in whatever order they are said. */
const holdsBoth = (spaces: readonly number[], one: number, other: number | null) =>
  spaces.length === 2 && spaces.includes(one) && other !== null && other !== one && spaces.includes(other);

interface Numbered {
  first: number;
  second: number | null;
  half: Half | null;
  next: number;
}

/** “12”, “5-7”, “five and seven”, “19u”, “19 upper”, “5-7 inner”. */
function numberedAt(tokens: readonly Token[], i: number, places: readonly KnownPlace[]): Numbered | null {
  const first = wholeAt(tokens[i]);
  if (first === null) return null;
  let next = i + 1;
  let second: number | null = null;
  if (JOINED.has(tokens[next]?.text ?? '')) {
    const other = wholeAt(tokens[next + 1]);
    const isPlace = places.some(({ spaces }) => holdsBoth(spaces, first, other));
    // “5-9” is a place by its hyphen, though there is none; “121/119 v” is none.
    const byHyphen = /^[-–—]$/.test(tokens[next]!.text) && amountAt(tokens, next + 1, 'C')?.of === 'bare';
    if (other !== null && (isPlace || byHyphen)) {
      second = other;
      next += 2;
    }
  }
  const hyphen = /^[-–]$/.test(tokens[next]?.text ?? '') ? 1 : 0;
  const word = tokens[next + hyphen];
  const half = word ? HALF_NAMES[word.text] : undefined;
  const glued = word?.from === tokens[next - 1]!.to;
  const exists = places.some((place) => place.spaces[0] === first && place.half === half);
  if (half !== undefined && (exists || glued || word!.text.length > 1))
    return { first, second, half, next: next + hyphen + 1 };
  return { first, second, half: null, next };
}

function resolve({ first, second, half }: Numbered, places: readonly KnownPlace[]): KnownPlace | string {
  const found = places.filter(
    (place) =>
      (second === null ? place.spaces[0] === first : holdsBoth(place.spaces, first, second)) &&
      (half === null || place.half === half),
  );
  if (found.length === 1) return found[0]!;
  if (found.length > 1) return messages.whichOneDoYouMean(listed(found));
  const upper = places.find(({ spaces }) => spaces[1] === first);
  if (upper && second === null && half === null)
    return messages.belongsToType(first, named(upper), upper.place);
  return messages.thereIsNoSuchBreakerHere;
}

/**
 * The place that is named by its number, or as the main, from a piece on.
 *
 * @param tokens pieces of a line
 * @param i where it may begin
 * @param places all there are
 * @param may what a bare number may be: `start` of the line, `thing`: behind a separator, `inside`: neither
 * @param repeats whether the figure at a piece would say again what was said of the place before
 * @returns the place or why it is none; `null`: no place is named here
 */
export function numberedPlaceAt(
  tokens: readonly Token[],
  i: number,
  places: readonly KnownPlace[],
  may: 'start' | 'thing' | 'inside',
  repeats: (at: number) => boolean,
): PlaceAt | null {
  let at = i;
  while (NUMBERED.has(tokens[at]?.text ?? '') && at < i + 3) at++;
  if (at === i + 2 && tokens[i]?.text === 'no') return null;
  const dot = tokens[at]?.text === '.' && at > i ? 1 : 0;
  const number = numberedAt(tokens, at + dot, places);
  if (!number) return null;
  const colon = tokens[number.next]?.text === ':';
  const found = resolve(number, places);
  const next = colon ? number.next + 1 : number.next;
  const asPlace = (): PlaceAt =>
    typeof found === 'string' ? { problem: found, next } : { place: found, next };
  if (at > i || colon || number.second !== null || number.half !== null) return asPlace();
  // From here on it is a bare number. With a unit it is a figure.
  const amount = amountAt(tokens, i, 'C');
  // “12 volts 118.4” is place 12, with the unit before its figure.
  const unitFirst = unitBefore(tokens[number.next]?.text ?? '') !== undefined;
  const isUnitFirst = unitFirst && may === 'start' && amountAt(tokens, number.next, 'C') !== null;
  if (amount && amount.of !== 'bare' && !isUnitFirst) return null;
  const following = tokens[number.next];
  const ends = following === undefined || following.kind === 'separator';
  const figure = amountAt(tokens, number.next, 'C');
  const begins = figure !== null && figure.of !== 'bare';
  const said = phraseAt((n) => tokens[number.next + n]?.text);
  const says = said !== null && said.meaning.is !== 'filler' && said.meaning.is !== 'load';
  if (may === 'start') return typeof found === 'string' && !begins && !says ? null : asPlace();
  if (ends || typeof found === 'string') return null;
  if (may === 'thing') return begins || said !== null ? asPlace() : null;
  return says || (begins && repeats(number.next)) ? asPlace() : null;
}

/**
 * The place that is named in words from a piece on: the label that fits best, if it clearly does.
 *
 * @returns the place and how many pieces name it, or candidates; `null`: no label has anything to do with these words
 */
export function labelledPlaceAt(
  tokens: readonly Token[],
  i: number,
  labels: Labels<KnownPlace>,
): (PlaceAt & { length: number }) | null {
  const run = runAt(tokens, i);
  const isSaidAt = run.map((at) => isSaid(tokens, at));
  let doubtful: { problem: string; next: number } | null = null;
  for (let n = run.length; n >= 1; n--) {
    const next = run[n - 1]! + 1;
    const words = run.slice(0, n).map((at) => tokens[at]!.text);
    if (FILLERS.has(words.at(-1)!) || !restIsSaid(tokens, next, run.at(-1)! + 1)) continue;
    const scores = labels.scores(words);
    const best = clearlyBest(scores);
    const said = isSaidAt.slice(0, n).every(Boolean);
    if (best && (!said || (best.coverage === 1 && best.isExact))) {
      const end = tokens[next]?.text === ':' ? next + 1 : next;
      return { place: best.place, next: end, length: next - i };
    }
    if (!best && scores.length > 0 && !said && doubtful === null)
      doubtful = { problem: messages.whichOneDoYouMean(listed(scores.map(({ place }) => place))), next };
  }
  if (doubtful) return { ...doubtful, length: doubtful.next - i };
  return partly(tokens, run, i, labels);
}

/** Words of which some are in a label, others in none. */
function partly(tokens: readonly Token[], run: readonly number[], i: number, labels: Labels<KnownPlace>) {
  const unknown = run.filter((at) => !isSaid(tokens, at));
  if (unknown.length === 0 || unknown[0] !== i) return null;
  const candidates = unknown.flatMap((at) => labels.scores([tokens[at]!.text]).map(({ place }) => place));
  if (candidates.length === 0) return null;
  const next = unknown.at(-1)! + 1;
  return {
    problem: messages.noNameMatchesCompletelyDidYou(listed([...new Set(candidates)])),
    next,
    length: next - i,
  };
}

/** The words from a piece on, up to a figure or a separator; a number between words may be part of a name. */
function runAt(tokens: readonly Token[], i: number): number[] {
  const run: number[] = [];
  for (let at = i; at < tokens.length && run.length < 10; at++) {
    const token = tokens[at]!;
    const joins = run.length > 0 && /^[-–:/&]$/.test(token.text);
    const number = token.kind === 'number' && run.length > 0 && amountAt(tokens, at, 'C')?.of === 'bare';
    if (token.kind === 'word' || number) run.push(at);
    else if (!joins || tokens[at + 1]?.kind !== 'word') break;
  }
  return run;
}

/** Whether a piece means something of its own in a line. */
function isSaid(tokens: readonly Token[], at: number): boolean {
  return phraseAt((n) => tokens[at + n]?.text) !== null || amountAt(tokens, at, 'C') !== null;
}

/** Whether all pieces between two are words of the shorthand. */
function restIsSaid(tokens: readonly Token[], from: number, to: number): boolean {
  let at = from;
  while (at < to) {
    const phrase = phraseAt((n) => tokens[at + n]?.text);
    const amount = amountAt(tokens, at, 'C');
    if (phrase) at += phrase.length;
    else if (amount) at = amount.next;
    else if (tokens[at]!.kind === 'mark') at++;
    else return false;
  }
  return true;
}

function clearlyBest(scores: readonly LabelScore<KnownPlace>[]): LabelScore<KnownPlace> | null {
  const [first, second] = scores;
  if (!first) return null;
  if (!second) return first;
  if (first.exact > second.exact) return first;
  return first.coverage === 1 && second.coverage < 1 ? first : null;
}
