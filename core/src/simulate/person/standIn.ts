import { seeded, seedFrom } from '../../facts/random/index.ts';
import type { CauseId, Complaint, TestId } from '../../facts/vocabulary/index.ts';
import { type SimulatedAppliance, pick, switchOn } from '../house/index.ts';
import { meterFigures, type MeterFigure } from './meters.ts';
import { perform } from './perform.ts';
import { simulatedCase } from './drawCase.ts';
import { timedTrip } from './trying.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** What may lie behind a complaint, for a case that is made up to try things on. */
const BEHIND: Record<Complaint, readonly CauseId[]> = {
  dead: ['incomplete-reset', 'open-breaker', 'downstream-device-tripped', 'open-wiring', 'burnt-stab'],
  trips: ['overload', 'appliance-fault', 'weak-breaker', 'wiring-short', 'motor-inrush', 'hot-surroundings'],
  lights: ['arcing-connection', 'loose-terminal', 'open-neutral'],
  'danger-sign': ['bus-failing', 'loose-terminal', 'moisture'],
  check: ['oversized-breaker', 'shared-terminal', 'stuck-breaker'],
};

/** The case that a stand-in for real meters and eyes answers for. */
export interface StandInCase {
  caseId: string;
  complaint: Complaint;
  /** The part as it is drawn; the simulated one is of its kind and size. `null`: not known. */
  breaker: { kind: string; poles: number; ratingAmps: number } | null;
}

export interface StandInQuestion extends StandInCase {
  test: TestId;
}

export interface StandInTrial extends StandInCase {
  /** All that may be connected on this circuit, and what is in this trial. */
  candidates: readonly string[];
  connected: readonly string[];
}

/** What the stand-in tells of a test: its outcome, and what meters and clocks showed. */
export interface StandInAnswer {
  outcome: string;
  figures: MeterFigure[];
  /** The trip that was timed, A and s. */
  trip: { amps: number; seconds: number } | null;
}

/** So many houses are drawn at most: to meet one with a part of the same kind and poles, and to meet its size as well. */
const DRAWS = [60, 15, 0] as const;
/** So long somebody waits for a trial to show what it does, s. */
const TRIAL_SECONDS = 3600;
const made = new Map<string, SimulatedCase>();

function houseFor({ caseId, complaint, breaker }: StandInCase): SimulatedCase {
  const key = [caseId, complaint, breaker?.kind, breaker?.poles, breaker?.ratingAmps].join(' ');
  const known = made.get(key);
  if (known) return known;
  const seed = seedFrom(caseId);
  const cause = pick(seeded(seed), BEHIND[complaint]);
  let best = simulatedCase(cause, seed);
  for (let i = 1; breaker && i < DRAWS[likeness(best, breaker)]; i++) {
    const next = simulatedCase(cause, seed + i);
    if (likeness(next, breaker) > likeness(best, breaker)) best = next;
  }
  made.set(key, best);
  return best;
}

/** 0: another part; 1: of the same kind and poles; 2: of the same size, too. */
function likeness({ house }: SimulatedCase, drawn: NonNullable<StandInCase['breaker']>): 0 | 1 | 2 {
  const { kind, poles, ratingAmps } = house.subject.breaker;
  if (kind !== drawn.kind || poles !== drawn.poles) return 0;
  return ratingAmps === drawn.ratingAmps ? 2 : 1;
}

/**
 * What a simulated person with simulated meters reports of a test. The same case gives the same answers, in whatever
 * order they are asked. Where the simulated part is of another size than the drawn one its currents are to that scale.
 *
 * @example standIn({ caseId, complaint: 'trips', test: 'sound', breaker: null }).outcome // 'quiet'
 */
export function standIn(question: StandInQuestion): StandInAnswer {
  const of = houseFor(question);
  const { test, breaker } = question;
  const scale = breaker ? breaker.ratingAmps / of.house.subject.breaker.ratingAmps : 1;
  const timed = test === 'trip-vs-curve' ? timedTrip(of, of.randomFor(test)) : null;
  return {
    outcome: perform(of, test),
    figures: meterFigures(of, test).map(({ value, ...at }) => ({
      ...at,
      value: asShown(at.quantity === 'current' ? value * scale : value),
    })),
    trip: timed && { amps: asShown(timed.amps * scale), seconds: Math.round(timed.seconds) },
  };
}

/** A meter shows tenths. */
const asShown = (value: number) => Math.round(value * 10) / 10;

/**
 * What comes of one trial of an isolation on the simulated house, with only these loads connected.
 *
 * @returns s until it opened; `null`: it held
 * @example standInTrial({ caseId, complaint: 'trips', breaker: null, candidates: ['Kettle'], connected: [] }) // null
 */
export function standInTrial(question: StandInTrial): number | null {
  const of = houseFor(question);
  const { subject } = of.house;
  const loadsByName = loadsNamedIn(of, question);
  const connected = question.connected.flatMap((name) => loadsByName.get(name) ?? []);
  const on = [...connected, ...subject.appliances.filter(({ fixed }) => fixed)];
  const names = (appliances: readonly SimulatedAppliance[]) => new Set(appliances.map(({ name }) => name));
  const moment = {
    ...of.everything,
    on: names(on),
    starting: names(connected.filter(({ surge }) => surge)),
  };
  const random = of.randomFor(`trial ${[...question.connected].sort().join()}`);
  return switchOn(of.house, moment, TRIAL_SECONDS, random).openedAfter;
}

/** Which simulated appliance each of the real loads stands for: what is faulty is among them, whatever their number. */
function loadsNamedIn(of: SimulatedCase, { candidates }: StandInTrial): Map<string, SimulatedAppliance> {
  const pluggedIn = of.house.subject.appliances.filter(({ fixed }) => !fixed);
  const faults = ({ shortOhms, leakOhms, surge, name }: SimulatedAppliance) =>
    Number(shortOhms < Infinity || leakOhms < Infinity) * 2 +
    Number(surge !== null || name === of.pattern.suspect);
  const worstFirst = [...pluggedIn].sort((a, b) => faults(b) - faults(a));
  const random = of.randomFor('which load is which');
  const drawn = [...candidates].sort().map((name) => ({ name, at: random() }));
  const names = drawn.sort((a, b) => a.at - b.at).map(({ name }) => name);
  return new Map(worstFirst.slice(0, names.length).map((one, i) => [names[i]!, one]));
}
