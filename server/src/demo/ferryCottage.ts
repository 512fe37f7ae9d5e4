import {
  copper,
  ended,
  demoLoad,
  look,
  QUIET,
  soak,
  demoVolts,
  type DemoCircuit,
  type DemoSite,
} from './shape.ts';

const KESTLE = { family: 'Kestle', installedOn: '1974-06-01' };

/** An old split-bus panel: the handles above the split shut it off, one of them feeds the lower section. */
const HALL: DemoCircuit[] = [
  {
    breaker: { space: 1, poles: 2, ratingAmps: 60, ...KESTLE },
    circuit: { label: 'Lower section', portableReceptacles: false },
    log: [look('2026-09-05T10:05:00Z', 'panel-age', 'family-withdrawn')],
  },
  {
    breaker: { space: 2, poles: 2, ratingAmps: 40, ...KESTLE },
    circuit: {
      label: 'Range',
      conductor: copper('8'),
      portableReceptacles: false,
      loads: [demoLoad('Range', 7200, { volts: 240 })],
    },
    log: [
      soak('2026-09-05T10:20:00Z', 36, 21),
      { readings: [demoVolts('2026-09-05T10:25:00Z', 'load-terminal', 119.2)] },
    ],
  },
  {
    breaker: { space: 5, poles: 2, ratingAmps: 30, ...KESTLE },
    circuit: { label: 'Garden shed', conductor: copper('10'), lengthM: 34, portableReceptacles: false },
  },
  {
    breaker: { space: 9, poles: 1, ratingAmps: 20, ...KESTLE },
    cases: [
      {
        complaint: 'trips',
        openedBy: 'homeowner',
        openedAt: '2026-02-07T18:12:00Z',
        words: 'Kitchen went dead at dinner',
        found: [...QUIET, ['reset-result', 'holds']],
        end: ended('2026-02-07T18:40:00Z', 'reset-holds', {
          cause: 'overload',
          who: 'homeowner',
          how: 'cured',
        }),
      },
    ],
    circuit: {
      label: 'Kitchen',
      conductor: copper('12'),
      lengthM: 9,
      loads: [demoLoad('Microwave', 1100, { va: 1450 }), demoLoad('Fridge', 140, { va: 210 })],
    },
    log: [
      {
        event: {
          kind: 'trip',
          at: '2026-02-07T18:10:00Z',
          pace: 'minutes',
          note: 'Microwave and kettle together.',
        },
      },
      {
        event: {
          kind: 'reset',
          at: '2026-02-07T18:25:00Z',
          feel: 'clean-clicks',
          result: 'holds',
          cause: 'known-removed',
        },
      },
      soak('2026-09-05T10:40:00Z', 33, 11.8),
    ],
  },
  {
    breaker: { space: 10, poles: 1, ratingAmps: 20, ...KESTLE },
    circuit: {
      label: 'Living room',
      conductor: copper('14'),
      lengthM: 12,
      loads: [demoLoad('Heater', 1500)],
    },
    log: [
      {
        note: {
          at: '2026-09-05T10:50:00Z',
          note: 'Thin cable behind the outlet: 14 AWG, not 12 as the directory says.',
        },
      },
    ],
  },
  {
    breaker: { space: 11, poles: 1, ratingAmps: 15, ...KESTLE },
    cases: [
      {
        complaint: 'lights',
        openedBy: 'homeowner',
        openedAt: '2026-04-11T20:30:00Z',
        words: 'Lamps flicker when the door slams',
        found: [
          ...QUIET,
          ['light-behaviour', 'flicker-one-circuit'],
          ['outlet-sag', 'over-6-percent'],
          ['terminal-inspection', 'clean-and-tight'],
          ['millivolt-drop', 'like-peers'],
        ],
        end: ended(
          '2026-04-20T10:00:00Z',
          'repaired-elsewhere',
          { cause: 'arcing-connection', who: 'electrician', how: 'seen' },
          'Loose wire in the push-in terminal of the outlet by the door.',
        ),
      },
    ],
    circuit: { label: 'Bedroom, north', conductor: copper('14'), loads: [demoLoad('Lamps', 90)] },
  },
  {
    breaker: { space: 13, poles: 1, ratingAmps: 15, ...KESTLE },
    circuit: { label: 'Bedroom, south', conductor: copper('14'), loads: [demoLoad('Lamps', 120)] },
    tiedWith: 11,
  },
  {
    breaker: { space: 12, poles: 1, ratingAmps: 20, ...KESTLE, kind: 'gfci', installedOn: '2009-04-20' },
    cases: [
      {
        complaint: 'trips',
        openedBy: 'homeowner',
        openedAt: '2026-06-14T21:00:00Z',
        words: 'Bathroom went dead in the rain',
        found: [...QUIET, ['reset-result', 'holds']],
        end: ended('2026-06-15T08:00:00Z', 'reset-holds'),
      },
    ],
    circuit: {
      label: 'Bathroom and porch',
      conductor: copper('12'),
      lengthM: 11,
      loads: [demoLoad('Towel warmer', 300, { continuous: true })],
    },
    log: [
      { readings: [demoVolts('2026-09-05T11:00:00Z', 'outlet', 117.8)] },
      look('2026-09-05T11:02:00Z', 'test-button', 'trips-and-resets'),
    ],
  },
];

const SHED: DemoCircuit[] = [
  {
    breaker: { space: 1, poles: 1, ratingAmps: 15 },
    circuit: { label: 'Shed lights', conductor: copper('14'), loads: [demoLoad('Tubes', 110, { va: 150 })] },
  },
  {
    breaker: { space: 2, poles: 1, ratingAmps: 20, kind: 'gfci' },
    circuit: {
      label: 'Shed bench',
      conductor: copper('12'),
      loads: [demoLoad('Bench grinder', 370, { va: 560 })],
    },
    log: [
      {
        event: {
          kind: 'handle',
          position: 'off',
          at: '2026-10-30T16:00:00Z',
          note: 'Winter: shed turned off.',
        },
      },
    ],
  },
];

/** A second, small home: old work, and a shed behind it. */
export const FERRY_COTTAGE: DemoSite = {
  site: {
    name: 'Ferry Cottage',
    note: 'Two-story house, built before the road. Split-bus panel in the hall.',
  },
  panels: [
    {
      key: 'hall',
      panel: {
        name: 'Hall panel',
        spaces: 16,
        orientation: 'inverted',
        busAmps: 100,
        family: 'Kestle',
        narrowSpaces: [],
        splitAt: 9,
        blanks: [14, 15, 16],
      },
      circuits: HALL,
    },
    {
      key: 'shed',
      panel: { name: 'Shed panel', spaces: 4, mainAmps: 30, busAmps: 60, family: 'Tarnfield' },
      fedBy: { key: 'hall', space: 5 },
      circuits: SHED,
    },
  ],
};
