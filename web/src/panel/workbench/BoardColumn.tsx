import type { Board } from '@phylaxon/core/views/board';
import { spacesOf } from '@phylaxon/core/panel/layout';
import { useQuery } from '@tanstack/react-query';
import { Suspense, useCallback, useMemo, useState } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { useCommands, useOutbox } from '../../shared/stores/index.ts';
import { isPanelPage, useSelectedBreaker, useShownLayer } from '../../shared/workbench/index.ts';
import { ArrangeBoard, BoardTools, PanelBoard, type BoardItem } from '../board/index.ts';
import { panelText } from './panelText.ts';
import * as messages from './messages.ts';

/** Pages of a breaker that stay what they are when another breaker is tapped. */
const OF_A_BREAKER = /^(\/panels\/[^/]+\/breakers\/)[^/]+(\/[^/]+)$/;

interface Props {
  board: Board;
  /** Whether the page beside it is about the board itself, and this its title. */
  isTitle: boolean;
  /** Whether printing the page prints the board. */
  isPrinted: boolean;
  onProblem: (problem: string | null) => void;
}

/** The board beside every job: what is selected, and what the job writes on it. */
export function BoardColumn({ board, isTitle, isPrinted, onProblem }: Props) {
  const { breakerId, space } = useParams();
  const [selected] = useSelectedBreaker();
  const layer = useShownLayer((state) => state.layer);
  const drawn = useDrawn(board);
  const pathTo = usePathTo(board.panel.id);
  const [arranging, setArranging] = useState(false);
  const planned = usePlannedSpaces(board.site.id, board.panel.id);
  const chosen = breakerId ?? (space ? `open-${space}` : selected);
  const Title = isTitle ? 'h1' : 'p';
  return (
    <div className="lg:sticky lg:top-3">
      <div className="on-enamel mb-2">
        <div className="-mt-2 flex items-center justify-between gap-3">
          <Link
            to={`/sites/${board.site.id}`}
            className="min-w-0 truncate py-1 text-sm text-enamel-soft underline underline-offset-4"
          >
            {board.site.name}
          </Link>
          <BoardTools
            board={board}
            arranging={arranging}
            isPrinted={isPrinted}
            onArrange={setArranging}
            onProblem={onProblem}
          />
        </div>
        <Title className="flex flex-wrap items-baseline gap-x-3 text-xl font-bold text-enamel-text">
          {board.panel.name}
          <span className="text-sm font-normal text-enamel-soft">{panelText(board)}</span>
        </Title>
        <FedFrom board={board} />
        {layer && (
          <p className="text-sm text-enamel-text print:hidden" aria-live="polite">
            {messages.onTheBoard(layer.title)}
          </p>
        )}
      </div>
      {arranging ? (
        <Suspense fallback={<PanelBoard board={drawn} chosen={chosen} />}>
          <ArrangeBoard board={drawn} />
        </Suspense>
      ) : (
        <PanelBoard
          board={drawn}
          chosen={chosen}
          planned={layer?.planned ?? planned}
          marks={layer?.marks}
          pathTo={pathTo}
        />
      )}
    </div>
  );
}

/** Where a tap on the board leads: to the breaker, or, beside a job, to the job with the breaker selected. */
function usePathTo(panelId: string): ((item: BoardItem) => string) | undefined {
  const { pathname, search } = useLocation();
  const pathTo = useCallback(
    (item: BoardItem) => {
      if (!item.entry) return `/panels/${panelId}/spaces/${item.space}`;
      const { id } = item.entry.breaker;
      const ofBreaker = OF_A_BREAKER.exec(pathname);
      if (ofBreaker) return `${ofBreaker[1]}${id}${ofBreaker[2]}`;
      const params = new URLSearchParams(search);
      params.set('breaker', id);
      return `${pathname}?${params}`;
    },
    [panelId, pathname, search],
  );
  return isPanelPage(pathname) ? undefined : pathTo;
}

/** What is planned in each space, by what it is for. */
function usePlannedSpaces(siteId: string, panelId: string): ReadonlyMap<number, string> {
  const { data: planning } = useQuery(recordQueries.planning(siteId));
  return useMemo(() => {
    const own = planning?.panels.find(({ panel }) => panel.id === panelId);
    return new Map(
      (own?.proposals ?? []).flatMap(({ content: { place, poles, title } }) =>
        place ? spacesOf({ space: place.space, poles }).map((space): [number, string] => [space, title]) : [],
      ),
    );
  }, [planning, panelId]);
}

/** The board with what waits for the server drawn already. */
function useDrawn(board: Board): Board {
  const all = useOutbox((state) => state.waiting);
  const draw = useCommands()?.breakerWithSent;
  return useMemo(() => {
    const waiting = all.filter(({ refused }) => refused === null);
    if (waiting.length === 0 || !draw) return board;
    return { ...board, breakers: board.breakers.map((entry) => draw(entry, waiting)) };
  }, [all, board, draw]);
}

function FedFrom({ board: { fedFrom } }: { board: Board }) {
  if (!fedFrom) return null;
  const to = fedFrom.breakerId
    ? `/panels/${fedFrom.panelId}/breakers/${fedFrom.breakerId}`
    : `/panels/${fedFrom.panelId}`;
  return (
    <p className="text-sm text-enamel-soft">
      {messages.fedFrom}
      <Link to={to} className="inline-block py-1 text-enamel-text underline underline-offset-4">
        {fedFrom.panelName}, {fedFrom.place}
      </Link>
    </p>
  );
}
