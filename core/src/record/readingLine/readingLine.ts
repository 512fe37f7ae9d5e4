import { Labels, tokensOf } from '../phrases/index.ts';
import { knownPlace } from './places.ts';
import { readLine } from './readLine.ts';
import { readingLineInput, type ReadingLineAnswer, type ReadingLineInput } from './schema.ts';

/**
 * What typed, pasted or dictated lines mean, piece by piece, and what in them is not understood. A place once said holds for
 * what follows in its line; a bare number is never guessed; no figure is taken that hardware cannot show.
 *
 * @param input the text, the clock and zone it was typed by, the places there are, the one that is meant where none is said,
 *   and the unit of degrees without a letter
 * @returns entries in V, A, °C, W, mV and s, in their order, each with where it stands in the text; and what is not understood,
 *   with what would be
 * @throws ZodError where an id stands twice, `here` is no place, or the zone is not known
 * @example
 * readingLine({ text: '12: 118.4v 41c amb 22c', now: '2026-11-27T10:00:00.000Z',
 *   places: [{ id: 'a', place: '12', label: 'Kitchen counter' }] }).entries
 *   // a voltage of 118.4 V at the load terminal, a terminal’s temperature of 41 °C in air of 22 °C
 */
export function readingLine(input: ReadingLineInput): ReadingLineAnswer {
  const { text, now, zone, places, here, temperature } = readingLineInput.parse(input);
  const known = places.map(knownPlace);
  const setting = {
    text,
    now,
    zone,
    places: known,
    labels: new Labels(known),
    here: known.find(({ id }) => id === here) ?? null,
    temperature,
  };
  const answer: ReadingLineAnswer = { entries: [], notUnderstood: [] };
  for (const line of text.matchAll(/[^\r\n\u2028\u2029]+/g)) {
    const { entries, notUnderstood } = readLine(tokensOf(line[0], line.index), setting);
    answer.entries.push(...entries);
    answer.notUnderstood.push(...notUnderstood);
  }
  answer.entries.sort((a, b) => a.from - b.from);
  answer.notUnderstood.sort((a, b) => a.from - b.from);
  return answer;
}
