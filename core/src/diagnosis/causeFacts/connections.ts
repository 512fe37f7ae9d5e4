import type { CauseId } from '../../facts/vocabulary/index.ts';
import { SOUND_FEEDER } from '../path/index.ts';
import type { CauseFacts } from './cause.ts';

/** Terminals and bus stabs that heat up. */
export const CONNECTION_CAUSES = {
  /** The conductor under the breaker's screw is loose or poorly made and heats up. */
  'loose-terminal': {
    gravity: 'danger',
    right: ['remake-joint', 'replace-breaker-and-remake-joint'],
    instead: [
      {
        any: [
          ['terminal-inspection', 'discoloured-or-melted'],
          ['terminal-temperature', 'over-15-over'],
          ['face-temperature', 'over-15-over'],
          ['smell', 'hot-plastic'],
        ],
        then: ['replace-breaker-and-remake-joint', 'remake-joint'],
        why: 'A connection hot enough to burn the terminal has damaged the breaker too.',
      },
    ],
    commonness: 46,
    why: 'Terminals loosen when they were never torqued, when aluminum creeps, or when strands settle.',
    places: [
      { share: 0.28, path: { handle: 'tripped' } },
      { share: 0.05, path: { terminal: 'open' } },
      { share: 0.2, path: { terminal: 'high' } },
      { share: 0.47, path: {} },
    ],
    signs: {
      'reset-result': [
        {
          holds: 66,
          'trips-at-once': 1,
          'trips-in-seconds': 3,
          'trips-in-minutes': 19,
          'trips-after-hours': 11,
        },
        'The hot connection heats the thermal element.',
      ],
      'reset-result-unplugged': [
        { holds: 98, 'trips-at-once': 0.5, 'trips-later': 1.5 },
        'Without current there is no heat.',
      ],
      'power-after-reset': [{ restored: 84, 'still-dead': 16 }, 'The breaker holds until it heats up again.'],
      'trip-pattern': [
        { random: 42, 'many-loads-together': 34, 'one-appliance': 14, 'hot-weather': 6, 'motor-starting': 4 },
        'The breaker trips under load, after some time.',
      ],
      'trips-on-record': [
        { 'first-time': 58, few: 30, 'many-overload': 10, 'after-dead-short': 2 },
        'The breaker trips again, sooner each time.',
      ],
      sound: [{ quiet: 70, 'steady-hum': 11, 'sizzle-or-crackle': 19 }, 'A loose terminal can sizzle.'],
      smell: [{ none: 76, 'hot-plastic': 24 }, 'A hot connection burns the insulation.'],
      'panel-touch': [{ cool: 26, warm: 61, hot: 13 }, 'The breaker feels warm.'],
      'light-behaviour': [
        { steady: 48, 'dims-on-start': 15, 'flicker-one-circuit': 35, 'flicker-whole-house': 1.5 },
        'A loose connection makes lights flicker.',
      ],
      'face-temperature': [
        { 'like-neighbours': 10, '3-to-15-over': 50, 'over-15-over': 40 },
        'The heat reaches the breaker face.',
      ],
      'terminal-temperature': [
        { 'like-peers': 2, '3-to-15-over': 22, 'over-15-over': 76 },
        'The heat comes from the terminal.',
      ],
      'millivolt-drop': [
        { 'like-peers': 84, raised: 12, high: 4 },
        'The breaker is sound between its terminals.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 36, '3-to-6-percent': 38, 'over-6-percent': 26 },
        'The connection drops voltage.',
      ],
      'terminal-inspection': [
        {
          'clean-and-tight': 3,
          loose: 62,
          'discoloured-or-melted': 28,
          corroded: 6,
          'two-wires-one-terminal': 1,
        },
        'The terminal screw could be tightened.',
      ],
      'trip-vs-curve': [
        { 'within-band': 52, 'too-early': 47, 'too-late-or-never': 1 },
        'With heat from the terminal, the breaker trips early.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 45, 'fault-stays-with-breaker': 55 },
        'Replacing the breaker also retightens the terminal screw.',
      ],
      'stab-inspection': [{ clean: 94, 'pitted-or-burnt': 6 }, 'The other connection is sound.'],
      'recent-change': [
        { none: 76, 'new-appliance': 8, 'new-wiring-or-breaker': 15 },
        'Recent work loosens terminals; so do years of use.',
      ],
    },
  },
  /** The joint between breaker and bus is pitted, burnt or loose. */
  'burnt-stab': {
    gravity: 'danger',
    right: ['replace-breaker-and-remake-joint', 'replace-breaker', 'replace-panel'],
    commonness: 26,
    why: 'The breaker was not fully seated, its jaw is worn, or the bus is corroded.',
    places: [
      { share: 0.24, path: { stab: { own: 'open', other: 'ok' } } },
      { share: 0.08, path: { stab: { own: 'open', other: 'open' } } },
      { share: 0.2, path: { stab: { own: 'high', other: 'ok' } } },
      { share: 0.16, path: { handle: 'tripped' } },
      { share: 0.32, path: {} },
    ],
    signs: {
      'reset-result': [
        {
          holds: 68,
          'trips-at-once': 2,
          'trips-in-seconds': 3,
          'trips-in-minutes': 16,
          'trips-after-hours': 11,
        },
        'The hot bus stab heats the thermal element.',
      ],
      'reset-result-unplugged': [
        { holds: 98, 'trips-at-once': 0.5, 'trips-later': 1.5 },
        'Without current there is no heat.',
      ],
      'power-after-reset': [
        { restored: 46, 'still-dead': 54 },
        'Moving the breaker restores contact for a while.',
      ],
      sound: [{ quiet: 60, 'steady-hum': 10, 'sizzle-or-crackle': 30 }, 'A poor connection at the bus arcs.'],
      smell: [{ none: 68, 'hot-plastic': 32 }, 'The breaker case overheats.'],
      'panel-touch': [{ cool: 20, warm: 50, hot: 30 }, 'The breaker feels warm.'],
      'light-behaviour': [
        { steady: 42, 'dims-on-start': 12, 'flicker-one-circuit': 44, 'flicker-whole-house': 2 },
        'A loose connection at the bus stab makes lights flicker.',
      ],
      'face-temperature': [
        { 'like-neighbours': 14, '3-to-15-over': 42, 'over-15-over': 44 },
        'The heat reaches the breaker face.',
      ],
      'terminal-temperature': [
        { 'like-peers': 14, '3-to-15-over': 40, 'over-15-over': 46 },
        'The heat comes from the other end.',
      ],
      'millivolt-drop': [
        { 'like-peers': 44, raised: 20, high: 36 },
        'The voltage drops between the bus and the terminal.',
      ],
      'stab-inspection': [
        { clean: 2, 'pitted-or-burnt': 98 },
        'The damage shows once the breaker is removed.',
      ],
      'terminal-inspection': [
        { 'clean-and-tight': 90, loose: 3, 'discoloured-or-melted': 4, corroded: 3 },
        'The terminal screw is sound.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 74, 'fault-stays-with-breaker': 26 },
        'A damaged bus stab burns the next breaker too.',
      ],
      'trip-vs-curve': [
        { 'within-band': 60, 'too-early': 39, 'too-late-or-never': 1 },
        'With heat from the terminal, the breaker trips early.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 30, '3-to-6-percent': 28, 'over-6-percent': 42 },
        'The connection at the bus stab drops voltage.',
      ],
      'panel-age': [
        { modern: 42, 'over-40-years': 40, 'family-withdrawn': 18 },
        'Breaker jaws weaken with age.',
      ],
      'trips-on-record': [
        { 'first-time': 72, few: 22, 'many-overload': 5, 'after-dead-short': 1 },
        'A bad bus stab seldom causes trips.',
      ],
    },
  },
  /** Two conductors under a terminal made for one. */
  'shared-terminal': {
    gravity: 'damage',
    right: ['separate-conductors'],
    instead: [
      {
        any: [
          ['load-share', 'over-135'],
          ['clamp-current', 'over-135'],
        ],
        then: ['split-circuit', 'separate-conductors'],
        why: 'Two circuits overload one breaker. Install a second breaker or a tandem.',
      },
    ],
    commonness: 16,
    why: 'A full panel leads people to put two conductors under one screw.',
    places: [
      { share: 0.38, path: { handle: 'tripped' } },
      { share: 0.62, path: {} },
    ],
    signs: {
      'reset-result': [
        { holds: 58, 'trips-in-seconds': 2, 'trips-in-minutes': 30, 'trips-after-hours': 10 },
        'The combined load of the two circuits may exceed the rating.',
      ],
      'reset-result-unplugged': [
        { holds: 98, 'trips-at-once': 1, 'trips-later': 1 },
        'The breaker holds without load.',
      ],
      'power-after-reset': [{ restored: 92, 'still-dead': 8 }, 'Both circuits are sound.'],
      'terminal-inspection': [
        {
          'clean-and-tight': 2,
          loose: 4,
          'discoloured-or-melted': 3,
          corroded: 1,
          'two-wires-one-terminal': 90,
        },
        'Two conductors were seen with the cover off.',
      ],
      'terminal-temperature': [
        { 'like-peers': 46, '3-to-15-over': 46, 'over-15-over': 8 },
        'One of two conductors under a screw is never quite tight.',
      ],
      'face-temperature': [
        { 'like-neighbours': 68, '3-to-15-over': 27, 'over-15-over': 5 },
        'One of two conductors under a screw is never quite tight.',
      ],
      'load-share': [
        { 'under-80': 26, '80-to-100': 20, '100-to-135': 40, 'over-135': 14 },
        'One breaker carries the load of two circuits.',
      ],
      'clamp-current': [
        { 'under-80': 38, '80-to-100': 25, '100-to-135': 28, 'over-135': 9 },
        'One breaker carries the load of two circuits.',
      ],
      'trip-pattern': [
        { 'many-loads-together': 52, random: 38, 'one-appliance': 8, 'motor-starting': 2 },
        'The breaker trips when both circuits are in use.',
      ],
      'recent-change': [
        { none: 66, 'new-appliance': 8, 'new-wiring-or-breaker': 26 },
        'A circuit was added.',
      ],
      'panel-touch': [
        { cool: 70, warm: 28, hot: 2 },
        'One of two conductors under a screw is never quite tight.',
      ],
      'light-behaviour': [
        { steady: 78, 'dims-on-start': 19, 'flicker-one-circuit': 3 },
        'The load of two circuits causes more voltage drop.',
      ],
    },
  },
  /** The panel's bus or main lugs overheat, several circuits misbehave, or breakers trip their neighbours. */
  'bus-failing': {
    gravity: 'danger',
    right: ['replace-panel', 'make-safe-and-call'],
    commonness: 20,
    why: 'Main lugs and bus bars loosen and burn. Some older panel families are known for it.',
    places: [
      { share: 0.08, path: { bus: { own: 'open', other: 'ok' } } },
      { share: 0.04, path: { bus: { own: 'ok', other: 'open' } } },
      {
        share: 0.04,
        path: { feeder: { ...SOUND_FEEDER, bus: { own: 'open', other: 'ok' } }, supplyAt: 'main' },
      },
      { share: 0.26, path: { bus: { own: 'high', other: 'ok' } } },
      { share: 0.08, path: { stab: { own: 'open', other: 'ok' }, bus: { own: 'high', other: 'ok' } } },
      { share: 0.12, path: { handle: 'tripped' } },
      { share: 0.24, path: {} },
    ],
    signs: {
      'light-behaviour': [
        {
          steady: 20,
          'dims-on-start': 16,
          'flicker-one-circuit': 9,
          'flicker-whole-house': 53,
          'some-brighter-some-dimmer': 2,
        },
        'Lights on every circuit of that bus flicker.',
      ],
      sound: [{ quiet: 36, 'steady-hum': 18, 'sizzle-or-crackle': 46 }, 'Arcing on the bus can be heard.'],
      smell: [
        { none: 48, 'hot-plastic': 52 },
        'Overheated insulation on the bus smells like burning plastic.',
      ],
      'panel-touch': [{ cool: 8, warm: 52, hot: 40 }, 'The cover is hot.'],
      'panel-age': [
        { modern: 14, 'over-40-years': 48, 'family-withdrawn': 38 },
        'The panel is old or of a withdrawn family.',
      ],
      'face-temperature': [
        { 'like-neighbours': 34, '3-to-15-over': 36, 'over-15-over': 30 },
        'Several breakers are hot together.',
      ],
      'terminal-temperature': [
        { 'like-peers': 18, '3-to-15-over': 50, 'over-15-over': 32 },
        'Several breakers are hot together.',
      ],
      'stab-inspection': [{ clean: 10, 'pitted-or-burnt': 90 }, 'The bus is burned.'],
      'leg-balance': [
        { balanced: 46, unbalanced: 54 },
        'A leg that carried more current for years overheats.',
      ],
      'trips-on-record': [
        { 'first-time': 56, few: 36, 'many-overload': 7, 'after-dead-short': 1 },
        'Different breakers trip at different times.',
      ],
      'reset-result': [
        {
          holds: 74,
          'trips-at-once': 5,
          'trips-in-seconds': 4,
          'trips-in-minutes': 10,
          'trips-after-hours': 7,
        },
        'Heat from the bus trips breakers.',
      ],
      'power-after-reset': [{ restored: 54, 'still-dead': 46 }, 'Contact remains at some points of the bus.'],
      'trip-pattern': [
        { random: 58, 'many-loads-together': 32, 'hot-weather': 6, 'motor-starting': 4 },
        'The breaker trips when the whole house draws a lot of current.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 94, 'fault-stays-with-breaker': 6 },
        'A damaged bus stab burns the next breaker too.',
      ],
      'millivolt-drop': [
        { 'like-peers': 66, raised: 24, high: 10 },
        'Readings on the bus show a voltage drop.',
      ],
      'water-signs': [{ dry: 76, 'condensation-or-rust': 20, 'wet-now': 4 }, 'Moisture is often the cause.'],
    },
  },
} as const satisfies Partial<Record<CauseId, CauseFacts>>;
