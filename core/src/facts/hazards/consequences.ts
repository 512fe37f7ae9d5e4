import { isAtLeast, outcomeHazard, type HazardFinding } from './hazard.ts';
import { HAZARD_SCOPES, type HazardLevel, type HazardScope } from './hazardTable.ts';

/** How soon a finding is dealt with. */
export const URGENCIES = ['now', 'days', 'weeks', 'plan'] as const;
export type Urgency = (typeof URGENCIES)[number];

/** Jobs that switch or load breakers, and that a hazard may suspend. */
export const JOBS = ['reset', 'exercise', 'mapping', 'load-test', 'planned-work'] as const;
export type WorkKind = (typeof JOBS)[number];

/** Who deals with a finding. */
export const HELPERS = ['anyone', 'electrician', 'utility'] as const;
export type Helper = (typeof HELPERS)[number];

/** What follows from one level and scope. */
interface Consequence {
  within: Urgency;
  who: Helper;
  /** What may still be used. */
  use: string;
  /** What to do now. */
  now: readonly string[];
  /** What waiting risks. */
  waiting: string;
  suspends: readonly WorkKind[];
  /** Whether the jobs are suspended at this breaker or at the whole panel. */
  reach: 'breaker' | 'panel';
}

const SWITCHING = ['reset', 'exercise', 'mapping', 'load-test'] as const satisfies readonly WorkKind[];

const MAIN_OFF =
  'If you can reach the main breaker without touching anything hot or wet, stand to the side and turn it off. Turning off one branch breaker is not enough. Otherwise leave the building.';
const KEEP_AWAY = 'Keep everyone away from the panel.';
const FIRE =
  'If you see smoke or flame, or the smell gets stronger, get everyone out and call the fire department.';
const MAIN_FIRST =
  'If the panel is dry and cool, stand to the side and turn off the main breaker first. Everything plugged in may be at over-voltage.';
const THEN_UNPLUG = 'Then unplug electronics and appliances.';
/** What waiting risks where something arcs or overheats. */
export const FIRE_RISK = 'Arcing and overheating can start a fire at any time.';

/** What follows from each level and scope. */
const CONSEQUENCES: Record<Exclude<HazardLevel, 'none'>, Record<HazardScope, Consequence>> = {
  stop: {
    device: {
      within: 'now',
      who: 'electrician',
      use: 'Do not use this device.',
      now: ['Unplug the device if you can do so without touching anything hot or wet.', KEEP_AWAY],
      waiting: 'The device can shock someone or start a fire.',
      suspends: [],
      reach: 'breaker',
    },
    circuit: {
      within: 'now',
      who: 'electrician',
      use: 'Use nothing on this circuit.',
      now: ['If the panel is dry and cool, stand to the side and leave this breaker off. Do not reset it.'],
      waiting: 'Every reset sends fault current through the wiring. That can start a fire inside a wall.',
      suspends: [...SWITCHING, 'planned-work'],
      reach: 'breaker',
    },
    breaker: {
      within: 'now',
      who: 'electrician',
      use: 'Use nothing on this breaker.',
      now: [
        'If your hands are dry and nothing is burning, stand to the side, turn this breaker off, and leave it off.',
        KEEP_AWAY,
        FIRE,
      ],
      waiting: FIRE_RISK,
      suspends: [...SWITCHING, 'planned-work'],
      reach: 'breaker',
    },
    panel: {
      within: 'now',
      who: 'electrician',
      use: 'Use nothing that this panel feeds.',
      now: [MAIN_OFF, KEEP_AWAY, FIRE],
      waiting: FIRE_RISK,
      suspends: JOBS,
      reach: 'panel',
    },
    supply: {
      within: 'now',
      who: 'utility',
      use: 'Use nothing in the building.',
      now: [MAIN_FIRST, THEN_UNPLUG],
      waiting: 'Over-voltage destroys appliances and can start a fire. Metal cases can become energized.',
      suspends: JOBS,
      reach: 'panel',
    },
  },
  restrict: {
    device: {
      within: 'days',
      who: 'electrician',
      use: 'Do not use this device.',
      now: ['Leave the device unplugged.'],
      waiting: 'The device can trip the circuit again, or fail under load.',
      suspends: [],
      reach: 'breaker',
    },
    circuit: {
      within: 'days',
      who: 'electrician',
      use: 'Do not use this circuit until it is repaired.',
      now: ['Leave this circuit off until it is repaired.'],
      waiting: 'The circuit can overheat or shock someone.',
      suspends: SWITCHING,
      reach: 'breaker',
    },
    breaker: {
      within: 'days',
      who: 'electrician',
      use: 'Do not use this breaker until it is repaired or replaced.',
      now: ['Leave this breaker off until it is repaired or replaced.'],
      waiting:
        'The connection or the breaker gets worse with every hour of load, and can burn what is beside it.',
      suspends: SWITCHING,
      reach: 'breaker',
    },
    panel: {
      within: 'days',
      who: 'electrician',
      use: 'Use as little as possible from this panel.',
      now: ['Turn off the range, dryer, water heater and air conditioner. Do not reset the main breaker.'],
      waiting: 'The main breaker or the bus can fail completely, or fail to disconnect in an emergency.',
      suspends: ['exercise', 'mapping', 'load-test'],
      reach: 'panel',
    },
    supply: {
      within: 'days',
      who: 'utility',
      use: 'Use as little as possible until the supply has been checked.',
      now: [
        'Turn off electronics and large appliances.',
        'If lights turn brighter and dimmer, or anything smells hot, turn off the main breaker and call the utility’s emergency line.',
      ],
      waiting:
        'A loose supply connection can fail completely. Then the voltage can rise and destroy appliances.',
      suspends: ['exercise', 'mapping', 'load-test'],
      reach: 'panel',
    },
  },
  repair: {
    device: {
      within: 'weeks',
      who: 'anyone',
      use: 'Do not use this appliance until it is repaired.',
      now: ['Leave the appliance unplugged.'],
      waiting: 'The appliance trips the circuit again.',
      suspends: [],
      reach: 'breaker',
    },
    circuit: {
      within: 'weeks',
      who: 'electrician',
      use: 'The circuit may be used with care once the cause is known.',
      now: [],
      waiting: 'The circuit fails again, or stays dead.',
      suspends: [],
      reach: 'breaker',
    },
    breaker: {
      within: 'weeks',
      who: 'electrician',
      use: 'The breaker may stay in service until it is repaired or replaced.',
      now: [],
      waiting: 'The breaker or its connection keeps getting worse.',
      suspends: [],
      reach: 'breaker',
    },
    panel: {
      within: 'weeks',
      who: 'electrician',
      use: 'The panel may stay in service until it is repaired.',
      now: [],
      waiting: 'The panel keeps getting worse.',
      suspends: [],
      reach: 'panel',
    },
    supply: {
      within: 'weeks',
      who: 'utility',
      use: 'What still has power may be used.',
      now: ['Turn off the range, dryer, water heater and air conditioner.'],
      waiting: 'Part of the building stays without power.',
      suspends: [],
      reach: 'panel',
    },
  },
};

/** Where a finding calls for other steps than its level and scope do. */
const STEPS_BY_FINDING: Readonly<Record<string, readonly string[]>> = {
  'water-signs:wet-now': [
    'Stay out of standing water. Do not touch the panel or anything wet near it, not even to turn it off.',
    'If water stands or runs in, have the utility disconnect the service.',
    KEEP_AWAY,
  ],
  'branch-off-check:still-live': [
    'Do not trust this handle. Treat the whole circuit as energized, and let nobody work on it.',
    'The electrician checks for another breaker that feeds the circuit, then for another source, then this breaker’s contacts.',
  ],
  'main-off-check:still-live': [
    'Do not trust the main breaker. Treat everything in the panel as energized.',
    'Do not open the panel.',
  ],
  'load-share:over-135': ['Turn off loads on this circuit until it carries less than the breaker’s rating.'],
  'clamp-current:over-135': [
    'Turn off loads on this circuit until it carries less than the breaker’s rating.',
  ],
  'test-button:does-not-trip': [
    'Leave this breaker off until it is replaced. It gives no shock or arc protection.',
  ],
  'trip-vs-curve:too-late-or-never': [
    'Leave this circuit off until the breaker is replaced. Do not rely on its handle: the main breaker de-energizes the circuit.',
  ],
  'conductor-vs-breaker:wire-too-small': [
    'Turn off what you can on this circuit. The breaker does not protect the wire.',
  ],
};

/** A finding as far as its consequences ask. */
export type FindingLevel = Pick<HazardFinding, 'test' | 'outcome' | 'level' | 'scope'> & {
  isCombined?: boolean | undefined;
};

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
  electrician: 'Call a licensed electrician now. Read them what this page says.',
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
