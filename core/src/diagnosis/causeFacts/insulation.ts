import type { CauseId } from '../../facts/vocabulary/index.ts';
import type { CauseFacts } from './cause.ts';

/** Shorts, leakage and arcs in what is wired. */
export const INSULATION_CAUSES = {
  /** A short in the fixed wiring, an outlet box or a fixture. */
  'wiring-short': {
    gravity: 'danger',
    right: ['repair-wiring'],
    commonness: 48,
    why: 'A nail, a drill bit, a chafed cable, a burned outlet or a wet fixture.',
    places: [
      { share: 0.88, path: { handle: 'tripped' } },
      { share: 0.12, path: {} },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 58, 'no-off-click': 4, 'hard-or-gritty': 1, 'will-not-latch': 37 },
        'With a short circuit, the breaker trips immediately and seems not to latch.',
      ],
      'reset-result': [
        { holds: 3, 'trips-at-once': 88, 'trips-in-seconds': 7, 'trips-in-minutes': 2 },
        'A short circuit trips it immediately.',
      ],
      'reset-result-unplugged': [
        { holds: 3, 'trips-at-once': 92, 'trips-later': 5 },
        'The breaker still trips with nothing plugged in: the fault is in the fixed wiring.',
      ],
      'power-after-reset': [{ restored: 5, 'still-dead': 95 }, 'The breaker never stays on.'],
      'trip-pattern': [
        {
          random: 56,
          'wet-weather': 18,
          'one-appliance': 14,
          'many-loads-together': 3,
          'motor-starting': 2,
          'hot-weather': 2,
        },
        'The fault does not depend on one appliance. A switch or rain may bring it on.',
      ],
      'trips-on-record': [
        { 'first-time': 36, few: 12, 'many-overload': 1, 'after-dead-short': 51 },
        'The breaker has cleared a short circuit before.',
      ],
      smell: [{ none: 88, 'hot-plastic': 12 }, 'A short circuit leaves burn marks.'],
      sound: [{ quiet: 92, 'steady-hum': 3, 'sizzle-or-crackle': 5 }, 'A short circuit arcs.'],
      'recent-change': [
        { none: 44, 'new-appliance': 4, 'new-wiring-or-breaker': 20, 'digging-or-drilling': 32 },
        'Digging, drilling or electrical work damages wiring.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 3, 'under-1-megohm': 12, 'near-zero': 85 },
        'A resistance this low shows a short circuit.',
      ],
      'load-wire-lifted': [{ holds: 98, trips: 2 }, 'The breaker holds with its wiring disconnected.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'Any breaker trips on this fault.',
      ],
      'appliance-check': [
        { 'trips-there-too': 1, 'fine-there': 99 },
        'Everything plugged in works elsewhere.',
      ],
      'water-signs': [
        { dry: 84, 'condensation-or-rust': 12, 'wet-now': 4 },
        'Water shorts out fixtures and boxes.',
      ],
    },
  },
  /** Current leaking to ground through damp or damaged insulation, seen by a ground-fault unit. */
  'ground-leakage': {
    gravity: 'damage',
    right: ['repair-wiring', 'dry-and-inspect'],
    commonness: 42,
    why: 'Outdoor outlets, damp boxes and old heating elements, on circuits with a GFCI breaker.',
    places: [
      { share: 0.68, path: { handle: 'tripped' } },
      { share: 0.08, path: { device: 'tripped' } },
      { share: 0.24, path: {} },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 84, 'no-off-click': 3, 'hard-or-gritty': 1, 'will-not-latch': 12 },
        'The breaker may not stay on while leakage current flows.',
      ],
      'reset-result': [
        {
          holds: 22,
          'trips-at-once': 58,
          'trips-in-seconds': 9,
          'trips-in-minutes': 7,
          'trips-after-hours': 4,
        },
        'The breaker trips again as soon as leakage returns.',
      ],
      'reset-result-unplugged': [
        { holds: 28, 'trips-at-once': 56, 'trips-later': 16 },
        'The wiring leaks current with nothing plugged in.',
      ],
      'power-after-reset': [
        { restored: 38, 'still-dead': 62 },
        'The circuit works again once the wiring is dry.',
      ],
      'trip-pattern': [
        { 'wet-weather': 58, random: 26, 'one-appliance': 10, 'many-loads-together': 3, 'hot-weather': 3 },
        'Rain, dew or cleaning brings it on.',
      ],
      'trips-on-record': [
        { 'first-time': 34, few: 58, 'many-overload': 3, 'after-dead-short': 5 },
        'The fault comes and goes with moisture.',
      ],
      'water-signs': [
        { dry: 74, 'condensation-or-rust': 20, 'wet-now': 6 },
        'Moisture at the panel suggests moisture elsewhere, but most leakage starts outside the panel.',
      ],
      'test-button': [
        { 'trips-and-resets': 72, 'does-not-trip': 1, 'will-not-reset': 26, 'no-button': 1 },
        'The GFCI or AFCI breaker is doing its job.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 9, 'under-1-megohm': 77, 'near-zero': 14 },
        'A resistance in this range shows leakage current.',
      ],
      'load-wire-lifted': [{ holds: 98, trips: 2 }, 'The breaker holds with its wiring disconnected.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
        'Any GFCI or AFCI breaker trips on this fault.',
      ],
      'load-share': [
        { 'under-80': 88, '80-to-100': 9, '100-to-135': 2 },
        'The breaker trips under a light load.',
      ],
      'clamp-current': [
        { 'under-80': 88, '80-to-100': 9, '100-to-135': 2 },
        'The breaker trips under a light load.',
      ],
      'button-after-fitting': [
        { holds: 12, 'trips-as-soon-as-loaded': 8, 'not-newly-fitted': 80 },
        'A new GFCI or AFCI breaker detects what the old breaker could not.',
      ],
      'appliance-check': [
        { 'trips-there-too': 5, 'fine-there': 95 },
        'The wiring leaks current, not an appliance.',
      ],
      'recent-change': [
        { none: 76, 'new-appliance': 8, 'new-wiring-or-breaker': 10, 'digging-or-drilling': 6 },
        'Nothing changed except the weather.',
      ],
      'trip-vs-curve': [
        { 'within-band': 22, 'too-early': 77, 'too-late-or-never': 1 },
        'Heat plays no part in this trip.',
      ],
    },
  },
  /** A loose or broken connection arcing somewhere on the circuit, seen by an arc-fault unit or as flicker. */
  'arcing-connection': {
    gravity: 'danger',
    right: ['repair-wiring'],
    commonness: 40,
    why: 'Loose screws, push-in connections at outlets, broken strands, pinched cords.',
    places: [
      { share: 0.3, path: { handle: 'tripped' } },
      { share: 0.14, path: { wiring: { hot: 'open', neutral: 'ok', from: 'middle' } } },
      { share: 0.1, path: { wiring: { hot: 'ok', neutral: 'open', from: 'middle' } } },
      { share: 0.18, path: { wiring: { hot: 'high', neutral: 'ok', from: 'middle' } } },
      { share: 0.06, path: { wiring: { hot: 'ok', neutral: 'high', from: 'middle' } } },
      { share: 0.22, path: {} },
    ],
    signs: {
      'trips-on-record': [
        { 'first-time': 40, few: 54, 'many-overload': 4, 'after-dead-short': 2 },
        'The breaker trips again at irregular times.',
      ],
      'reset-result': [
        {
          holds: 46,
          'trips-at-once': 8,
          'trips-in-seconds': 18,
          'trips-in-minutes': 20,
          'trips-after-hours': 8,
        },
        'The breaker trips whenever the connection arcs.',
      ],
      'reset-result-unplugged': [
        { holds: 84, 'trips-at-once': 5, 'trips-later': 11 },
        'Without current there is no arc.',
      ],
      'power-after-reset': [{ restored: 64, 'still-dead': 36 }, 'The circuit works again for a while.'],
      'trip-pattern': [
        {
          random: 74,
          'one-appliance': 16,
          'many-loads-together': 4,
          'wet-weather': 2,
          'motor-starting': 2,
          'hot-weather': 2,
        },
        'The breaker trips when something is moved, or when current flows.',
      ],
      sound: [{ quiet: 66, 'steady-hum': 8, 'sizzle-or-crackle': 26 }, 'A loose connection crackles.'],
      smell: [{ none: 80, 'hot-plastic': 20 }, 'A loose connection burns its insulation.'],
      'light-behaviour': [
        { steady: 36, 'dims-on-start': 9, 'flicker-one-circuit': 53, 'flicker-whole-house': 1.5 },
        'Lights on this circuit flicker while it is on.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 7, '3-to-6-percent': 17, 'over-6-percent': 76 },
        'The loose connection drops voltage under load.',
      ],
      'outlet-wiring': [
        { correct: 68, 'open-ground': 6, 'open-neutral': 21, reversed: 4 },
        'The loose conductor may be the neutral.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 84, 'under-1-megohm': 12, 'near-zero': 4 },
        'The fault is a connection, not the insulation.',
      ],
      'load-wire-lifted': [{ holds: 98, trips: 2 }, 'The breaker holds with its wiring disconnected.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
        'The circuit flickers with any breaker.',
      ],
      'recent-change': [
        { none: 70, 'new-appliance': 8, 'new-wiring-or-breaker': 15, 'digging-or-drilling': 7 },
        'An outlet is new, or its connections are old.',
      ],
      'test-button': [
        { 'trips-and-resets': 52, 'does-not-trip': 1, 'will-not-reset': 4, 'no-button': 43 },
        'The AFCI breaker works.',
      ],
      'trip-vs-curve': [
        { 'within-band': 88, 'too-early': 11, 'too-late-or-never': 1 },
        'An AFCI trip does not follow the trip curve.',
      ],
      'load-share': [
        { 'under-80': 82, '80-to-100': 14, '100-to-135': 3 },
        'The breaker trips even under a light load.',
      ],
      'button-after-fitting': [
        { holds: 12, 'trips-as-soon-as-loaded': 8, 'not-newly-fitted': 80 },
        'A new AFCI breaker detects arcs the old breaker could not.',
      ],
    },
  },
  /** Condensation, rust or corrosion inside the panel. */
  moisture: {
    gravity: 'danger',
    right: ['dry-and-inspect'],
    commonness: 16,
    why: 'Damp air gets in through the service conduit, or the basement floods.',
    places: [
      { share: 0.2, path: { handle: 'tripped' } },
      { share: 0.8, path: {} },
    ],
    signs: {
      'water-signs': [
        { dry: 3, 'condensation-or-rust': 76, 'wet-now': 21 },
        'There is rust, water drops or a water line.',
      ],
      'terminal-inspection': [
        {
          'clean-and-tight': 10,
          loose: 8,
          'discoloured-or-melted': 4,
          corroded: 77,
          'two-wires-one-terminal': 1,
        },
        'The metal shows green or white corrosion.',
      ],
      'trip-pattern': [
        { 'wet-weather': 60, random: 36, 'hot-weather': 2, 'one-appliance': 1 },
        'The fault comes and goes with the weather.',
      ],
      'stab-inspection': [{ clean: 48, 'pitted-or-burnt': 52 }, 'The bus corrodes too.'],
      'reset-feel': [
        { 'clean-clicks': 65, 'no-off-click': 9, 'hard-or-gritty': 20, 'will-not-latch': 6 },
        'Rust makes the handle stiff.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 54, 'under-1-megohm': 40, 'near-zero': 6 },
        'Moisture causes leakage current.',
      ],
      sound: [
        { quiet: 80, 'steady-hum': 7, 'sizzle-or-crackle': 13 },
        'Moisture causes tracking across surfaces.',
      ],
      'terminal-temperature': [
        { 'like-peers': 48, '3-to-15-over': 44, 'over-15-over': 8 },
        'Corroded connections heat up.',
      ],
      'reset-result': [
        {
          holds: 70,
          'trips-at-once': 10,
          'trips-in-seconds': 7,
          'trips-in-minutes': 8,
          'trips-after-hours': 5,
        },
        'The fault lasts while the panel is wet.',
      ],
      'reset-result-unplugged': [
        { holds: 76, 'trips-at-once': 13, 'trips-later': 11 },
        'The fault lasts while the panel is wet.',
      ],
      'power-after-reset': [{ restored: 76, 'still-dead': 24 }, 'The fault clears once the panel is dry.'],
      'test-button': [
        { 'trips-and-resets': 40, 'does-not-trip': 7, 'will-not-reset': 8, 'no-button': 45 },
        'The electronics usually fail first.',
      ],
      'panel-age': [
        { modern: 46, 'over-40-years': 40, 'family-withdrawn': 14 },
        'Corrosion takes years to form.',
      ],
      'face-temperature': [
        { 'like-neighbours': 62, '3-to-15-over': 35, 'over-15-over': 3 },
        'A corroded connection heats up.',
      ],
      'trips-on-record': [
        { 'first-time': 80, few: 18, 'many-overload': 1, 'after-dead-short': 1 },
        'Rust shows before anything trips.',
      ],
    },
  },
  /** A neutral touches ground past a ground-fault or dual unit, or two neutrals are joined: it trips with no load and sound insulation from hot to ground. */
  'neutral-ground-fault': {
    gravity: 'damage',
    right: ['repair-neutral', 'repair-wiring'],
    commonness: 12,
    why: 'A bare ground touches a neutral in a box, or two neutrals are joined. Only a GFCI or AFCI breaker detects that.',
    places: [
      { share: 0.76, path: { handle: 'tripped' } },
      { share: 0.24, path: {} },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 72, 'no-off-click': 3, 'hard-or-gritty': 1, 'will-not-latch': 24 },
        'The breaker trips the moment it closes.',
      ],
      'reset-result': [
        { holds: 5, 'trips-at-once': 76, 'trips-in-seconds': 14, 'trips-in-minutes': 4 },
        'The breaker trips with or without load.',
      ],
      'reset-result-unplugged': [
        { holds: 9, 'trips-at-once': 76, 'trips-later': 15 },
        'The breaker trips without load, because return current of other circuits flows through it.',
      ],
      'power-after-reset': [{ restored: 18, 'still-dead': 82 }, 'The breaker does not stay on.'],
      'trip-pattern': [
        { random: 84, 'one-appliance': 6, 'wet-weather': 4, 'many-loads-together': 4, 'motor-starting': 2 },
        'The fault does not depend on what is plugged in.',
      ],
      'trips-on-record': [
        { 'first-time': 56, few: 40, 'many-overload': 1, 'after-dead-short': 3 },
        'This fault starts after work in a box, or when a wire gets pinched.',
      ],
      'recent-change': [
        { none: 34, 'new-appliance': 4, 'new-wiring-or-breaker': 50, 'digging-or-drilling': 12 },
        'This often follows work on an outlet, or a new GFCI or AFCI breaker.',
      ],
      'button-after-fitting': [
        { holds: 5, 'trips-as-soon-as-loaded': 25, 'not-newly-fitted': 70 },
        'A standard breaker does not detect this fault.',
      ],
      'test-button': [
        { 'trips-and-resets': 78, 'does-not-trip': 2, 'will-not-reset': 19, 'no-button': 1 },
        'The breaker works.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 46, 'under-1-megohm': 12, 'near-zero': 42 },
        'Insulation from hot to ground is sound. Neutral to ground is not, measured with the neutral disconnected.',
      ],
      'load-wire-lifted': [
        { holds: 88, trips: 12 },
        'The breaker holds with its hot and neutral disconnected.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 97, 'fault-stays-with-breaker': 3 },
        'Another GFCI or AFCI breaker trips too.',
      ],
      'neutral-joint-inspection': [
        { 'clean-and-tight': 84, 'loose-or-burnt': 4, 'on-the-wrong-bar': 12 },
        'The neutral is correct at the bar and touches ground downstream.',
      ],
      'load-share': [
        { 'under-80': 92, '80-to-100': 7, '100-to-135': 1 },
        'The breaker trips even without load.',
      ],
      'appliance-check': [
        { 'trips-there-too': 1, 'fine-there': 99 },
        'Everything plugged in works elsewhere.',
      ],
      'trip-vs-curve': [
        { 'within-band': 22, 'too-early': 77, 'too-late-or-never': 1 },
        'Heat plays no part in this trip.',
      ],
    },
  },
  /** A ground-fault or arc-fault breaker newly fitted with its neutral on the wrong bar or shared with another circuit. */
  'miswired-protected-unit': {
    gravity: 'nuisance',
    right: ['repair-neutral', 'repair-wiring'],
    commonness: 12,
    why: 'A GFCI or AFCI breaker needs its circuit’s neutral, and no other.',
    places: [
      { share: 0.75, path: { handle: 'tripped' } },
      { share: 0.25, path: {} },
    ],
    signs: {
      'button-after-fitting': [
        { holds: 2, 'trips-as-soon-as-loaded': 96, 'not-newly-fitted': 2 },
        'The breaker is new and trips with the first load.',
      ],
      'recent-change': [{ none: 3, 'new-appliance': 2, 'new-wiring-or-breaker': 94 }, 'The breaker is new.'],
      'reset-result': [
        { holds: 8, 'trips-at-once': 62, 'trips-in-seconds': 25, 'trips-in-minutes': 4 },
        'The first load makes hot and neutral currents differ.',
      ],
      'reset-result-unplugged': [
        { holds: 78, 'trips-at-once': 17, 'trips-later': 5 },
        'Without load, no current takes the wrong path.',
      ],
      'test-button': [
        { 'trips-and-resets': 80, 'does-not-trip': 6, 'will-not-reset': 13, 'no-button': 1 },
        'The breaker works.',
      ],
      'neutral-joint-inspection': [
        { 'clean-and-tight': 12, 'loose-or-burnt': 3, 'on-the-wrong-bar': 85 },
        'Its neutral is connected in the wrong place.',
      ],
      'trip-pattern': [
        { random: 58, 'one-appliance': 22, 'many-loads-together': 18, 'motor-starting': 2 },
        'Any load trips it.',
      ],
      'trips-on-record': [
        { 'first-time': 62, few: 34, 'many-overload': 2, 'after-dead-short': 2 },
        'The breaker has tripped since it was installed.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 95, 'under-1-megohm': 4, 'near-zero': 1 },
        'The insulation is sound.',
      ],
      'load-wire-lifted': [{ holds: 97, trips: 3 }, 'The breaker holds with its circuit disconnected.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 96, 'fault-stays-with-breaker': 4 },
        'Another GFCI or AFCI breaker, wired the same way, trips too.',
      ],
      'load-share': [
        { 'under-80': 90, '80-to-100': 8, '100-to-135': 1 },
        'A light load is enough to trip it.',
      ],
      'trip-vs-curve': [
        { 'within-band': 20, 'too-early': 79, 'too-late-or-never': 1 },
        'Heat plays no part in this trip.',
      ],
      'power-after-reset': [{ restored: 60, 'still-dead': 40 }, 'The breaker holds until the first load.'],
    },
  },
} as const satisfies Partial<Record<CauseId, CauseFacts>>;
