import { sayPlace } from '@phylaxon/core/panel/layout';
import type { PanelEntryName } from '@phylaxon/core/record/panelEntries';
import type { Search } from '@phylaxon/core/views/search';
import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, type ReportAbout, type TimelineFilter } from '../api/index.ts';
import { queryClient, RECORD } from './queryClient.ts';

/** What can be asked of the record: each question with its key. */
export const recordQueries = {
  sites: () => queryOptions({ queryKey: [RECORD, 'sites'], queryFn: async () => (await api.sites()).sites }),
  board: (panelId: string) =>
    queryOptions({ queryKey: [RECORD, 'board', panelId], queryFn: () => api.board(panelId) }),
  /** A panel as it hangs; asked for again when it is drawn otherwise, not at every entry. */
  drawnBoard: (panelId: string, drawn: string) =>
    queryOptions({
      queryKey: ['drawn', panelId, drawn],
      queryFn: () => api.board(panelId),
      placeholderData: keepPreviousData,
    }),
  soak: (panelId: string) =>
    queryOptions({ queryKey: [RECORD, 'soak', panelId], queryFn: () => api.soak(panelId) }),
  review: (panelId: string) =>
    queryOptions({ queryKey: [RECORD, 'review', panelId], queryFn: () => api.review(panelId) }),
  panelEntries: (panelId: string, kind?: PanelEntryName) =>
    queryOptions({
      queryKey: [RECORD, 'panel-entries', panelId, kind ?? null],
      queryFn: async () => (await api.panelEntries(panelId, kind)).entries,
    }),
  planning: (siteId: string | undefined) =>
    queryOptions({
      queryKey: [RECORD, 'planning', siteId ?? null],
      queryFn: () => api.planning(siteId!),
      enabled: siteId !== undefined,
    }),
  due: () => queryOptions({ queryKey: [RECORD, 'due'], queryFn: () => api.due() }),
  upkeep: (panelId: string) =>
    queryOptions({ queryKey: [RECORD, 'upkeep', panelId], queryFn: () => api.upkeep(panelId) }),
  report: (about: ReportAbout) =>
    queryOptions({ queryKey: [RECORD, 'report', about.at, about.id], queryFn: () => api.report(about) }),
  visits: (siteId: string) =>
    queryOptions({ queryKey: [RECORD, 'visits', siteId], queryFn: () => api.visits(siteId) }),
  visit: (visitId: string) =>
    queryOptions({ queryKey: [RECORD, 'visit', visitId], queryFn: () => api.visit(visitId) }),
  legs: (panelId: string) =>
    queryOptions({ queryKey: [RECORD, 'legs', panelId], queryFn: () => api.legs(panelId) }),
  detail: (breakerId: string) =>
    queryOptions({ queryKey: [RECORD, 'detail', breakerId], queryFn: () => api.detail(breakerId) }),
  timeline: (breakerId: string, filter: TimelineFilter) =>
    infiniteQueryOptions({
      queryKey: [RECORD, 'timeline', breakerId, filter],
      queryFn: ({ pageParam }) =>
        api.timeline(breakerId, { ...filter, ...(pageParam !== null && { before: pageParam }) }),
      initialPageParam: null as string | null,
      getNextPageParam: ({ next }) => next,
      // A filter that is typed does not empty the page.
      placeholderData: keepPreviousData,
    }),
  series: (breakerId: string) =>
    queryOptions({ queryKey: [RECORD, 'series', breakerId], queryFn: () => api.series(breakerId) }),
  search: (siteId: string, wanted: Search) =>
    queryOptions({
      queryKey: [RECORD, 'search', siteId, wanted],
      queryFn: () => api.search(siteId, wanted),
      placeholderData: keepPreviousData,
    }),
  case: (caseId: string) =>
    queryOptions({ queryKey: [RECORD, 'case', caseId], queryFn: () => api.caseFile(caseId) }),
  openCases: () =>
    queryOptions({ queryKey: [RECORD, 'open-cases'], queryFn: async () => (await api.openCases()).cases }),
  cases: (siteId: string) =>
    queryOptions({
      queryKey: [RECORD, 'cases', siteId],
      queryFn: async () => (await api.cases(siteId)).cases,
    }),
  outcomes: (siteId: string | null) =>
    queryOptions({ queryKey: [RECORD, 'outcomes', siteId], queryFn: () => api.outcomes(siteId) }),
  /** Every breaker at some sites, as a search for the right one looks at them. */
  suspects: (siteIds: readonly string[]) =>
    queryOptions({
      queryKey: [RECORD, 'suspects', siteIds],
      queryFn: async () => {
        const lists = await Promise.all(
          siteIds.map(async (siteId) =>
            (await api.suspects(siteId)).suspects.map((one) => ({ ...one, siteId })),
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
        const sites = await queryClient.fetchQuery(recordQueries.sites());
        const panels = sites.find(({ site }) => site.id === siteId)?.panels ?? [];
        const others = panels.map(({ panel }) => panel).filter(({ id }) => id !== panelId);
        const boards = await Promise.all(others.map(({ id }) => api.board(id)));
        return boards.flatMap(({ panel, breakers }) => [
          ...(panel.feedThrough
            ? [{ value: `lugs ${panel.id}`, label: `${panel.name}, feed-through lugs` }]
            : []),
          ...breakers
            .filter(
              ({ breaker, feeds }) =>
                breaker.poles === 2 && breaker.space !== null && (!feeds || feeds.panelId === panelId),
            )
            .map(({ breaker, label }) => ({
              value: `breaker ${breaker.id}`,
              label: `${panel.name}, ${sayPlace(breaker)}${label ? ` ${label}` : ''} (${breaker.ratingAmps} A)`,
            })),
        ]);
      },
    }),
};
