import { isAtLeast, outcomeHazard, type HazardFinding } from './hazard.ts';
import { HAZARD_SCOPES, type HazardLevel, type HazardScope } from './hazardTable.ts';
import {
  CONSEQUENCES,
  type Consequence,
  type FindingLevel,
  type Helper,
  STEPS_BY_FINDING,
  type Urgency,
  type WorkKind,
} from './consequenceTable.ts';

/** A hazard as far as its consequences ask. */
export interface HazardSummary {
  level: HazardLevel;
  findings: readonly FindingLevel[];
}

const consequence = ({ level, scope }: Pick<FindingLevel, 'level' | 'scope'>): Consequence =>
  CONSEQUENCES[level][scope];

/** What follows from a hazard, in words and times. */
export interface Consequences {
  within: Urgency;
  who: Helper;
  use: string;
  now: string[];
  /** What waiting risks. */
  waiting: string;
}

/**
 * What follows from a hazard: how soon, who, what may still be used, what to do now, and what waiting risks.
 *
 * @param hazard as `hazardOf` gives it
 * @returns null without any finding
 * @example consequencesOf(hazardOf([{ test: 'smell', outcome: 'hot-plastic' }]))!.within // 'now'
 */
export function consequencesOf({ level, findings }: HazardSummary): Consequences | null {
  const [first] = findings;
  if (!first) return null;
  const highest = findings.filter((finding) => finding.level === level);
  const { within, use, waiting } = consequence(first);
  const who = highest.some((finding) => consequence(finding).who === 'utility')
    ? 'utility'
    : consequence(first).who;
  return { within, who, use, waiting, now: [...new Set(highest.flatMap(stepsFor))] };
}

const stepsFor = (finding: FindingLevel): readonly string[] =>
  (finding.isCombined ? undefined : STEPS_BY_FINDING[`${finding.test}:${finding.outcome}`]) ??
  consequence(finding).now;

/**
 * The steps to take now on one finding by itself.
 *
 * @param test id of the test
 * @param outcome its outcome
 * @returns a sentence for each step; none where the outcome is no hazard
 * @example stepsOn('sound', 'quiet') // []
 */
export function stepsOn(test: FindingLevel['test'], outcome: string): readonly string[] {
  const hazard = outcomeHazard(test, outcome);
  return hazard ? stepsFor({ test, outcome, level: hazard.level, scope: hazard.scope }) : [];
}

/** Whom to call now, as a sentence, by who deals with a stop. */
export const CALLS: Record<Exclude<Helper, 'anyone'>, string> = {
  electrician: 'Call a licensed electrician now. Read this page to the electrician.',
  utility:
    'Call the utility’s emergency line now and report a possible open neutral. Then call a licensed electrician.',
};

/** What may be used, and the steps to take now, at a panel that must not be used. */
export const PANEL_STOP: Pick<Consequence, 'use' | 'now'> = CONSEQUENCES.stop.panel;

/**
 * Whom to call now.
 *
 * @param who deals with a stop
 * @returns a sentence
 * @example callFor('electrician') // 'Call a licensed electrician now. …'
 */
export const callFor = (who: Helper): string => CALLS[who === 'utility' ? 'utility' : 'electrician'];

/** From this scope on, a finding concerns the whole panel. */
const isOfPanel = (scope: HazardScope): boolean =>
  HAZARD_SCOPES.indexOf(scope) >= HAZARD_SCOPES.indexOf('panel');

/**
 * The part of a hazard that concerns the whole panel, wherever it was found.
 *
 * @param findings of one or several breakers
 * @returns those of panel or supply scope
 * @example ofWholePanel(hazardOf([{ test: 'smell', outcome: 'hot-plastic' }]).findings).length // 1
 */
export const ofWholePanel = <F extends Pick<FindingLevel, 'scope'>>(findings: readonly F[]): F[] =>
  findings.filter(({ scope }) => isOfPanel(scope));

/**
 * The findings at one breaker that concern the whole panel. At the main, everything from `restrict` on does: the main
 * carries the whole panel.
 *
 * @param findings of one breaker
 * @param isMain whether it is the main
 * @returns findings of panel or supply scope
 * @example panelFindingsAt(hazardOf([{ test: 'panel-touch', outcome: 'hot' }]).findings, true).length // 1
 */
export const panelFindingsAt = <F extends Pick<HazardFinding, 'level' | 'scope'>>(
  findings: readonly F[],
  isMain: boolean,
): F[] => {
  const ofPanel = ofWholePanel(findings);
  return findings
    .filter((one) => ofPanel.includes(one) || (isMain && isAtLeast(one.level, 'restrict')))
    .map((one) => (ofPanel.includes(one) ? one : { ...one, scope: 'panel' }));
};

/**
 * Whether a hazard suspends a job at a breaker.
 *
 * @param job what somebody wants to do
 * @param own the breaker’s own hazard
 * @param panel the hazard of its panel
 * @returns whether the job waits until the hazard is dealt with
 * @example isSuspended('exercise', NO_HAZARD, hazardOf([{ test: 'sound', outcome: 'sizzle-or-crackle' }])) // true
 */
export const isSuspended = (
  job: WorkKind,
  own: Pick<HazardSummary, 'findings'>,
  panel: Pick<HazardSummary, 'findings'>,
): boolean =>
  own.findings.some((finding) => consequence(finding).suspends.includes(job)) || suspendsPanel(job, panel);

/**
 * Whether a hazard suspends a job at the whole panel.
 *
 * @param job what somebody wants to do
 * @param panel the hazard of the panel
 * @returns whether the job waits until the hazard is dealt with
 * @example suspendsPanel('load-test', NO_HAZARD) // false
 */
export const suspendsPanel = (job: WorkKind, panel: Pick<HazardSummary, 'findings'>): boolean =>
  panel.findings.some((finding) => {
    const { reach, suspends } = consequence(finding);
    return reach === 'panel' && suspends.includes(job);
  });
