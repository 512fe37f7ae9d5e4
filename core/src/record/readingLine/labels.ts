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

/** How a typed word fits the words of one label: at which of them, and whether just so. */
type Fits = ReadonlyMap<number, readonly { at: number; isExact: boolean }[]>;

/** The labels of all places, each typed word looked up in them once. */
export class Labels<P extends { label: string; place: string }> {
  private readonly own: readonly string[][];
  private readonly known = new Map<string, Fits>();

  constructor(private readonly places: readonly P[]) {
    this.own = places.map(({ label }) => wordsOf(label));
  }

  private fitsOf(typed: string): Fits {
    const kept = this.known.get(typed);
    if (kept) return kept;
    const fits = new Map<number, { at: number; isExact: boolean }[]>();
    this.own.forEach((words, i) => {
      const found = words.flatMap((word, at) => {
        const how = fit(typed, word);
        return how ? [{ at, isExact: how === 'exact' }] : [];
      });
      if (found.length > 0)
        fits.set(
          i,
          found.sort((x, y) => Number(y.isExact) - Number(x.isExact)),
        );
    });
    this.known.set(typed, fits);
    return fits;
  }

  /**
   * The labels that hold all of the typed words, the best first: more words spelled just so, then more of the label said.
   *
   * @param typed words
   * @returns their scores
   * @example new Labels([{ label: 'Kitchen counter', place: '1' }]).scores(['kitchen'])[0].coverage // 0.5
   */
  scores(typed: readonly string[]): LabelScore<P>[] {
    const wanted = typed.filter((word) => !FILLERS.has(word)).map((word) => this.fitsOf(word));
    const rarest = [...wanted].sort((a, b) => a.size - b.size)[0];
    if (!rarest) return [];
    const scores: LabelScore<P>[] = [];
    for (const i of rarest.keys()) {
      const used = new Set<number>();
      let exact = 0;
      const all = wanted.every((fits) => {
        const found = fits.get(i)?.find(({ at }) => !used.has(at));
        if (!found) return false;
        used.add(found.at);
        if (found.isExact) exact++;
        return true;
      });
      if (all)
        scores.push({
          place: this.places[i]!,
          exact,
          coverage: used.size / this.own[i]!.length,
          isExact: exact === wanted.length,
        });
    }
    return scores.sort((a, b) => b.exact - a.exact || b.coverage - a.coverage);
  }
}
