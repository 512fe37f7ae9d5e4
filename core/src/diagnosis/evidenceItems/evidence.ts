import type { Learned } from '../causes/index.ts';
import type { HeatPoint } from '../../physics/heat/index.ts';
import type { Breaker, BreakerEvent, Circuit, Curve, Entries, Panel } from '../../record/entities/index.ts';
import type { Policies } from '../../record/settings/index.ts';
import type { Sizing } from '../../code/sizing/index.ts';
import type { TripVerdict, TripWindow } from '../../physics/trip/index.ts';
import type { Wear } from '../wear/index.ts';
import type { HazardFinding } from '../../facts/hazards/index.ts';
import type { Complaint, OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';
import type { HandlePosition } from './history.ts';

import type { BreakerEstimate, TripTrial } from './tripTrial.ts';

/** A breaker with its circuit and all that was logged of it. */
export interface BreakerRecord {
  breaker: Breaker;
  circuit: Circuit | null;
  entries: Entries;
  /** With a case about it: from when on what tells of a moment counts (see `countsSince`). */
  since?: string | null;
}

/** What a decision about one breaker may look at. */
export interface EvidenceInput {
  panel: Pick<Panel, 'id' | 'name' | 'family' | 'alsoListed'>;
  /** How questions on which the trade disagrees are answered here. */
  policies: Policies;
  subject: BreakerRecord;
  /** The panel's main, whose leg voltages and danger signs bear on every breaker; null if there is none. */
  main: BreakerRecord | null;
  /** The panel's other breakers, to compare temperatures with. */
  others: BreakerRecord[];
  /** Trip curves of part families, as printed; a family without one goes by the standard. */
  curves: readonly Pick<Curve, 'family' | 'points'>[];
  /** What confirmed ends of earlier cases teach about such a breaker; null: none, or they are not to count. */
  learned: Learned | null;
}

/** A figure behind a statement. */
export interface Figure {
  label: string;
  value: number;
  /** 'Δ°C' is a temperature difference. */
  unit: 'V' | 'A' | '°C' | 'Δ°C' | 's' | '%' | 'W' | 'VA' | 'mV';
  /** What it was held against, in the same unit. */
  limit?: number;
}

/** One test outcome, whoever or whatever gave it, with the sentence and the figures it rests on. */
export interface EvidenceItem<T extends TestId = TestId> {
  test: T;
  outcome: string;
  /** The figure lies within its meter’s error of a limit: the outcome beyond it, and its chance, 0 to 0.5. */
  or?: { outcome: string; chance: number };
  at: string;
  text: string;
  figures: Figure[];
  source?: string;
  origin: 'reading' | 'event' | 'observation' | 'computed';
  /** Measured at the main: a finding of the panel, not of this breaker. */
  ofPanel?: true;
}

/** A trip on record, held against the window of a sound breaker where that can be done. */
export interface TripFact {
  event: BreakerEvent;
  pace: NonNullable<BreakerEvent['pace']>;
  /** null: current unknown, or beyond what the window covers. */
  window: TripWindow | null;
  /** null: not a thermal trip, or too little known to judge it. */
  verdict: TripVerdict | null;
}

export interface HeatFact {
  point: 'face' | 'terminal';
  at: string;
  surfaceC: number;
  ambientC: number;
  amps: number | null;
  /** What its own electronics warm its face by, °C. */
  ownHeatC: number;
  peers: number;
  result: HeatPoint;
  /** Told by the simulated stand-in. */
  simulated: boolean;
}

export interface LoadFact {
  amps: number;
  /** Share of the breaker's rating, 1 = all of it. */
  share: number;
  /** Measured on the circuit or on one appliance, or summed up from nameplates. */
  by: 'conductor' | 'plug' | 'nameplates';
  at: string | null;
  /** How far off it may be, A; null: not known. */
  errorAmps: number | null;
  /** Told by the simulated stand-in. */
  simulated: boolean;
}

/** A finding that concerns the whole panel, with where it was logged. */
export interface PanelFinding extends HazardFinding {
  breakerId: string;
  /** Where it was logged, as in a sentence: “the main”, “space 4”. */
  place: string;
}

/** All that is known of one breaker, in the words of the diagnosis vocabulary, with the figures. */
export interface Evidence {
  breaker: Breaker;
  circuit: Circuit | null;
  policies: Policies;
  handle: HandlePosition;
  /** The latest outcome of each test. */
  items: EvidenceItem[];
  /** What only told of a moment before the complaint, of tests without an outcome since. */
  setAside: EvidenceItem[];
  /** Findings logged at the main and at other breakers that concern the whole panel. */
  elsewhere: PanelFinding[];
  trips: TripFact[];
  /** Its trips and holds as measurements of its bimetal, oldest first. */
  trials: TripTrial[];
  /** What trips and holds say of the unit's bimetal; null: nothing on record says anything. */
  estimate: BreakerEstimate | null;
  wear: Wear;
  /** Resets that tripped again, since it last held. */
  failedResets: BreakerEvent[];
  lastReset: BreakerEvent | null;
  load: LoadFact | null;
  heat: HeatFact[];
  sizing: Sizing | null;
  /** What sizing would come to with loads as small as their meter’s error allows, where that is another decision. */
  sizingWithinError: { errorAmps: number; decision: Sizing['decision'] } | null;
  learned: Learned | null;
  /** What somebody came with, in an open case. */
  complaint?: Complaint;
  /** It is not known which breaker it is: nothing may be concluded from what it is taken for. */
  anonymous?: true;
  /** Whether the bus side of this breaker is alive; null: not measured, or too low to call. */
  lineSide: 'alive' | 'dead' | null;
}

/**
 * The item a test gave, if it was done.
 *
 * @param evidence what is known of a breaker
 * @param test id of the test
 * @returns its outcome with sentence and figures
 * @example itemOf(evidence, 'sound')?.outcome // 'quiet'
 */
export function itemOf<T extends TestId>(evidence: Evidence, test: T): EvidenceItem<T> | undefined {
  return evidence.items.find((item) => item.test === test) as EvidenceItem<T> | undefined;
}

/**
 * The outcome of a test, if it was done.
 *
 * @param evidence what is known of a breaker
 * @param test id of the test
 * @returns its outcome’s id
 * @example outcomeOf(evidence, 'sound') // 'quiet'
 */
export function outcomeOf<T extends TestId>(evidence: Evidence, test: T): OutcomeOf<T> | undefined {
  return itemOf(evidence, test)?.outcome as OutcomeOf<T> | undefined;
}
