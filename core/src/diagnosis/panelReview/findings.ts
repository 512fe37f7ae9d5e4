import type { Sentence } from '../../facts/quantities/index.ts';
import type { OutcomeOf, PanelSignId, TestId } from '../../facts/vocabulary/index.ts';
import type { HeatGrade } from '../../physics/heat/index.ts';
import type { Leg } from '../../panel/layout/index.ts';

/** Where something was found: a breaker of the panel, its main, or the panel itself. */
export interface FindingPlace {
  breakerId: string | null;
  /** As a sentence names it: “4 Steam press”. */
  name: string;
  isMain: boolean;
}

/** What a look or a test at one breaker came to. */
export interface FoundOutcome {
  at: FindingPlace;
  test: TestId;
  outcome: OutcomeOf<TestId>;
  when: string;
}

/** A joint under load, as the heat survey grades it. */
export interface FoundHeat {
  at: FindingPlace;
  point: 'face' | 'terminal';
  surfaceC: number;
  riseC: number;
  overPeersC: number | null;
  /** Share of the rating it carried; null: not known. */
  share: number | null;
  grade: HeatGrade;
  when: string;
}

/** What the legs carried: at one moment, or the highest quarter hour of a recording. */
export interface FoundLegs {
  amps: Record<Leg, number>;
  when: string;
  /** Over how long, days; 0: one moment. */
  days: number;
  /** Where a sum is not whole, the share of circuits that were measured, 0 to 1. */
  measured: number;
}

/** Something that a person found of the panel itself. */
export interface FoundSign {
  sign: PanelSignId;
  /** false: looked at, and not so any more. */
  found: boolean;
  when: string;
  entryId: string;
}

/** All that is on record of a panel, as its review looks at it. */
export interface PanelFindings {
  /** Rating of the main, or of the bus where there is none, A; null: neither is known. */
  ratingAmps: number | null;
  isSubPanel: boolean;
  hasSingleMain: boolean;
  freeSpaces: number;
  openHoles: number;
  outcomes: FoundOutcome[];
  heat: FoundHeat[];
  legs: FoundLegs[];
  /** Trips by breaker; two that are tied together are one. */
  trips: { at: FindingPlace; when: string; tiedWith: string | null }[];
  /** Breakers that opened later than any sound one, or held too long. */
  tooLate: { at: FindingPlace; when: string }[];
  signs: FoundSign[];
  /** Connected loads that come with a season, VA, and of all. */
  seasonal: { winterVa: number; summerVa: number; allVa: number };
  /** Now, and whether it is winter at the turn of the year. */
  now: string;
}

/** A sign, with where it comes from. */
export interface SignFound {
  sign: PanelSignId;
  /** What on record says so. */
  origin: Sentence;
  when: string | null;
  breakerIds: string[];
  /** An entry a person made; null: it follows from the record. */
  entryId: string | null;
}
