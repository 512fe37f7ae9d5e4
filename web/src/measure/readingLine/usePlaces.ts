import { sayPlace } from '@phylaxon/core/panel/layout';
import type { LinePlace } from '@phylaxon/core/record/readingLine';
import type { Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useLocation } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { useLastPanel } from '../../shared/workbench/index.ts';

/** The breakers a line may be about. */
export interface LinePlaces {
  panels: { id: string; name: string }[];
  panelId: string | null;
  choose: (panelId: string) => void;
  board: Board | null;
  places: LinePlace[];
  /** The breaker the page is about. */
  here: string | null;
  /** The open case the page is about. */
  caseId: string | null;
}

/** What the page is about, by its address. */
function aboutOf(path: string, search: string) {
  const [, panelId = null, breakerId = null] = /^\/panels\/([^/]+)(?:\/breakers\/([^/]+))?/.exec(path) ?? [];
  const [, caseId = null] = /^\/cases\/([0-9a-f-]{36})/.exec(path) ?? [];
  const params = new URLSearchParams(search);
  return {
    panelId: panelId ?? params.get('panel'),
    breakerId: breakerId ?? params.get('breaker'),
    caseId,
  };
}

/** The panel of the page, else the one that was chosen last, else the first there is; and its breakers. */
export function usePlaces(): LinePlaces {
  const { pathname, search } = useLocation();
  const about = aboutOf(pathname, search);
  const { data: sites } = useQuery(recordQueries.sites());
  const { data: open } = useQuery({
    ...recordQueries.case(about.caseId ?? ''),
    enabled: about.caseId !== null,
  });
  const [chosen, setChosen] = useState<{ on: string; panelId: string } | null>(null);
  const { panel: last, setPanel } = useLastPanel();
  const page = about.panelId ?? open?.case.panelId ?? null;
  const panels = useMemo(
    () =>
      (sites ?? []).flatMap(({ site, panels: list }) =>
        list.map(({ panel }) => ({ id: panel.id, siteId: site.id, name: `${panel.name}, ${site.name}` })),
      ),
    [sites],
  );
  const exists = (id: string | null) => (panels.some((one) => one.id === id) ? id : null);
  const picked = chosen !== null && chosen.on === (page ?? '') ? chosen.panelId : null;
  const panelId = exists(picked) ?? exists(page) ?? exists(last?.panelId ?? null) ?? panels[0]?.id ?? null;
  const { data: board } = useQuery({ ...recordQueries.board(panelId ?? ''), enabled: panelId !== null });
  const places = useMemo(
    () =>
      (board?.breakers ?? []).map(({ breaker, label }) => ({
        id: breaker.id,
        place: sayPlace(breaker).toLowerCase(),
        label: label ?? '',
      })),
    [board],
  );
  const wanted = about.breakerId ?? open?.case.breakerId ?? null;
  const choose = (id: string) => {
    setChosen({ on: page ?? '', panelId: id });
    const siteId = panels.find((one) => one.id === id)?.siteId;
    if (siteId !== undefined) setPanel({ panelId: id, siteId });
  };
  return {
    panels,
    panelId,
    choose,
    board: board ?? null,
    places,
    here: places.some(({ id }) => id === wanted) ? wanted : null,
    caseId: open && open.case.closedAt === null ? open.case.id : null,
  };
}
