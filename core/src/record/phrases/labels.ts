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
  if (Math.min(a.length, b.length) < LEAST_NEAR || Math.abs(a.length - b.length) > 1) return false;
  let start = 0;
  while (start < a.length && a[start] === b[start]) start++;
  let [endA, endB] = [a.length, b.length];
  while (endA > start && endB > start && a[endA - 1] === b[endB - 1]) {
    endA--;
    endB--;
  }
  const [restA, restB] = [endA - start, endB - start];
  if (restA <= 1 && restB <= 1) return true;
  return restA === 2 && restB === 2 && a[start] === b[start + 1] && a[start + 1] === b[start];
}
const LEAST_NEAR = 5;
/** A word of fewer letters is not taken for the beginning of another. */
const LEAST_BEGINNING = 3;

/** Where in the labels a word stands. */
interface Standing {
  label: number;
  at: number;
}

/** How a typed word fits the words of one label: at which of them, those spelled just so first. */
type Fits = ReadonlyMap<number, readonly { at: number; isExact: boolean }[]>;

/** A label that holds all of the words typed so far. */
interface Holding {
  label: number;
  used: readonly number[];
  exact: number;
}

/** So many of the best are ever looked at. */
const MOST_SCORES = 5;
/** So many labels are kept for words that were looked up before; then they are looked up anew. */
const MOST_KEPT = 200_000;

/** The labels of all places: each of their words once, in order, so that a typed word is found without going through all. */
export class Labels<P extends { label: string; place: string }> {
  private readonly lengths: readonly number[];
  /** The words of all labels, in order. */
  private readonly words: readonly string[];
  private readonly standing: readonly (readonly Standing[])[];
  private readonly bySingular = new Map<string, number[]>();
  private readonly byLength = new Map<number, number[]>();
  private readonly known = new Map<string, Fits>();
  private readonly held = new Map<string, readonly Holding[]>();
  private readonly scored = new Map<string, readonly LabelScore<P>[]>();
  private kept = 0;

  constructor(private readonly places: readonly P[]) {
    const own = places.map(({ label }) => wordsOf(label));
    this.lengths = own.map((words) => words.length);
    const at = new Map<string, Standing[]>();
    own.forEach((words, label) =>
      words.forEach((word, i) => {
        const standing = at.get(word);
        if (standing) standing.push({ label, at: i });
        else at.set(word, [{ label, at: i }]);
      }),
    );
    this.words = [...at.keys()].sort();
    this.standing = this.words.map((word) => at.get(word)!);
    this.words.forEach((word, i) => {
      push(this.bySingular, singular(word), i);
      push(this.byLength, word.length, i);
    });
  }

  /** The words that begin with some letters stand side by side. */
  private beginningWith(typed: string): number[] {
    let [from, to] = [0, this.words.length];
    while (from < to) {
      const middle = (from + to) >> 1;
      if (this.words[middle]! < typed) from = middle + 1;
      else to = middle;
    }
    const found: number[] = [];
    for (let i = from; i < this.words.length && this.words[i]!.startsWith(typed); i++) found.push(i);
    return found;
  }

  private fitsOf(typed: string): Fits {
    const kept = this.known.get(typed);
    if (kept) return kept;
    const exact = new Set(this.bySingular.get(singular(typed)) ?? []);
    const close = new Set(typed.length >= LEAST_BEGINNING ? this.beginningWith(typed) : []);
    if (typed.length >= LEAST_NEAR)
      for (const length of [typed.length - 1, typed.length, typed.length + 1])
        for (const i of this.byLength.get(length) ?? []) if (isNear(typed, this.words[i]!)) close.add(i);
    const fits = new Map<number, { at: number; isExact: boolean }[]>();
    for (const i of new Set([...exact, ...close]))
      for (const { label, at } of this.standing[i]!) push(fits, label, { at, isExact: exact.has(i) });
    for (const found of fits.values())
      found.sort((x, y) => Number(y.isExact) - Number(x.isExact) || x.at - y.at);
    this.known.set(typed, fits);
    return fits;
  }

  /** The labels that hold all of some words: those that hold all but the last, and that one too. */
  private holding(words: readonly string[]): readonly Holding[] {
    const key = words.join(' ');
    const known = this.held.get(key);
    if (known) return known;
    const fits = this.fitsOf(words.at(-1)!);
    const before: Iterable<Holding> =
      words.length > 1
        ? this.holding(words.slice(0, -1))
        : [...fits.keys()].sort((a, b) => a - b).map((label) => ({ label, used: [], exact: 0 }));
    const found: Holding[] = [];
    for (const { label, used, exact } of before) {
      const fit = fits.get(label)?.find(({ at }) => !used.includes(at));
      if (fit) found.push({ label, used: [...used, fit.at], exact: exact + Number(fit.isExact) });
    }
    if (this.kept > MOST_KEPT) {
      this.held.clear();
      this.kept = 0;
    }
    this.held.set(key, found);
    this.kept += found.length;
    return found;
  }

  /**
   * The best of the labels that hold all of the typed words: more words spelled just so, then more of the label said.
   *
   * @param typed words
   * @returns their scores, five at most
   * @example new Labels([{ label: 'Kitchen counter', place: '1' }]).scores(['kitchen'])[0].coverage // 0.5
   */
  scores(typed: readonly string[]): readonly LabelScore<P>[] {
    const wanted = typed.filter((word) => !FILLERS.has(word));
    if (wanted.length === 0) return [];
    const key = wanted.join(' ');
    const known = this.scored.get(key);
    if (known) return known;
    const best: LabelScore<P>[] = [];
    for (const { label, used, exact } of this.holding(wanted)) {
      const score = {
        place: this.places[label]!,
        exact,
        coverage: used.length / this.lengths[label]!,
        isExact: exact === wanted.length,
      };
      const at = best.findIndex((one) => isBetter(score, one));
      best.splice(at < 0 ? best.length : at, 0, score);
      if (best.length > MOST_SCORES) best.pop();
    }
    this.scored.set(key, best);
    return best;
  }
}

const isBetter = <P>(a: LabelScore<P>, b: LabelScore<P>): boolean =>
  a.exact > b.exact || (a.exact === b.exact && a.coverage > b.coverage);

function push<K, V>(lists: Map<K, V[]>, key: K, value: V): void {
  const list = lists.get(key);
  if (list) list.push(value);
  else lists.set(key, [value]);
}
