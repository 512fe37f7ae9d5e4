import { randomUUID } from 'node:crypto';
import type { CurveInput } from '@phylaxon/core/record/entities';
import { ACTION_WORDS } from '@phylaxon/core/facts/vocabulary';
import type { DemoCircuit, DemoEntry, DemoMap, DemoPanelEntry, DemoSite, DemoVisit } from './shape.ts';
import { clamp, copper, ended, held, demoLoad, look, QUIET, soak, demoVolts } from './shape.ts';

/** The heat survey of 12 October, panel soaked under load for two hours. */
const SURVEY = '2026-10-12T14:';

const MAIN_LOG: DemoEntry[] = [
  soak(`${SURVEY}00:00Z`, 31, 61),
  {
    readings: [
      demoVolts('2026-10-12T13:10:00Z', 'leg-a', 121.2),
      demoVolts('2026-10-12T13:11:00Z', 'leg-b', 119.8),
    ],
  },
  look('2026-10-12T13:05:00Z', 'water-signs', 'dry'),
];

const CIRCUITS: DemoCircuit[] = [
  {
    breaker: { space: 1, poles: 1, ratingAmps: 20, kind: 'gfci', installedOn: '2019-04-02' },
    circuit: {
      label: 'Apartment: kitchen counter',
      conductor: copper('12'),
      loads: [demoLoad('Kettle', 1440), demoLoad('Toaster', 840)],
    },
    log: [
      {
        event: {
          kind: 'trip',
          at: '2026-10-27T18:20:00Z',
          pace: 'minutes',
          amps: 7.1,
          note: 'Only the toaster was on.',
        },
      },
      { event: { kind: 'reset', at: '2026-10-27T18:40:00Z', feel: 'clean-clicks', result: 'holds' } },
      { event: { kind: 'trip', at: '2026-11-08T07:55:00Z', pace: 'minutes', amps: 7.2 } },
    ],
  },
  {
    breaker: { space: 2, poles: 1, ratingAmps: 20, installedOn: '2012-06-11' },
    circuit: {
      label: 'Sewing machines',
      conductor: copper('12'),
      lengthM: 22,
      loads: [demoLoad('Long-arm machine', 620, { va: 900 }), demoLoad('Zigzag machine', 350, { va: 520 })],
    },
    log: [
      soak(`${SURVEY}05:00Z`, 31, 10.2),
      { readings: [demoVolts('2026-10-12T13:30:00Z', 'load-terminal', 120.6)] },
    ],
  },
  {
    breaker: { space: 3, poles: 1, ratingAmps: 15, kind: 'afci', installedOn: '2019-04-02' },
    circuit: {
      label: 'Apartment: bedrooms',
      conductor: copper('14'),
      lengthM: 18,
      loads: [demoLoad('Lamps', 120), demoLoad('Electric blanket', 180)],
    },
    log: [
      { readings: [demoVolts('2026-10-12T13:40:00Z', 'outlet', 119.4)] },
      look('2026-10-12T13:41:00Z', 'panel-touch', 'cool'),
      look('2026-10-12T13:42:00Z', 'test-button', 'trips-and-resets'),
    ],
  },
  {
    logged: true,
    breaker: { space: 4, poles: 1, ratingAmps: 20, installedOn: '2012-06-11' },
    circuit: {
      label: 'Steam press and tea corner',
      conductor: copper('12'),
      lengthM: 12,
      loads: [
        demoLoad('Steam press', 1500, { turns: [240, 150] }),
        demoLoad('Kettle', 1440, { turns: [210, 2700] }),
      ],
    },
    log: [
      clamp('2025-11-20T10:00:00Z', 12.6),
      clamp('2026-02-11T09:40:00Z', 13.1),
      clamp('2026-04-20T14:15:00Z', 1.31, 'Decimal point: it was 13.1 A'),
      clamp('2026-04-20T14:16:00Z', 13.1),
      clamp('2026-07-06T11:05:00Z', 14.2),
      clamp('2026-09-14T08:50:00Z', 19.4),
      {
        event: {
          kind: 'trip',
          at: '2026-01-19T10:02:00Z',
          afterSeconds: 840,
          amps: 24.6,
          note: 'Press and kettle together.',
        },
      },
      { event: { kind: 'reset', at: '2026-01-19T10:20:00Z', feel: 'clean-clicks', result: 'holds' } },
      held('2026-07-06T12:50:00Z', 14.2, 6300, 'Press on all morning, kettle off.'),
      { event: { kind: 'trip', at: '2026-11-03T15:31:00Z', afterSeconds: 620, amps: 24.4 } },
      { event: { kind: 'reset', at: '2026-11-03T15:50:00Z', feel: 'clean-clicks', result: 'holds' } },
      {
        readings: [
          {
            quantity: 'current',
            point: 'conductor',
            value: 24.5,
            at: '2026-11-04T09:12:00Z',
            instrument: 'clamp-meter',
            loadState: 'everything-on',
          },
        ],
      },
    ],
  },
  {
    breaker: { space: 5, poles: 2, ratingAmps: 40, installedOn: '2012-06-11' },
    circuit: {
      label: 'Apartment: range',
      conductor: copper('8'),
      portableReceptacles: false,
      loads: [demoLoad('Range, by the demand table', 8000, { volts: 240 })],
    },
    log: [
      soak(`${SURVEY}12:00Z`, 36, 26),
      {
        readings: [
          demoVolts('2026-10-12T13:50:00Z', 'load-terminal', 120.9),
          demoVolts('2026-10-12T13:51:00Z', 'load-terminal-2', 119.7),
        ],
      },
    ],
  },
  {
    breaker: { space: 6, poles: 1, ratingAmps: 20, installedOn: '2016-02-25' },
    circuit: {
      label: 'Drying loft heaters',
      conductor: copper('12'),
      lengthM: 26,
      loads: [
        demoLoad('Heater, seaward', 1300, { continuous: true }),
        demoLoad('Heater, landward', 1300, { continuous: true }),
      ],
    },
  },
  {
    breaker: { space: 8, poles: 1, ratingAmps: 20, installedOn: '2012-06-11' },
    circuit: {
      label: 'Hot-knife bench',
      conductor: copper('12'),
      lengthM: 15,
      loads: [demoLoad('Hot knives', 1250)],
    },
    log: [
      soak('2025-12-08T10:20:00Z', 33.5, 10.1),
      soak('2026-03-16T10:10:00Z', 36, 10.3),
      soak('2026-06-22T09:40:00Z', 43, 10.6),
      soak('2026-08-31T09:15:00Z', 48.5, 10.2),
      soak(`${SURVEY}20:00Z`, 56, 10.4),
      {
        inspection: {
          kind: 'conductor-marking',
          found: { conductors: [{ color: 'white' }], tag: '8' },
          at: `${SURVEY}24:00Z`,
          note: 'Insulation browned near the lug',
        },
      },
    ],
  },
  {
    breaker: { space: 9, poles: 1, ratingAmps: 15, installedOn: '1998-09-14' },
    circuit: {
      label: 'Dehumidifier',
      conductor: copper('14'),
      lengthM: 9,
      loads: [
        demoLoad('Dehumidifier', 1180, {
          va: 1380,
          continuous: true,
          turns: [1500, 480],
          surge: [4, 0.4],
        }),
      ],
    },
    log: [
      held('2026-09-12T10:00:00Z', 8.9, 9000, 'On its low fan setting.'),
      { event: { kind: 'trip', at: '2026-09-30T04:15:00Z', afterSeconds: 520, amps: 11.6, ambientC: 21 } },
      { event: { kind: 'reset', at: '2026-09-30T07:00:00Z', feel: 'clean-clicks', result: 'holds' } },
      { event: { kind: 'trip', at: '2026-10-09T05:40:00Z', afterSeconds: 440, amps: 11.5, ambientC: 23 } },
      { event: { kind: 'reset', at: '2026-10-09T07:30:00Z', feel: 'clean-clicks', result: 'holds' } },
      look('2026-10-12T15:30:00Z', 'terminal-inspection', 'clean-and-tight'),
      soak(`${SURVEY}25:00Z`, 32.5, 11.4),
    ],
  },
  {
    breaker: { space: 10, poles: 1, ratingAmps: 20, installedOn: '2007-03-20' },
    circuit: {
      label: 'Cutting floor outlets',
      conductor: copper('14'),
      lengthM: 19,
      loads: [demoLoad('Plotter', 420, { va: 510 }), demoLoad('Vacuum', 900, { va: 1020 })],
    },
    log: [{ readings: [demoVolts('2026-10-12T13:55:00Z', 'outlet', 118.9)] }],
  },
  {
    breaker: { space: 11, poles: 1, ratingAmps: 15, installedOn: '1998-09-14' },
    circuit: {
      label: 'Loft lights',
      conductor: copper('14'),
      lengthM: 24,
      loads: [demoLoad('Lights', 480, { va: 560, continuous: true })],
    },
    log: [
      {
        event: {
          kind: 'reset',
          at: '2026-11-10T16:05:00Z',
          feel: 'clean-clicks',
          result: 'holds',
          power: 'still-dead',
        },
      },
      {
        readings: [
          demoVolts('2026-11-10T17:20:00Z', 'load-terminal', 0.3),
          demoVolts('2026-11-10T17:22:00Z', 'leg-a', 120.8),
          demoVolts('2026-11-10T17:23:00Z', 'leg-b', 120.1),
        ],
      },
    ],
  },
  {
    breaker: { space: 12, poles: 1, ratingAmps: 15, installedOn: '2012-06-11' },
    circuit: {
      label: 'Apartment: shower pump',
      conductor: copper('14'),
      lengthM: 14,
      loads: [demoLoad('Shower pump', 480, { va: 650, turns: [420, 5400], surge: [6, 0.3] })],
    },
    log: [{ event: { kind: 'trip', at: '2026-11-17T06:50:00Z', pace: 'seconds' } }],
    cases: [
      {
        complaint: 'trips',
        openedBy: 'homeowner',
        openedAt: '2026-11-17T07:05:00Z',
        words: 'The shower stops and the breaker is off',
        found: [...QUIET],
        end: null,
      },
    ],
  },
  {
    breaker: { space: 13, poles: 1, ratingAmps: 20, kind: 'gfci', installedOn: '2019-04-02' },
    circuit: {
      label: 'Apartment: bathroom',
      conductor: copper('12'),
      lengthM: 12,
      loads: [demoLoad('Hair dryer', 1500)],
    },
    log: [
      {
        event: {
          kind: 'trip',
          at: '2026-11-18T07:10:00Z',
          pace: 'at-once',
          cause: 'known-removed',
          note: 'Hair dryer fell into the sink. Thrown away.',
        },
      },
      look('2026-11-18T07:40:00Z', 'panel-touch', 'cool'),
      {
        event: {
          kind: 'reset',
          at: '2026-11-18T07:45:00Z',
          feel: 'clean-clicks',
          result: 'holds',
          power: 'restored',
        },
      },
    ],
  },
  {
    breaker: { space: 14, poles: 1, ratingAmps: 20, installedOn: '2007-03-20' },
    circuit: {
      label: 'Yard outlets',
      conductor: copper('12'),
      lengthM: 35,
      loads: [demoLoad('Pressure washer', 1400, { va: 1560 })],
    },
    log: [
      { event: { kind: 'trip', at: '2026-11-14T11:00:00Z', pace: 'at-once' } },
      {
        event: {
          kind: 'reset',
          at: '2026-11-14T11:25:00Z',
          feel: 'clean-clicks',
          result: 'tripped',
          pace: 'at-once',
          unplugged: true,
        },
      },
    ],
  },
  {
    breaker: { space: 15, poles: 2, ratingAmps: 30, installedOn: '2012-06-11' },
    cases: [
      {
        complaint: 'trips',
        openedBy: 'homeowner',
        openedAt: '2025-12-19T06:40:00Z',
        words: 'No hot water in the morning',
        found: [
          ...QUIET,
          ['handle-finger-test', 'gives'],
          ['reset-feel', 'clean-clicks'],
          ['reset-result', 'trips-in-minutes'],
          ['reset-result-unplugged', 'holds'],
          ['appliance-check', 'trips-there-too'],
          ['load-wire-lifted', 'holds'],
        ],
        end: ended(
          '2025-12-19T07:30:00Z',
          'repaired-elsewhere',
          { cause: 'appliance-fault', who: 'electrician', how: 'measured' },
          'Lower element leaks to ground when hot. New element installed in January.',
        ),
      },
    ],
    circuit: {
      label: 'Water heater',
      conductor: copper('10'),
      portableReceptacles: false,
      loads: [demoLoad('Water heater', 4500, { volts: 240, continuous: true })],
    },
    log: [
      soak(`${SURVEY}30:00Z`, 35.5, 18.6),
      {
        readings: [
          demoVolts('2026-10-12T13:58:00Z', 'load-terminal', 120.8),
          demoVolts('2026-10-12T13:59:00Z', 'load-terminal-2', 119.9),
        ],
      },
    ],
  },
  {
    breaker: { space: 16, poles: 1, ratingAmps: 15, installedOn: '1998-09-14' },
    circuit: {
      label: 'Sump pump',
      conductor: copper('14'),
      lengthM: 11,
      loads: [demoLoad('Sump pump', 520, { va: 780, turns: [60, 900], surge: [6, 0.3] })],
    },
    log: [
      look('2026-11-20T21:30:00Z', 'terminal-inspection', 'loose'),
      look('2026-11-20T21:35:00Z', 'terminal-temperature', 'over-15-over'),
    ],
  },
  {
    breaker: { space: 19, half: 'upper', poles: 1, ratingAmps: 15, installedOn: '2016-02-25' },
    cases: [
      {
        complaint: 'dead',
        openedBy: 'homeowner',
        openedAt: '2026-07-21T14:00:00Z',
        words: 'Desk lamp dead',
        found: [
          ['power-loss-extent', 'one-device'],
          ['handle-finger-test', 'firm'],
          ['downstream-device', 'not-tripped'],
          ['outlet-voltage', 'normal'],
          ['appliance-check', 'trips-there-too'],
        ],
        end: ended('2026-07-21T14:10:00Z', 'repaired-elsewhere', {
          cause: 'device-failed',
          who: 'homeowner',
          how: 'seen',
        }),
      },
    ],
    circuit: {
      label: 'Office',
      conductor: copper('14'),
      lengthM: 10,
      loads: [demoLoad('Computers', 260, { va: 430 })],
    },
    log: [
      {
        readings: [
          demoVolts('2026-10-12T13:45:00Z', 'outlet', 119.8),
          {
            quantity: 'current',
            point: 'plug',
            value: 3.6,
            at: '2026-10-12T13:46:00Z',
            instrument: 'plug-in-meter',
            loadState: 'normal',
          },
        ],
      },
    ],
  },
  {
    breaker: { space: 19, half: 'lower', poles: 1, ratingAmps: 15, installedOn: '2016-02-25' },
    circuit: {
      label: 'Router and alarm',
      conductor: copper('14'),
      lengthM: 10,
      loads: [
        demoLoad('Router', 14, { va: 30, continuous: true }),
        demoLoad('Alarm', 20, { va: 36, continuous: true }),
      ],
    },
  },
  {
    breaker: { space: 20, poles: 2, ratingAmps: 20, installedOn: '2007-03-20' },
    circuit: {
      label: 'Sail hoist',
      conductor: copper('12'),
      portableReceptacles: false,
      loads: [demoLoad('Hoist', 1500, { volts: 240, va: 2100 })],
    },
    log: [
      soak(`${SURVEY}35:00Z`, 30.5, 8.8),
      {
        readings: [
          demoVolts('2026-10-12T13:52:00Z', 'load-terminal', 121),
          demoVolts('2026-10-12T13:53:00Z', 'load-terminal-2', 119.8),
        ],
      },
    ],
  },
  {
    breaker: { space: 21, poles: 1, ratingAmps: 15, installedOn: '2012-06-11' },
    cases: [
      {
        complaint: 'trips',
        openedBy: 'electrician',
        openedAt: '2026-03-10T19:00:00Z',
        words: 'Stairs dark, breaker does not stay on',
        found: [
          ...QUIET,
          ['reset-feel', 'hard-or-gritty'],
          ['load-wire-lifted', 'trips'],
          ['terminal-inspection', 'clean-and-tight'],
        ],
        end: ended(
          '2026-03-14T10:20:00Z',
          'replaced',
          { cause: 'worn-mechanism', who: 'electrician', how: 'seen' },
          'Dirt in the latch.',
        ),
      },
    ],
    replaced: {
      at: '2026-03-14T10:30:00Z',
      by: {
        ratingAmps: 15,
        installedOn: '2026-03-14',
        why: 'The handle felt gritty and the breaker did not latch.',
      },
      before: [
        {
          event: {
            kind: 'reset',
            at: '2026-03-10T19:05:00Z',
            feel: 'hard-or-gritty',
            result: 'tripped',
            pace: 'at-once',
            unplugged: true,
          },
        },
        {
          note: {
            at: '2026-03-10T19:20:00Z',
            note: 'Dirt in the handle, no clear click. New breaker ordered.',
          },
        },
      ],
    },
    circuit: {
      label: 'Stairs and hall lights',
      conductor: copper('14'),
      lengthM: 16,
      loads: [demoLoad('Lights', 190, { va: 240 })],
    },
    log: [
      soak(`${SURVEY}40:00Z`, 24, 1.9),
      { readings: [demoVolts('2026-10-12T13:35:00Z', 'load-terminal', 120.4)] },
    ],
  },
  {
    breaker: { space: 24, poles: 1, ratingAmps: 20, installedOn: '2012-06-11' },
    cases: [
      {
        complaint: 'dead',
        openedBy: 'homeowner',
        openedAt: '2026-05-06T08:10:00Z',
        words: 'Band saw and bench outlets dead',
        found: [
          ['power-loss-extent', 'part-of-one-circuit'],
          ['sound', 'quiet'],
          ['smell', 'none'],
          ['handle-finger-test', 'firm'],
          ['downstream-device', 'tripped'],
          ['neighbours-power', 'on'],
        ],
        end: ended('2026-05-06T08:25:00Z', 'reset-holds', {
          cause: 'downstream-device-tripped',
          who: 'homeowner',
          how: 'cured',
        }),
      },
    ],
    circuit: {
      label: 'Bench tools',
      conductor: copper('12'),
      lengthM: 13,
      loads: [demoLoad('Band saw', 900, { va: 1150 })],
    },
    log: [
      soak(`${SURVEY}45:00Z`, 30, 9.6),
      { readings: [demoVolts('2026-10-12T13:36:00Z', 'load-terminal', 119.9)] },
    ],
  },
];

/** A small sub-panel on its side above the slipway door, fed through the main panel's lugs. */
const YARD_CIRCUITS: DemoCircuit[] = [
  {
    breaker: { space: 1, poles: 2, ratingAmps: 20, installedOn: '2021-05-03' },
    circuit: {
      label: 'Slipway winch',
      conductor: copper('12'),
      lengthM: 28,
      portableReceptacles: false,
      loads: [demoLoad('Winch', 2300, { va: 2900, volts: 240 })],
    },
    log: [soak('2026-10-13T09:10:00Z', 29, 9.8)],
  },
  {
    breaker: { space: 2, poles: 1, ratingAmps: 20, kind: 'gfci', installedOn: '2021-05-03' },
    cases: [
      {
        complaint: 'trips',
        openedBy: 'homeowner',
        openedAt: '2026-01-18T09:35:00Z',
        words: 'Trips with the pressure washer',
        found: [
          ...QUIET,
          ['reset-feel', 'clean-clicks'],
          ['reset-result-unplugged', 'holds'],
          ['appliance-check', 'trips-there-too'],
        ],
        end: ended(
          '2026-01-18T11:30:00Z',
          'repaired-elsewhere',
          { cause: 'appliance-fault', who: 'homeowner', how: 'cured' },
          'The ramp had cut the washer cord. New cord.',
        ),
      },
    ],
    circuit: {
      label: 'Slipway outlets',
      conductor: copper('12'),
      lengthM: 31,
      loads: [demoLoad('Pressure washer', 1500, { va: 1640 }), demoLoad('Battery charger', 420, { va: 610 })],
    },
    log: [
      {
        event: {
          kind: 'trip',
          at: '2026-01-18T09:30:00Z',
          pace: 'seconds',
          note: 'Frost overnight, then rain. Washer plugged in.',
        },
      },
      { event: { kind: 'reset', at: '2026-01-18T11:00:00Z', feel: 'clean-clicks', result: 'holds' } },
    ],
  },
  {
    breaker: { space: 4, poles: 1, ratingAmps: 15, installedOn: '2021-05-03' },
    cases: [
      {
        complaint: 'dead',
        openedBy: 'homeowner',
        openedAt: '2026-02-27T18:05:00Z',
        words: 'Yard lights dead after the frost',
        found: [
          ['power-loss-extent', 'one-circuit'],
          ...QUIET,
          ['handle-finger-test', 'gives'],
          ['reset-feel', 'clean-clicks'],
          ['reset-result', 'trips-at-once'],
          ['reset-result-unplugged', 'trips-at-once'],
          ['load-wire-lifted', 'holds'],
          ['insulation-resistance', 'near-zero'],
        ],
        end: ended(
          '2026-03-02T12:00:00Z',
          'repaired-elsewhere',
          { cause: 'wiring-short', who: 'electrician', how: 'measured' },
          'Conduit full of ice at the gate post. New cable pulled.',
        ),
      },
    ],
    circuit: {
      label: 'Yard lights',
      conductor: copper('14'),
      lengthM: 40,
      loads: [demoLoad('Floodlights', 380)],
    },
    log: [
      look('2026-03-02T12:20:00Z', 'insulation-resistance', 'over-1-megohm'),
      { event: { kind: 'reset', at: '2026-03-02T12:30:00Z', feel: 'clean-clicks', result: 'holds' } },
    ],
  },
  {
    breaker: {
      space: 5,
      poles: 1,
      ratingAmps: 15,
      family: 'Orrin C',
      asFound: true,
      installedOn: '2024-08-19',
    },
    circuit: {
      label: 'Gate opener',
      conductor: copper('14'),
      lengthM: 52,
      loads: [demoLoad('Gate opener', 260, { va: 410 })],
    },
  },
];

/** As the family’s leaflet prints it, for 15 to 30 A. */
const ORRIN_S_CURVE: CurveInput['points'] = [
  { multiple: 1.15, fastestSeconds: 110, slowestSeconds: null },
  { multiple: 1.35, fastestSeconds: 36, slowestSeconds: 1500 },
  { multiple: 1.5, fastestSeconds: 27, slowestSeconds: 310 },
  { multiple: 2, fastestSeconds: 12, slowestSeconds: 108 },
  { multiple: 3, fastestSeconds: 5, slowestSeconds: 40 },
  { multiple: 5, fastestSeconds: 1.7, slowestSeconds: 13.5 },
];

/** What was logged of the main panel as a whole. */
const MAIN_PANEL_ENTRIES: DemoPanelEntry[] = [
  {
    at: '2026-09-14T08:10:00Z',
    kind: 'service-sheet',
    content: () => ({
      serviceAmps: 125,
      floorAreaFt2: 1650,
      smallApplianceCircuits: 2,
      laundryCircuits: 1,
      fixed: [
        { id: 'Water heater', va: 4500 },
        { id: 'Sump pump', va: 620 },
        { id: 'Dehumidifier', va: 1100 },
      ],
      rangeKw: 8,
      heatVa: 4800,
      heatUnits: 2,
      heatKind: 'separate',
      meterBaseAmps: 200,
      busAmps: 125,
      conductor: { gauge: '1', material: 'copper' },
    }),
  },
  {
    at: '2026-10-12T14:50:00Z',
    kind: 'main-currents',
    content: () => ({ a: 104.6, b: 112.3, neutral: 8.2, loadState: 'everything-on' }),
  },
  {
    at: '2026-09-14T08:30:00Z',
    kind: 'keeps-power',
    content: (breakerIn) => ({ breakerIds: [breakerIn(16), breakerIn(19)] }),
  },
  {
    at: '2026-09-14T08:40:00Z',
    kind: 'hanging-directory',
    content: () => ({
      text: '1 kitchen\n2 machines\n3 bedrooms\n4 press\n5-7 range\n6 drying loft\n8 hot knives\n10 floor\n12 shower\n14 yard\n16 sump',
    }),
  },
  {
    at: '2026-09-14T09:10:00Z',
    kind: 'inspection',
    content: () => ({
      inspectionId: randomUUID(),
      purpose: 'buying',
      station: 'outside',
      results: [
        { item: 'service-entrance', result: 'sound' },
        { item: 'other-sources', result: 'labeled' },
        { item: 'emergency-disconnect', result: 'none' },
      ],
    }),
  },
  {
    at: '2026-10-12T13:06:00Z',
    kind: 'sign',
    content: () => ({ sign: 'damp' }),
  },
  {
    at: '2026-10-31T16:20:00Z',
    kind: 'upkeep-round',
    content: (breakerIn) => ({
      duty: 'test-buttons',
      results: [1, 3, 13].map((space) => ({ breakerId: breakerIn(space), result: 'trips' })),
    }),
  },
  {
    at: '2026-11-21T16:30:00Z',
    kind: 'report-prices',
    content: (breakerIn) => ({
      currency: 'USD',
      prices: Object.entries(PRICES).map(([space, [headline, amount]]) => ({
        ...{ finding: `breaker ${breakerIn(Number(space))}`, headline, amount },
      })),
      remark:
        'The three priced breakers can be replaced in one visit, with the main off for about 90 minutes.',
    }),
  },
];

/** What the work on the main panel was offered for. */
const PRICES = {
  8: [ACTION_WORDS['replace-breaker-and-remake-joint'].headline, 240],
  9: [ACTION_WORDS['replace-breaker'].headline, 165],
  11: [ACTION_WORDS['replace-breaker'].headline, 165],
} as const;

/** Where the circuits of the main panel lead. */
const MAIN_MAP: DemoMap = {
  at: '2026-09-12T15:00:00Z',
  rooms: {
    'Apartment kitchen': { 'counter left': 1, 'counter right': 1, range: 5 },
    'Apartment bedrooms': { 'outlet by the door': 3, 'outlet by the window': 3 },
    'Apartment bath': { mirror: 13, 'shower pump': 12, 'water heater': 15 },
    'Cutting floor': { plotter: 10, 'outlet by the stairs': 10, hoist: 20 },
    'Sewing bench': { 'long-arm machine': 2, 'zigzag machine': 2, 'hot knives': 8 },
    'Tea corner': { kettle: 4, 'steam press': 4 },
    Loft: { 'heater, seaward': 6, lights: 11, dehumidifier: 9 },
    'Stairs and yard': { 'hall light': 21, 'yard outlet': 14, 'bench tools': 24 },
  },
  staysOn: [16, 19],
};

const MAIN_VISIT: DemoVisit = {
  plannedAt: '2026-11-21T16:00:00Z',
  startedAt: null,
  plan: (breakerIn) => ({
    tasks: [
      {
        ...{ id: 'hot-knives', work: 'remake-joint', breakerId: breakerIn(8), partId: null },
        ...{ label: 'Hot-knife bench', space: 8, poles: 1, ratingAmps: 20, family: 'Orrin S' },
        conductor: copper('12'),
      },
    ],
    off: 'its main breaker',
    plannedFor: '2026-12-08T14:00:00.000Z',
    minutes: 40,
    dependents: ['Sump pump', 'Router and alarm'],
  }),
};

const YARD_VISIT: DemoVisit = {
  plannedAt: '2026-05-04T08:00:00Z',
  startedAt: '2026-05-12T09:00:00Z',
  plan: (breakerIn) => ({
    tasks: [
      {
        ...{ id: 'winch', work: 'remake-joint', breakerId: breakerIn(1), partId: null },
        ...{ label: 'Slipway winch', space: 1, poles: 2, ratingAmps: 20, family: 'Orrin S' },
        conductor: copper('12'),
        receptacles: false,
      },
    ],
    off: 'the main breaker of the main panel',
    plannedFor: '2026-05-12T09:00:00.000Z',
    minutes: 35,
  }),
};

export const SAIL_LOFT: DemoSite = {
  site: {
    name: 'Saltmarsh Sail Loft',
    note: 'A sailmaker’s workshop on the ground floor and in the loft, with an apartment above.',
  },
  curves: [{ family: 'Orrin S', points: ORRIN_S_CURVE }],
  panels: [
    {
      key: 'main',
      panel: {
        name: 'Main panel',
        spaces: 24,
        orientation: 'upright',
        mainAmps: 125,
        busAmps: 125,
        family: 'Orrin S',
        narrowSpaces: [17, 18, 19, 20, 21, 22, 23, 24],
        feedThrough: true,
        blanks: [23],
      },
      circuits: CIRCUITS,
      mainLog: MAIN_LOG,
      entries: MAIN_PANEL_ENTRIES,
      map: MAIN_MAP,
      visits: [MAIN_VISIT],
      pictured: true,
    },
    {
      key: 'yard',
      panel: {
        name: 'Yard panel',
        spaces: 8,
        orientation: 'right',
        busAmps: 100,
        family: 'Orrin S',
        narrowSpaces: [],
        blanks: [6, 7],
        holes: [8],
      },
      fedThrough: 'main',
      circuits: YARD_CIRCUITS,
      visits: [YARD_VISIT],
    },
  ],
};
