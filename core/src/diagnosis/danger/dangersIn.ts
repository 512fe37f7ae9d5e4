import type { TestResult } from '../causes/index.ts';
import { isDanger, sayOutcome, type TestId } from '../../facts/vocabulary/index.ts';

/** A danger, as a sentence, and what showed it. */
export interface Danger {
  /** The test that shows it by itself; null where several do together. */
  by: TestResult | null;
  text: string;
  /** Found at the main, not at this breaker. */
  atMain?: true;
}

/** What a record tells of besides the latest outcome of each test. */
export interface Circumstances {
  /** Trips at once with everything unplugged, since it last held. */
  bareSnaps?: number;
  /** The handle is known to stand in off, or tripped: the breaker carries nothing. */
  isOff?: boolean;
  /** What was found at the main, which every circuit hangs on. */
  atMain?: readonly TestResult[];
}

/** Any of these outcomes of any of these tests. */
type Part = Partial<Record<TestId, readonly string[]>>;

interface Together {
  parts: readonly Part[];
  /** It is no danger while the breaker carries nothing. */
  onlyWhileOn?: true;
  text: string;
}

/**
 * What is dangerous only together (by itself: `danger` in the vocabulary’s tests). Where there was doubt, it was decided
 * to the side of the person’s life:
 * - Insulation of next to nothing stops whatever the handle says: it is always measured with the breaker off, and what
 *   must not happen is that somebody switches it on again.
 * - A melted joint counts as a loose one does: it was hotter, not better.
 * - A breaker’s face more than 15 °C over its peers tells of a hot joint as its terminal does: a homeowner sees no other.
 * - A trip at once with its loads and another without any are two: nobody needs a third to know that the wiring is shorted.
 */
const TOGETHER: readonly Together[] = [
  {
    parts: [{ 'reset-result': ['trips-at-once'] }, { 'reset-result-unplugged': ['trips-at-once'] }],
    text: 'It tripped at once again with everything unplugged: a short in the wiring.',
  },
  {
    parts: [{ 'insulation-resistance': ['near-zero'] }],
    text: 'The insulation reads next to nothing: the wiring is shorted. It stays off.',
  },
  {
    parts: [
      { 'terminal-inspection': ['loose', 'discoloured-or-melted'] },
      { 'terminal-temperature': ['over-15-over'], 'face-temperature': ['over-15-over'] },
    ],
    onlyWhileOn: true,
    text: 'A loose or burnt joint is hot: it is carrying load.',
  },
];

/** So many trips at once with everything unplugged leave no doubt. */
const BARE_SNAPS = 2;

const OFF: readonly string[] = ['off', 'middle'];

/**
 * The dangers in what was found: one rule for the detail, for cases, for the API and for the study.
 *
 * @param results the latest outcome of each test that was done
 * @param circumstances what a record tells besides
 * @returns single signs first, then the main’s, then what is dangerous together; empty: none
 * @example dangersIn([{ test: 'smell', outcome: 'hot-plastic' }]).length // 1
 */
export function dangersIn(
  results: readonly TestResult[],
  { bareSnaps = 0, isOff = false, atMain = [] }: Circumstances = {},
): Danger[] {
  const seen = (part: Part) => results.some(({ test, outcome }) => part[test]?.includes(outcome));
  const carriesNothing = isOff || seen({ 'handle-position': OFF });
  const alone = results.filter(({ test, outcome }) => isDanger(test, outcome));
  const main = atMain.filter(({ test, outcome }) => isDanger(test, outcome));
  const say = ({ test, outcome }: TestResult) => `${sayOutcome(test, outcome)}.`;
  const together = TOGETHER.filter(
    ({ parts, onlyWhileOn }) => parts.every(seen) && !(onlyWhileOn && carriesNothing),
  ).map(({ text }) => text);
  if (bareSnaps >= BARE_SNAPS)
    together.push('It has tripped at once twice with everything unplugged: a short in the wiring.');
  return [
    ...alone.map((by) => ({ by, text: say(by) })),
    ...main.map((by) => ({ by, text: `At the main: ${say(by)}`, atMain: true as const })),
    ...together.map((text) => ({ by: null, text })),
  ];
}
