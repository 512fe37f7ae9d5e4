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
    title: 'Dress, and look where you stand',
    how: [
      'Voltage-rated gloves with leather protectors, a face shield, clothing that does not melt or is arc-rated, leather shoes. No rings, no watch, nothing metal.',
      'A dry floor, a clear way out, a light that does not hang on this panel.',
      'Nobody else within 3 ft (1 m). A second person who knows where you are is better.',
    ],
    done: 'Dressed, and it is clear',
  },
  'tester-proved': {
    title: 'Verify the meter on a known live source',
    how: [
      'Set the meter to AC volts. Use a proving unit, or a source that this lockout does not de-energize.',
      'Enter the reading.',
    ],
    why: 'A failed meter shows every point as dead.',
    done: 'It shows this',
  },
  'handles-off': {
    title: 'Loads off, then every branch breaker off',
    how: [
      'Large loads off at themselves first: oven, heaters, machines.',
      'Then each branch handle fully off, one after the other.',
    ],
    why: 'The main then opens without load, and nothing starts by itself later.',
    done: 'Every branch is off',
  },
  'main-off': {
    title: 'Main off',
    how: [
      'Stand to the side, one hand, the other away from metal, and look away.',
      'Fully off, until it clicks.',
    ],
    why: 'Its line side stays live, whatever is off.',
    done: 'The main is off',
  },
  locked: {
    title: 'Lock out and tag',
    how: [
      'Put the lock through the lockout device. Keep the only key in your pocket.',
      'Hang the tag: DANGER, do not operate, with your name and phone number.',
    ],
    why: 'Someone may come down to turn the power back on.',
    done: 'Locked and tagged',
  },
  'source-isolated': {
    title: 'Shut off and lock the other source',
    how: ['Turn off its disconnect. Lock it out and hang a second tag.'],
    why: 'It feeds from the load side, and may start by itself when the main opens: it goes off first.',
    done: 'Off and locked',
  },
  'cover-off': {
    title: 'Cover off',
    how: [
      'Bottom and middle screws first. The last one at a top corner, your hand flat on the cover.',
      'It weighs. Straight off, never slid up behind the bus, and set down out of the way.',
      'Look before anything: water, soot, melted insulation, bare live parts where you would work.',
    ],
    why: 'Dead it is only once it is measured. Until then everything in there is live.',
    done: 'The cover is off',
  },
  'cover-on': {
    title: 'Cover on',
    how: [
      'Nothing left inside: count tools and screws.',
      'Straight on, never let fall in. The first screw at a top corner. Blunt screws only.',
    ],
    why: 'A new breaker is not closed without the cover.',
    done: 'The cover is on, all screws in',
  },
  unlocked: {
    title: 'Lock and tag away',
    how: ['Your own, with your own key. Other sources stay locked until the main is on.'],
    done: 'Lock and tag are off',
  },
  'main-on': {
    title: 'Main on',
    how: [
      'Every branch is still off. Everybody 3 ft (1 m) back.',
      'Stand to the side, one hand, look away. Firmly, until it clicks.',
    ],
    done: 'The main is on, and quiet',
  },
  'handle-on': {
    title: 'Switch this breaker on',
    how: [
      'Stand to the side, use one hand and look away. Turn it fully off, then on.',
      'Listen for a hum, a crackle or an immediate trip.',
    ],
    done: 'It is on, and holds',
  },
  abandoned: {
    title: 'Leave it safe',
    how: [
      'The cover is on with all its screws.',
      'A main that is off stays off: locked, with the tag.',
      'Write down who was here, which circuits are off, and what must not be turned on.',
    ],
    done: 'I leave it so',
  },
};
