import type { AttachmentKind } from '@phylaxon/core/record/panelEntries';
import type { ImportMode } from '@phylaxon/core/api';
import { askWithFile } from './ask.ts';
import { deliveryOf, type Delivery, type Pending } from './pending.ts';
import { fetchFile, fileAddress, query, request, sendFile, type RequestedBy } from './request.ts';

/** The time zone this device is in. */
export const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** What a report is on. */
export interface ReportAbout {
  at: 'panels' | 'sites' | 'visits';
  id: string;
}

/** A file on its way: the name its progress is asked for by, and how it is given up. */
interface SentFile {
  id: string;
  signal: AbortSignal;
}

const ZIP = 'application/octet-stream';
const CSV = 'text/csv';

/** How a command that an earlier version of this page kept goes to the server. */
async function deliveryAgain({ command, params, body }: Pending): Promise<Delivery> {
  const { commandOf } = await import('@phylaxon/core/commands');
  const known = commandOf({ command });
  if (!known) throw new Error(`There is no command “${command}”.`);
  return deliveryOf(known, params, body);
}

/** Have a command done now; see stores/outbox for what may wait. */
export async function sendCommand<T = unknown>(sent: Pending<T>, file?: Blob): Promise<T> {
  const { method, path } = sent.delivery ?? (await deliveryAgain(sent));
  const by: RequestedBy = { profile: sent.profile, change: sent.id };
  if (!file) return request<T>(method.toUpperCase() as 'POST', path, sent.body, by);
  const told = query(sent.body as Record<string, string>);
  return sendFile<T>(path + told, file, file.type, by);
}

/** Files that go to the server. */
export const uploads = {
  attachment: (kind: AttachmentKind, file: Blob) =>
    askWithFile('POST /attachments', { query: { kind } }, file, ZIP),
  sitePreview: (file: Blob, { id: job, signal }: SentFile) =>
    askWithFile('POST /imports/preview', { query: { job } }, file, ZIP, { signal }),
  site: (file: Blob, mode: ImportMode, { id: job, signal }: SentFile) =>
    askWithFile('POST /imports', { query: { mode, job } }, file, ZIP, { signal }),
  readingsPreview: (id: string, file: Blob, { id: job, signal }: SentFile) =>
    askWithFile('POST /panels/:id/readings/preview', { params: { id }, query: { job } }, file, CSV, {
      signal,
    }),
  readings: (id: string, file: Blob, { id: job, signal }: SentFile) =>
    askWithFile('POST /panels/:id/readings', { params: { id }, query: { job } }, file, CSV, { signal }),
  handOver: (file: Blob, { id: job, signal }: SentFile) =>
    askWithFile('POST /handovers', { query: { job } }, file, ZIP, { signal }),
};

/** What lies beside an entry, as it is kept. */
export const attachment = (sha256: string) => fetchFile(`/attachments/${sha256}`);

const address = (path: string, parameters: Record<string, string | undefined> = {}) =>
  fileAddress(path + query(parameters));

/** The addresses of files that the server makes. */
export const fileAddresses = {
  photo: (sha256: string) => address(`/photos/${sha256}`),
  sharedPdf: (token: string) => address(`/shared/${token}/page.pdf`, { zone: zoneHere() }),
  sharedPhoto: (token: string, sha256: string) =>
    address(`/shared/${token}/photos/${sha256}`, { zone: zoneHere() }),
  handOver: (caseId: string) => address(`/cases/${caseId}/handover.json`),
  handOverPage: (caseId: string) => address(`/cases/${caseId}/handover.pdf`, { zone: zoneHere() }),
  visitPage: (visitId: string, page: 'tag' | 'notice' | 'sheet') =>
    address(`/visits/${visitId}/${page}.pdf`, { zone: zoneHere(), address: window.location.origin }),
  directoryCard: (panelId: string, { widthMm, heightMm }: { widthMm: number; heightMm: number }) =>
    address(`/panels/${panelId}/directory.pdf`, {
      widthMm: `${widthMm}`,
      heightMm: `${heightMm}`,
      zone: zoneHere(),
      address: window.location.origin,
    }),
  report: ({ at, id }: ReportAbout) => address(`/${at}/${id}/report.pdf`, { zone: zoneHere() }),
  reportData: ({ at, id }: ReportAbout) => address(`/${at}/${id}/report`, { zone: zoneHere() }),
  calendar: (siteId: string) =>
    address(`/sites/${siteId}/upkeep.ics`, { address: window.location.origin, zone: zoneHere() }),
  labels: (panelId: string, tapeMm?: number) =>
    address(`/panels/${panelId}/labels.pdf`, { tapeMm: tapeMm?.toString() }),
  zip: (siteId: string) => address(`/sites/${siteId}/site.zip`),
  json: (siteId: string) => address(`/sites/${siteId}/site.json`),
  readings: (siteId: string) => address(`/sites/${siteId}/readings.csv`),
  evaluation: (panelId: string) => address(`/panels/${panelId}/review.pdf`, { zone: zoneHere() }),
  directory: (panelId: string) => address(`/panels/${panelId}/directory.csv`),
};
