import bidiFactory from 'bidi-js';
import { fontFor, isOwnThroughout, OWN_FONT } from './fonts.ts';

const TURNED_LETTER = /[\p{Script=Hebrew}\p{Script=Arabic}]/u;

/** A piece of a text in one font, as it is drawn from left to right. */
export interface Run {
  text: string;
  font: string;
}

const bidi = bidiFactory();
const letters = new Intl.Segmenter('en', { granularity: 'grapheme' });

/** What is written from right to left is not broken into lines: so many letters stand in one. */
const LINE_LETTERS = 60;

const lettersOf = (text: string) => [...letters.segment(text)].map(({ segment }) => segment);

/** Letters that no font has, each once. */
export const unprintable = (text: string): string[] =>
  isOwnThroughout(text)
    ? []
    : [
        ...new Set(
          lettersOf(text.normalize('NFC')).filter(
            (letter) => letter !== '\n' && fontFor(letter, text) === null,
          ),
        ),
      ];

/**
 * A text in pieces, each in a font that has its letters, in the order they are drawn: right-to-left ones turned.
 *
 * @returns null: it is of our own font throughout
 */
export function runsOf(given: string): Run[] | null {
  if (isOwnThroughout(given)) return null;
  const text = given.normalize('NFC');
  const runs = text
    .split('\n')
    .flatMap((line, i): Run[] => [
      ...(i > 0 ? [{ text: '\n', font: OWN_FONT }] : []),
      ...inOrder(line).flatMap((stretch) => inFonts(stretch, text)),
    ]);
  return runs.length === 1 && runs[0]!.font === OWN_FONT && runs[0]!.text === given ? null : runs;
}

/** A stretch of a line in one direction. */
interface Stretch {
  text: string;
  isTurned: boolean;
}

/** The stretches of a line from left to right, the letters of each in the order they are read. */
function inOrder(line: string): Stretch[] {
  const levels = bidi.getEmbeddingLevels(line, 'ltr');
  const stretches: Stretch[] = [];
  let [first, last] = [-1, -1];
  const close = () => {
    if (first < 0) return;
    const isTurned = levels.levels[first]! % 2 === 1;
    stretches.push({ text: line.slice(Math.min(first, last), Math.max(first, last) + 1), isTurned });
  };
  for (const at of bidi.getReorderedIndices(line, levels)) {
    const isNext =
      first >= 0 &&
      levels.levels[at] === levels.levels[first] &&
      at === last + (levels.levels[at]! % 2 === 1 ? -1 : 1);
    if (!isNext) {
      close();
      first = at;
    }
    last = at;
  }
  close();
  return stretches;
}

/** A stretch in the fonts that have its letters; letters that none has stay in ours, which draws a box. */
function inFonts({ text, isTurned }: Stretch, whole: string): Run[] {
  if (isTurned && text.length > LINE_LETTERS)
    return inLines(text).flatMap((line, i) => [
      ...(i > 0 ? [{ text: '\n', font: OWN_FONT }] : []),
      ...inFonts({ text: line, isTurned }, whole),
    ]);
  const runs: Run[] = [];
  for (const letter of lettersOf(isTurned ? turned(text) : text)) {
    const before = runs.at(-1);
    const isGap = letter === ' ' || letter === '\u00a0';
    const font = isGap && before ? before.font : (fontFor(letter, whole) ?? OWN_FONT);
    if (before?.font === font) before.text += letter;
    else runs.push({ text: letter, font });
  }
  if (!isTurned) return runs;
  // What draws a text turns the letters of such scripts by itself, but not signs that stand alone.
  return runs
    .reverse()
    .map((run) =>
      TURNED_LETTER.test(run.text) ? run : { ...run, text: lettersOf(run.text).reverse().join('') },
    );
}

/** As it is drawn from right to left: brackets the other way round, and its words held together. */
const turned = (text: string): string =>
  [...text].map((sign) => (sign === ' ' ? '\u00a0' : (bidi.getMirroredCharacter(sign) ?? sign))).join('');

function inLines(text: string): string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + word.length < LINE_LETTERS)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
