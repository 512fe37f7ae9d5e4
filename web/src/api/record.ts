import type { Board, BreakerDetail, SiteSummary, Steps } from '@phylaxon/core/views/board';
import type { CaseRecord, CaseSummary, Suspect } from '@phylaxon/core/diagnosis/cases';
import type {
  Breaker,
  BreakerChange,
  BreakerInput,
  BreakerMove,
  CaseAnswer,
  CaseChange,
  CaseClosing,
  CaseConfirmation,
  CaseInput,
  CasePass,
  CircuitInput,
  Curve,
  CurveInput,
  EventInput,
  NoteInput,
  ObservationInput,
  Panel,
  PanelInput,
  ReadingInput,
  ReplacementInput,
  Site,
  PanelChange,
  BreakerTie,
  SiteChange,
  SiteInput,
} from '@phylaxon/core/record/entities';
import type { Outcomes } from '@phylaxon/core/diagnosis/outcomes';
import type { Search, SearchResult } from '@phylaxon/core/views/search';
import type { BackupState, Settings } from '@phylaxon/core/record/settings';
import type { Series, Timeline, TimelineKind } from '@phylaxon/core/views/timeline';
import { newId } from './newId.ts';
import { fileAddress, query, request, sendFile } from './request.ts';

/** What may be struck. */
export type EntryKind = 'readings' | 'events' | 'observations' | 'notes' | 'photos';

/** What of a timeline is asked for. */
export interface TimelineFilter {
  kinds?: readonly TimelineKind[];
  text?: string;
  from?: string;
  to?: string;
  before?: string;
}

export type ImportMode = 'new' | 'replace' | 'copy';

/** What the import of a site would do. */
export interface SitePreview {
  site: { id: string; name: string };
  version: number;
  counts: Record<string, number>;
  here: string | null;
  modes: ImportMode[];
}

/** What the import of a table of readings would do. */
export interface ReadingsPreview {
  toLog: number;
  known: number;
  struck: number;
  from: string | null;
  to: string | null;
}

/** How far a file is that was sent. */
export interface FileProgress {
  step: 'reading' | 'storing';
  /** From 0 to 1. */
  share: number;
}

/** A file on its way: the name its progress is asked for by, and how it is given up. */
interface FileJob {
  id: string;
  signal: AbortSignal;
}

const ZIP = 'application/octet-stream';
const CSV = 'text/csv';

/** An entry on its way to the server: sent again until it is stored, it is stored once. */
export interface Entry {
  id: string;
  /** Left out: POST. */
  method?: 'PATCH' | 'DELETE';
  path: string;
  body: object;
  /** What it is and where, for who waits for it. */
  label: string;
}

const entry = (path: string, label: string, body: object): Entry => ({ id: newId(), path, label, body });

const EVENT_WORDS = {
  trip: 'A trip',
  reset: 'A reset',
  handle: 'The handle’s place',
  held: 'A time it held',
} as const;

/** Entries of a breaker’s log, to be sent (see stores/outbox). */
export const entries = {
  readings: (breakerId: string, where: string, readings: ReadingInput[]): Entry =>
    entry(
      `/breakers/${breakerId}/readings`,
      `${readings.length === 1 ? 'A reading' : `${readings.length} readings`} at ${where}`,
      {
        readings: readings.map((reading) => ({ ...reading, id: newId() })),
      },
    ),
  event: (breakerId: string, where: string, input: EventInput): Entry =>
    entry(`/breakers/${breakerId}/events`, `${EVENT_WORDS[input.kind]} at ${where}`, {
      ...input,
      id: newId(),
    }),
  observation: (breakerId: string, where: string, input: ObservationInput): Entry =>
    entry(`/breakers/${breakerId}/observations`, `What was found at ${where}`, { ...input, id: newId() }),
  note: (breakerId: string, where: string, input: NoteInput): Entry =>
    entry(`/breakers/${breakerId}/notes`, `A note at ${where}`, { ...input, id: newId() }),
};

/** What is done in a case, to be sent. */
export const caseEntries = {
  open: (input: CaseInput): Entry => ({ id: input.id!, path: '/cases', label: 'A case opened', body: input }),
  answers: (caseId: string, answers: CaseAnswer[]): Entry =>
    entry(`/cases/${caseId}/answers`, answers.length === 1 ? 'An answer' : `${answers.length} answers`, {
      answers: answers.map((answer) => ({ ...answer, id: newId() })),
    }),
  pass: (caseId: string, pass: CasePass): Entry =>
    entry(`/cases/${caseId}/passed`, 'A question put aside', pass),
  change: (caseId: string, change: CaseChange): Entry => ({
    ...entry(`/cases/${caseId}`, 'A change to a case', change),
    method: 'PATCH',
  }),
  close: (caseId: string, closing: CaseClosing): Entry =>
    entry(`/cases/${caseId}/close`, 'A case closed', closing),
  confirm: (caseId: string, told: CaseConfirmation): Entry =>
    entry(`/cases/${caseId}/confirmation`, 'What a case was', told),
  reopen: (caseId: string): Entry => entry(`/cases/${caseId}/reopen`, 'A case taken up again', {}),
  takeBack: (caseId: string, answerId: string): Entry => ({
    ...entry(`/cases/${caseId}/answers/${answerId}`, 'An answer taken back', {}),
    method: 'DELETE',
  }),
};

/** The record's routes, one function each. */
export const api = {
  sites: () => request<{ sites: SiteSummary[] }>('GET', '/sites'),
  addSite: (input: SiteInput) => request<Site>('POST', '/sites', input),
  changeSite: (id: string, input: SiteChange) => request<Site>('PUT', `/sites/${id}`, input),
  wipeSite: (id: string) => request('DELETE', `/sites/${id}`),
  step: (siteId: string, direction: 'undo' | 'redo', edit: string) =>
    request<Steps>('POST', `/sites/${siteId}/${direction}`, { edit }),
  search: (siteId: string, { words, kinds, from, to }: Search) =>
    request<SearchResult>(
      'GET',
      `/sites/${siteId}/search${query({ words: words.join(' '), kinds: kinds.join(','), from: from ?? '', to: to ?? '' })}`,
    ),

  addPanel: (siteId: string, input: PanelInput) => request<Panel>('POST', `/sites/${siteId}/panels`, input),
  board: (panelId: string) => request<Board>('GET', `/panels/${panelId}`),
  changePanel: (id: string, input: PanelChange) => request<Panel>('PUT', `/panels/${id}`, input),
  removePanel: (id: string) => request<Panel>('DELETE', `/panels/${id}`),
  duplicatePanel: (id: string, name: string) => request<Panel>('POST', `/panels/${id}/duplicate`, { name }),
  fitBreaker: (panelId: string, input: BreakerInput) =>
    request<Breaker>('POST', `/panels/${panelId}/breakers`, input),
  fitDirectory: (panelId: string, text: string) =>
    request<{ ids: string[] }>('POST', `/panels/${panelId}/directory`, { text }),

  detail: (breakerId: string) => request<BreakerDetail>('GET', `/breakers/${breakerId}`),
  changeBreaker: (id: string, input: BreakerChange) => request<Breaker>('PATCH', `/breakers/${id}`, input),
  removeBreaker: (id: string) => request<Breaker>('DELETE', `/breakers/${id}`),
  moveBreaker: (id: string, move: BreakerMove) => request<Breaker>('POST', `/breakers/${id}/move`, move),
  tieBreaker: (id: string, tie: BreakerTie) => request<Breaker>('POST', `/breakers/${id}/tie`, tie),
  replaceBreaker: (id: string, input: ReplacementInput) =>
    request<Breaker>('POST', `/breakers/${id}/replace`, input),
  setCircuit: (id: string, input: CircuitInput) =>
    request<BreakerDetail>('PUT', `/breakers/${id}/circuit`, input),

  openCases: () => request<{ cases: CaseSummary[] }>('GET', '/cases'),
  cases: (siteId: string) => request<{ cases: CaseSummary[] }>('GET', `/sites/${siteId}/cases`),
  suspects: (siteId: string) => request<{ suspects: Suspect[] }>('GET', `/sites/${siteId}/suspects`),
  outcomes: (siteId: string | null) =>
    request<Outcomes>('GET', siteId === null ? '/outcomes' : `/sites/${siteId}/outcomes`),
  caseFile: (id: string) => request<CaseRecord>('GET', `/cases/${id}`),

  send: ({ method, path, body }: Pick<Entry, 'method' | 'path' | 'body'>) =>
    request(method ?? 'POST', path, body),
  strike: (kind: EntryKind, id: string, why: string, replacement?: ReadingInput | EventInput) =>
    request('POST', `/${kind}/${id}/strike`, { why, replacement }),
  addPhoto: (breakerId: string, picture: Blob, at: string, note: string) =>
    sendFile(`/breakers/${breakerId}/photos${query({ id: newId(), at, note })}`, picture, 'image/jpeg'),
  photoAddress: (sha256: string) => fileAddress(`/photos/${sha256}`),

  timeline: (breakerId: string, { kinds, ...filter }: TimelineFilter) =>
    request<Timeline>(
      'GET',
      `/breakers/${breakerId}/timeline${query({ kinds: kinds?.join(','), ...filter })}`,
    ),
  series: (breakerId: string) => request<Series>('GET', `/breakers/${breakerId}/series`),

  curves: (siteId: string) => request<{ curves: Curve[] }>('GET', `/sites/${siteId}/curves`),
  setCurve: (siteId: string, input: CurveInput) => request<Curve>('PUT', `/sites/${siteId}/curves`, input),
  removeCurve: (id: string) => request<Curve>('DELETE', `/curves/${id}`),

  settings: () => request<Settings>('GET', '/settings'),
  changeSettings: (change: Partial<Settings>) => request<Settings>('PATCH', '/settings', change),

  backups: () => request<BackupState>('GET', '/backups'),
  copyNow: () => request<BackupState>('POST', '/backups', {}),
  checkRecord: () => request<{ sound: boolean; problems: string[] }>('POST', '/record/check', {}),

  previewSite: (file: Blob, { id, signal }: FileJob) =>
    sendFile<SitePreview>(`/imports/preview?job=${id}`, file, ZIP, signal),
  importSite: (file: Blob, mode: ImportMode, { id, signal }: FileJob) =>
    sendFile<{ siteId: string }>(`/imports?mode=${mode}&job=${id}`, file, ZIP, signal),
  previewReadings: (panelId: string, file: Blob, { id, signal }: FileJob) =>
    sendFile<ReadingsPreview>(`/panels/${panelId}/readings/preview?job=${id}`, file, CSV, signal),
  importReadings: (panelId: string, file: Blob, { id, signal }: FileJob) =>
    sendFile<ReadingsPreview>(`/panels/${panelId}/readings?job=${id}`, file, CSV, signal),
  takeHandOver: (file: Blob, { id, signal }: FileJob) =>
    sendFile<{ caseId: string }>(`/handovers?job=${id}`, file, ZIP, signal),
  fileProgress: (job: string) => request<FileProgress>('GET', `/imports/${job}`),
  files: {
    handOver: (caseId: string) => fileAddress(`/cases/${caseId}/handover.json`),
    handOverPage: (caseId: string) =>
      fileAddress(
        `/cases/${caseId}/handover.pdf${query({ zone: Intl.DateTimeFormat().resolvedOptions().timeZone })}`,
      ),
    zip: (siteId: string) => fileAddress(`/sites/${siteId}/site.zip`),
    json: (siteId: string) => fileAddress(`/sites/${siteId}/site.json`),
    readings: (siteId: string) => fileAddress(`/sites/${siteId}/readings.csv`),
    directory: (panelId: string) => fileAddress(`/panels/${panelId}/directory.csv`),
  },
};
