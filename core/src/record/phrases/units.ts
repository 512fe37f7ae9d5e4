import { SMALL_NUMBER_WORDS, TENS_WORDS } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

/** What a figure may be of. */
export type UnitOf = 'volts' | 'amps' | 'watts' | 'millivolts' | 'degrees' | 'seconds';

interface Unit {
  of: UnitOf;
  times: number;
}

const UNITS: readonly (Unit & { words: readonly string[] })[] = [
  { of: 'volts', times: 1, words: ['v', 'volt', 'volts', 'vac'] },
  { of: 'volts', times: 1000, words: ['kv', 'kilovolt', 'kilovolts'] },
  { of: 'millivolts', times: 1, words: ['mv', 'millivolt', 'millivolts'] },
  { of: 'amps', times: 1, words: ['a', 'amp', 'amps', 'ampere', 'amperes'] },
  { of: 'amps', times: 0.001, words: ['ma', 'milliamp', 'milliamps', 'milliampere', 'milliamperes'] },
  { of: 'amps', times: 1000, words: ['ka', 'kiloamp', 'kiloamps'] },
  { of: 'watts', times: 1, words: ['w', 'watt', 'watts'] },
  { of: 'watts', times: 1000, words: ['kw', 'kilowatt', 'kilowatts'] },
  { of: 'seconds', times: 1, words: ['s', 'sec', 'secs', 'second', 'seconds'] },
  { of: 'seconds', times: 60, words: ['m', 'min', 'mins', 'minute', 'minutes'] },
  { of: 'seconds', times: 3600, words: ['h', 'hr', 'hrs', 'hour', 'hours'] },
];
const BY_WORD = new Map<string, Unit>(
  UNITS.flatMap(({ words, ...unit }) => words.map((word) => [word, unit])),
);

const DEGREE_WORDS = new Set(['°', 'deg', 'degs', 'degree', 'degrees']);
const SCALES = new Map<string, 'C' | 'F'>([
  ['c', 'C'],
  ['celsius', 'C'],
  ['centigrade', 'C'],
  ['f', 'F'],
  ['fahrenheit', 'F'],
]);

/** Units that are said before the figure, too: “volts 118.4”. */
const BEFORE_FIGURE = new Map<string, UnitOf>([
  ['volts', 'volts'],
  ['voltage', 'volts'],
  ['amps', 'amps'],
  ['amperes', 'amps'],
  ['amperage', 'amps'],
  ['current', 'amps'],
  ['watts', 'watts'],
  ['power', 'watts'],
  ['wattage', 'watts'],
  ['millivolts', 'millivolts'],
  ['temperature', 'degrees'],
  ['temp', 'degrees'],
]);

/** The numbers that are understood as words. */
const NUMBER_WORDS = [...SMALL_NUMBER_WORDS, TENS_WORDS[0]!];

/** Words of numbers that are said in several words. */
const LARGE = new Set([...TENS_WORDS.slice(1), 'hundred', 'thousand', 'point', 'dozen']);

export const isLargeNumberWord = (word: string): boolean => LARGE.has(word);
export const unitOf = (word: string): Unit | undefined => BY_WORD.get(word);
/**
 * The unit that a word before a figure stands for.
 *
 * @param word in lower case
 * @returns the unit and how to scale the figure; undefined: it is none
 * @example unitBefore('amps') // the unit of current
 */
export const unitBefore = (word: string): UnitOf | undefined => BEFORE_FIGURE.get(word);
export const isDegreeWord = (word: string): boolean => DEGREE_WORDS.has(word);
export const scaleOf = (word: string): 'C' | 'F' | undefined => SCALES.get(word);
export const isUnit = (word: string): boolean =>
  BY_WORD.has(word) || DEGREE_WORDS.has(word) || SCALES.has(word);

/**
 * The number a word says, to twenty.
 *
 * @param word in lower case
 * @returns the number; `null`: it says none
 * @example numberWord('three') // 3
 */
export function numberWord(word: string): number | null {
  const value = NUMBER_WORDS.indexOf(word);
  return value < 0 ? null : value;
}

/**
 * What a figure says: with a point or a comma.
 *
 * @param text digits as they were typed
 * @returns the number, or why it cannot be told, as a sentence
 * @example readNumber('118,4') // 118.4
 */
export function readNumber(text: string): number | string {
  const plain = text.replace('−', '-');
  if (/^[+-]?[1-9]\d{0,2},\d{3}$/.test(plain)) {
    const [whole, rest] = plain.split(',') as [string, string];
    return messages.didYouMeanOrUseA(whole, rest, whole, rest);
  }
  if (!/^[+-]?\d*(?:[.,]\d+)?$/.test(plain)) return messages.useOneDecimalPointOrComma;
  return Number(plain.replace(',', '.'));
}
