import {
  HALF_NAMES,
  gridOf,
  isOnItsSide,
  placeOfSpace,
  sayPlace,
  slotsOf,
  type Half,
} from '../../panel/layout/index.ts';
import type { Board } from '../board/index.ts';

/** A line of the directory: a space, or half of one. */
export interface CardLine {
  /** As it is written: `7`, `2–4`, `19 upper`. */
  place: string;
  label: string;
  /** A; empty for a space without a breaker. */
  rating: string;
  /** A breaker without a name: to be found out. */
  isUnnamed: boolean;
}

/** A directory as the panel hangs: two columns, each with where it is. */
export interface DirectoryCard {
  title: string;
  columns: [{ head: string; lines: CardLine[] }, { head: string; lines: CardLine[] }];
}

type CardBreaker = Pick<Board['breakers'][number], 'label'> & {
  breaker: Pick<Board['breakers'][number]['breaker'], 'space' | 'half' | 'poles' | 'ratingAmps' | 'role'>;
};
type CardPanel = Pick<Board['panel'], 'name' | 'spaces' | 'orientation' | 'blanks' | 'holes'>;

/** What is said of a space where no breaker begins. */
const emptyLine = (space: number, { blanks, holes }: CardPanel): CardLine => ({
  place: `${space}`,
  label: blanks.includes(space) ? 'filler' : holes.includes(space) ? 'open: close it' : 'spare',
  rating: '',
  isUnnamed: false,
});

const lineOf = ({ breaker, label }: CardBreaker): CardLine => ({
  place: sayPlace(breaker),
  label: label ?? 'not known yet',
  rating: `${breaker.ratingAmps} A`,
  isUnnamed: label === null,
});

/** Upper before lower, outer before inner. */
const HALF_ORDER: (Half | null)[] = [null, 'upper', 'outer', 'inner', 'lower'];

/** The lines of one space; what another space’s breaker covers has none of its own. */
function linesAt(space: number, panel: CardPanel, breakers: readonly CardBreaker[]): CardLine[] {
  const branches = breakers.filter(({ breaker }) => breaker.space !== null);
  const here = branches.filter(({ breaker }) => breaker.space === space);
  if (here.length > 0)
    return here
      .sort((a, b) => HALF_ORDER.indexOf(a.breaker.half) - HALF_ORDER.indexOf(b.breaker.half))
      .map(lineOf);
  const isCovered = branches.some(({ breaker }) =>
    slotsOf({ ...breaker, space: breaker.space! }).some((slot) => slot.space === space),
  );
  return isCovered ? [] : [emptyLine(space, panel)];
}

const HEADS = {
  upright: ['Left', 'Right'],
  onItsSide: ['Upper row, from the left', 'Lower row, from the left'],
} as const;

/**
 * A panel’s directory as it hangs: its two columns, or its two rows where it lies on its side.
 *
 * @param panel its shape
 * @param breakers what is in it
 * @returns lines from top to bottom, or from the left
 * @example directoryCard(panel, []).columns[0].lines[0].label // 'spare'
 */
export function directoryCard(panel: CardPanel, breakers: readonly CardBreaker[]): DirectoryCard {
  const { spaces, orientation } = panel;
  const isAcross = isOnItsSide(orientation);
  const heads = isAcross ? HEADS.onItsSide : HEADS.upright;
  const { rows, columns } = gridOf(spaces, orientation);
  const count = isAcross ? columns : rows;
  const side = (of: 0 | 1) => ({
    head: heads[of],
    lines: Array.from({ length: spaces }, (_, i) => i + 1)
      .map((space) => ({ space, at: placeOfSpace(spaces, space, orientation) }))
      .filter(({ at }) => (isAcross ? at.row : at.column) === of)
      .sort((a, b) => (isAcross ? a.at.column - b.at.column : a.at.row - b.at.row))
      .slice(0, count)
      .flatMap(({ space }) => linesAt(space, panel, breakers)),
  });
  return { title: panel.name, columns: [side(0), side(1)] };
}

/** Sizes of a card, mm. */
export const CARD_SIZES = {
  door: { label: 'Door card, 5½ × 11 in', widthMm: 140, heightMm: 279 },
  half: { label: 'Half letter, 5½ × 8½ in', widthMm: 140, heightMm: 216 },
  letter: { label: 'Letter, 8½ × 11 in', widthMm: 216, heightMm: 279 },
  a5: { label: 'A5, 148 × 210 mm', widthMm: 148, heightMm: 210 },
  a4: { label: 'A4, 210 × 297 mm', widthMm: 210, heightMm: 297 },
} as const;
export type CardSize = keyof typeof CARD_SIZES;

const POINTS_A_MM = 72 / 25.4;
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

/** What is wrong with a directory that hangs in a door. */
export interface DirectoryFinding {
  kind: 'wrong' | 'missing' | 'gone' | 'doubled' | 'not-read';
  place: string;
  /** What hangs there, and what the record says. */
  hangs: string;
  record: string;
}

const FINDING_KINDS: Record<DirectoryFinding['kind'], string> = {
  wrong: 'Wrong',
  missing: 'Missing',
  gone: 'No breaker there',
  doubled: 'Said twice',
  'not-read': 'Not understood',
};

/**
 * What is wrong with a line of a directory, in words.
 *
 * @param finding what is wrong
 * @returns what it is, and with what
 * @example sayDirectoryFinding({ kind: 'gone', place: '9', hangs: 'attic', record: 'no breaker there' }) // { kind: 'No breaker there', … }
 */
export function sayDirectoryFinding({ kind, place, hangs, record }: DirectoryFinding): {
  kind: string;
  place: string;
  rest: string;
} {
  const said = hangs === '' ? '' : ` “${hangs}”`;
  const known =
    record === '' || kind === 'gone' ? '' : `, ${kind === 'wrong' ? 'by the record ' : ''}${record}`;
  return { kind: FINDING_KINDS[kind], place, rest: `${said}${known}` };
}

/**
 * The directory as the record has it, as it would be typed: a breaker a line.
 *
 * @param breakers what is in the panel
 * @returns text
 * @example directoryText([]) // ''
 */
export const directoryText = (breakers: readonly CardBreaker[]): string =>
  breakers
    .filter(({ breaker }) => breaker.space !== null)
    // Its rating behind it: a name may end in a number.
    .map(({ breaker, label }) => {
      const place = sayPlace(breaker);
      return `${place} ${label ?? `not known yet, ${place}`} ${breaker.ratingAmps} A`;
    })
    .join('\n');

const LINE_SHAPE =
  /^\s*(\d+)(?:\s*[-–,]\s*\d+)?(\s*)(upper|lower|inner|outer|u|l|i|o)?[\s:.)]+(.+?)(?:\s+\d+(?:\.\d+)?\s*(?:a|amps?)?)?\s*$/i;

const wordsOf = (text: string) => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
/** The same name, or one within the other. */
function isSameName(a: string, b: string): boolean {
  const [x, y] = [new Set(wordsOf(a)), new Set(wordsOf(b))];
  const [small, large] = x.size <= y.size ? [x, y] : [y, x];
  return small.size > 0 && [...small].every((word) => large.has(word));
}

/**
 * How a directory that hangs in a door differs from the record.
 *
 * @param text what hangs there, a breaker a line: its space, then its name
 * @param breakers what is in the panel
 * @returns wrong, missing, doubled names and lines for what is gone; none where both say the same
 * @example directoryFindings('1 kitchen', [])[0].kind // 'gone'
 */
export function directoryFindings(text: string, breakers: readonly CardBreaker[]): DirectoryFinding[] {
  const branches = breakers.filter(({ breaker }) => breaker.space !== null);
  const seen = new Set<CardBreaker>();
  const names = new Map<string, string>();
  const findings: DirectoryFinding[] = [];
  for (const line of text.split('\n').filter((one) => one.trim() !== '')) {
    const [, digits, gap, half, written = ''] = LINE_SHAPE.exec(line) ?? [];
    if (digits === undefined) {
      findings.push({ kind: 'not-read', place: '', hangs: line.trim(), record: '' });
      continue;
    }
    const here = branches.filter(({ breaker }) => breaker.space === Number(digits));
    const wanted = half === undefined ? null : HALF_NAMES[half.toLowerCase()]!;
    const inHalf = here.find(({ breaker }) => breaker.half === wanted);
    // “3 lower hall” is a name where nothing sits in a lower half.
    const isName = half !== undefined && gap !== '' && !inHalf && here.length > 0;
    const label = isName ? `${half} ${written}` : written;
    const at = wanted === null || isName ? here[0] : inHalf;
    const place = at ? sayPlace(at.breaker) : digits;
    const key = wordsOf(label).join(' ');
    const before = names.get(key);
    if (before !== undefined)
      findings.push({ kind: 'doubled', place, hangs: label, record: `also at ${before}` });
    names.set(key, place);
    if (!at) {
      findings.push({ kind: 'gone', place, hangs: label, record: 'no breaker there' });
      continue;
    }
    seen.add(at);
    if (at.label !== null && !isSameName(label, at.label))
      findings.push({ kind: 'wrong', place, hangs: label, record: at.label });
  }
  for (const one of branches)
    if (!seen.has(one))
      findings.push({
        kind: 'missing',
        place: sayPlace(one.breaker),
        hangs: '',
        record: one.label ?? 'not known yet',
      });
  return findings;
}
