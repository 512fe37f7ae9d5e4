import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Outlet, useLocation, useParams } from 'react-router';
import { invalidateRecord, recordQueries } from '../../shared/queries/index.ts';
import { useChanges } from '../../shared/stores/index.ts';
import { Button, classes, later, Notice } from '../../shared/ui/index.ts';
import { isPanelPage, jobAt, useLastPanel, useSelectedBreaker } from '../../shared/workbench/index.ts';
import { BoardColumn } from './BoardColumn.tsx';
import { JobBar } from './JobBar.tsx';
import { SelectedBreaker } from './SelectedBreaker.tsx';
import { useIsWide } from './useIsWide.ts';
import { usePanelAt } from './usePanelAt.ts';
import * as messages from './messages.ts';

const BreakerDetailView = later(
  async () => (await import('../../breaker/detail/index.ts')).BreakerDetailView,
);

/**
 * The board beside every job at a panel: from 1024 px on it stays at the left, the job stands at its right, and on a
 * wide screen the breaker that is selected beside both. On a phone it is the board or the job.
 */
export function Workbench() {
  const panelId = usePanelAt();
  // Without a panel there is no board: the page stands alone.
  if (panelId === null)
    return (
      <div className="@container mx-auto max-w-5xl">
        <Outlet />
      </div>
    );
  return <PanelWorkbench key={panelId} panelId={panelId} />;
}

function PanelWorkbench({ panelId }: { panelId: string }) {
  const { pathname } = useLocation();
  const { breakerId } = useParams();
  const { data: board, error } = useQuery(recordQueries.board(panelId));
  const heard = useChanges(`/panels/${panelId}`);
  const [notStepped, setNotStepped] = useState<string | null>(null);
  const [selected] = useSelectedBreaker();
  const setLast = useLastPanel((state) => state.setPanel);
  const siteId = board?.site.id;
  useEffect(() => {
    if (siteId !== undefined) setLast({ panelId, siteId });
  }, [panelId, siteId, setLast]);

  const isBoard = pathname === `/panels/${panelId}`;
  const isOwnPage = isPanelPage(pathname);
  const isBeside = useIsWide() && selected !== null && breakerId === undefined;
  const isUnheard = (!heard || error !== null) && !jobAt(pathname)?.page?.saysUnheard;
  // What was there stays in view: a board that could not be asked for anew is only out of date.
  const problem = notStepped ?? (board ? null : (error?.message ?? null));
  const retry = () => {
    setNotStepped(null);
    void invalidateRecord();
  };
  return (
    <div
      className={classes(
        'grid min-h-[calc(100dvh-3.5rem)] lg:grid-cols-[minmax(30rem,40rem)_minmax(0,1fr)] print:block',
        isBeside && 'min-[1600px]:grid-cols-[40rem_minmax(0,1fr)_minmax(0,32rem)]',
      )}
    >
      <section
        aria-label={messages.board}
        className={classes(
          'board-paper min-w-0 bg-enamel px-2 py-3 sm:px-4',
          !isBoard && 'hidden lg:block',
          isOwnPage ? 'print:block' : 'print:hidden',
        )}
      >
        {board && (
          <BoardColumn board={board} isTitle={isBoard} isPrinted={isOwnPage} onProblem={setNotStepped} />
        )}
      </section>
      <div className="@container min-w-0">
        {siteId !== undefined && <JobBar at={{ panelId, siteId }} />}
        {board && breakerId === undefined && !isBeside && <SelectedBreaker board={board} />}
        {(problem !== null || isUnheard) && (
          <div className="px-4 pt-4 sm:px-6">
            <Notice title={problem ?? messages.noConnection}>
              {problem && (
                <Button look="quiet" className="mt-2" onClick={retry}>
                  {messages.tryAgain}
                </Button>
              )}
            </Notice>
          </div>
        )}
        <Outlet />
      </div>
      {isBeside && <SelectedDetail key={selected} breakerId={selected} panelId={panelId} />}
    </div>
  );
}

/** On a wide screen: the selected breaker whole, beside the job. */
function SelectedDetail({ breakerId, panelId }: { breakerId: string; panelId: string }) {
  const { data: detail } = useQuery(recordQueries.detail(breakerId));
  const { data: board } = useQuery(recordQueries.board(panelId));
  return (
    <aside
      aria-label={messages.selectedBreaker}
      className="border-l border-rule-strong px-6 py-4 print:hidden"
    >
      {detail && detail.panel.id === panelId && <BreakerDetailView detail={detail} board={board ?? null} />}
    </aside>
  );
}
