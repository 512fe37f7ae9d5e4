import type { CauseId } from '../../facts/vocabulary/index.ts';
import { SOUND_FEEDER } from '../path/index.ts';
import type { CauseFacts, Signs } from './cause.ts';

/** Contacts that still close, over a high resistance. */
const RESISTIVE_CONTACTS: Signs = {
  'millivolt-drop': [{ 'like-peers': 4, raised: 16, high: 80 }, 'Worn contacts drop voltage.'],
  'face-temperature': [
    { 'like-neighbours': 40, '3-to-15-over': 44, 'over-15-over': 16 },
    'Worn contacts heat the breaker under load.',
  ],
  'power-after-reset': [{ restored: 40, 'still-dead': 60 }, 'The voltage is low, or drops out under load.'],
  'outlet-sag': [
    { 'under-3-percent': 10, '3-to-6-percent': 20, 'over-6-percent': 70 },
    'The contacts drop voltage under load.',
  ],
};

/** Breakers that have failed, or were not reset. */
export const BREAKER_CAUSES = {
  /** Opens below its rating: worn, pitted or out of calibration. */
  'weak-breaker': {
    gravity: 'nuisance',
    right: ['replace-breaker'],
    commonness: 34,
    why: 'Years of load, many trips or a short circuit weaken the thermal element.',
    places: [
      { share: 0.58, path: { handle: 'tripped' } },
      { share: 0.42, path: {} },
    ],
    signs: {
      'reset-result': [
        {
          holds: 22,
          'trips-at-once': 2,
          'trips-in-seconds': 7,
          'trips-in-minutes': 55,
          'trips-after-hours': 14,
        },
        'A weak breaker trips after some time under a load it should carry.',
      ],
      'reset-result-unplugged': [
        { holds: 95, 'trips-at-once': 2, 'trips-later': 3 },
        'The breaker holds without load.',
      ],
      'power-after-reset': [{ restored: 93, 'still-dead': 7 }, 'The breaker holds until the next trip.'],
      'trip-pattern': [
        {
          random: 49,
          'many-loads-together': 30,
          'hot-weather': 7,
          'one-appliance': 10,
          'motor-starting': 4,
        },
        'The breaker trips under loads that were never a problem before.',
      ],
      'trips-on-record': [
        { 'first-time': 12, few: 44, 'many-overload': 32, 'after-dead-short': 12 },
        'This breaker has tripped before.',
      ],
      'load-share': [
        { 'under-80': 68, '80-to-100': 29, '100-to-135': 2 },
        'The breaker trips under a load it should carry.',
      ],
      'clamp-current': [
        { 'under-80': 68, '80-to-100': 29, '100-to-135': 2 },
        'The breaker trips under a load it should carry.',
      ],
      'trip-vs-curve': [
        { 'within-band': 9, 'too-early': 90, 'too-late-or-never': 1 },
        'A breaker that trips below its rating is weak.',
      ],
      'panel-touch': [{ cool: 72, warm: 26, hot: 1 }, 'Pitted contacts add a little heat.'],
      'face-temperature': [
        { 'like-neighbours': 76, '3-to-15-over': 22, 'over-15-over': 2 },
        'Pitted contacts add a little heat.',
      ],
      'millivolt-drop': [{ 'like-peers': 62, raised: 32, high: 6 }, 'Pitted contacts drop more voltage.'],
      'terminal-inspection': [
        {
          'clean-and-tight': 93,
          loose: 2,
          'discoloured-or-melted': 2,
          corroded: 2,
          'two-wires-one-terminal': 1,
        },
        'No hot connection explains the early trip.',
      ],
      'load-wire-lifted': [{ holds: 95, trips: 5 }, 'The breaker holds without load.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 4, 'fault-stays-with-breaker': 96 },
        'The fault moved with the breaker.',
      ],
      'panel-age': [{ modern: 36, 'over-40-years': 46, 'family-withdrawn': 18 }, 'Breakers weaken with age.'],
      'reset-feel': [
        { 'clean-clicks': 84, 'no-off-click': 3, 'hard-or-gritty': 7, 'will-not-latch': 6 },
        'A worn mechanism feels loose or gritty.',
      ],
      'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'The appliances work elsewhere.'],
      'terminal-temperature': [
        { 'like-peers': 78, '3-to-15-over': 21, 'over-15-over': 1 },
        'A weak thermal element adds no heat; worn contacts add some.',
      ],
    },
  },
  /** Handle is on, no voltage comes out: contacts no longer close. */
  'open-breaker': {
    gravity: 'nuisance',
    right: ['replace-breaker'],
    commonness: 26,
    why: 'Burned or broken contacts no longer close.',
    places: [
      { share: 0.6, path: { contacts: { own: 'open', other: 'open' } } },
      { share: 0.22, path: { contacts: { own: 'open', other: 'ok' } } },
      { share: 0.08, path: { contacts: { own: 'high', other: 'ok' } }, signs: RESISTIVE_CONTACTS },
      { share: 0.03, path: { contacts: { own: 'open', other: 'open' }, handle: 'tripped' } },
      { share: 0.05, path: { feeder: { ...SOUND_FEEDER, own: 'open' }, subject: 'feeder' } },
      {
        share: 0.02,
        path: { feeder: { ...SOUND_FEEDER, own: 'open' }, subject: 'feeder', supplyAt: 'sub-panel' },
      },
      { share: 0.02, path: { feeder: { ...SOUND_FEEDER, own: 'open', other: 'open' }, subject: 'feeder' } },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 85, 'no-off-click': 3, 'hard-or-gritty': 8, 'will-not-latch': 4 },
        'The handle moves normally, but the contacts do not close.',
      ],
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'The breaker stays on but has no output.'],
      'reset-result-unplugged': [
        { holds: 98, 'trips-at-once': 1 },
        'The breaker stays on but has no output.',
      ],
      'power-after-reset': [
        { restored: 4, 'still-dead': 96 },
        'The breaker stays on but has no output: the breaker is bad.',
      ],
      'clamp-current': [{ 'under-80': 99 }, 'No current flows.'],
      'stab-inspection': [{ clean: 94, 'pitted-or-burnt': 6 }, 'The bus stab is sound.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 2, 'fault-stays-with-breaker': 98 },
        'The fault moved with the breaker.',
      ],
      'trips-on-record': [
        { 'first-time': 70, few: 15, 'many-overload': 5, 'after-dead-short': 10 },
        'Clearing a short circuit can burn the contacts.',
      ],
      'panel-age': [
        { modern: 44, 'over-40-years': 40, 'family-withdrawn': 16 },
        'Age and trips burn the contacts.',
      ],
    },
  },
  /** Does not open when it must: welded or seized. */
  'stuck-breaker': {
    gravity: 'danger',
    right: ['replace-breaker'],
    commonness: 7,
    why: 'The contacts welded in a short circuit, or the breaker seized because it was never operated.',
    places: [{ share: 1, path: {} }],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 28, 'no-off-click': 33, 'hard-or-gritty': 37, 'will-not-latch': 2 },
        'The handle is seized, or does not click at off.',
      ],
      'reset-result': [
        { holds: 98, 'trips-at-once': 0.5 },
        'A stuck breaker does not trip on a minor fault.',
      ],
      'trip-vs-curve': [
        { 'within-band': 5, 'too-early': 1, 'too-late-or-never': 94 },
        'The breaker carried a current that should have tripped it.',
      ],
      'panel-touch': [{ cool: 18, warm: 46, hot: 36 }, 'The breaker is very hot but has not tripped.'],
      'face-temperature': [
        { 'like-neighbours': 20, '3-to-15-over': 34, 'over-15-over': 46 },
        'The breaker is very hot but has not tripped.',
      ],
      'terminal-temperature': [
        { 'like-peers': 24, '3-to-15-over': 34, 'over-15-over': 42 },
        'The breaker is very hot but has not tripped.',
      ],
      'load-share': [
        { 'under-80': 14, '80-to-100': 14, '100-to-135': 30, 'over-135': 42 },
        'The breaker lets too much current through.',
      ],
      'clamp-current': [
        { 'under-80': 14, '80-to-100': 14, '100-to-135': 30, 'over-135': 42 },
        'The breaker lets too much current through.',
      ],
      'branch-off-check': [
        { 'dead-as-expected': 36, 'still-live': 64 },
        'The circuit stays energized with the breaker off.',
      ],
      'main-off-check': [{ 'dead-as-expected': 97, 'still-live': 3 }, 'The main still disconnects it.'],
      smell: [{ none: 68, 'hot-plastic': 32 }, 'The wiring it should have protected gets hot.'],
      'test-button': [
        { 'trips-and-resets': 5, 'does-not-trip': 45, 'will-not-reset': 2, 'no-button': 48 },
        'The test button does not trip it.',
      ],
      'panel-age': [
        { modern: 26, 'over-40-years': 42, 'family-withdrawn': 32 },
        'Some older breaker families are known for this.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 5, 'fault-stays-with-breaker': 95 },
        'The fault moved with the breaker.',
      ],
      'trips-on-record': [
        { 'first-time': 84, few: 8, 'many-overload': 2, 'after-dead-short': 6 },
        'A breaker that cannot open never trips.',
      ],
      'power-after-reset': [{ restored: 80, 'still-dead': 20 }, 'The contacts never opened.'],
      'light-behaviour': [
        { steady: 72, 'dims-on-start': 26, 'flicker-one-circuit': 1 },
        'The current is above the rating.',
      ],
      'millivolt-drop': [{ 'like-peers': 64, raised: 34, high: 2 }, 'Welded contacts are also pitted.'],
    },
  },
  /** Will not latch, feels hard or gritty, no clear click. */
  'worn-mechanism': {
    gravity: 'nuisance',
    right: ['replace-breaker'],
    commonness: 32,
    why: 'Springs and latches wear; dirt and old grease make them stiff.',
    places: [
      { share: 0.78, path: { handle: 'tripped' } },
      { share: 0.12, path: { handle: 'off' } },
      { share: 0.1, path: {} },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 4, 'no-off-click': 13, 'hard-or-gritty': 41, 'will-not-latch': 42 },
        'A stiff or gritty handle shows wear.',
      ],
      'reset-result': [
        { holds: 42, 'trips-at-once': 44, 'trips-in-seconds': 10, 'trips-in-minutes': 3 },
        'A worn latch slips off again or holds poorly. A breaker that is only stiff holds.',
      ],
      'reset-result-unplugged': [
        { holds: 33, 'trips-at-once': 58, 'trips-later': 9 },
        'The breaker does not stay on even with nothing connected.',
      ],
      'power-after-reset': [{ restored: 42, 'still-dead': 58 }, 'The breaker may not latch at all.'],
      'trip-pattern': [
        { random: 88, 'one-appliance': 4, 'many-loads-together': 4, 'motor-starting': 2 },
        'The fault does not depend on loads.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 97, 'under-1-megohm': 2, 'near-zero': 0.5 },
        'The circuit is sound.',
      ],
      'load-wire-lifted': [
        { holds: 20, trips: 80 },
        'The breaker does not stay on even with its circuit disconnected.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 2, 'fault-stays-with-breaker': 98 },
        'The fault moved with the breaker.',
      ],
      'trips-on-record': [
        { 'first-time': 32, few: 34, 'many-overload': 18, 'after-dead-short': 16 },
        'Every trip wears the mechanism.',
      ],
      'panel-age': [{ modern: 32, 'over-40-years': 48, 'family-withdrawn': 20 }, 'Mechanisms wear with age.'],
      'load-share': [
        { 'under-80': 82, '80-to-100': 15, '100-to-135': 3 },
        'The fault does not depend on load.',
      ],
      'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'The appliances work elsewhere.'],
      'test-button': [
        { 'trips-and-resets': 32, 'does-not-trip': 2, 'will-not-reset': 16, 'no-button': 50 },
        'A worn latch does not catch after a test-button trip.',
      ],
    },
  },
  /** The electronics of a ground-fault or arc-fault breaker have failed or trip for nothing. */
  'electronic-unit-fault': {
    gravity: 'nuisance',
    right: ['replace-breaker'],
    commonness: 26,
    why: 'Electronics age sooner than thermal elements, and surges destroy them.',
    places: [
      { share: 0.62, path: { handle: 'tripped' } },
      { share: 0.38, path: {} },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 62, 'no-off-click': 5, 'hard-or-gritty': 4, 'will-not-latch': 29 },
        'Failed electronics can keep the breaker from latching.',
      ],
      'reset-result': [
        {
          holds: 26,
          'trips-at-once': 30,
          'trips-in-seconds': 14,
          'trips-in-minutes': 18,
          'trips-after-hours': 12,
        },
        'The breaker trips at irregular times, with or without load.',
      ],
      'reset-result-unplugged': [
        { holds: 34, 'trips-at-once': 38, 'trips-later': 28 },
        'The breaker trips with nothing connected too.',
      ],
      'power-after-reset': [{ restored: 50, 'still-dead': 50 }, 'The breaker holds for a while, if at all.'],
      'trip-pattern': [
        {
          random: 86,
          'one-appliance': 6,
          'many-loads-together': 2,
          'wet-weather': 2,
          'motor-starting': 2,
          'hot-weather': 2,
        },
        'The breaker trips without a visible cause.',
      ],
      'trips-on-record': [
        { 'first-time': 28, few: 52, 'many-overload': 18, 'after-dead-short': 2 },
        'The breaker trips again and again.',
      ],
      'test-button': [
        { 'trips-and-resets': 26, 'does-not-trip': 38, 'will-not-reset': 35, 'no-button': 1 },
        'The test button shows the failure.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 96, 'under-1-megohm': 3, 'near-zero': 1 },
        'The circuit is sound.',
      ],
      'load-wire-lifted': [{ holds: 16, trips: 84 }, 'The breaker trips even with its circuit disconnected.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 4, 'fault-stays-with-breaker': 96 },
        'The fault moved with the breaker.',
      ],
      'load-share': [
        { 'under-80': 86, '80-to-100': 12, '100-to-135': 2 },
        'The fault does not depend on load.',
      ],
      'trip-vs-curve': [
        { 'within-band': 24, 'too-early': 74, 'too-late-or-never': 2 },
        'Heat plays no part in this trip.',
      ],
      'button-after-fitting': [
        { holds: 12, 'trips-as-soon-as-loaded': 3, 'not-newly-fitted': 85 },
        'Failed electronics are rare in a new breaker.',
      ],
      'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'The appliances work elsewhere.'],
    },
  },
  /** Tripped or half-tripped though it looks on, or never pushed fully off before on; includes one half of a linked pair. */
  'incomplete-reset': {
    gravity: 'nuisance',
    right: ['complete-reset', 'reset-and-watch'],
    instead: [
      {
        any: [
          ['power-after-reset', 'restored'],
          ['reset-result', 'holds'],
        ],
        none: [
          ['power-after-reset', 'still-dead'],
          ['reset-feel', 'no-off-click', 'hard-or-gritty', 'will-not-latch'],
        ],
        then: ['reset-and-watch', 'complete-reset'],
        why: 'The reset worked and the breaker holds. Keep an eye on it.',
      },
      {
        any: [['water-signs', 'condensation-or-rust', 'wet-now']],
        then: ['dry-and-inspect'],
        why: 'With moisture in the panel, nothing may be turned back on until the panel is dry and inspected.',
      },
    ],
    commonness: 130,
    why: 'Most failed resets were never pushed fully off, and a tripped handle can look on.',
    places: [
      { share: 0.74, path: { handle: 'half' } },
      { share: 0.21, path: { handle: 'tripped' } },
      { share: 0.05, path: { handle: 'off' } },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 38, 'no-off-click': 58, 'hard-or-gritty': 1, 'will-not-latch': 3 },
        'The handle never clicked at off. Pushed fully off, it does.',
      ],
      'reset-result': [
        { holds: 95, 'trips-at-once': 1.5, 'trips-in-minutes': 2 },
        'The breaker holds after a full reset.',
      ],
      'reset-result-unplugged': [{ holds: 98, 'trips-at-once': 1 }, 'The breaker holds after a full reset.'],
      'power-after-reset': [{ restored: 92, 'still-dead': 8 }, 'Power came back after a full reset.'],
      'trips-on-record': [
        { 'first-time': 86, few: 11, 'many-overload': 1, 'after-dead-short': 2 },
        'Something tripped it once.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 60, 'fault-stays-with-breaker': 40 },
        'A replacement that is switched on properly works.',
      ],
      'load-share': [
        { 'under-80': 78, '80-to-100': 17, '100-to-135': 4, 'over-135': 1 },
        'No overload is present now.',
      ],
      'clamp-current': [
        { 'under-80': 88, '80-to-100': 9, '100-to-135': 2 },
        'No current before the reset, and normal current after it.',
      ],
      'trip-pattern': [
        {
          random: 66,
          'one-appliance': 14,
          'many-loads-together': 14,
          'motor-starting': 2,
          'wet-weather': 2,
          'hot-weather': 2,
        },
        'The breaker tripped once, and the cause is gone.',
      ],
    },
  },
  /** A pole of the main, or the main itself, no longer closes or no longer opens. */
  'main-breaker-fault': {
    gravity: 'damage',
    right: ['replace-main'],
    instead: [
      {
        all: [['power-loss-extent', 'half-the-house']],
        none: [['main-load-side-voltage', 'one-missing', 'both-missing']],
        then: ['replace-main', 'call-utility'],
        why: 'With half of the house dead and no readings yet, call the utility first to find out which side has failed.',
      },
    ],
    commonness: 9,
    why: 'Main breakers are hardly ever operated. A pole burns, or the mechanism seizes.',
    places: [
      { share: 0.36, path: { main: { own: 'open', other: 'ok', isClosed: true } } },
      { share: 0.14, path: { main: { own: 'ok', other: 'open', isClosed: true } } },
      { share: 0.24, path: { main: { own: 'open', other: 'open', isClosed: true } } },
      { share: 0.14, path: { main: { own: 'ok', other: 'ok', isClosed: false } } },
      { share: 0.06, path: { main: { own: 'high', other: 'ok', isClosed: true } } },
      { share: 0.06, path: {} },
    ],
    signs: {
      'leg-balance': [{ balanced: 44, unbalanced: 56 }, 'With one pole open, one leg is dead.'],
      'main-off-check': [{ 'dead-as-expected': 78, 'still-live': 22 }, 'A failing main may no longer trip.'],
      'power-after-reset': [
        { restored: 8, 'still-dead': 92 },
        'Resetting the branch breaker changes nothing.',
      ],
      'reset-result': [{ holds: 92, 'trips-at-once': 4, 'trips-in-minutes': 2 }, 'The branch breaker holds.'],
      'panel-age': [{ modern: 30, 'over-40-years': 46, 'family-withdrawn': 24 }, 'Mains seize with age.'],
      'panel-touch': [{ cool: 50, warm: 32, hot: 18 }, 'A failing pole overheats.'],
      smell: [{ none: 78, 'hot-plastic': 22 }, 'A failing pole burns.'],
      'terminal-temperature': [
        { 'like-peers': 46, '3-to-15-over': 24, 'over-15-over': 30 },
        'A failing pole heats the lugs next to it.',
      ],
      'face-temperature': [
        { 'like-neighbours': 46, '3-to-15-over': 26, 'over-15-over': 28 },
        'A failing pole heats the face of the main.',
      ],
      'light-behaviour': [
        { steady: 70, 'dims-on-start': 8, 'flicker-whole-house': 20, 'some-brighter-some-dimmer': 1 },
        'Lights flicker before a pole fails completely.',
      ],
      'reset-feel': [
        { 'clean-clicks': 76, 'no-off-click': 7, 'hard-or-gritty': 11, 'will-not-latch': 6 },
        'The main is the breaker that feels wrong when reset.',
      ],
      'trips-on-record': [{ 'first-time': 82, few: 15 }, 'No branch breaker is the cause.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
        'Another branch on that leg is dead too.',
      ],
    },
  },
} as const satisfies Partial<Record<CauseId, CauseFacts>>;
