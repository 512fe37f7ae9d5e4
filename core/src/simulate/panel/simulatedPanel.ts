import { normal, type Random } from '../../facts/random/index.ts';
import { heatSurvey } from '../../physics/heat/index.ts';
import type {
  FindingPlace,
  FoundHeat,
  FoundOutcome,
  PanelFindings,
} from '../../diagnosis/panelReview/index.ts';

/** What is so of a simulated panel. */
export const PANEL_STATES = ['sound', 'one-bad-joint', 'overloaded', 'damp', 'failing-bus'] as const;
export type PanelState = (typeof PANEL_STATES)[number];

const WHEN = '2026-11-20T14:00:00.000Z';
const NOW = '2026-11-21T09:00:00.000Z';
const AIR_C = 22;
/** A joint in order warms by so much at the breaker rating, °C, and with about this power of the current. */
const SOUND_RISE_C = 28;
const EXPONENT = 1.8;
/** A infrared thermometer’s error from one point to the next, °C. */
const METER_C = 0.7;

const MAINS = [100, 125, 150, 200, 400];

interface Branch {
  at: FindingPlace;
  ratingAmps: number;
  share: number;
  leg: 'A' | 'B';
  /** By how many times its joint is worse than one in order. */
  worse: number;
  /** What its stab and bus add, °C at the rating. */
  busC: number;
}

const chance = (random: Random, share: number) => random() < share;

/**
 * A panel under a soak, as an electrician finds it: what is heard, seen and measured, with the errors of instruments and people.
 *
 * @param random where its numbers come from
 * @param state what is so of it
 * @returns what is on record of it afterwards
 * @example panelReview({ evidence: signsOf(simulatedPanel(seeded(1), 'sound')).map(({ sign }) => sign) }).verdict
 */
export function simulatedPanel(random: Random, state: PanelState): PanelFindings {
  const branches = drawBranches(random, state);
  const legs = { A: 0, B: 0 };
  for (const { leg, ratingAmps, share } of branches) legs[leg] += ratingAmps * share;
  const heavier = Math.max(legs.A, legs.B);
  // Built for what it carries, or for less.
  const ratingAmps =
    state === 'overloaded'
      ? Math.round(heavier / (1.1 + 0.3 * random()))
      : MAINS.find((rating) => rating >= 1.1 * heavier)!;
  const main: FindingPlace = { breakerId: 'main', name: 'the main', isMain: true };
  const outcomes = looks(random, state, branches, main);
  const old = chance(random, state === 'failing-bus' ? 0.6 : 0.25);
  return {
    ratingAmps,
    isSubPanel: false,
    hasSingleMain: !chance(random, 0.08),
    freeSpaces: chance(random, 0.2) ? 0 : 4,
    openHoles: chance(random, 0.1) ? 1 : 0,
    outcomes: [
      ...outcomes,
      ...(old
        ? [{ at: main, test: 'panel-age' as const, outcome: 'over-40-years' as const, when: WHEN }]
        : []),
    ],
    heat: [...scan(random, branches), ...mainHeat(random, state, main)],
    legs: [{ amps: legs, when: WHEN, days: 0, measured: 1 }],
    trips: tripsOf(random, state, branches),
    tooLate: [],
    signs: [],
    seasonal: { winterVa: 3000, summerVa: 0, allVa: 12_000 },
    now: NOW,
  };
}

function drawBranches(random: Random, state: PanelState): Branch[] {
  const count = 8 + Math.floor(random() * 13);
  const bad = Math.floor(random() * count);
  // A bus fails along a stretch: some neighbors on it.
  const first = Math.floor(random() * (count - 3));
  const length = 3 + Math.floor(random() * 3);
  return Array.from({ length: count }, (_, i): Branch => {
    const ratingAmps = [15, 20, 20, 30][Math.floor(random() * 4)]!;
    const onBadBus = state === 'failing-bus' && i >= first && i < first + length;
    return {
      at: { breakerId: `b${i + 1}`, name: `${i + 1}`, isMain: false },
      ratingAmps,
      share: (state === 'overloaded' ? 0.7 : 0.45) + 0.3 * random(),
      leg: i % 2 === 0 ? 'A' : 'B',
      worse: state === 'one-bad-joint' && i === bad ? 3 + 4 * random() : 0.9 + 0.2 * random(),
      busC: onBadBus ? 45 + 60 * random() : 0,
    };
  });
}

/** Each terminal and its current, with a meter’s errors, graded against its peers. */
function scan(random: Random, branches: readonly Branch[]): FoundHeat[] {
  const points = branches.map(({ at, ratingAmps, share, worse, busC }) => ({
    id: at.breakerId!,
    surfaceC: AIR_C + (SOUND_RISE_C * worse + busC) * share ** EXPONENT + METER_C * normal(random),
    amps: ratingAmps * share * (1 + 0.01 * normal(random)),
    ratingAmps,
  }));
  return heatSurvey({ ambientC: AIR_C, points }).points.map((point, i) => ({
    at: branches[i]!.at,
    point: 'terminal',
    surfaceC: points[i]!.surfaceC,
    riseC: point.riseC,
    overPeersC: point.overPeersC,
    share: points[i]!.amps / points[i]!.ratingAmps,
    grade: point.grade,
    when: WHEN,
  }));
}

/** The main’s lugs: as hot as their load asks, or far hotter where the bus behind them goes. */
function mainHeat(random: Random, state: PanelState, at: FindingPlace): FoundHeat[] {
  const isBad = state === 'failing-bus' && chance(random, 0.5);
  const riseC = isBad ? 50 + 30 * random() : 8 + 10 * random();
  return [
    {
      at,
      point: 'terminal',
      surfaceC: AIR_C + riseC,
      riseC,
      overPeersC: null,
      share: 0.5,
      grade: isBad ? 'urgent' : 'normal',
      when: WHEN,
    },
  ];
}

/** What is heard, smelt and seen; people miss things, and now and then see what is not there. */
function looks(
  random: Random,
  state: PanelState,
  branches: readonly Branch[],
  main: FindingPlace,
): FoundOutcome[] {
  const found = (
    at: FindingPlace,
    test: FoundOutcome['test'],
    outcome: FoundOutcome['outcome'],
  ): FoundOutcome => ({
    at,
    test,
    outcome,
    when: WHEN,
  });
  const isFailing = state === 'failing-bus';
  const hot = branches.filter(({ worse, busC }) => worse > 2 || busC > 0);
  const hears = chance(random, isFailing ? 0.55 : state === 'one-bad-joint' ? 0.15 : 0.01);
  const smells = chance(random, isFailing ? 0.3 : state === 'one-bad-joint' ? 0.1 : 0.005);
  const list = [
    found(main, 'sound', hears ? 'sizzle-or-crackle' : chance(random, 0.1) ? 'steady-hum' : 'quiet'),
    found(main, 'smell', smells ? 'hot-plastic' : 'none'),
    found(
      main,
      'water-signs',
      state === 'damp' ? (chance(random, 0.3) ? 'wet-now' : 'condensation-or-rust') : 'dry',
    ),
    found(
      main,
      'terminal-inspection',
      isFailing && chance(random, 0.35)
        ? 'discoloured-or-melted'
        : state === 'damp' && chance(random, 0.5)
          ? 'corroded'
          : 'clean-and-tight',
    ),
  ];
  for (const { at } of hot) {
    if (isFailing && chance(random, 0.75)) list.push(found(at, 'stab-inspection', 'pitted-or-burnt'));
    else if (!isFailing)
      list.push(found(at, 'terminal-inspection', chance(random, 0.6) ? 'discoloured-or-melted' : 'loose'));
  }
  return list;
}

function tripsOf(random: Random, state: PanelState, branches: readonly Branch[]): PanelFindings['trips'] {
  if (state !== 'failing-bus' || !chance(random, 0.4)) return [];
  const [first, second] = branches.filter(({ busC }) => busC > 0);
  return [0, 1].flatMap((day) => {
    const at = Date.parse(WHEN) - (day + 2) * 86_400_000;
    return [first!, second!].map(({ at: where }, i) => ({
      at: where,
      when: new Date(at + i * 20_000).toISOString(),
      tiedWith: null,
    }));
  });
}
