import { sayOutcome, TEST_IDS, type ActionId, type TestId, type TestResult } from '../vocabulary/index.ts';
import {
  COMBINED_HAZARDS,
  HAZARD_LEVELS,
  HAZARD_SCOPES,
  HAZARDS,
  type CombinedHazard,
  type HazardLevel,
  type HazardScope,
  type OutcomeHazard,
} from './hazardTable.ts';
import * as messages from './messages.ts';

/** A finding that is a hazard, by itself or together with another. */
export interface HazardFinding {
  test: TestId;
  outcome: string;
  level: Exclude<HazardLevel, 'none'>;
  scope: HazardScope;
  resetMayCure: boolean;
  /** Actions that deal with the finding, the usual one first. */
  remedies: readonly ActionId[];
  /** Found together with other outcomes. */
  isCombined: boolean;
  text: string;
}

/** How dangerous all findings together are. */
export interface Hazard {
  level: HazardLevel;
  /** Scope of the first finding; null without any. */
  scope: HazardScope | null;
  /** The most dangerous first. */
  findings: readonly HazardFinding[];
}

/** What a record adds to the latest outcome of each test. */
export interface HazardCircumstances {
  /** Immediate trips with everything unplugged, since the breaker last held. */
  unpluggedTrips?: number;
  /** The breaker is off or tripped, so its connections carry nothing. */
  carriesNothing?: boolean;
  /** Findings that no test of the vocabulary tells, and those of the rest of the panel. */
  findings?: readonly HazardFinding[];
  /** Tests whose outcome was found elsewhere in the panel: no findings of this breaker. */
  foundElsewhere?: ReadonlySet<TestId>;
}

export const NO_HAZARD: Hazard = { level: 'none', scope: null, findings: [] };

/**
 * The hazard of one outcome by itself.
 *
 * @param test id of the test
 * @param outcome one of its outcomes
 * @returns level, scope and remedies; null where the outcome is no hazard
 * @example outcomeHazard('smell', 'hot-plastic')!.level // 'stop'
 */
export const outcomeHazard = (test: TestId, outcome: string): OutcomeHazard | null =>
  (HAZARDS as Partial<Record<TestId, Readonly<Record<string, OutcomeHazard>>>>)[test]?.[outcome] ?? null;

/**
 * The level of one outcome by itself.
 *
 * @param test id of the test
 * @param outcome one of its outcomes
 * @returns 'none', 'repair', 'restrict' or 'stop'
 * @example outcomeLevel('sound', 'quiet') // 'none'
 */
export const outcomeLevel = (test: TestId, outcome: string): HazardLevel =>
  outcomeHazard(test, outcome)?.level ?? 'none';

/**
 * Whether one level is at least another.
 *
 * @param level of a finding
 * @param least the level asked for
 * @returns whether it is reached
 * @example isAtLeast('stop', 'repair') // true
 */
export const isAtLeast = (level: HazardLevel, least: HazardLevel): boolean =>
  HAZARD_LEVELS.indexOf(level) >= HAZARD_LEVELS.indexOf(least);

/** Handle positions at which the breaker carries nothing. */
const OPEN_HANDLE: readonly string[] = ['off', 'middle'];
/** So many immediate trips with everything unplugged leave no doubt about the wiring. */
const UNPLUGGED_TRIPS = 2;

/**
 * How dangerous a set of findings is. Every decision, list and page that speaks of danger reads this.
 *
 * @param results the latest outcome of each test
 * @param circumstances what a record adds
 * @returns the highest level with every finding, the most dangerous first, then the widest scope
 * @example hazardOf([{ test: 'smell', outcome: 'hot-plastic' }]) // { level: 'stop', scope: 'panel', findings: […] }
 */
export function hazardOf(
  results: readonly TestResult[],
  {
    unpluggedTrips = 0,
    carriesNothing = false,
    findings: more = [],
    foundElsewhere,
  }: HazardCircumstances = {},
): Hazard {
  const shows = (part: CombinedHazard['parts'][number]) =>
    results.find(({ test, outcome }) => part[test]?.includes(outcome));
  const isOpen = carriesNothing || shows({ 'handle-position': OPEN_HANDLE }) !== undefined;
  const findings = results.flatMap(({ test, outcome }): HazardFinding[] => {
    const hazard = foundElsewhere?.has(test) ? null : outcomeHazard(test, outcome);
    return hazard ? [findingOf(test, outcome, hazard)] : [];
  });
  for (const { parts, onlyWhileOn, level, scope, text } of COMBINED_HAZARDS) {
    const found = parts.map(shows);
    const last = found.at(-1);
    if (!last || found.includes(undefined) || (onlyWhileOn && isOpen)) continue;
    findings.push({ ...findingOf(last.test, last.outcome, { level, scope }), isCombined: true, text });
  }
  if (unpluggedTrips >= UNPLUGGED_TRIPS)
    findings.push({
      ...findingOf('reset-result-unplugged', 'trips-at-once', { level: 'stop', scope: 'circuit' }),
      isCombined: true,
      text: messages.theBreakerHasTripped,
    });
  return hazardFrom([...findings, ...more]);
}

/**
 * One hazard from findings of several places.
 *
 * @param findings in any order
 * @returns the same findings in order, with the highest level and the scope of the first
 * @example hazardFrom([]).level // 'none'
 */
export function hazardFrom(findings: readonly HazardFinding[]): Hazard {
  const sorted = [...findings].sort(
    (a, b) =>
      HAZARD_LEVELS.indexOf(b.level) - HAZARD_LEVELS.indexOf(a.level) ||
      HAZARD_SCOPES.indexOf(b.scope) - HAZARD_SCOPES.indexOf(a.scope) ||
      Number(b.isCombined) - Number(a.isCombined) ||
      TEST_IDS.indexOf(a.test) - TEST_IDS.indexOf(b.test),
  );
  const [first] = sorted;
  return first ? { level: first.level, scope: first.scope, findings: sorted } : NO_HAZARD;
}

/** A finding by the table’s row. */
const findingOf = (test: TestId, outcome: string, hazard: OutcomeHazard): HazardFinding => ({
  test,
  outcome,
  level: hazard.level,
  scope: hazard.scope,
  resetMayCure: hazard.resetMayCure ?? false,
  remedies: hazard.remedies ?? [],
  isCombined: false,
  text: `${sayOutcome(test, outcome)}.`,
});

/**
 * Why everything stops, as sentences.
 *
 * @param hazard of all findings
 * @returns the findings that stop; empty where nothing does
 * @example stopReasons(hazardOf([{ test: 'sound', outcome: 'quiet' }])) // []
 */
export const stopReasons = ({ findings }: Hazard): string[] => [
  ...new Set(findings.filter(({ level }) => level === 'stop').map(({ text }) => text)),
];
