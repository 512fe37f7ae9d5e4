import type { LinkSubject, Role } from '@phylaxon/core/record/accounts';
import type { AttachmentAbout, AttachmentKind, PanelEntry } from '@phylaxon/core/record/panelEntries';
import type { Profile } from '@phylaxon/core/facts/vocabulary';
import type {
  Breaker,
  BreakerEvent,
  Curve,
  Inspection,
  Observation,
  Panel,
  Photo,
  Reading,
  Site,
  TroubleCase,
  WrittenNote,
} from '@phylaxon/core/record/entities';

/** Rows as the tables hold them. What core knows as one object is spread over columns here. */
export type SiteRow = Site;
export type PanelRow = Panel & { removedAt: string | null };
export interface PanelRevisionRow {
  panelId: string;
  revision: string;
}
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
  sharesNeutral: boolean | null;
  minCircuitAmps: number | null;
  maxBreakerAmps: number | null;
  rules: string;
  version: number;
}

export interface LoadRow {
  id: string;
  circuitId: string;
  position: number;
  name: string;
  volts: number;
  watts: number | null;
  voltAmperes: number | null;
  errorVoltAmperes: number | null;
  continuous: boolean;
  onSeconds: number | null;
  offSeconds: number | null;
  surgeTimes: number | null;
  surgeSeconds: number | null;
}

export type CurveRow = Curve;

/** A case; once closed with the decision as it stood, as JSON text. */
export type CaseRow = TroubleCase & { decision: string | null; removedAt: string | null };

export type ReadingRow = Omit<Reading, 'struck' | 'unit'>;
export type EventRow = Omit<BreakerEvent, 'struck'>;
export type ObservationRow = Omit<Observation, 'struck'>;
export type InspectionRow = Omit<Inspection, 'struck'>;
export type NoteRow = Omit<WrittenNote, 'struck'>;
export type PhotoRow = Omit<Photo, 'struck'>;

export type PanelEntryRow = Omit<PanelEntry, 'struck'>;

/** What lies beside an entry: its bytes are read by themselves. */
export interface AttachmentRow {
  sha256: string;
  kind: AttachmentKind;
  about: AttachmentAbout;
  bytes: number;
  createdAt: string;
}

/** A strike points to exactly one logged row. */
export interface StrikeRow {
  id: string;
  readingId: string | null;
  eventId: string | null;
  observationId: string | null;
  inspectionId: string | null;
  noteId: string | null;
  photoId: string | null;
  panelEntryId: string | null;
  at: string;
  why: string;
  replacedBy: string | null;
  who: Profile | null;
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
}

/** A row of the drawing before and after an edit; `null` where it was not there. */
export interface RowChange {
  table: 'site' | 'panel' | 'breaker' | 'circuit' | 'load' | 'curve' | 'case';
  id: string;
  before: object | null;
  after: object | null;
}

/** Where a logged row stands. */
export interface EntryRef {
  kind: 'readings' | 'events' | 'observations' | 'inspections' | 'notes' | 'photos' | 'panelEntries';
  id: string;
}

/** One edit at a site, with what it takes to undo it and to do it again. */
export interface EditRow {
  id: string;
  siteId: string;
  at: string;
  label: string;
  panelIds: string[];
  rows: RowChange[];
  /** Entries that stand because of it, and those it struck; both as they are now. */
  added: EntryRef[];
  struck: EntryRef[];
  undone: boolean;
  /** Who did it; null: not known. */
  who: Profile | null;
  /** What whoever sent it calls it; null: it has no name. */
  change: string | null;
}

export interface SettingRow {
  name: string;
  value: string;
}

/** Somebody who may sign in; the password is kept as a salted hash only. */
export interface AccountRow {
  id: string;
  name: string;
  role: Role;
  password: string;
  createdAt: string;
}

/** Somebody who is signed in; the token is kept as a hash only. */
export interface SessionRow {
  tokenHash: string;
  accountId: string;
  createdAt: string;
  usedAt: string;
}

/** A link that shows a page to whoever has it; the token is kept as a hash only. */
export interface ShareLinkRow {
  id: string;
  tokenHash: string;
  siteId: string;
  what: LinkSubject;
  subjectId: string;
  createdAt: string;
  expiresAt: string;
}

/** What a device proves with that it sends under its own name; the token is kept as a hash only. */
export interface MeterTokenRow {
  feed: string;
  tokenHash: string;
  createdAt: string;
}

/** Who works on a visit. */
export interface VisitOwnerRow {
  visitId: string;
  accountId: string;
}

/** Something that was done by somebody with an account. */
export interface AuditRow {
  id: number;
  at: string;
  name: string;
  what: string;
  siteId: string | null;
}
