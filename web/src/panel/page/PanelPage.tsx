import type { Board as BoardData, BreakerDetail } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { Suspense, useEffect, useMemo, useState } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import { ArrangeBoard, PanelBoard, BoardTools } from '../board/index.ts';
import { invalidateRecord, recordQueries } from '../../shared/queries/index.ts';
import { CircuitForm } from '../../breaker/circuit/index.ts';
import { Log } from '../../breaker/log/index.ts';
import { BreakerForm, OpeningForm } from '../setup/index.ts';
import { spacesOf } from '@phylaxon/core/panel/layout';
import { BackLink, Button, classes, later, Notice } from '../../shared/ui/index.ts';
import { useChanges, useCommands, useOutbox } from '../../shared/stores/index.ts';
import { Attention } from './Attention.tsx';
import { panelText } from './panelText.ts';

const SetUp = later(async () => (await import('./SetUp.tsx')).SetUp);
const BreakerDetailView = later(
  async () => (await import('../../breaker/detail/index.ts')).BreakerDetailView,
);

/** A panel: the board, and beside it the detail of what is chosen. On a phone one at a time. */
export function PanelPage() {
  const { panelId = '', breakerId, space } = useParams();
  const settingUp = useLocation().pathname.endsWith('/setup');
  const { data: toldBoard, error: noBoard } = useQuery(recordQueries.board(panelId));
  const { data: toldDetail, error: noDetail } = useQuery({
    ...recordQueries.detail(breakerId ?? ''),
    enabled: breakerId !== undefined,
  });
  const { board, detail } = useDrawing(toldBoard, toldDetail);
  const [arranging, setArranging] = useState(false);
  const [notStepped, setNotStepped] = useState<string | null>(null);
  const problem = notStepped ?? noBoard?.message ?? noDetail?.message ?? null;

  // The forms are filled in where the server may be out of reach.
  useEffect(
    () => [BreakerDetailView, Log, CircuitForm, BreakerForm, OpeningForm].forEach((part) => part.fetch()),
    [],
  );

  const planned = usePlannedSpaces(board?.site.id, panelId);

  const heard = useChanges(`/panels/${panelId}`);
  const chosen = breakerId ?? (space ? `open-${space}` : null);
  const beside = chosen !== null || settingUp;
  // The page is about what is chosen; with nothing chosen, about the panel.
  const BoardTitle = beside ? 'p' : 'h1';
  const retry = () => {
    setNotStepped(null);
    void invalidateRecord();
  };

  return (
    <main className="grid min-h-[calc(100dvh-3.5rem)] lg:grid-cols-[minmax(30rem,42.5rem)_minmax(0,1fr)] print:block">
      <title>{board ? `${board.panel.name} · Phylaxon` : 'Phylaxon'}</title>
      <section
        aria-label="Board"
        className={classes(
          'board-paper min-w-0 bg-enamel px-2 py-3 sm:px-4',
          beside && 'hidden lg:block print:block',
        )}
      >
        {board && (
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
                  onArrange={setArranging}
                  onProblem={setNotStepped}
                />
              </div>
              <BoardTitle className="flex flex-wrap items-baseline gap-x-3 text-xl font-bold text-enamel-text">
                {board.panel.name}
                <span className="text-sm font-normal text-enamel-soft">{panelText(board)}</span>
              </BoardTitle>
              <FedFrom board={board} />
            </div>
            {arranging ? (
              <Suspense fallback={<PanelBoard board={board} chosen={chosen} />}>
                <ArrangeBoard board={board} />
              </Suspense>
            ) : (
              <PanelBoard board={board} chosen={chosen} planned={planned} />
            )}
          </div>
        )}
      </section>
      <section aria-label="Detail" className="min-w-0 px-4 py-4 sm:px-6 print:hidden">
        {!heard && !problem && (
          <Notice title="No connection to the server: what is shown may be old. Trying again." />
        )}
        {problem && (
          <Notice title={problem}>
            <Button look="quiet" className="mt-2" onClick={retry}>
              Try again
            </Button>
          </Notice>
        )}
        {beside && (
          <p className={classes(!settingUp && 'lg:hidden')}>
            <BackLink to={`/panels/${panelId}`}>Back to the board</BackLink>
          </p>
        )}
        {breakerId && detail && <BreakerDetailView key={breakerId} detail={detail} board={board ?? null} />}
        {space && board && <FitHere key={space} board={board} space={Number(space)} />}
        {settingUp && board && <SetUp key={board.panel.id} board={board} />}
        {!beside && board && <Attention board={board} />}
      </section>
    </main>
  );
}

/** What is planned in each space, by what it is for. */
function usePlannedSpaces(siteId: string | undefined, panelId: string): ReadonlyMap<number, string> {
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

/** Board and detail with what waits for the server drawn already. */
function useDrawing(board: BoardData | undefined, detail: BreakerDetail | undefined) {
  const all = useOutbox((state) => state.waiting);
  const draw = useCommands()?.breakerWithSent;
  return useMemo(() => {
    const waiting = all.filter(({ refused }) => refused === null);
    if (waiting.length === 0 || !draw) return { board, detail };
    return {
      board: board && { ...board, breakers: board.breakers.map((entry) => draw(entry, waiting)) },
      detail: detail && draw(detail, waiting),
    };
  }, [all, board, detail, draw]);
}

function FedFrom({ board: { fedFrom } }: { board: BoardData }) {
  if (!fedFrom) return null;
  const to = fedFrom.breakerId
    ? `/panels/${fedFrom.panelId}/breakers/${fedFrom.breakerId}`
    : `/panels/${fedFrom.panelId}`;
  return (
    <p className="text-sm text-enamel-soft">
      Fed from{' '}
      <Link to={to} className="inline-block py-1 text-enamel-text underline underline-offset-4">
        {fedFrom.panelName}, {fedFrom.place}
      </Link>
    </p>
  );
}

function FitHere({ board, space }: { board: BoardData; space: number }) {
  return (
    <div className="space-y-6">
      <h1 className="text-2xl font-bold">
        <span className="figures mr-2 text-ink-soft">{space}</span>
        Empty space
      </h1>
      <OpeningForm board={board} space={space} />
      <div>
        <h2 className="mb-2 border-t border-rule-strong pt-3 font-semibold">
          Or enter the breaker that sits here
        </h2>
        <BreakerForm board={board} space={space} />
      </div>
    </div>
  );
}
