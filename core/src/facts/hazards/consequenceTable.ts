import type { HazardFinding } from './hazard.ts';
import type { HazardLevel, HazardScope } from './hazardTable.ts';

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
export interface Consequence {
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
  'If you can reach the main breaker without touching anything hot or wet, stand to one side and turn it off. Turning off one branch breaker is not enough. Otherwise leave the building.';

const KEEP_AWAY = 'Keep everyone away from the panel.';

const FIRE =
  'If you see smoke or flame, or the smell gets stronger, get everyone out and call the fire department.';

const MAIN_FIRST =
  'If the panel is dry and cool, stand to one side and turn off the main breaker first. Everything plugged in may be at over-voltage.';

const THEN_UNPLUG = 'Then unplug electronics and appliances.';

/** What waiting risks where something arcs or overheats. */
export const FIRE_RISK = 'Arcing and overheating can start a fire at any time.';

/** What follows from each level and scope. */
export const CONSEQUENCES: Record<Exclude<HazardLevel, 'none'>, Record<HazardScope, Consequence>> = {
  stop: {
    device: {
      within: 'now',
      who: 'electrician',
      use: 'Do not use this appliance.',
      now: ['Unplug the appliance if you can do so without touching anything hot or wet.', KEEP_AWAY],
      waiting: 'The appliance can shock someone or start a fire.',
      suspends: [],
      reach: 'breaker',
    },
    circuit: {
      within: 'now',
      who: 'electrician',
      use: 'Do not use anything on this circuit.',
      now: ['If the panel is dry and cool, stand to one side and leave this breaker off. Do not reset it.'],
      waiting: 'Every reset sends fault current through the wiring. That can start a fire inside a wall.',
      suspends: [...SWITCHING, 'planned-work'],
      reach: 'breaker',
    },
    breaker: {
      within: 'now',
      who: 'electrician',
      use: 'Do not use anything on this breaker.',
      now: [
        'If your hands are dry and nothing is burning, stand to one side, turn this breaker off, and leave it off.',
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
      use: 'Do not use anything fed from this panel.',
      now: [MAIN_OFF, KEEP_AWAY, FIRE],
      waiting: FIRE_RISK,
      suspends: JOBS,
      reach: 'panel',
    },
    supply: {
      within: 'now',
      who: 'utility',
      use: 'Do not use anything in the building.',
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
      use: 'Do not use this appliance.',
      now: ['Leave the appliance unplugged.'],
      waiting: 'The appliance can trip the circuit again, or fail under load.',
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
        'The connection or the breaker gets worse with every hour of load, and can burn the parts next to it.',
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
        'If lights get brighter and dimmer, or anything smells hot, turn off the main breaker and call the utility’s emergency line.',
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
      waiting: 'The circuit can fail again, or stay dead.',
      suspends: [],
      reach: 'breaker',
    },
    breaker: {
      within: 'weeks',
      who: 'electrician',
      use: 'The breaker may stay in service until it is repaired or replaced.',
      now: [],
      waiting: 'The breaker or its connection gets worse over time.',
      suspends: [],
      reach: 'breaker',
    },
    panel: {
      within: 'weeks',
      who: 'electrician',
      use: 'The panel may stay in service until it is repaired.',
      now: [],
      waiting: 'The panel gets worse over time.',
      suspends: [],
      reach: 'panel',
    },
    supply: {
      within: 'weeks',
      who: 'utility',
      use: 'You may use everything that still has power.',
      now: ['Turn off the range, dryer, water heater and air conditioner.'],
      waiting: 'Part of the building stays without power.',
      suspends: [],
      reach: 'panel',
    },
  },
};

/** Where a finding calls for other steps than its level and scope do. */
export const STEPS_BY_FINDING: Readonly<Record<string, readonly string[]>> = {
  'water-signs:wet-now': [
    'Stay out of standing water. Do not touch the panel or anything wet near it, not even to turn it off.',
    'If water is standing or running in, have the utility disconnect the service.',
    KEEP_AWAY,
  ],
  'branch-off-check:still-live': [
    'Do not rely on this handle. Treat the whole circuit as energized, and do not let anyone work on it.',
    'The electrician checks for another breaker that feeds the circuit, then for another source, then this breaker’s contacts.',
  ],
  'main-off-check:still-live': [
    'Do not rely on the main breaker. Treat everything in the panel as energized.',
    'Do not open the panel.',
  ],
  'load-share:over-135': ['Turn off loads on this circuit until its current is below the breaker’s rating.'],
  'clamp-current:over-135': [
    'Turn off loads on this circuit until its current is below the breaker’s rating.',
  ],
  'test-button:does-not-trip': [
    'Leave this breaker off until it is replaced. It gives no shock or arc protection.',
  ],
  'trip-vs-curve:too-late-or-never': [
    'Leave this circuit off until the breaker is replaced. Do not rely on its handle: the main breaker de-energizes the circuit.',
  ],
  'conductor-vs-breaker:wire-too-small': [
    'Turn off as many loads on this circuit as you can. The breaker does not protect the wire.',
  ],
};

/** A finding as far as its consequences ask. */
export type FindingLevel = Pick<HazardFinding, 'test' | 'outcome' | 'level' | 'scope'> & {
  isCombined?: boolean | undefined;
};
