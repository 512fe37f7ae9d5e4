import type { Board, Sheet, SiteSummary } from '@phylaxon/core/board';
import type {
  Breaker,
  BreakerChange,
  BreakerInput,
  CircuitInput,
  EventInput,
  ObservationInput,
  Panel,
  PanelInput,
  ReadingInput,
  Site,
  SiteInput,
} from '@phylaxon/core/record';
import { request } from './request.ts';

/** What may be struck. */
export type EntryKind = 'readings' | 'events' | 'observations';

/** The record's routes, one function each. */
export const api = {
  sites: () => request<{ sites: SiteSummary[] }>('GET', '/sites'),
  addSite: (input: SiteInput) => request<Site>('POST', '/sites', input),
  addPanel: (siteId: string, input: PanelInput) => request<Panel>('POST', `/sites/${siteId}/panels`, input),
  board: (panelId: string) => request<Board>('GET', `/panels/${panelId}`),
  sheet: (breakerId: string) => request<Sheet>('GET', `/breakers/${breakerId}`),
  fitBreaker: (panelId: string, input: BreakerInput) =>
    request<Breaker>('POST', `/panels/${panelId}/breakers`, input),
  fitDirectory: (panelId: string, text: string) =>
    request<{ ids: string[] }>('POST', `/panels/${panelId}/directory`, { text }),
  changeBreaker: (id: string, input: BreakerChange) => request<Breaker>('PATCH', `/breakers/${id}`, input),
  removeBreaker: (id: string) => request<Breaker>('DELETE', `/breakers/${id}`),
  setCircuit: (id: string, input: CircuitInput) => request<Sheet>('PUT', `/breakers/${id}/circuit`, input),
  logReadings: (id: string, readings: ReadingInput[]) =>
    request('POST', `/breakers/${id}/readings`, { readings }),
  logEvent: (id: string, input: EventInput) => request('POST', `/breakers/${id}/events`, input),
  logObservation: (id: string, input: ObservationInput) =>
    request('POST', `/breakers/${id}/observations`, input),
  strike: (kind: EntryKind, id: string, why: string, replacement?: ReadingInput) =>
    request('POST', `/${kind}/${id}/strike`, { why, replacement }),
};
