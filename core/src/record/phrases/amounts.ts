import { spokenNumber } from '../../facts/quantities/index.ts';
import { phraseAt } from './phrases.ts';
import type { Token } from './tokens.ts';
import {
  isDegreeWord,
  isLargeNumberWord,
  numberWord,
  readNumber,
  scaleOf,
  unitBefore,
  unitOf,
  type UnitOf,
} from './units.ts';

/** A figure with its unit; two of them where a slash stands between. */
export interface Amount {
  of: UnitOf | 'bare';
  value: number;
  second: { value: number; from: number } | null;
  from: number;
  to: number;
  /** The piece behind it. */
  next: number;
  /** Why the figure cannot be told. */
  problem: string | null;
}

type Scale = 'C' | 'F';
const HOUR = 3600;

const toCelsius = (value: number, scale: Scale) => (scale === 'F' ? ((value - 32) * 5) / 9 : value);

/** A number in digits or as a word. */
function numberAt(token: Token | undefined): number | string | null {
  if (token?.kind === 'number') return readNumber(token.text);
  return token?.kind === 'word' ? numberWord(token.text) : null;
}

interface UnitAt {
  of: UnitOf;
  apply: (value: number) => number;
  next: number;
}

/** The unit that stands at a piece. */
function unitAt(tokens: readonly Token[], i: number, degrees: Scale): UnitAt | null {
  const word = tokens[i]?.kind === 'word' ? tokens[i].text : '';
  const unit = unitOf(word);
  // “12 a few trips” is no current, “12 millivolts raised” none of 12 mV.
  if (word !== '' && (phraseAt((n) => tokens[i + n]?.text)?.length ?? 0) > 1) return null;
  if (unit) {
    const ac = tokens[i + 1]?.text === 'ac' ? 1 : 0;
    return { of: unit.of, apply: (value) => value * unit.times, next: i + 1 + ac };
  }
  const scale = scaleOf(word);
  if (scale) return { of: 'degrees', apply: (value) => toCelsius(value, scale), next: i + 1 };
  if (!isDegreeWord(word)) return null;
  const named = scaleOf(tokens[i + 1]?.text ?? '');
  return {
    of: 'degrees',
    apply: (value) => toCelsius(value, named ?? degrees),
    next: named ? i + 2 : i + 1,
  };
}

const texts = (tokens: readonly Token[], i: number, n: number) =>
  tokens
    .slice(i, i + n)
    .map(({ text }) => text)
    .join(' ');

/** Times that are said without digits: pieces, and seconds. */
const SPOKEN: readonly [string, number][] = [
  ['an hour and a half', 1.5 * HOUR],
  ['one hour and a half', 1.5 * HOUR],
  ['half an hour', 0.5 * HOUR],
  ['half hour', 0.5 * HOUR],
  ['a quarter of an hour', 0.25 * HOUR],
  ['quarter of an hour', 0.25 * HOUR],
  ['quarter hour', 0.25 * HOUR],
  ['half a minute', 30],
  ['an hour', HOUR],
  ['a minute', 60],
  ['a second', 1],
];

const SPOKEN_TIMES = SPOKEN.map(([text, seconds]) => ({ words: text.split(' '), seconds }));
const BEGIN_SPOKEN = new Set(SPOKEN_TIMES.map(({ words }) => words[0]!));

function spokenTime(tokens: readonly Token[], i: number): { seconds: number; next: number } | null {
  if (!BEGIN_SPOKEN.has(tokens[i]!.text)) return null;
  const found = SPOKEN_TIMES.find(({ words }) => words.every((word, n) => tokens[i + n]?.text === word));
  return found ? { seconds: found.seconds, next: i + found.words.length } : null;
}

/** Behind hours, minutes; behind minutes, seconds: “1 h 20”, “1 h and 20 min”, “2 min 30 s”. */
function restOfTime(
  tokens: readonly Token[],
  i: number,
  unitSeconds: number,
): { seconds: number; next: number } | null {
  const at = tokens[i]?.text === 'and' ? i + 1 : i;
  const value = numberAt(tokens[at]);
  if (typeof value !== 'number' || value < 0 || value >= 60) return null;
  const unit = unitAt(tokens, at + 1, 'C');
  if (unit?.of === 'seconds') {
    const seconds = unit.apply(value);
    return unit.apply(1) < unitSeconds ? { seconds, next: unit.next } : null;
  }
  // “1 h 20” are minutes; “1 h 20 a” is a current.
  const bare = unit === null && unitSeconds === HOUR && at === i && Number.isInteger(value);
  return bare && tokens[at + 1]?.text !== ':' ? { seconds: value * 60, next: at + 1 } : null;
}

/**
 * The figure that begins at a piece, with its unit; a time in its parts.
 *
 * @param tokens pieces of a line
 * @param i where it begins
 * @param degrees the unit of degrees without a letter
 * @returns what it says in V, A, W, mV, °C or s; `bare` without a unit; `null` where no figure begins
 * @example amountAt(tokensOf('118,4 volts', 0), 0, 'C') // { of: 'volts', value: 118.4, … }
 */
export function amountAt(tokens: readonly Token[], i: number, degrees: Scale): Amount | null {
  const first = tokens[i];
  if (!first) return null;
  const until = (next: number, rest: Partial<Amount>): Amount => ({
    of: 'bare',
    value: 0,
    second: null,
    from: first.from,
    to: tokens[next - 1]!.to,
    next,
    problem: null,
    ...rest,
  });
  const spoken = spokenTime(tokens, i);
  if (spoken) return until(spoken.next, { of: 'seconds', value: spoken.seconds });
  if (first.kind === 'clock') {
    const unit = unitAt(tokens, i + 1, degrees);
    if (unit?.of !== 'seconds' || unit.apply(1) !== HOUR) return null;
    const [hours, minutes] = first.text.split(':').map(Number);
    return until(unit.next, { of: 'seconds', value: hours! * HOUR + minutes! * 60 });
  }
  const before = first.kind === 'word' ? unitBefore(first.text) : undefined;
  if (before) return figureAfterUnit(tokens, i, before, degrees, until);
  const said = spokenAt(tokens, i);
  if (said) {
    const unit = unitAt(tokens, said.next, degrees);
    return until(unit?.next ?? said.next, {
      of: unit?.of ?? 'bare',
      value: unit ? unit.apply(said.value) : said.value,
    });
  }
  const spelled = spelledOut(tokens, i);
  if (spelled !== null) {
    const unit = unitAt(tokens, spelled, degrees);
    return until(unit?.next ?? spelled, { of: unit?.of ?? 'bare', problem: IN_DIGITS });
  }
  const value = numberAt(first);
  if (value === null) return null;
  if (typeof value === 'string') {
    const unit = unitAt(tokens, i + 1, degrees);
    return until(unit?.next ?? i + 1, { of: unit?.of ?? 'bare', problem: value });
  }
  // “one and a half hours”
  const half = texts(tokens, i + 1, 3) === 'and a half' ? 0.5 : 0;
  const pair = half === 0 ? secondAt(tokens, i + 1, degrees) : null;
  const unit = unitAt(tokens, pair?.next ?? (half ? i + 4 : i + 1), degrees);
  if (!unit) return until(i + 1, { value });
  if (unit.of === 'seconds' && !pair) {
    const seconds = unit.apply(value + half);
    const rest = half === 0 ? restOfTime(tokens, unit.next, unit.apply(1)) : null;
    return rest
      ? until(rest.next, { of: 'seconds', value: seconds + rest.seconds })
      : until(unit.next, { of: 'seconds', value: seconds });
  }
  return until(unit.next, {
    of: unit.of,
    value: unit.apply(value + half),
    second: pair && { value: unit.apply(pair.value), from: pair.from },
  });
}

const IN_DIGITS = 'Enter this number in digits.';

const isNumberWord = (token: Token | undefined): boolean =>
  token?.kind === 'word' && (numberWord(token.text) !== null || isLargeNumberWord(token.text));

/** A figure in several words, as phones write what is dictated: “one eighteen point four”, “one hundred twenty”. */
function spokenAt(tokens: readonly Token[], i: number): { value: number; next: number } | null {
  const joins = (at: number) => tokens[at]?.text === 'and' && isNumberWord(tokens[at + 1]);
  if (!isNumberWord(tokens[i])) return null;
  let next = i + 1;
  while (isNumberWord(tokens[next]) || joins(next)) next++;
  const words = tokens.slice(i, next).map(({ text }) => text);
  // Two small numbers side by side may be a place and a figure.
  if (!words.some((word) => isLargeNumberWord(word))) return null;
  const value = spokenNumber(words.join(' '));
  return value === null ? null : { value, next };
}

/** Behind a number in several words, such as “one hundred eighteen”; `null`: there is none. */
function spelledOut(tokens: readonly Token[], i: number): number | null {
  const isPart = (at: number) => isNumberWord(tokens[at]);
  let next = i;
  while (isPart(next) || (tokens[next]?.text === 'and' && next > i && isPart(next + 1))) next++;
  const words = tokens.slice(i, next).map(({ text }) => text);
  return words.some(isLargeNumberWord) ? next : null;
}

/** The second of two figures, behind a slash: “121.2/119.8 v”, “121.2 v / 119.8 v”. */
function secondAt(tokens: readonly Token[], i: number, degrees: Scale) {
  const slash = tokens[i]?.text === '/' ? i : (unitAt(tokens, i, degrees)?.next ?? -1);
  if (slash < 0 || tokens[slash]?.text !== '/') return null;
  const figure = tokens[slash + 1];
  const value = numberAt(figure);
  return typeof value === 'number' && figure ? { value, from: figure.from, next: slash + 2 } : null;
}

/** “volts 118.4”, “temperature 41”. */
function figureAfterUnit(
  tokens: readonly Token[],
  i: number,
  of: UnitOf,
  degrees: Scale,
  until: (next: number, rest: Partial<Amount>) => Amount,
): Amount | null {
  const skip = ['is', 'reads', ':', '=', 'of'].includes(tokens[i + 1]?.text ?? '') ? 1 : 0;
  const at = i + 1 + skip;
  const value = numberAt(tokens[at]);
  if (typeof value !== 'number') return null;
  const pair = secondAt(tokens, at + 1, degrees);
  const next = pair?.next ?? at + 1;
  const unit = unitAt(tokens, next, degrees);
  // The unit behind the figure belongs to it, unless a figure of its own follows: “volts 118 amps 14”.
  const own = unit && (unit.of === of || numberAt(tokens[unit.next]) === null) ? unit : null;
  if (own && own.of !== of) return null;
  const apply = own?.apply ?? ((v: number) => (of === 'degrees' ? toCelsius(v, degrees) : v));
  return until(own?.next ?? next, {
    of,
    value: apply(value),
    second: pair && { value: apply(pair.value), from: pair.from },
  });
}
