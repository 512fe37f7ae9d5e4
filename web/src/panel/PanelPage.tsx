import type { Board as BoardData } from '@phylaxon/core/views/board';
import { useEffect, useState } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import { ArrangeBoard, Board, BoardTools } from '../board/index.ts';
import { BreakerForm, OpeningForm } from '../setup/index.ts';
import { Button, classes, Notice } from '../shared/index.ts';
import { BreakerDetailView } from '../breakerDetail/index.ts';
import { useLivePanel, usePanel, useSettings } from '../stores/index.ts';
import { Attention } from './Attention.tsx';
import { panelText } from './panelText.ts';
import { SetUp } from './SetUp.tsx';

/** A panel: the board, and beside it the detail of what is chosen. On a phone one at a time. */
export function PanelPage() {
  const { panelId = '', breakerId, space } = useParams();
  const settingUp = useLocation().pathname.endsWith('/setup');
  const { board, detail, problem, openPanel, openDetail } = usePanel();
  useSettings();
  const [arranging, setArranging] = useState(false);

  useEffect(() => void openPanel(panelId), [panelId, openPanel]);
  useEffect(() => {
    if (breakerId) void openDetail(breakerId);
  }, [breakerId, openDetail]);

  const heard = useLivePanel(panelId);
  const chosen = breakerId ?? (space ? `open-${space}` : null);
  const beside = chosen !== null || settingUp;
  // The page is about what is chosen; with nothing chosen, about the panel.
  const BoardTitle = beside ? 'p' : 'h1';
  const retry = () => {
    void openPanel(panelId);
    if (breakerId) void openDetail(breakerId);
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
                <BoardTools board={board} arranging={arranging} onArrange={setArranging} />
              </div>
              <BoardTitle className="flex flex-wrap items-baseline gap-x-3 text-xl font-bold text-enamel-text">
                {board.panel.name}
                <span className="text-sm font-normal text-enamel-soft">{panelText(board)}</span>
              </BoardTitle>
              <FedFrom board={board} />
            </div>
            {arranging ? <ArrangeBoard board={board} /> : <Board board={board} chosen={chosen} />}
          </div>
        )}
      </section>
      <section aria-label="Detail" className="min-w-0 px-4 py-4 sm:px-6 print:hidden">
        {!heard && !problem && (
          <Notice title="The server cannot be heard: what is shown may be old. It is tried again." />
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
            <Link
              to={`/panels/${panelId}`}
              className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
            >
              ← Back to the board
            </Link>
          </p>
        )}
        {breakerId && detail?.breaker.id === breakerId && (
          <BreakerDetailView key={breakerId} detail={detail} />
        )}
        {space && board && <FitHere key={space} board={board} space={Number(space)} />}
        {settingUp && board && <SetUp key={board.panel.id} board={board} />}
        {!beside && board && <Attention board={board} />}
      </section>
    </main>
  );
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
