import { HALF_NAMES, sayPlace } from '../../panel/layout/index.ts';
import type { CardBreaker } from './directoryCard.ts';
import * as messages from './messages.ts';

/** What is wrong with a directory that hangs in a door. */
export interface DirectoryFinding {
  kind: 'wrong' | 'missing' | 'gone' | 'doubled' | 'not-read';
  place: string;
  /** What hangs there, and what the record says. */
  hangs: string;
  record: string;
}

const FINDING_KINDS: Record<DirectoryFinding['kind'], string> = {
  wrong: messages.wrong,
  missing: messages.missing,
  gone: messages.noBreakerThere,
  doubled: messages.listedTwice,
  'not-read': messages.notUnderstood,
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
    record === '' || kind === 'gone' ? '' : `, ${kind === 'wrong' ? messages.onRecord : ''}${record}`;
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
      return `${place} ${label ?? messages.notKnownYetOf(place)} ${breaker.ratingAmps} A`;
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
      findings.push({ kind: 'doubled', place, hangs: label, record: messages.alsoAt(before) });
    names.set(key, place);
    if (!at) {
      findings.push({ kind: 'gone', place, hangs: label, record: messages.noBreakerThereInline });
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
        record: one.label ?? messages.notKnownYet,
      });
  return findings;
}
