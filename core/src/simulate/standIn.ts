import { seeded } from '../random/index.ts';
import type { CauseId, Complaint, TestId } from '../vocabulary/index.ts';
import { perform } from './perform.ts';
import { simulatedCase, type SimulatedCase } from './simulatedCase.ts';
import { pick } from './soundHouse.ts';

/** What may lie behind a complaint, for a case that is made up to try things on. */
const BEHIND: Record<Complaint, readonly CauseId[]> = {
  dead: ['incomplete-reset', 'open-breaker', 'downstream-device-tripped', 'open-wiring', 'burnt-stab'],
  trips: ['overload', 'appliance-fault', 'weak-breaker', 'wiring-short', 'motor-inrush', 'hot-surroundings'],
  lights: ['arcing-connection', 'loose-terminal', 'open-neutral'],
  'danger-sign': ['bus-failing', 'loose-terminal', 'moisture'],
  check: ['oversized-breaker', 'shared-terminal', 'stuck-breaker'],
};

/** A stand-in for real meters and eyes, for one case. */
export interface StandInQuestion {
  caseId: string;
  complaint: Complaint;
  test: TestId;
  /** The part as it is drawn; the simulated one is of its kind. `null`: not known. */
  unit: { kind: string; poles: number } | null;
}

const MOST_DRAWS = 300;
const made = new Map<string, SimulatedCase>();

function houseFor({ caseId, complaint, unit }: StandInQuestion): SimulatedCase {
  const key = `${caseId} ${complaint} ${unit?.kind} ${unit?.poles}`;
  const known = made.get(key);
  if (known) return known;
  const seed = parseInt(caseId.replace(/\D/g, '').slice(0, 8) || '1', 10);
  const cause = pick(seeded(seed), BEHIND[complaint]);
  let house = simulatedCase(cause, seed);
  for (let i = 1; i < MOST_DRAWS && unit && !fits(house, unit); i++) house = simulatedCase(cause, seed + i);
  made.set(key, house);
  return house;
}

const fits = ({ house }: SimulatedCase, { kind, poles }: { kind: string; poles: number }) =>
  house.subject.unit.kind === kind && house.subject.unit.poles === poles;

/**
 * What a simulated person with simulated meters reports of a test. The same case gives the same answers, in whatever
 * order they are asked.
 *
 * @example standIn({ caseId, complaint: 'trips', test: 'sound', unit: null }) // 'quiet'
 */
export const standIn = (question: StandInQuestion): string => perform(houseFor(question), question.test);
