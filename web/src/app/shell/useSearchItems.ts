import { useQuery } from '@tanstack/react-query';
import Fuse from 'fuse.js';
import { useMemo } from 'react';
import { caseName } from '../../diagnose/caseList/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { jobsFor, useLastPanel } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

/** Something the search finds: an address, or a line for the reading line. */
export interface SearchItem {
  id: string;
  label: string;
  detail: string;
  to: string;
  line?: string;
}

export interface SearchGroup {
  title: string;
  items: SearchItem[];
}

/** A line that may be a reading: it begins with a figure and its unit, or with a breaker and a figure. */
const LIKE_A_READING = /^\s*(\d+(\.\d+)?\s*(a|v|mv|w|c|f|°c|°f|kw)\b|[\d\-–]+\s+\S*\d)/i;
const MOST_IN_A_GROUP = 6;

/**
 * What is found under some words, in groups; with no words, the pages.
 *
 * @param text as typed
 */
export function useSearchItems(text: string): SearchGroup[] {
  const profile = useProfile((state) => state.profile);
  const panel = useLastPanel((state) => state.panel);
  const { data: sites } = useQuery(recordQueries.sites());
  const { data: cases } = useQuery(recordQueries.openCases());
  const siteIds = useMemo(() => (sites ?? []).map(({ site }) => site.id), [sites]);
  const { data: suspects } = useQuery({ ...recordQueries.suspects(siteIds), enabled: siteIds.length > 0 });

  const all = useMemo((): SearchGroup[] => {
    const pages: SearchItem[] = [
      ...(panel
        ? jobsFor(profile).flatMap((job) =>
            job.pages.map((page) => ({
              id: `${job.id} ${page.label}`,
              label: page.label,
              detail: job.label,
              to: page.to(panel),
            })),
          )
        : []),
      { id: 'start', label: messages.startPage, detail: '', to: '/' },
      { id: 'settings', label: messages.settings, detail: '', to: '/settings' },
      {
        id: 'calculators',
        label: messages.calculators,
        detail: messages.tripTimeAmpacityVoltageDrop,
        to: '/calculators',
      },
      { id: 'new', label: messages.newPanel, detail: '', to: '/sites/new' },
      { id: 'outcomes', label: messages.allResults, detail: '', to: '/outcomes' },
    ];
    const panels = (sites ?? []).flatMap(({ site, panels: list }) => [
      { id: site.id, label: site.name, detail: '', to: `/sites/${site.id}` },
      ...list.map(({ panel: one }) => ({
        id: one.id,
        label: one.name,
        detail: site.name,
        to: `/panels/${one.id}`,
      })),
    ]);
    const breakers = (suspects ?? []).flatMap((one): SearchItem[] => {
      const to = `/panels/${one.panelId}/breakers/${one.breakerId}`;
      const label = `${one.place} ${one.label ?? messages.main}`.trim();
      return [
        { id: one.breakerId, label, detail: [one.panelName, ...one.places].join(', '), to },
        { id: `${one.breakerId} curve`, label: messages.ofThisBreaker(label), detail: one.panelName, to },
      ];
    });
    return [
      { title: messages.pages, items: pages },
      { title: messages.breakers, items: breakers },
      {
        title: messages.cases,
        items: (cases ?? []).map((one) => ({
          id: one.case.id,
          label: caseName(one),
          detail: messages.openCase,
          to: `/cases/${one.case.id}`,
        })),
      },
      { title: messages.sitesAndPanels, items: panels },
    ];
  }, [cases, panel, profile, sites, suspects]);

  const indexes = useMemo(
    () =>
      all.map(({ title, items }) => ({
        title,
        fuse: new Fuse(items, { keys: ['label', 'detail'], threshold: 0.3, ignoreLocation: true }),
      })),
    [all],
  );

  return useMemo(() => {
    const words = text.trim();
    if (words === '') return all.slice(0, 1);
    const found = indexes
      .map(({ title, fuse }) => ({
        title,
        items: fuse.search(words, { limit: MOST_IN_A_GROUP }).map(({ item }) => item),
      }))
      .filter(({ items }) => items.length > 0);
    const line: SearchItem = {
      id: 'line',
      label: messages.logThis(words),
      detail: messages.opensTheReadingLine,
      to: '',
      line: words,
    };
    return LIKE_A_READING.test(words) ? [{ title: messages.readings, items: [line] }, ...found] : found;
  }, [all, indexes, text]);
}
