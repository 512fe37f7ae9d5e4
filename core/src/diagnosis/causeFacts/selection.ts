import type { CauseId } from '../../facts/vocabulary/index.ts';
import type { CauseFacts } from './cause.ts';

/** The wrong breaker for its conductor, its panel or its circuit; and nothing wrong at all. */
export const SELECTION_CAUSES = {
  /** The breaker's rating exceeds what its conductor may carry. */
  'oversized-breaker': {
    gravity: 'danger',
    right: ['size-down'],
    instead: [
      {
        none: [['conductor-vs-breaker', 'wire-too-small']],
        then: [],
        why: 'Never change a rating on a guess. Check the conductor first.',
      },
    ],
    commonness: 10,
    why: 'Someone may have installed a larger breaker to stop a trip.',
    places: [
      { share: 0.02, path: { handle: 'tripped' } },
      { share: 0.98, path: {} },
    ],
    signs: {
      'reset-result': [
        { holds: 97, 'trips-at-once': 1 },
        'The breaker carried more current than its conductor allows.',
      ],
      'conductor-vs-breaker': [
        { matched: 1, 'wire-too-small': 98, 'wire-has-room': 0.5 },
        'A rating above the conductor’s limit makes a breaker oversized.',
      ],
      'terminal-inspection': [
        {
          'clean-and-tight': 72,
          loose: 5,
          'discoloured-or-melted': 17,
          corroded: 2,
          'two-wires-one-terminal': 4,
        },
        'A conductor that ran hot shows damage.',
      ],
      'panel-touch': [{ cool: 74, warm: 24, hot: 2 }, 'The hot conductor heats the terminal.'],
      'outlet-sag': [
        { 'under-3-percent': 52, '3-to-6-percent': 34, 'over-6-percent': 14 },
        'A small conductor drops more voltage.',
      ],
      'recent-change': [
        { none: 62, 'new-appliance': 14, 'new-wiring-or-breaker': 24 },
        'The breaker is newer than the wiring.',
      ],
      'power-after-reset': [{ restored: 85, 'still-dead': 15 }, 'Nothing was dead before the reset.'],
      'trips-on-record': [
        { 'first-time': 82, few: 14, 'many-overload': 3, 'after-dead-short': 1 },
        'An oversized breaker does not trip.',
      ],
      'terminal-temperature': [
        { 'like-peers': 36, '3-to-15-over': 56, 'over-15-over': 8 },
        'A conductor that is too small heats its terminal.',
      ],
      'face-temperature': [
        { 'like-neighbours': 50, '3-to-15-over': 47, 'over-15-over': 3 },
        'A conductor that is too small heats its terminal.',
      ],
      'light-behaviour': [
        { steady: 62, 'dims-on-start': 35, 'flicker-one-circuit': 2 },
        'A small conductor drops voltage when a large load starts.',
      ],
    },
  },
  /** The conductor and the fixed load call for a larger breaker than is fitted. */
  'undersized-breaker': {
    gravity: 'nuisance',
    right: ['size-up'],
    instead: [
      {
        none: [['conductor-vs-breaker', 'wire-has-room']],
        then: [],
        why: 'Never change a rating on a guess. Check the conductor first.',
      },
      {
        all: [['conductor-vs-breaker', 'wire-has-room']],
        any: [['water-signs', 'condensation-or-rust', 'wet-now']],
        then: ['dry-and-inspect'],
        why: 'With moisture in the panel, no larger breaker may be installed until the panel is dry and inspected.',
      },
    ],
    commonness: 12,
    why: 'Rare: a fixed appliance was replaced with a larger one, on a conductor that can carry more.',
    places: [
      { share: 0.57, path: { handle: 'tripped' } },
      { share: 0.43, path: {} },
    ],
    signs: {
      'reset-result': [
        {
          holds: 18,
          'trips-at-once': 1,
          'trips-in-seconds': 4,
          'trips-in-minutes': 58,
          'trips-after-hours': 18,
        },
        'A slight overload takes time to trip a breaker.',
      ],
      'power-after-reset': [{ restored: 95, 'still-dead': 5 }, 'The circuit itself is sound.'],
      'trip-pattern': [
        { 'one-appliance': 60, 'many-loads-together': 9, 'hot-weather': 18, random: 12, 'motor-starting': 1 },
        'The circuit has one fixed appliance.',
      ],
      'trips-on-record': [
        { 'first-time': 14, few: 42, 'many-overload': 43 },
        'The breaker trips again and again.',
      ],
      'recent-change': [
        { none: 44, 'new-appliance': 44, 'new-wiring-or-breaker': 12 },
        'The appliance or the breaker is new.',
      ],
      'load-share': [
        { 'under-80': 2, '80-to-100': 12, '100-to-135': 76, 'over-135': 10 },
        'The appliance’s rated load exceeds the breaker.',
      ],
      'clamp-current': [
        { 'under-80': 3, '80-to-100': 12, '100-to-135': 76, 'over-135': 9 },
        'The appliance’s rated load exceeds the breaker.',
      ],
      'conductor-vs-breaker': [
        { matched: 5, 'wire-too-small': 0.5, 'wire-has-room': 94 },
        'The conductor can carry more than this breaker allows.',
      ],
      'trip-vs-curve': [
        { 'within-band': 95, 'too-early': 3, 'too-late-or-never': 2 },
        'The breaker tripped within the range of a sound breaker.',
      ],
      'panel-touch': [{ cool: 78, warm: 21, hot: 1 }, 'A breaker at its limit is warm.'],
    },
  },
  /** A breaker of another family or series that does not seat or clamp as it should. */
  'wrong-part': {
    gravity: 'damage',
    right: ['replace-breaker', 'replace-breaker-and-remake-joint'],
    commonness: 14,
    why: 'Different series from one manufacturer do not interchange, even if they seem to fit.',
    places: [
      { share: 0.2, path: { stab: { own: 'open', other: 'ok' } } },
      { share: 0.14, path: { stab: { own: 'high', other: 'ok' } } },
      { share: 0.12, path: { handle: 'tripped' } },
      { share: 0.54, path: {} },
    ],
    signs: {
      'part-match': [{ listed: 2, 'not-listed': 98 }, 'The panel label does not list it.'],
      'recent-change': [
        { none: 26, 'new-appliance': 2, 'new-wiring-or-breaker': 72 },
        'The wrong breaker was installed as a replacement.',
      ],
      'face-temperature': [
        { 'like-neighbours': 30, '3-to-15-over': 38, 'over-15-over': 32 },
        'A breaker that does not grip its bus stab gets warm.',
      ],
      'terminal-temperature': [
        { 'like-peers': 44, '3-to-15-over': 30, 'over-15-over': 26 },
        'A breaker that does not grip its bus stab gets warm.',
      ],
      'panel-touch': [
        { cool: 50, warm: 30, hot: 20 },
        'A breaker that does not grip its bus stab gets warm.',
      ],
      'stab-inspection': [{ clean: 44, 'pitted-or-burnt': 56 }, 'A poor grip pits the bus stab.'],
      'millivolt-drop': [
        { 'like-peers': 60, raised: 30, high: 10 },
        'The connection at the bus stab drops voltage.',
      ],
      sound: [{ quiet: 80, 'steady-hum': 8, 'sizzle-or-crackle': 12 }, 'A loose bus stab crackles.'],
      'light-behaviour': [
        { steady: 66, 'dims-on-start': 8, 'flicker-one-circuit': 25 },
        'A loose connection at the bus stab makes lights flicker.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 14, 'fault-stays-with-breaker': 86 },
        'The correct breaker fixes it.',
      ],
      'reset-result': [
        { holds: 86, 'trips-at-once': 3, 'trips-in-minutes': 6, 'trips-after-hours': 4 },
        'Heat from the bus stab may trip it.',
      ],
      'power-after-reset': [{ restored: 56, 'still-dead': 44 }, 'Contact may return for a while.'],
      smell: [{ none: 72, 'hot-plastic': 28 }, 'A poor grip burns the bus stab.'],
      'outlet-sag': [
        { 'under-3-percent': 54, '3-to-6-percent': 16, 'over-6-percent': 30 },
        'A poor grip drops voltage.',
      ],
      'trips-on-record': [
        { 'first-time': 84, few: 14, 'many-overload': 1.5, 'after-dead-short': 0.5 },
        'A breaker that does not fit shows up as heat, not as trips.',
      ],
    },
  },
  /** Another breaker than thought feeds this circuit: the directory is wrong. */
  'wrong-breaker': {
    gravity: 'damage',
    right: ['correct-directory', 'make-safe-and-call'],
    instead: [
      {
        none: [['branch-off-check', 'still-live']],
        then: [],
        why: 'Confirm which breaker feeds the outlet before you change the directory.',
      },
    ],
    commonness: 11,
    why: 'In about 4 of 100 complaints the directory names the wrong breaker, or the circuit was extended from another one.',
    places: [
      { share: 0.84, path: { fedByOther: 'energized' } },
      { share: 0.16, path: { fedByOther: 'open' } },
    ],
    signs: {
      'branch-off-check': [
        { 'dead-as-expected': 4, 'still-live': 96 },
        'Its outlet is on another breaker, which is on.',
      ],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'The outlet is on another breaker’s circuit.'],
      'power-after-reset': [
        { restored: 70, 'still-dead': 30 },
        'A different breaker had tripped and needed the reset.',
      ],
      'main-off-check': [{ 'dead-as-expected': 99.5, 'still-live': 0.5 }, 'The main de-energizes it.'],
      'clamp-current': [
        { 'under-80': 96, '80-to-100': 3 },
        'The load on that outlet does not show as current through this breaker.',
      ],
      'recent-change': [
        { none: 60, 'new-appliance': 4, 'new-wiring-or-breaker': 35 },
        'Breakers were moved, and the directory was not updated.',
      ],
      'trips-on-record': [
        { 'first-time': 88, few: 10, 'many-overload': 1 },
        'A wrong directory does not cause trips.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'A new breaker in this space changes nothing.',
      ],
    },
  },
  /** Nothing is wrong now: what was noticed has passed, or was no fault. */
  'no-fault': {
    gravity: 'nothing',
    right: ['keep', 'reset-and-watch'],
    instead: [
      {
        any: [
          ['handle-position', 'middle', 'off', 'one-half-low'],
          ['handle-finger-test', 'gives'],
          ['trip-indicator', 'shown'],
          ['trips-on-record', 'first-time', 'few', 'many-overload', 'after-dead-short'],
          ['power-loss-extent', 'one-device', 'part-of-one-circuit', 'one-circuit', 'several-circuits'],
          ['reset-result', 'holds'],
        ],
        then: ['reset-and-watch', 'complete-reset', 'keep'],
        why: 'The breaker tripped once. Reset it and keep an eye on it.',
      },
    ],
    commonness: 200,
    why: 'Many complaints clear up on their own: a voltage surge from the utility, a bumped handle, a lamp that took time to warm up, a routine check.',
    places: [
      { share: 0.91, path: {} },
      { share: 0.05, path: { handle: 'tripped' } },
      { share: 0.04, path: { handle: 'off' } },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 97, 'no-off-click': 1.5, 'hard-or-gritty': 0.4 },
        'The breaker works normally.',
      ],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.3, 'trips-in-minutes': 0.5 }, 'The breaker holds.'],
      'reset-result-unplugged': [{ holds: 99, 'trips-at-once': 0.2 }, 'The breaker holds.'],
      'power-after-reset': [{ restored: 96, 'still-dead': 4 }, 'Everything on the circuit works.'],
      'trips-on-record': [
        { 'first-time': 92, few: 6, 'many-overload': 0.5, 'after-dead-short': 1.5 },
        'The breaker tripped once, or never.',
      ],
      'trip-pattern': [
        {
          random: 72,
          'one-appliance': 7,
          'many-loads-together': 5,
          'motor-starting': 3,
          'wet-weather': 7,
          'hot-weather': 6,
        },
        'The trips show no pattern.',
      ],
      'light-behaviour': [
        { steady: 93, 'dims-on-start': 6, 'flicker-one-circuit': 0.5, 'flicker-whole-house': 0.4 },
        'The lights are steady now.',
      ],
      sound: [{ quiet: 92, 'steady-hum': 7.8 }, 'A steady hum comes from a transformer.'],
      smell: [{ none: 99.7, 'hot-plastic': 0.3 }, 'There is no smell.'],
      'panel-touch': [{ cool: 91, warm: 8.9 }, 'Slight warmth is normal.'],
      'water-signs': [{ dry: 98.5, 'condensation-or-rust': 1.4 }, 'The panel is dry.'],
      'load-share': [
        { 'under-80': 84, '80-to-100': 14.5, '100-to-135': 1.3 },
        'The load is within the rating.',
      ],
      'clamp-current': [
        { 'under-80': 86, '80-to-100': 12.5, '100-to-135': 1.3 },
        'The load is within the rating.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 88, '3-to-6-percent': 11.5, 'over-6-percent': 0.4 },
        'No connection drops voltage.',
      ],
      'outlet-wiring': [
        { correct: 98, 'open-ground': 1, reversed: 0.6, 'open-neutral': 0.2 },
        'The outlet is wired correctly.',
      ],
      'terminal-temperature': [
        { 'like-peers': 95, '3-to-15-over': 4.9 },
        'The terminal is as warm as similar ones.',
      ],
      'face-temperature': [
        { 'like-neighbours': 92, '3-to-15-over': 7.9 },
        'The face is as warm as similar ones.',
      ],
      'millivolt-drop': [{ 'like-peers': 97, raised: 2.8 }, 'The contacts are sound.'],
      'terminal-inspection': [
        { 'clean-and-tight': 99.4, loose: 0.3, corroded: 0.2 },
        'The terminal screw is tight.',
      ],
      'stab-inspection': [{ clean: 99.7, 'pitted-or-burnt': 0.2 }, 'The bus stab is clean.'],
      'insulation-resistance': [{ 'over-1-megohm': 99, 'under-1-megohm': 0.9 }, 'The insulation is sound.'],
      'conductor-vs-breaker': [
        { matched: 96.5, 'wire-has-room': 3.3, 'wire-too-small': 0.1 },
        'The rating suits the conductor.',
      ],
      'trip-vs-curve': [
        { 'within-band': 98.5, 'too-early': 1.2, 'too-late-or-never': 0.15 },
        'The trip time matches a sound breaker.',
      ],
      'test-button': [
        { 'trips-and-resets': 49.6, 'does-not-trip': 0.2, 'will-not-reset': 0.2, 'no-button': 50 },
        'The test button works.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 97, 'fault-stays-with-breaker': 3 },
        'A new breaker behaves the same.',
      ],
      'appliance-check': [{ 'trips-there-too': 0.8, 'fine-there': 99.2 }, 'Nothing plugged in is faulty.'],
      'leg-balance': [{ balanced: 90, unbalanced: 10 }, 'The legs share the load evenly.'],
      'branch-off-check': [{ 'dead-as-expected': 99.8, 'still-live': 0.15 }, 'The breaker opens.'],
    },
  },
} as const satisfies Partial<Record<CauseId, CauseFacts>>;
