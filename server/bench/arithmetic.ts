import { createRequire } from 'node:module';
import { effectiveRating } from '@phylaxon/core/physics/breakerEstimate';
import {
  profileQuestion,
  soundBreakers,
  tripChance,
  type ProfileQuestion,
} from '@phylaxon/core/physics/profile';
import { seeded, type Random } from '@phylaxon/core/facts/random';
import { BORDERLINE, POPULATIONS, simulatedBreaker, type Population } from '@phylaxon/core/testing';
import { loadCombinations } from '@phylaxon/core/physics/loadCombinations';
import { bandFor, passThrough, type CurrentSegment } from '@phylaxon/core/physics/trip';
import { median, say, verdict } from './say.ts';

const UNITS = 2000;
/** So many of them are worked again on a grid of half the step. */
const REFINED = 200;

/** Calibration, speed and fineness of the effective rating over made-up units. */
function calibration(population: Population, judged: boolean): void {
  const random = seeded(20_261_125);
  let [covered, told, wrong, moved] = [0, 0, 0, 0];
  const widths: number[] = [];
  const ms: number[] = [];
  for (let n = 0; n < UNITS; n++) {
    const { side, ultimateAmps: truth, question } = simulatedBreaker(random, population);
    const start = performance.now();
    const { ultimateAmps, judgement } = effectiveRating(question);
    ms.push(performance.now() - start);
    const { p05, p95 } = ultimateAmps;
    if (truth >= p05 && truth <= p95) covered++;
    if (judgement !== 'undetermined') told++;
    if (judgement !== 'undetermined' && judgement !== side) wrong++;
    if (question.events.some(({ outcome }) => outcome === 'tripped'))
      widths.push((p95 - p05) / question.ratingAmps);
    if (n >= REFINED) continue;
    const fine = effectiveRating(question, 2).ultimateAmps;
    for (const p of ['p05', 'p50', 'p95'] as const)
      moved = Math.max(moved, Math.abs(fine[p] - ultimateAmps[p]) / question.ratingAmps);
  }
  const share = (n: number, of: number) => `${((100 * n) / of).toFixed(1)}%`;
  const holds = (ok: boolean, wanted: string) => (judged ? verdict(ok, wanted) : '');
  say(`  ${population.name} (${UNITS} units)`);
  say(
    `    90% interval covers the truth        ${share(covered, UNITS)}${holds(covered / UNITS >= 0.86 && covered / UNITS <= 0.96, '86 to 96%')}`,
  );
  say(
    `    judged at all                         ${share(told, UNITS)}${holds(told / UNITS >= 0.42, 'at least 42%')}`,
  );
  say(
    `    of those judged, wrong                ${share(wrong, told)}${holds(wrong / told <= 0.03, 'at most 3%')}`,
  );
  say(
    `    median interval, with a trip          ${median(widths).toFixed(3)} of the rating${holds(median(widths) <= 0.25, 'at most 0.25')}`,
  );
  say(
    `    median time                           ${median(ms).toFixed(2)} ms${holds(median(ms) <= 5, 'at most 5 ms')}`,
  );
  say(
    `    most a percentile moves, grid refined ${(100 * moved).toFixed(2)}% of the rating${holds(moved < 0.005, 'under 0.5%')}`,
  );
}

/** What of the integrator is used here. */
interface Odex {
  Solver: new (n: number) => {
    absoluteTolerance: number;
    relativeTolerance: number;
    solve: (
      slope: (t: number, y: number[]) => number[],
      from: number,
      y: number[],
      to: number,
    ) => { y: number[] };
  };
}
const { Solver } = createRequire(import.meta.url)('odex') as Odex;

/** Heat at the end of a profile by a general-purpose integrator, stretch by stretch. */
function integrated(tau: number, stretches: readonly CurrentSegment[]): number {
  const solver = new Solver(1);
  solver.absoluteTolerance = 1e-10;
  solver.relativeTolerance = 1e-10;
  return stretches.reduce(
    (heat, { multiple, seconds }) =>
      solver.solve((_t, [now]) => [(multiple ** 2 - now!) / tau], 0, [heat], seconds).y[0]!,
    0,
  );
}

const someStretches = (random: Random): CurrentSegment[] =>
  Array.from({ length: 40 }, () => ({ multiple: 2.5 * random(), seconds: 1 + 600 * random() }));

/** The exact update against the integrator: how far apart, how much faster. */
function exactUpdate(): void {
  const random = seeded(7);
  const profiles = Array.from({ length: 300 }, () => ({
    tau: 20 + 600 * random(),
    stretches: someStretches(random),
  }));
  const timed = (work: (p: (typeof profiles)[number]) => number) => {
    const start = performance.now();
    const results = profiles.map(work);
    return { results, ms: performance.now() - start };
  };
  const exact = ({ tau, stretches }: (typeof profiles)[number]) =>
    passThrough({ thresholdSquared: Infinity, tauSeconds: tau }, stretches).heat;
  const byIntegrator = ({ tau, stretches }: (typeof profiles)[number]) => integrated(tau, stretches);
  timed(exact);
  timed(byIntegrator);
  const [ours, theirs] = [timed(exact), timed(byIntegrator)];
  const apart = Math.max(
    ...ours.results.map((heat, i) => Math.abs(heat - theirs.results[i]!) / Math.max(1, theirs.results[i]!)),
  );
  // Where it opens, the integrator must find it at its threshold.
  const element = { ...bandFor(20).leastSensitive };
  const opened = profiles.flatMap(({ stretches }) => {
    const { openedAfter } = passThrough(element, stretches);
    return openedAfter === null
      ? []
      : [Math.abs(integrated(element.tauSeconds, upTo(stretches, openedAfter)) - element.thresholdSquared)];
  });
  say('  The exact update against a general-purpose integrator (odex), 300 random profiles of 40 stretches');
  say(
    `    heat at the end, furthest apart       ${apart.toExponential(1)}${verdict(apart < 1e-6, 'under 1e-6')}`,
  );
  say(
    `    heat when it opens, off its threshold ${Math.max(...opened).toExponential(1)}${verdict(Math.max(...opened) < 1e-6, 'under 1e-6')}, ${opened.length} profiles`,
  );
  const times = theirs.ms / ours.ms;
  say(
    `    faster by                             ${times.toFixed(0)} times${verdict(times >= 20, 'at least 20')}`,
  );
}

function upTo(stretches: readonly CurrentSegment[], end: number): CurrentSegment[] {
  let left = end;
  return stretches.flatMap(({ multiple, seconds }) => {
    const taken = Math.min(left, seconds);
    left -= taken;
    return taken > 0 ? [{ multiple, seconds: taken }] : [];
  });
}

/** All sets of twenty loads, some of which start hard. */
function sets(): void {
  const loads = Array.from({ length: 20 }, (_, i) => ({
    id: `load ${i}`,
    amps: 1 + ((i * 7) % 11) * 0.9,
    ...(i % 5 === 0 ? { surgeTimes: 5, surgeSeconds: 0.5 } : {}),
  }));
  const ms: number[] = [];
  for (let n = 0; n < 5; n++) {
    const start = performance.now();
    loadCombinations({ ratingAmps: 20, loads });
    ms.push(performance.now() - start);
  }
  say(
    `  Twenty loads, all 1,048,575 sets          ${median(ms).toFixed(0)} ms${verdict(median(ms) <= 2000, 'at most 2 s')}`,
  );
}

/** Ten thousand units over a day, from loads and from a logged current. */
function chances(): void {
  const day: [string, ProfileQuestion][] = [
    [
      '3 loads in their turns, 1,360 stretches',
      {
        ratingAmps: 20,
        loads: [
          { id: 'heater', amps: 12.5, onSeconds: 240, offSeconds: 150 },
          { id: 'kettle', amps: 4, onSeconds: 210, offSeconds: 2700 },
          { id: 'pump', amps: 3, onSeconds: 100, offSeconds: 200, surgeTimes: 5, surgeSeconds: 0.5 },
        ],
      },
    ],
    [
      'a logged current, 1,000 stretches',
      {
        ratingAmps: 20,
        // Peaks above the rating, too short to open anything: every stretch has to be worked.
        logged: Array.from({ length: 1000 }, (_, i) =>
          i % 2 === 0 ? { amps: 9, seconds: 168.8 } : { amps: 34, seconds: 4 },
        ),
      },
    ],
  ];
  say('  The chance of a trip over a day, 10,000 units');
  for (const [what, profile] of day) {
    const start = performance.now();
    const work = tripChance(profileQuestion.parse(profile), soundBreakers(20, 25), 10_000, seeded(1));
    let step = work.next();
    while (!step.done) step = work.next();
    const ms = performance.now() - start;
    say(
      `    ${what.padEnd(40)} ${ms.toFixed(0)} ms${verdict(ms <= 3000, 'at most 3 s')}, ${step.value.opened} open`,
    );
  }
}

/** The bench’s own arithmetic: its truth and its speed. */
export function benchArithmetic(): void {
  say('The effective rating:');
  for (const population of POPULATIONS) calibration(population, true);
  calibration(BORDERLINE, false);
  say('\nThe arithmetic of the bench:');
  exactUpdate();
  sets();
  chances();
  say('');
}
