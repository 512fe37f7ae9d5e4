import type { Helper } from '../hazards/index.ts';
import { TIME_LIMITS } from '../limits/index.ts';
import type { INSPECTION_ITEMS, InspectionItemId } from './items.ts';

/** What is to be done about a finding, why, and what happens if it waits. */
export interface InspectionFollows {
  todo: string;
  who: Helper;
  within: 'days' | 'weeks';
  why: string;
  waiting: string;
}

/** A result in words, and what follows where neither a test nor the evaluation of the panel says it. */
export interface ResultWords {
  words: string;
  follows?: InspectionFollows;
}

type ItemWords<Id extends InspectionItemId> = {
  name: string;
  how: string;
  results: Record<keyof (typeof INSPECTION_ITEMS)[Id]['results'], ResultWords>;
};

const INSPECTION_WORDS: { [Id in InspectionItemId]: ItemWords<Id> } = {
  'service-entrance': {
    name: 'Meter base, service drop and weatherhead',
    how: 'Look from the ground. Do not touch the conductors: they are energized.',
    results: {
      sound: { words: 'Firm and intact' },
      damaged: {
        words: 'Loose, rusted or cracked',
        follows: {
          todo: 'Keep away from it, and have the utility and an electrician repair the service entrance.',
          who: 'utility',
          within: 'days',
          why: 'No breaker protects the service conductors: a fault there trips nothing.',
          waiting: 'Water gets in, connections corrode, and the service neutral may fail.',
        },
      },
    },
  },
  'conduit-seal': {
    name: 'Conduit seal from outdoors',
    how: 'Check where the conduit enters the house.',
    results: {
      sealed: { words: 'Sealed' },
      open: {
        words: 'Open or cracked',
        follows: {
          todo: 'Seal the conduit from outdoors with duct seal.',
          who: 'electrician',
          within: 'weeks',
          why: 'Damp outdoor air condenses in the panel and corrodes the main lugs.',
          waiting: 'Corrosion spreads from the lugs into the bus.',
        },
      },
    },
  },
  'other-sources': {
    name: 'Other sources: solar, battery, generator, vehicle',
    how: 'Each one needs a label at the panel that says where it is shut off.',
    results: {
      labeled: { words: 'None, or all labeled' },
      unlabeled: {
        words: 'One without a label',
        follows: {
          todo: 'Label the source and its disconnect at the panel.',
          who: 'electrician',
          within: 'weeks',
          why: 'Anyone who works here must know about every source that can energize the panel.',
          waiting: 'Someone may work on a panel that a second source energizes.',
        },
      },
    },
  },
  'emergency-disconnect': {
    name: 'Outdoor emergency disconnect',
    how: 'Required for new service equipment (NEC 230.85). An older service may stand without one.',
    results: {
      there: { words: 'Present and labeled' },
      none: { words: 'None (older service)' },
    },
  },
  clearance: {
    name: 'Working space',
    how: 'At least 30 in wide and 36 in deep in front of the panel (NEC 110.26), with nothing stored there.',
    results: {
      clear: { words: 'Clear' },
      blocked: {
        words: 'Blocked',
        follows: {
          todo: 'Clear the working space in front of the panel, and keep it clear.',
          who: 'anyone',
          within: 'weeks',
          why: 'In an emergency, someone must be able to reach the main right away.',
          waiting: 'Nobody can reach the main quickly or work on the panel safely.',
        },
      },
    },
  },
  family: {
    name: 'Product family',
    how: 'Read the label on the inside of the door.',
    results: {
      supported: { words: 'Current or supported' },
      withdrawn: { words: 'Withdrawn' },
    },
  },
  age: {
    name: 'Panel age',
    how: 'The label or the inspection sticker has the year.',
    results: {
      newer: { words: `${TIME_LIMITS.oldPanelYears} years or less` },
      old: { words: `More than ${TIME_LIMITS.oldPanelYears} years` },
    },
  },
  directory: {
    name: 'Circuit directory',
    how: 'Every circuit needs a line: in ink, legible, with rooms and fixed equipment.',
    results: {
      complete: { words: 'Complete and legible' },
      incomplete: {
        words: 'Missing or illegible lines',
        follows: {
          todo: 'Map the circuits and print a new directory.',
          who: 'anyone',
          within: 'weeks',
          why: 'Anyone who turns off a breaker relies on its line in the directory.',
          waiting: 'Someone may turn off the wrong breaker and work on an energized circuit.',
        },
      },
    },
  },
  openings: {
    name: 'Openings in the cover',
    how: 'Every slot has a breaker or a filler plate.',
    results: {
      closed: { words: 'All closed' },
      open: { words: 'Open slot' },
    },
  },
  moisture: {
    name: 'Water and rust',
    how: 'Check the enclosure, the wall and the floor below it.',
    results: {
      dry: { words: 'Dry, no rust' },
      rust: { words: 'A little rust' },
      damp: { words: 'Damp' },
      wet: { words: 'Wet now' },
    },
  },
  sound: {
    name: 'Sound',
    how: 'Listen at the closed cover with loads running.',
    results: {
      quiet: { words: 'Quiet' },
      hum: { words: 'A steady hum' },
      sizzle: { words: 'Sizzling or crackling' },
    },
  },
  smell: {
    name: 'Smell',
    how: 'Hot plastic smells sharp, sometimes like fish.',
    results: {
      none: { words: 'None' },
      'hot-plastic': { words: 'Hot plastic' },
    },
  },
  touch: {
    name: 'Breaker face temperature',
    how: 'Use the back of your hand, on the closed cover first, then on each breaker face.',
    results: {
      cool: { words: 'Cool' },
      warm: { words: 'Warm' },
      hot: { words: 'Hot' },
    },
  },
  'test-buttons': {
    name: 'Test buttons',
    how: 'Shut down computers and protect critical loads first: each test turns off its circuit. Press the button: the breaker should trip. Then push it fully off, then on.',
    results: {
      trips: { words: 'Trips and resets' },
      'does-not-trip': { words: 'Does not trip' },
      'does-not-reset': { words: 'Trips but does not reset' },
    },
  },
  'outlet-voltage': {
    name: 'Voltage on each leg',
    how: 'Read a plug-in meter at one outlet of each leg.',
    results: {
      read: { words: 'Measured' },
    },
  },
  'outlet-wiring': {
    name: 'Outlet wiring',
    how: 'Plug a tester into one outlet of each leg.',
    results: {
      correct: { words: 'Correct' },
      'open-ground': { words: 'Open ground' },
      'open-neutral': { words: 'Open neutral' },
      reversed: { words: 'Hot and neutral reversed' },
    },
  },
  lugs: {
    name: 'Main lugs and bus',
    how: 'Look only: the line side of the main stays energized.',
    results: {
      clean: { words: 'Clean and bright' },
      corroded: { words: 'Lugs corroded' },
      discolored: { words: 'Discolored by heat' },
    },
  },
  insulation: {
    name: 'Insulation and plastic',
    how: 'Check for melted, brittle or gnawed insulation.',
    results: {
      sound: { words: 'Intact' },
      melted: { words: 'Melted' },
      gnawed: {
        words: 'Gnawed by rodents',
        follows: {
          todo: 'Replace the damaged conductors, and close the opening the rodents came through.',
          who: 'electrician',
          within: 'days',
          why: 'A bare conductor can touch another one or the enclosure.',
          waiting: 'A short circuit or a fire may follow.',
        },
      },
    },
  },
  conductors: {
    name: 'Conductor size against breaker rating',
    how: 'Read the size from the jacket or the insulation.',
    results: {
      matched: { words: 'Conductor protected' },
      'too-small': { words: 'Conductor too small' },
    },
  },
  terminals: {
    name: 'Terminals',
    how: 'Look at each screw and its conductor, and tug gently.',
    results: {
      clean: { words: 'Clean and tight' },
      loose: { words: 'Loose' },
      discolored: { words: 'Discolored or melted' },
      corroded: { words: 'Corroded' },
      'two-wires': { words: 'Two wires under one screw' },
    },
  },
  stabs: {
    name: 'Bus stabs',
    how: 'Look past the breakers, with a light. Do not pull a sound breaker for this.',
    results: {
      clean: { words: 'Clean' },
      pitted: { words: 'Pitted or burned' },
    },
  },
  parts: {
    name: 'Breakers listed for this panel',
    how: 'Compare the breakers with the list on the label.',
    results: {
      listed: { words: 'Listed' },
      'not-listed': { words: 'Not listed' },
    },
  },
  neutrals: {
    name: 'Neutrals and grounds',
    how: 'One neutral under each screw (NEC 408.41). Several grounds only where the bar is marked for them.',
    results: {
      clean: { words: 'One per screw, tight' },
      loose: { words: 'Loose or burned' },
      'wrong-bar': { words: 'On the wrong bar' },
    },
  },
  bonding: {
    name: 'Neutral-to-ground bond',
    how: 'At the service, neutral and ground are bonded. In a subpanel, they are separate.',
    results: {
      correct: { words: 'Correct for this panel' },
      'bonded-in-sub-panel': { words: 'Bonded in a subpanel' },
      'not-bonded': { words: 'Not bonded at the service' },
    },
  },
  feeder: {
    name: 'Feeder conductors',
    how: 'Compare their size with the breaker that protects them.',
    results: {
      matched: { words: 'Protected' },
      small: { words: 'Smaller than the main requires' },
    },
  },
};

/**
 * An item of an inspection in words.
 *
 * @param id which
 * @returns its name, how it is looked at, and its results
 * @example inspectionWords('sound').name // 'Sound'
 */
export const inspectionWords = (
  id: InspectionItemId,
): { name: string; how: string; results: Readonly<Record<string, ResultWords>> } => INSPECTION_WORDS[id];
