import type { FactName, ToMeasure } from '../../visit/gates/index.ts';

/** A screen of a visit: what it is, how it is done, why. */
export interface ScreenWords {
  title: string;
  how: readonly string[];
  why?: string;
  /** What is tapped once it is so. */
  done: string;
}

/** What a pole is measured to. */
export const MEASURED_TO_WORDS: Record<ToMeasure['to'], string> = {
  neutral: 'neutral',
  ground: 'ground',
  'other-pole': 'the other pole',
};

type Gate = Exclude<FactName, 'measured' | 'swapped' | 'verified'>;

/** The gates of a visit in words. */
export const GATE_WORDS: Record<Gate, ScreenWords> = {
  dressed: {
    title: 'Put on PPE and clear the area',
    how: [
      'Wear voltage-rated gloves with leather protectors, a face shield, arc-rated or non-melting clothing, and leather shoes. Remove rings, watches and all other metal.',
      'Stand on a dry floor with a clear way out. Use a light that is not fed from this panel.',
      'Keep everyone else at least 3 ft (1 m) away. Have a second person nearby who knows where you are.',
    ],
    done: 'PPE on, area clear',
  },
  'tester-proved': {
    title: 'Verify the meter on a known live source',
    how: [
      'Set the meter to AC volts. Use a proving unit, or a source that stays on during this lockout.',
      'Enter the reading.',
    ],
    why: 'A failed meter reads zero at every point, live or not.',
    done: 'Save reading',
  },
  'handles-off': {
    title: 'Turn off the loads, then every branch breaker',
    how: [
      'Turn off large loads at their own controls first: oven, heaters, machines.',
      'Then turn each branch breaker fully off, one at a time.',
    ],
    why: 'The main then opens under no load, and nothing restarts by itself later.',
    done: 'All branch breakers off',
  },
  'main-off': {
    title: 'Turn off the main breaker',
    how: [
      'Stand to one side and look away. Use one hand and keep the other away from metal.',
      'Push the handle fully off, until it clicks.',
    ],
    why: 'The line side of the main stays energized even with the handle off.',
    done: 'Main breaker off',
  },
  locked: {
    title: 'Lock out and tag',
    how: [
      'Put the lock through the lockout device. Keep the only key in your pocket.',
      'Hang the tag: DANGER, do not operate, with your name and phone number.',
    ],
    why: 'Someone may come along and turn the power back on.',
    done: 'Locked out and tagged',
  },
  'source-isolated': {
    title: 'Shut off and lock out the other source',
    how: ['Turn off its disconnect. Lock it out and hang a second tag.'],
    why: 'It feeds the load side and may start by itself when the main opens, so shut it off first.',
    done: 'Off and locked out',
  },
  'cover-off': {
    title: 'Remove the cover',
    how: [
      'Take out the bottom and middle screws first. Hold the cover flat with one hand while you remove the last top corner screw.',
      'The cover is heavy. Pull it straight out, never slide it up behind the bus, and set it down out of the way.',
      'Look before you reach in: water, soot, melted insulation, exposed live parts where you would work.',
    ],
    why: 'Treat everything inside as energized until you have measured it.',
    done: 'Cover removed',
  },
  'cover-on': {
    title: 'Put the cover back on',
    how: [
      'Count your tools and screws. Leave nothing inside.',
      'Bring the cover straight on; do not let an edge drop in. Start with a top corner screw. Use blunt-tip screws only.',
    ],
    why: 'Never turn on a new breaker with the cover off.',
    done: 'Cover on, all screws in',
  },
  unlocked: {
    title: 'Remove the lock and tag',
    how: [
      'Remove only your own lock, with your own key. Other sources stay locked out until the main is on.',
    ],
    done: 'Lock and tag removed',
  },
  'main-on': {
    title: 'Turn on the main breaker',
    how: [
      'All branch breakers are still off. Everyone stands 3 ft (1 m) back.',
      'Stand to one side, use one hand and look away. Push the handle firmly on, until it clicks.',
    ],
    done: 'Main on, no unusual sound',
  },
  'handle-on': {
    title: 'Turn on this breaker',
    how: [
      'Stand to one side, use one hand and look away. Push the handle fully off, then on.',
      'Listen for humming or crackling, and watch for an immediate trip.',
    ],
    done: 'On and holding',
  },
  abandoned: {
    title: 'Leave the panel safe',
    how: [
      'The cover is on with all its screws.',
      'A main that is off stays off: locked out and tagged.',
      'Write down who was here, which circuits are off, and what must not be turned on.',
    ],
    done: 'Panel left safe',
  },
};
