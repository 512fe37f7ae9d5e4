import { EntitySchema, type EntitySchemaColumnOptions } from 'typeorm';
import type {
  AccountRow,
  AttachmentRow,
  AuditRow,
  BreakerRow,
  CaseRow,
  CircuitRow,
  CurveRow,
  EditRow,
  EventRow,
  InspectionRow,
  LoadRow,
  MeterTokenRow,
  NoteRow,
  ObservationRow,
  PanelEntryRow,
  PanelRevisionRow,
  PanelRow,
  PhotoRow,
  ReadingRow,
  SessionRow,
  SettingRow,
  ShareLinkRow,
  SiteRow,
  StrikeRow,
  VerdictRow,
  VisitOwnerRow,
} from './rows.ts';

const key: EntitySchemaColumnOptions = { type: 'text', primary: true };
const text: EntitySchemaColumnOptions = { type: 'text' };
const integer: EntitySchemaColumnOptions = { type: 'integer' };
const real: EntitySchemaColumnOptions = { type: 'real' };
const flag: EntitySchemaColumnOptions = { type: 'boolean' };
const flagOff: EntitySchemaColumnOptions = { ...flag, default: false };
/** A list, or an object, kept as JSON text. */
const list: EntitySchemaColumnOptions = { type: 'simple-json' };
const orNull = (column: EntitySchemaColumnOptions): EntitySchemaColumnOptions => ({
  ...column,
  nullable: true,
});

type Columns<Row> = { [K in keyof Row]-?: EntitySchemaColumnOptions };

/** A table whose columns are checked against its row type. */
const table = <Row>(name: string, columns: Columns<Row>) =>
  new EntitySchema<Row>({ name, tableName: name, columns });

export const SiteTable = table<SiteRow>('site', {
  id: key,
  name: text,
  note: text,
  zone: orNull(text),
  createdAt: text,
  demo: flagOff,
  version: { ...integer, default: 0 },
});

export const PanelTable = table<PanelRow>('panel', {
  id: key,
  siteId: text,
  name: text,
  spaces: integer,
  orientation: text,
  busAmps: orNull(real),
  family: text,
  alsoListed: list,
  narrowSpaces: orNull(list),
  splitAt: orNull(integer),
  feedThrough: flag,
  fedByBreakerId: orNull(text),
  fedThroughPanelId: orNull(text),
  blanks: list,
  holes: list,
  createdAt: text,
  version: integer,
  removedAt: orNull(text),
});

/** Another value whenever what the evidence about a panel’s breakers is gathered from was changed. */
export const PanelRevisionTable = table<PanelRevisionRow>('panel_revision', { panelId: key, revision: text });

export const BreakerTable = table<BreakerRow>('breaker', {
  id: key,
  panelId: text,
  role: text,
  space: orNull(integer),
  half: orNull(text),
  poles: integer,
  ratingAmps: real,
  kind: text,
  family: text,
  onDirection: text,
  installedOn: orNull(text),
  tiedWith: orNull(text),
  replaces: orNull(text),
  why: text,
  createdAt: text,
  version: integer,
  removedAt: orNull(text),
});

export const CircuitTable = table<CircuitRow>('circuit', {
  id: key,
  breakerId: text,
  label: text,
  gauge: orNull(text),
  material: orNull(text),
  insulationC: orNull(integer),
  cable: orNull(text),
  terminalC: integer,
  ambientC: real,
  currentCarrying: integer,
  lengthM: orNull(real),
  portableReceptacles: flag,
  sharesNeutral: orNull(flag),
  minCircuitAmps: orNull(real),
  maxBreakerAmps: orNull(real),
  rules: text,
  version: integer,
});

export const LoadTable = table<LoadRow>('load', {
  id: key,
  circuitId: text,
  position: integer,
  name: text,
  volts: integer,
  watts: orNull(real),
  voltAmperes: orNull(real),
  errorVoltAmperes: orNull(real),
  continuous: flag,
  onSeconds: orNull(real),
  offSeconds: orNull(real),
  surgeTimes: orNull(real),
  surgeSeconds: orNull(real),
});

export const CurveTable = table<CurveRow>('curve', {
  id: key,
  siteId: text,
  family: text,
  points: list,
  version: integer,
});

export const CaseTable = table<CaseRow>('case', {
  id: key,
  siteId: text,
  panelId: orNull(text),
  breakerId: orNull(text),
  complaint: text,
  words: text,
  openedBy: text,
  openedAt: text,
  marks: list,
  candidates: orNull(list),
  answers: list,
  passed: list,
  closedAt: orNull(text),
  outcome: orNull(text),
  confirmed: orNull(list),
  closingNote: text,
  decision: orNull(text),
  version: integer,
  removedAt: orNull(text),
});

const logged = { id: key, breakerId: text, at: text, loggedAt: text, note: text, who: orNull(text) };

/** Where what was found comes from. */
const found = { ...logged, caseId: orNull(text), simulated: flagOff };

export const ReadingTable = table<ReadingRow>('reading', {
  ...found,
  quantity: text,
  point: text,
  value: real,
  ambientC: orNull(real),
  loadState: text,
  instrument: text,
  error: orNull(real),
});

export const EventTable = table<EventRow>('event', {
  ...found,
  kind: text,
  position: orNull(text),
  feel: orNull(text),
  result: orNull(text),
  power: orNull(text),
  pace: orNull(text),
  afterSeconds: orNull(real),
  amps: orNull(real),
  preloadAmps: orNull(real),
  ambientC: orNull(real),
  unplugged: flag,
  connected: orNull(list),
  history: orNull(list),
  cause: text,
});

export const ObservationTable = table<ObservationRow>('observation', {
  ...found,
  test: text,
  outcome: text,
});

export const InspectionTable = table<InspectionRow>('inspection', { ...found, kind: text, found: list });

export const NoteTable = table<NoteRow>('note', logged);

export const PhotoTable = table<PhotoRow>('photo', {
  ...logged,
  sha256: text,
  bytes: integer,
  width: integer,
  height: integer,
});

export const PanelEntryTable = table<PanelEntryRow>('panel_entry', {
  id: key,
  panelId: text,
  kind: text,
  at: text,
  loggedAt: text,
  note: text,
  who: orNull(text),
  simulated: flagOff,
  content: list,
  sha256: orNull(text),
  bytes: orNull(integer),
});

/** Attachments without their bytes, which are large: `content` is read and written by itself. */
export const AttachmentTable = table<AttachmentRow>('attachment', {
  sha256: key,
  kind: text,
  about: list,
  bytes: integer,
  createdAt: text,
});

export const StrikeTable = table<StrikeRow>('strike', {
  id: key,
  readingId: orNull(text),
  eventId: orNull(text),
  observationId: orNull(text),
  inspectionId: orNull(text),
  noteId: orNull(text),
  photoId: orNull(text),
  panelEntryId: orNull(text),
  at: text,
  why: text,
  replacedBy: orNull(text),
  who: orNull(text),
});

export const VerdictTable = table<VerdictRow>('verdict', {
  id: key,
  breakerId: text,
  at: text,
  engine: text,
  action: text,
  family: text,
  decision: text,
});

export const EditTable = table<EditRow>('edit', {
  id: key,
  siteId: text,
  at: text,
  label: text,
  panelIds: list,
  rows: list,
  added: list,
  struck: list,
  undone: flag,
  who: orNull(text),
  change: orNull(text),
});

export const SettingTable = table<SettingRow>('setting', { name: key, value: text });

export const AccountTable = table<AccountRow>('account', {
  id: key,
  name: text,
  role: text,
  password: text,
  createdAt: text,
});

export const SessionTable = table<SessionRow>('session', {
  tokenHash: key,
  accountId: text,
  createdAt: text,
  usedAt: text,
});

export const ShareLinkTable = table<ShareLinkRow>('share_link', {
  id: key,
  tokenHash: text,
  siteId: text,
  what: text,
  subjectId: text,
  createdAt: text,
  expiresAt: text,
});

export const MeterTokenTable = table<MeterTokenRow>('meter_token', {
  feed: key,
  tokenHash: text,
  createdAt: text,
});

export const VisitOwnerTable = table<VisitOwnerRow>('visit_owner', { visitId: key, accountId: text });

export const AuditTable = table<AuditRow>('audit_entry', {
  id: { type: 'integer', primary: true, generated: 'increment' },
  at: text,
  name: text,
  what: text,
  siteId: orNull(text),
});

export const TABLES = [
  SiteTable,
  PanelTable,
  PanelRevisionTable,
  BreakerTable,
  CircuitTable,
  LoadTable,
  CurveTable,
  CaseTable,
  ReadingTable,
  EventTable,
  ObservationTable,
  InspectionTable,
  NoteTable,
  PhotoTable,
  PanelEntryTable,
  AttachmentTable,
  StrikeTable,
  VerdictTable,
  EditTable,
  SettingTable,
  AccountTable,
  SessionTable,
  ShareLinkTable,
  MeterTokenTable,
  VisitOwnerTable,
  AuditTable,
];
