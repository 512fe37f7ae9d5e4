import type { DirectoryCard } from './directoryCard.ts';
import * as messages from './messages.ts';

/** Sizes of a card, mm. */
export const CARD_SIZES = {
  door: { label: messages.panelDoor511In, widthMm: 140, heightMm: 279 },
  half: { label: messages.halfLetter58In, widthMm: 140, heightMm: 216 },
  letter: { label: messages.letter811In, widthMm: 216, heightMm: 279 },
  a5: { label: messages.a5148210Mm, widthMm: 148, heightMm: 210 },
  a4: { label: messages.a4210297Mm, widthMm: 210, heightMm: 297 },
} as const;
export type CardSize = keyof typeof CARD_SIZES;

/** Points to a millimeter. */
export const POINTS_A_MM = 72 / 25.4;
/** What is around the lines: margins, head with its code, foot, pt. */
export const CARD_FRAME = { margin: 18, head: 74, foot: 20, columnGap: 12 } as const;
/** Width of a bold letter over the size of its type, at most as a rule, and the height of a line. */
const LETTER = 0.6;
const LINE = 1.2;
/** Of a column, what place and rating take, over the size of the type. */
export const CARD_COLUMNS = { place: 3.3, rating: 2.9 } as const;
/** Between two lines of the directory, pt. */
const BETWEEN = 3;
const TYPE = { most: 15, least: 4 } as const;
/** Smaller than this nobody reads it at arm’s length in bad light, pt. */
export const LEGIBLE_PT = 8;
/** Over and under a line: what is to spare leaves room to write, pt. */
const PADDING = { least: 0.75, most: 6 } as const;
/** Between the three, pt. */
const GAPS = 8;

/**
 * The largest type with which a directory fits on its card.
 *
 * @param card its lines
 * @param size of the card, mm
 * @returns pt, whether it is legible at arm’s length in bad light, and the room over and under each line, pt
 * @example cardType(card, CARD_SIZES.letter).points // 12
 */
export function cardType(
  { columns }: DirectoryCard,
  { widthMm, heightMm }: { widthMm: number; heightMm: number },
): { points: number; isLegible: boolean; padding: number } {
  const { margin, head, foot, columnGap } = CARD_FRAME;
  const width = (widthMm * POINTS_A_MM - 2 * margin - columnGap) / 2;
  const height = heightMm * POINTS_A_MM - 2 * margin - head - foot;
  const labels = columns.flatMap(({ lines }) => lines.map(({ label }) => label));
  const longest = Math.max(0, ...labels.flatMap((label) => label.split(/\s+/).map((word) => word.length)));
  const lettersAt = (points: number) =>
    Math.floor((width - GAPS - points * (CARD_COLUMNS.place + CARD_COLUMNS.rating)) / (points * LETTER));
  const heightAt = (points: number) =>
    Math.max(
      ...columns.map(({ lines }) =>
        lines.reduce((sum, { label, place }) => {
          // What is broken between words leaves part of a line empty.
          const rows = Math.max(Math.ceil(label.length / lettersAt(points) + 0.3), place.length > 5 ? 2 : 1);
          return sum + rows * points * LINE + BETWEEN;
        }, points * 2),
      ),
    );
  const fits = (points: number) => lettersAt(points) >= Math.max(6, longest) && heightAt(points) <= height;
  let points: number = TYPE.most;
  while (points > TYPE.least && !fits(points)) points -= 0.5;
  const most = Math.max(1, ...columns.map(({ lines }) => lines.length));
  const spare = Math.max(0, height - heightAt(points)) / most / 2;
  return { points, isLegible: points >= LEGIBLE_PT, padding: Math.min(PADDING.most, PADDING.least + spare) };
}

/** Tapes of label printers, mm. */
export const TAPES_MM = [9, 12, 18, 24] as const;

/** Of a tape’s height, what its letters take; a label is no longer than this, mm. */
const OF_TAPE = 0.45;
const LONGEST_LABEL_MM = 120;
/** Before and behind the text of a label, pt. */
export const LABEL_MARGIN = 8;

/**
 * The largest type with which every label of a card fits on a tape, and how long each is then.
 *
 * @param texts of the labels
 * @param tapeMm height of the tape, mm
 * @returns size of the type and length of a label, pt
 * @example labelType(['1 Hall 15 A'], 12).points // 15
 */
export function labelType(texts: readonly string[], tapeMm: number): { points: number; length: number } {
  const most = LONGEST_LABEL_MM * POINTS_A_MM;
  const letters = Math.max(1, ...texts.map((text) => text.length));
  const byHeight = Math.floor(tapeMm * POINTS_A_MM * OF_TAPE);
  const byLength = (most - 2 * LABEL_MARGIN) / (letters * LETTER);
  const points = Math.max(TYPE.least, Math.min(byHeight, byLength));
  return { points, length: letters * LETTER * points + 2 * LABEL_MARGIN };
}
