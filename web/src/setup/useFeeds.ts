import { sayPlace } from '@phylaxon/core/panel/layout';
import { useEffect, useState } from 'react';
import { api } from '../api/index.ts';
import type { Option } from '../shared/index.ts';

/** What a panel of a site could be fed from: two-pole breakers and feed-through lugs of the site’s other panels. */
export function useFeeds(siteId: string | undefined, panelId: string | undefined): Option[] {
  const [feeds, setFeeds] = useState<Option[]>([]);
  useEffect(() => {
    if (!siteId) return;
    let wanted = true;
    const ask = async () => {
      const { sites } = await api.sites();
      const panels = sites.find(({ site }) => site.id === siteId)?.panels ?? [];
      const others = panels.map(({ panel }) => panel).filter(({ id }) => id !== panelId);
      const boards = await Promise.all(others.map(({ id }) => api.board(id)));
      const found = boards.flatMap(({ panel, breakers }): Option[] => [
        ...(panel.feedThrough
          ? [{ value: `lugs ${panel.id}`, label: `${panel.name}, feed-through lugs` }]
          : []),
        ...breakers
          .filter(
            ({ breaker, feeds: fed }) =>
              breaker.poles === 2 && breaker.space !== null && (!fed || fed.panelId === panelId),
          )
          .map(({ breaker, label }) => ({
            value: `breaker ${breaker.id}`,
            label: `${panel.name}, ${sayPlace(breaker)}${label ? ` ${label}` : ''} (${breaker.ratingAmps} A)`,
          })),
      ]);
      if (wanted) setFeeds(found);
    };
    // Without an answer there is nothing to choose from; the form says so itself when it is stored.
    ask().catch(() => undefined);
    return () => {
      wanted = false;
    };
  }, [siteId, panelId]);
  return feeds;
}
