import type { Board, BreakerDetail, SiteSummary, UndoRedo } from '@phylaxon/core/views/board';
import type { CaseRecord, CaseSummary, Suspect } from '@phylaxon/core/diagnosis/cases';
import type { ServerClock } from '@phylaxon/core/record/clocks';
import type { Curve } from '@phylaxon/core/record/entities';
import type { SoakPlan } from '@phylaxon/core/diagnosis/soak';
import type { Outcomes } from '@phylaxon/core/diagnosis/outcomes';
import type { Feed, Sample, Switched } from '@phylaxon/core/record/feeds';
import type { AttachmentKind, PanelEntryName, PanelLog } from '@phylaxon/core/record/panelEntries';
import type { LegsView } from '@phylaxon/core/views/legs';
import type { PanelReviewView } from '@phylaxon/core/views/panelReview';
import type { Planning } from '@phylaxon/core/views/planning';
import type { Report } from '@phylaxon/core/views/report';
import type { DueAnywhere, UpkeepView } from '@phylaxon/core/views/upkeep';
import type { SiteVisits, VisitRecord } from '@phylaxon/core/views/visit';
import type { Search, SearchResult } from '@phylaxon/core/views/search';
import type { BackupState, Settings } from '@phylaxon/core/record/settings';
import type { Series, Timeline, TimelineKind } from '@phylaxon/core/views/timeline';
import { addressOf } from '@phylaxon/core/commands';
import type { Pending } from './pending.ts';
import { fetchFile, fileAddress, query, request, sendFile, type RequestedBy } from './request.ts';

/** The time zone this device is in. */
export const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

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

/** What a report is on. */
export interface ReportAbout {
  at: 'panels' | 'sites' | 'visits';
  id: string;
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

/** The record's routes, one function each. */
export const api = {
  sites: () => request<{ sites: SiteSummary[] }>('GET', '/sites'),
  wipeSite: (id: string) => request('DELETE', `/sites/${id}`),
  step: (siteId: string, direction: 'undo' | 'redo', edit: string, by: RequestedBy) =>
    request<UndoRedo>('POST', `/sites/${siteId}/${direction}`, { edit }, by),
  search: (siteId: string, { words, kinds, from, to }: Search) =>
    request<SearchResult>(
      'GET',
      `/sites/${siteId}/search${query({ words: words.join(' '), kinds: kinds.join(','), from: from ?? '', to: to ?? '' })}`,
    ),

  board: (panelId: string) => request<Board>('GET', `/panels/${panelId}`),

  soak: (panelId: string) => request<SoakPlan>('GET', `/panels/${panelId}/soak`),
  review: (panelId: string) => request<PanelReviewView>('GET', `/panels/${panelId}/review`),
  panelEntries: (panelId: string, kind?: PanelEntryName) =>
    request<PanelLog>('GET', `/panels/${panelId}/entries${query({ kind })}`),
  keepAttachment: (kind: AttachmentKind, file: Blob) =>
    sendFile<{ sha256: string }>(`/attachments?kind=${kind}`, file, ZIP),
  attachment: (sha256: string) => fetchFile(`/attachments/${sha256}`),

  planning: (siteId: string) => request<Planning>('GET', `/sites/${siteId}/planning`),

  due: () => request<DueAnywhere>('GET', `/due${query({ zone: zoneHere() })}`),
  upkeep: (panelId: string) =>
    request<UpkeepView>('GET', `/panels/${panelId}/upkeep${query({ zone: zoneHere() })}`),
  report: ({ at, id }: ReportAbout) =>
    request<Report>('GET', `/${at}/${id}/report${query({ zone: zoneHere() })}`),
  visits: (siteId: string) => request<SiteVisits>('GET', `/sites/${siteId}/visits`),
  visit: (visitId: string) => request<VisitRecord>('GET', `/visits/${visitId}`),

  legs: (panelId: string) => request<LegsView>('GET', `/panels/${panelId}/legs`),

  detail: (breakerId: string) => request<BreakerDetail>('GET', `/breakers/${breakerId}`),

  openCases: () => request<{ cases: CaseSummary[] }>('GET', '/cases'),
  cases: (siteId: string) => request<{ cases: CaseSummary[] }>('GET', `/sites/${siteId}/cases`),
  suspects: (siteId: string) => request<{ suspects: Suspect[] }>('GET', `/sites/${siteId}/suspects`),
  outcomes: (siteId: string | null) =>
    request<Outcomes>('GET', siteId === null ? '/outcomes' : `/sites/${siteId}/outcomes`),
  caseFile: (id: string) => request<CaseRecord>('GET', `/cases/${id}`),

  /** Have a command done now; see stores/outbox for what may wait. */
  send: <T = unknown>(sent: Pending<T>, file?: Blob): Promise<T> => {
    const { method, path } = addressOf(sent);
    const by: RequestedBy = { profile: sent.profile, change: sent.id };
    if (!file) return request<T>(method as 'POST', path, sent.body, by);
    const told = query(sent.body as Record<string, string>);
    return sendFile<T>(path + told, file, file.type, by);
  },
  photoAddress: (sha256: string) => fileAddress(`/photos/${sha256}`),

  timeline: (breakerId: string, { kinds, ...filter }: TimelineFilter) =>
    request<Timeline>(
      'GET',
      `/breakers/${breakerId}/timeline${query({ kinds: kinds?.join(','), ...filter })}`,
    ),
  series: (breakerId: string) => request<Series>('GET', `/breakers/${breakerId}/series`),

  curves: (siteId: string) => request<{ curves: Curve[] }>('GET', `/sites/${siteId}/curves`),

  feeds: () => request<{ feeds: Feed[] }>('GET', '/feeds'),
  feedSamples: (feed: string, from: string) =>
    request<{ samples: Sample[] }>('GET', `/feeds/${encodeURIComponent(feed)}/samples${query({ from })}`),
  switchOn: (feed: string, switched: Switched) =>
    request('PUT', `/feeds/${encodeURIComponent(feed)}/switched`, switched),
  removeFeed: (feed: string) => request('DELETE', `/feeds/${encodeURIComponent(feed)}`),

  settings: () => request<Settings>('GET', '/settings'),
  changeSettings: (change: Partial<Settings>) => request<Settings>('PATCH', '/settings', change),

  backups: () => request<BackupState>('GET', '/backups'),
  copyNow: () => request<BackupState>('POST', '/backups', {}),
  checkRecord: () => request<{ sound: boolean; problems: string[] }>('POST', '/record/check', {}),

  previewSite: (file: Blob, { id, signal }: FileJob) =>
    sendFile<SitePreview>(`/imports/preview?job=${id}`, file, ZIP, { signal }),
  importSite: (file: Blob, mode: ImportMode, { id, signal }: FileJob) =>
    sendFile<{ siteId: string }>(`/imports?mode=${mode}&job=${id}`, file, ZIP, { signal }),
  previewReadings: (panelId: string, file: Blob, { id, signal }: FileJob) =>
    sendFile<ReadingsPreview>(`/panels/${panelId}/readings/preview?job=${id}`, file, CSV, { signal }),
  importReadings: (panelId: string, file: Blob, { id, signal }: FileJob) =>
    sendFile<ReadingsPreview>(`/panels/${panelId}/readings?job=${id}`, file, CSV, { signal }),
  takeHandOver: (file: Blob, { id, signal }: FileJob) =>
    sendFile<{ caseId: string }>(`/handovers?job=${id}`, file, ZIP, { signal }),
  clock: () => request<ServerClock>('GET', '/clock'),
  fileProgress: (job: string) => request<FileProgress>('GET', `/imports/${job}`),
  files: {
    handOver: (caseId: string) => fileAddress(`/cases/${caseId}/handover.json`),
    handOverPage: (caseId: string) =>
      fileAddress(`/cases/${caseId}/handover.pdf${query({ zone: zoneHere() })}`),
    visitPage: (visitId: string, page: 'tag' | 'notice' | 'sheet') =>
      fileAddress(
        `/visits/${visitId}/${page}.pdf${query({ zone: zoneHere(), address: window.location.origin })}`,
      ),
    directoryCard: (panelId: string, { widthMm, heightMm }: { widthMm: number; heightMm: number }) =>
      fileAddress(
        `/panels/${panelId}/directory.pdf${query({ widthMm: `${widthMm}`, heightMm: `${heightMm}`, zone: zoneHere(), address: window.location.origin })}`,
      ),
    report: ({ at, id }: ReportAbout) => fileAddress(`/${at}/${id}/report.pdf${query({ zone: zoneHere() })}`),
    reportData: ({ at, id }: ReportAbout) => fileAddress(`/${at}/${id}/report${query({ zone: zoneHere() })}`),
    calendar: (siteId: string) =>
      fileAddress(
        `/sites/${siteId}/upkeep.ics${query({ address: window.location.origin, zone: zoneHere() })}`,
      ),
    labels: (panelId: string, tapeMm?: number) =>
      fileAddress(`/panels/${panelId}/labels.pdf${query({ tapeMm: tapeMm?.toString() })}`),
    zip: (siteId: string) => fileAddress(`/sites/${siteId}/site.zip`),
    json: (siteId: string) => fileAddress(`/sites/${siteId}/site.json`),
    readings: (siteId: string) => fileAddress(`/sites/${siteId}/readings.csv`),
    review: (panelId: string) => fileAddress(`/panels/${panelId}/review.pdf`),
    directory: (panelId: string) => fileAddress(`/panels/${panelId}/directory.csv`),
  },
};
