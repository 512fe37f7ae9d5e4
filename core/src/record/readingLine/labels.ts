import { FILLERS } from './fillers.ts';

/** How well typed words fit a label that holds all of them. */
export interface LabelScore<P> {
  place: P;
  /** How many words are spelled just so. */
  exact: number;
  /** Share of the label’s own words that were said, 0 to 1. */
  coverage: number;
  /** Every typed word is spelled just so. */
  isExact: boolean;
}

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replaceAll('’', "'")
    .split(/[^\p{L}\p{N}']+/u)
    .filter((word) => word !== '' && !FILLERS.has(word));

/** Without the ending of several. */
const singular = (word: string) =>
  word.length > 3 ? word.replace(/ies$/, 'y').replace(/(?<=(?:s|x|ch|sh))es$|(?<!s)s$/, '') : word;

/** At most one letter more, less, other or exchanged with its neighbor. */
function isNear(a: string, b: string): boolean {
  if (Math.min(a.length, b.length) < 5 || Math.abs(a.length - b.length) > 1) return false;
  let start = 0;
  while (start < a.length && a[start] === b[start]) start++;
  let [endA, endB] = [a.length, b.length];
  while (endA > start && endB > start && a[endA - 1] === b[endB - 1]) {
    endA--;
    endB--;
  }
  const [restA, restB] = [a.slice(start, endA), b.slice(start, endB)];
  if (restA.length <= 1 && restB.length <= 1) return true;
  return restA.length === 2 && restA[0] === restB[1] && restA[1] === restB[0] && restB.length === 2;
}

/** How a typed word fits one of a label: just so, as its beginning or its plural, nearly; or not. */
function fit(typed: string, word: string): 'exact' | 'close' | null {
  if (typed === word) return 'exact';
  if (singular(typed) === singular(word)) return 'exact';
  if (typed.length >= 3 && word.startsWith(typed)) return 'close';
  return isNear(typed, word) ? 'close' : null;
}

/**
 * The labels that hold all of the typed words, the best first: more words spelled just so, then more of the label said.
 *
 * @param typed words
 * @param places with labels
 * @returns their scores
 * @example labelScores(['kitchen'], [{ label: 'Kitchen counter' }])[0].coverage // 0.5
 */
export function labelScores<P extends { label: string; place: string }>(
  typed: readonly string[],
  places: readonly P[],
): LabelScore<P>[] {
  const wanted = typed.filter((word) => !FILLERS.has(word));
  if (wanted.length === 0) return [];
  const scores: LabelScore<P>[] = [];
  for (const place of places) {
    const own = wordsOf(place.label);
    const used = new Set<number>();
    let exact = 0;
    const all = wanted.every((word) => {
      const just = own.findIndex((one, n) => !used.has(n) && fit(word, one) === 'exact');
      const at = just >= 0 ? just : own.findIndex((one, n) => !used.has(n) && fit(word, one) === 'close');
      if (at < 0) return false;
      used.add(at);
      if (just >= 0) exact++;
      return true;
    });
    if (all)
      scores.push({ place, exact, coverage: used.size / own.length, isExact: exact === wanted.length });
  }
  return scores.sort((a, b) => b.exact - a.exact || b.coverage - a.coverage);
}
