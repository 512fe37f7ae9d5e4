import { sayNumber } from './say.ts';

/**
 * Words for a person, and in them quantities that may be read in another unit, kept as they were measured. It becomes
 * text late, where it is known who reads it: `sentenceText`.
 */
export type Sentence = string;

/** The units a person reads temperatures and lengths in. */
export interface ReaderUnits {
  temperature: 'C' | 'F';
  length: 'm' | 'ft';
}
const AS_MEASURED: ReaderUnits = { temperature: 'C', length: 'm' };

type Unit = '°C' | 'Δ°C' | 'm';

/** Nobody types these brackets: they part a quantity from the words around it. */
const quantity = (value: number, unit: Unit) => `⟦${Number(value.toPrecision(9))} ${unit}⟧`;
const QUANTITY = /⟦(-?[\d.e+-]+) (°C|Δ°C|m)⟧/g;

/**
 * A temperature within a sentence.
 *
 * @param celsius °C
 * @returns a part of a sentence
 * @example sentenceText(`It is at ${sayTemperature(40)}.`, { temperature: 'F', length: 'ft' }) // 'It is at 104 °F.'
 */
export const sayTemperature = (celsius: number): Sentence => quantity(celsius, '°C');

/**
 * A temperature difference within a sentence.
 *
 * @param celsius °C
 * @returns a part of a sentence
 * @example sentenceText(`${sayRise(10)} over the air`, { temperature: 'F', length: 'ft' }) // '18 °F over the air'
 */
export const sayRise = (celsius: number): Sentence => quantity(celsius, 'Δ°C');

/**
 * A length within a sentence.
 *
 * @param metres m
 * @returns a part of a sentence
 * @example sentenceText(`At most ${sayLength(30)}.`) // 'At most 30 m.'
 */
export const sayLength = (metres: number): Sentence => quantity(metres, 'm');

const METRES_PER_FOOT = 0.3048;

/**
 * A quantity in the unit a person reads.
 *
 * @param value °C, a difference in °C, or m
 * @param unit which of them
 * @param units what the person reads
 * @returns figure and unit
 * @example quantityIn(25, 'Δ°C', { temperature: 'F', length: 'ft' }) // { value: 45, unit: '°F' }
 */
export function quantityIn(value: number, unit: Unit, units: ReaderUnits): { value: number; unit: string } {
  if (unit === 'm') {
    return units.length === 'ft' ? { value: value / METRES_PER_FOOT, unit: 'ft' } : { value, unit: 'm' };
  }
  if (units.temperature === 'C') return { value, unit: '°C' };
  return { value: value * 1.8 + (unit === '°C' ? 32 : 0), unit: '°F' };
}

/**
 * A quantity in words: whole °F and ft, otherwise a tenth at most.
 *
 * @param value °C, a difference in °C, or m
 * @param measuredIn which of them
 * @param units what the person reads
 * @returns figure and unit
 * @example quantityText(24.63, 'Δ°C', { temperature: 'F', length: 'ft' }) // '44 °F'
 */
export function quantityText(value: number, measuredIn: Unit, units: ReaderUnits): string {
  const { value: shown, unit } = quantityIn(value, measuredIn, units);
  return `${sayNumber(shown, unit === '°F' || unit === 'ft' ? 0 : 1)} ${unit}`;
}

/**
 * A sentence as text.
 *
 * @param sentence words and quantities; what an older version stored as finished text stays as it is
 * @param units what the person reads; as measured, in °C and m, if left out
 * @returns text
 * @example sentenceText(`Up to ${sayTemperature(121.4)}.`) // 'Up to 121.4 °C.'
 */
export const sentenceText = (sentence: Sentence, units: ReaderUnits = AS_MEASURED): string =>
  sentence.replace(QUANTITY, (_whole, figure: string, measuredIn: Unit) =>
    quantityText(Number(figure), measuredIn, units),
  );

/**
 * A value with every sentence in it as text: for whoever reads it without knowing of sentences.
 *
 * @param value JSON
 * @param units what the person reads; as measured if left out
 * @returns the same shape
 * @example textOf({ reasons: [`At ${sayTemperature(40)}`] }) // { reasons: ['At 40 °C'] }
 */
export function textOf<T>(value: T, units: ReaderUnits = AS_MEASURED): T {
  if (typeof value === 'string') return sentenceText(value, units) as T;
  if (Array.isArray(value)) return value.map((one: unknown) => textOf(one, units)) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, one]: [string, unknown]) => [name, textOf(one, units)]),
  ) as T;
}
