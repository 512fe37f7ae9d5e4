import { sayPlace } from '@phylaxon/core/panel/layout';
import type { SearchQuery, SearchResult } from '@phylaxon/core/views/search';
import { TIMELINE_KINDS } from '@phylaxon/core/views/timeline';
import { IsNull, type EntityManager } from 'typeorm';
import type { Circuit } from '@phylaxon/core/record/entities';
import { circuitsOf, panelsOf } from '../record/index.ts';
import { listEntries } from '../timeline/index.ts';
import { among, BreakerTable, type BreakerRow, type PanelRow } from '../store/index.ts';
import * as messages from './messages.ts';

const MOST_ENTRIES = 60;
const KIND_WORDS = {
  standard: '',
  gfci: messages.gfciGroundFault,
  afci: messages.afciArcFault,
  dual: messages.gfciAfciGroundFaultArcFault,
  surge: 'surge',
};

interface Candidate {
  where: SearchResult['breakers'][number];
  /** All that names this breaker, in lower case. */
  text: string;
}

async function candidates(manager: EntityManager, siteId: string): Promise<Candidate[]> {
  const panels = await panelsOf(manager, siteId);
  const breakers: BreakerRow[] = await manager.findBy(BreakerTable, {
    panelId: among(panels.map(({ id }) => id)),
    removedAt: IsNull(),
  });
  const circuits = await circuitsOf(
    manager,
    breakers.map(({ id }) => id),
  );
  return panels.flatMap((panel) =>
    breakers
      .filter(({ panelId }) => panelId === panel.id)
      .map((breaker) => candidate(panel, breaker, circuits.get(breaker.id))),
  );
}

function candidate(panel: PanelRow, breaker: BreakerRow, circuit: Circuit | undefined): Candidate {
  const place = sayPlace(breaker);
  const label = circuit?.label ?? (breaker.space === null ? messages.main : messages.space(place));
  const loads = circuit?.loads.map((load) => load.name) ?? [];
  const text = [
    label,
    ...loads,
    breaker.family,
    KIND_WORDS[breaker.kind],
    panel.name,
    `${breaker.ratingAmps} a`,
  ];
  return {
    where: { breakerId: breaker.id, panelId: panel.id, panelName: panel.name, label, place },
    text: text.join(' ').toLowerCase(),
  };
}

/** Whether a text has a word that begins so. */
const says = (text: string, word: string) => ` ${text}`.includes(` ${word}`);

/**
 * Find breakers and entries of a site. A word may be said by the breaker (its circuit, its loads, its part) or
 * by the entry; every word must be said by one of them.
 */
export async function searchSite(
  manager: EntityManager,
  siteId: string,
  query: SearchQuery,
): Promise<SearchResult> {
  const { words, from, to } = query;
  const all = await candidates(manager, siteId);
  const named = words.length === 0 ? [] : all.filter(({ text }) => words.every((word) => says(text, word)));
  const inOrder = ({ text }: Candidate) => says(text, words.join(' '));
  const narrowed = query.kinds.length > 0 || from !== undefined || to !== undefined;
  // What a breaker does not say of itself, its entries must.
  const byRest = new Map<string, Candidate[]>();
  for (const candidate of all) {
    const rest = words.filter((word) => !says(candidate.text, word)).join(' ');
    if (rest === '' && !narrowed) continue;
    byRest.set(rest, [...(byRest.get(rest) ?? []), candidate]);
  }
  const kinds = query.kinds.length > 0 ? query.kinds : TIMELINE_KINDS.filter((kind) => kind !== 'decisions');
  const places = new Map(all.map(({ where }) => [where.breakerId, where]));
  const lists = [];
  for (const [rest, group] of byRest) {
    const breakerIds = group.map(({ where }) => where.breakerId);
    const wanted = { breakerIds, from, to, words: rest.split(' ').filter(Boolean), limit: MOST_ENTRIES + 1 };
    lists.push(...(await listEntries(manager, kinds, wanted)));
  }
  const entries = lists
    .sort((a, b) => b.at.localeCompare(a.at))
    .map((entry) => ({ where: places.get(entry.breakerId)!, entry }));
  return {
    // What says the words in their order is meant more likely.
    breakers: [...named.filter(inOrder), ...named.filter((one) => !inOrder(one))].map(({ where }) => where),
    entries: entries.slice(0, MOST_ENTRIES),
    more: entries.length > MOST_ENTRIES,
  };
}
