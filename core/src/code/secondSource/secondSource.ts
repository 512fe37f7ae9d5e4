import { atLeast, sayQuantity, type Reason } from '../../facts/quantities/index.ts';
import { BUS_SOURCES, STANDARD_RATINGS_AMPS } from '../../facts/standards/index.ts';
import { standardRatingAtLeast } from '../sizing/index.ts';
import * as messages from './messages.ts';
import {
  secondSourceInput,
  type SecondSource,
  type SecondSourceInput,
  type SecondSourceQuestion,
} from './schema.ts';

const OUTPUT_TIMES = BUS_SOURCES.outputPercent / 100;
const OPPOSITE_END_TIMES = BUS_SOURCES.oppositeEndPercent / 100;
const LARGEST_AMPS = STANDARD_RATINGS_AMPS.at(-1)!;

type Rule = SecondSource['rules'][number];

const total = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0);
const inAmps = (amps: number) => sayQuantity(amps, 'A');

/** Whether main and sources feed the bus from opposite ends; a bus fed at its center has one source at one end. */
const areAtOppositeEnds = ({ feed, sources }: SecondSourceQuestion) =>
  sources.every(({ position }) => position === 'opposite-end') && (feed === 'end' || sources.length === 1);

function rulesOf(question: SecondSourceQuestion): Rule[] {
  const { busAmps, mainAmps, sources, branchBreakersAmps } = question;
  const fed = OUTPUT_TIMES * total(sources.map(({ outputAmps }) => outputAmps)) + mainAmps;
  const breakers =
    branchBreakersAmps && total([...sources.map(({ breakerAmps }) => breakerAmps), ...branchBreakersAmps]);
  const rule = (code: Rule['code'], valueAmps: number | null, limitAmps: number, applies: boolean): Rule => ({
    ...{ code, valueAmps, limitAmps, applies },
    ok: applies && valueAmps !== null && atLeast(limitAmps, valueAmps),
  });
  return [
    rule('sum', fed, busAmps, true),
    rule('opposite-end', fed, OPPOSITE_END_TIMES * busAmps, areAtOppositeEnds(question)),
    rule('all-breakers', breakers ?? null, busAmps, breakers !== undefined && atLeast(busAmps, mainAmps)),
  ];
}

const isAllowed = (rules: readonly Rule[]) => rules.some(({ ok }) => ok);

/** The next smaller main that would do, A; never less than half of what is there. */
function smallerMain(question: SecondSourceQuestion): number | null {
  const smaller = STANDARD_RATINGS_AMPS.findLast((rating) => rating < question.mainAmps);
  if (smaller === undefined || smaller < question.mainAmps / 2) return null;
  return isAllowed(rulesOf({ ...question, mainAmps: smaller })) ? smaller : null;
}

/**
 * Whether sources may feed a panel from its load side: solar, battery, vehicle, a generator with an interactive inverter.
 * One of the bus rules that apply has to hold, and each breaker to carry 125% of its source.
 *
 * Source: NEC 2023, 705.12(B)(1) to (3) for the bus, 705.28(A) for the breakers, 240.6(A) for their ratings.
 *
 * @param input rating of bus and main (A), where the main feeds the bus; output (A), breaker (A) and position of each source;
 *   the load breakers on the bus (A)
 * @returns each rule with value and limit (A), the smallest breaker of each source (A), and reasons
 * @throws ZodError where a figure is impossible or a breaker of no standard rating
 * @example
 * secondSource({ busAmps: 200, mainAmps: 200, feed: 'end',
 *   sources: [{ id: 'solar', outputAmps: 32, breakerAmps: 40, position: 'opposite-end' }] }).ok // true: 240 A of 240 A
 */
export function secondSource(input: SecondSourceInput): SecondSource {
  const question = secondSourceInput.parse(input);
  const rules = rulesOf(question);
  const reasons: Reason[] = [];
  const breakers = question.sources.map(({ id, outputAmps, breakerAmps }) => {
    const minBreakerAmps = standardRatingAtLeast(OUTPUT_TIMES * outputAmps);
    const ok = minBreakerAmps !== null && breakerAmps >= minBreakerAmps;
    if (!ok)
      reasons.push({
        code: 'breaker-too-small',
        text:
          minBreakerAmps === null
            ? messages.aSourceIsTooLarge(id, inAmps(outputAmps), inAmps(LARGEST_AMPS))
            : messages.aSourceNeedsABreakerOf(
                id,
                inAmps(breakerAmps),
                inAmps(outputAmps),
                inAmps(minBreakerAmps),
              ),
      });
    return { id, minBreakerAmps, ok };
  });
  if (!isAllowed(rules)) {
    reasons.push({
      code: 'bus-overloaded',
      text: messages.theBusIsOverloaded(inAmps(question.busAmps)),
    });
    const smaller = smallerMain(question);
    if (smaller !== null)
      reasons.push({ code: 'main-could-shrink', text: messages.aSmallerMainWouldDo(inAmps(smaller)) });
  }
  return { ok: isAllowed(rules) && breakers.every(({ ok }) => ok), rules, breakers, reasons };
}
