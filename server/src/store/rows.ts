import type { Breaker, BreakerEvent, Observation, Panel, Reading, Site } from '@phylaxon/core/record';

/** Rows as the tables hold them. What core knows as one object is spread over columns here. */
export type SiteRow = Site;
export type PanelRow = Panel;
export type BreakerRow = Breaker & { removedAt: string | null };

export interface CircuitRow {
  id: string;
  breakerId: string;
  label: string;
  gauge: string | null;
  material: string | null;
  insulationC: number | null;
  cable: string | null;
  terminalC: number;
  ambientC: number;
  currentCarrying: number;
  lengthM: number | null;
  portableReceptacles: boolean;
  minCircuitAmps: number | null;
  maxBreakerAmps: number | null;
  rules: string;
}

export interface LoadRow {
  id: string;
  circuitId: string;
  position: number;
  name: string;
  volts: number;
  watts: number | null;
  voltAmperes: number | null;
  continuous: boolean;
}

export type ReadingRow = Omit<Reading, 'struck' | 'unit'>;
export type EventRow = Omit<BreakerEvent, 'struck'>;
export type ObservationRow = Omit<Observation, 'struck'>;

/** A strike points to exactly one reading, event or observation. */
export interface StrikeRow {
  id: string;
  readingId: string | null;
  eventId: string | null;
  observationId: string | null;
  at: string;
  why: string;
  replacedBy: string | null;
}

export interface VerdictRow {
  id: string;
  breakerId: string;
  at: string;
  engine: string;
  action: string;
  family: string;
  /** The whole decision as JSON text, with its reasons as they stood. */
  decision: string;
  /** The evidence it was made from, as JSON text. */
  evidence: string;
}
