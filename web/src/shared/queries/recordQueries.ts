import { sayPlace } from '@phylaxon/core/panel/layout';
import type { PanelEntryName } from '@phylaxon/core/record/panelEntries';
import type { Search } from '@phylaxon/core/views/search';
import type { TimelineKind } from '@phylaxon/core/views/timeline';
import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { ask, zoneHere, type ReportAbout } from '../api/index.ts';
import { queryClient, RECORD } from './queryClient.ts';
import { recordQuery } from './recordQuery.ts';
import * as messages from './messages.ts';

/** What of a timeline is asked for. */
export interface TimelineFilter {
  kinds?: readonly TimelineKind[];
  text?: string;
  from?: string;
  to?: string;
}

const inZone = () => ({ zone: zoneHere() });

/** What is asked of the record in several places; a page that asks alone uses `recordQuery` with the endpoint’s name. */
export const recordQueries = {
  sites: () => recordQuery('GET /sites', {}, ({ sites }) => sites),
  board: (id: string) => recordQuery('GET /panels/:id', { params: { id } }),
  /** A panel as it hangs; asked for again when it is drawn otherwise, not at every entry. */
  drawnBoard: (id: string, drawn: string) =>
    queryOptions({
      queryKey: ['drawn', id, drawn],
      queryFn: () => ask('GET /panels/:id', { params: { id } }),
      placeholderData: keepPreviousData,
    }),
  soak: (id: string) => recordQuery('GET /panels/:id/soak', { params: { id } }),
  review: (id: string) => recordQuery('GET /panels/:id/review', { params: { id } }),
  panelEntries: (id: string, kind?: PanelEntryName) =>
    recordQuery('GET /panels/:id/entries', { params: { id }, query: { kind } }, ({ entries }) => entries),
  planning: (id: string | undefined) => ({
    ...recordQuery('GET /sites/:id/planning', { params: { id: id! } }),
    enabled: id !== undefined,
  }),
  due: () => recordQuery('GET /due', { query: inZone() }),
  inspection: (id: string) => recordQuery('GET /panels/:id/inspection', { params: { id } }),
  upkeep: (id: string) => recordQuery('GET /panels/:id/upkeep', { params: { id }, query: inZone() }),
  report: ({ at, id }: ReportAbout) =>
    recordQuery(`GET /${at}/:id/report`, { params: { id }, query: inZone() }),
  visits: (id: string) => recordQuery('GET /sites/:id/visits', { params: { id } }),
  visit: (id: string) => recordQuery('GET /visits/:id', { params: { id } }),
  legs: (id: string) => recordQuery('GET /panels/:id/legs', { params: { id } }),
  detail: (id: string) => recordQuery('GET /breakers/:id', { params: { id } }),
  timeline: (id: string, filter: TimelineFilter) =>
    infiniteQueryOptions({
      queryKey: [RECORD, 'GET /breakers/:id/timeline', id, filter],
      queryFn: ({ pageParam }) =>
        ask('GET /breakers/:id/timeline', {
          params: { id },
          query: { ...filter, kinds: filter.kinds?.join(','), before: pageParam ?? undefined },
        }),
      initialPageParam: null as string | null,
      getNextPageParam: ({ next }) => next,
      // A filter that is typed does not empty the page.
      placeholderData: keepPreviousData,
    }),
  series: (id: string) => recordQuery('GET /breakers/:id/series', { params: { id } }),
  search: (id: string, { words, kinds, from, to }: Search) => ({
    ...recordQuery('GET /sites/:id/search', {
      params: { id },
      query: {
        words: words.join(' '),
        kinds: kinds.join(','),
        from: from ?? undefined,
        to: to ?? undefined,
      },
    }),
    placeholderData: keepPreviousData,
  }),
  case: (id: string) => recordQuery('GET /cases/:id', { params: { id } }),
  openCases: () => recordQuery('GET /cases', {}, ({ cases }) => cases),
  cases: (id: string) => recordQuery('GET /sites/:id/cases', { params: { id } }, ({ cases }) => cases),
  outcomes: (id: string | null) =>
    id === null
      ? recordQuery('GET /outcomes', {})
      : recordQuery('GET /sites/:id/outcomes', { params: { id } }),
  /** Every breaker at some sites, as a search for the right one looks at them. */
  suspects: (siteIds: readonly string[]) =>
    queryOptions({
      queryKey: [RECORD, 'suspects', siteIds],
      queryFn: async () => {
        const lists = await Promise.all(
          siteIds.map(async (siteId) =>
            (await ask('GET /sites/:id/suspects', { params: { id: siteId } })).suspects.map((one) => ({
              ...one,
              siteId,
            })),
          ),
        );
        return lists.flat();
      },
    }),
  /** What a panel of a site could be fed from: two-pole breakers and feed-through lugs of the site’s other panels. */
  feeds: (siteId: string, panelId: string | undefined) =>
    queryOptions({
      queryKey: [RECORD, 'feeds', siteId, panelId ?? null],
      queryFn: async () => {
        const { sites } = await queryClient.fetchQuery(recordQueries.sites());
        const panels = sites.find(({ site }) => site.id === siteId)?.panels ?? [];
        const others = panels.map(({ panel }) => panel).filter(({ id }) => id !== panelId);
        const boards = await Promise.all(others.map(({ id }) => ask('GET /panels/:id', { params: { id } })));
        return boards.flatMap(({ panel, breakers }) => [
          ...(panel.feedThrough
            ? [{ value: `lugs:${panel.id}`, label: messages.feedThroughLugs(panel.name) }]
            : []),
          ...breakers
            .filter(
              ({ breaker, feeds }) =>
                breaker.poles === 2 && breaker.space !== null && (!feeds || feeds.panelId === panelId),
            )
            .map(({ breaker, label }) => ({
              value: `breaker:${breaker.id}`,
              label: `${panel.name}, ${sayPlace(breaker)}${label ? ` ${label}` : ''} (${breaker.ratingAmps} A)`,
            })),
        ]);
      },
    }),
};
