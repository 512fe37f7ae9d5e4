import {
  NOT_REPORTED,
  QUANTITY_UNITS,
  type Breaker,
  type BreakerEvent,
  type Circuit,
  type Entries,
  type Load,
  type Panel,
  type Observation,
  type Reading,
  type TroubleCase,
} from '../record/entities/index.ts';
import type { BreakerRecord, EvidenceInput } from '../diagnosis/evidence/index.ts';
import { DEFAULT_POLICIES } from '../record/settings/index.ts';

/** Builders of records for tests: sensible values, of which a test names only those it is about. */
export const uuid = (n: number) => `00000000-0000-4000-8000-${String(n + 1e9).padStart(12, '0')}`;
export const minute = (n: number) => new Date(Date.UTC(2026, 9, 1, 12, n)).toISOString();

export const aBreaker = (change: Partial<Breaker> = {}): Breaker => ({
  id: uuid(1),
  panelId: uuid(900),
  role: 'branch',
  space: 1,
  half: null,
  poles: 1,
  ratingAmps: 20,
  kind: 'standard',
  family: 'Orrin S',
  onDirection: 'right',
  installedOn: null,
  tiedWith: null,
  replaces: null,
  why: '',
  version: 0,
  createdAt: minute(-100_000),
  ...change,
});

/** A load that stays on, without a surge. */
export const aPanel = (change: Partial<Panel> = {}): Panel => ({
  id: uuid(900),
  siteId: uuid(7001),
  name: 'Main panel',
  spaces: 24,
  orientation: 'upright',
  busAmps: null,
  family: 'Orrin S',
  alsoListed: [],
  narrowSpaces: null,
  splitAt: null,
  feedThrough: false,
  fedByBreakerId: null,
  fedThroughPanelId: null,
  blanks: [],
  holes: [],
  createdAt: '2026-11-01T10:00:00.000Z',
  version: 0,
  ...change,
});

export const aLoad = (change: Partial<Load> = {}): Load => ({
  id: uuid(600),
  name: 'Lamp',
  volts: 120,
  watts: 60,
  voltAmperes: null,
  errorVoltAmperes: null,
  continuous: false,
  onSeconds: null,
  offSeconds: null,
  surgeTimes: null,
  surgeSeconds: null,
  ...change,
});

export const aCircuit = (change: Partial<Circuit> = {}): Circuit => ({
  id: uuid(500),
  breakerId: uuid(1),
  label: 'Bench',
  conductor: { gauge: '12', material: 'copper', insulationC: 90, cable: 'nm' },
  terminalC: 60,
  sharesNeutral: false,
  ambientC: 30,
  currentCarrying: 2,
  lengthM: null,
  portableReceptacles: true,
  nameplate: null,
  rules: 'policy',
  loads: [],
  version: 0,
  ...change,
});

const kept = (at: number) => ({
  caseId: null,
  simulated: false,
  id: uuid(2000 + at),
  breakerId: uuid(1),
  at: minute(at),
  loggedAt: minute(at),
  who: null,
  note: '',
  struck: null,
});

export const aReading = (
  quantity: Reading['quantity'],
  point: Reading['point'],
  value: number,
  at = 0,
  change: Partial<Reading> = {},
): Reading => ({
  ...kept(at),
  quantity,
  point,
  value,
  unit: QUANTITY_UNITS[quantity],
  ambientC: quantity === 'temperature' ? 22 : null,
  loadState: 'normal',
  instrument: 'unknown',
  error: null,
  ...change,
});

export const anEvent = (
  kind: BreakerEvent['kind'],
  at: number,
  change: Partial<BreakerEvent> = {},
): BreakerEvent => ({
  ...kept(at),
  kind,
  ...NOT_REPORTED,
  ...change,
});

export const anObservation = (test: Observation['test'], outcome: string, at = 0): Observation => ({
  ...kept(at),
  test,
  outcome,
});

export interface BreakerRecordParts extends Partial<Entries> {
  breaker?: Partial<Breaker>;
  circuit?: Circuit | null;
}

export const aBreakerRecord = ({
  breaker,
  circuit = null,
  readings = [],
  events = [],
  observations = [],
}: BreakerRecordParts = {}): BreakerRecord => ({
  breaker: aBreaker(breaker),
  circuit,
  entries: { readings, events, observations },
});

export const aDossier = (
  subject: BreakerRecordParts,
  rest: Partial<Omit<EvidenceInput, 'subject'>> = {},
): EvidenceInput => ({
  panel: { id: uuid(900), name: 'Main panel', family: 'Orrin S', alsoListed: [] },
  policies: DEFAULT_POLICIES,
  subject: aBreakerRecord(subject),
  main: null,
  others: [],
  curves: [],
  learned: null,
  ...rest,
});

/** An open case in which nothing was answered yet. */
export const aTroubleCase = (change: Partial<TroubleCase> = {}): TroubleCase => ({
  id: uuid(7000),
  siteId: uuid(7001),
  panelId: null,
  breakerId: null,
  complaint: 'trips',
  words: '',
  openedBy: 'homeowner',
  openedAt: minute(0),
  marks: [],
  candidates: null,
  answers: [],
  passed: [],
  closedAt: null,
  outcome: null,
  confirmed: null,
  closingNote: '',
  version: 0,
  ...change,
});
