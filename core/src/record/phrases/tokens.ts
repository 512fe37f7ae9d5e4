import { isUnit } from './units.ts';

/** A piece of a line: a figure, a time of day, a date, a word, or a mark. */
export interface Token {
  kind: 'number' | 'clock' | 'date' | 'word' | 'separator' | 'mark';
  /** In small letters, with a straight apostrophe. */
  text: string;
  from: number;
  to: number;
}

const PIECE =
  /(?<date>\d{4}-\d{2}-\d{2}(?!\d))|(?<clock>\d{1,2}:[0-5]\d(?!\d|[:.,]\d))|(?<number>(?:(?<![\p{L}\d])[+\-−])?(?:\d+(?:[.,]\d+)*|(?<!\d)[.,]\d+))|(?<word>\p{L}[\p{L}\p{M}]*(?:['’]\p{L}+)*|[°º])|(?<separator>[,;|•]|\.(?=\s|$))|(?<mark>\S)/gu;

/** Words behind “1:30” with which it is a time: of day, or so long. */
const AFTER_CLOCK = /^(?:[ap]\.?m\.?|h|hr|hrs|hours?)(?!\p{L})/u;

/**
 * The pieces of one line.
 *
 * @param line without line breaks
 * @param start where it begins in the whole text
 * @returns pieces in their order, each with its place in the text
 * @example tokensOf('12: 118.4v', 0).map(({ text }) => text) // ['12', ':', '118.4', 'v']
 */
export function tokensOf(line: string, start: number): Token[] {
  const tokens: Token[] = [];
  for (const match of line.matchAll(PIECE)) {
    const [raw] = match;
    const kind = Object.entries(match.groups ?? {}).find(
      ([, text]) => text !== undefined,
    )![0] as Token['kind'];
    const from = start + match.index;
    const text = raw.toLowerCase().replaceAll('’', "'").replace('º', '°');
    if (kind === 'clock' && isPlaceAndFigure(line.slice(match.index + raw.length))) {
      const [place, figure] = text.split(':') as [string, string];
      const colon = from + place.length;
      tokens.push({ kind: 'number', text: place, from, to: colon });
      tokens.push({ kind: 'mark', text: ':', from: colon, to: colon + 1 });
      tokens.push({ kind: 'number', text: figure, from: colon + 1, to: from + raw.length });
    } else tokens.push({ kind, text, from, to: from + raw.length });
  }
  return tokens;
}

/** “12:41c” is place 12 and 41 °C, no time of day. */
function isPlaceAndFigure(rest: string): boolean {
  const next = rest.replace(/^ /, '').toLowerCase();
  if (AFTER_CLOCK.test(next)) return false;
  const word = /^(?:\p{L}+|°)/u.exec(next)?.[0];
  return word !== undefined && isUnit(word);
}
