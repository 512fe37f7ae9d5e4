import {
  dueTasks,
  insideInspection,
  minutesOff,
  shutdownOf,
  subPanelsOf,
  visitOrder,
  type VisitSummary,
} from '@phylaxon/core/views/visit';
import type { PlannedPanel, Planning } from '@phylaxon/core/views/planning';
import type { Board } from '@phylaxon/core/views/board';
import { locatorSvg } from '@phylaxon/core/views/panelDrawings';
import { useQueries, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { newId } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { DrawnPicture, Notice, PageHead, useUnits } from '../../shared/ui/index.ts';
import { useBoardLayer, type BoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import { STANDS_WORDS } from '../visitRecord/index.ts';
import { PlanForm } from './PlanForm.tsx';
import * as messages from './messages.ts';

/** One function for all renders: what it makes stays the same as long as the boards do. */
const boardsByPanel = (answers: readonly { data?: Board | undefined }[]): ReadonlyMap<string, Board> =>
  new Map(answers.flatMap(({ data }): [string, Board][] => (data ? [[data.panel.id, data]] : [])));

/** Visits of a site: what is due, panel by panel, and the visits that were planned and made. */
export function VisitsPage() {
  const { siteId = '' } = useParams();
  const [params] = useSearchParams();
  const { data: planning, error } = useQuery(recordQueries.planning(siteId));
  const { data: known } = useQuery(recordQueries.visits(siteId));
  const boards = useQueries({
    queries: (planning?.panels ?? []).map(({ panel }) => recordQueries.board(panel.id)),
    combine: boardsByPanel,
  });
  useBoardLayer(useWorkLayer(planning, boards));
  const isReady = planning !== undefined && known !== undefined && boards.size === planning.panels.length;
  return (
    <main className="max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/sites/${siteId}`}
        back={planning?.site.name ?? messages.theSite}
        title={messages.visits}
      >
        <p className="text-ink-soft">{messages.serviceVisitsGroupTheWorkWith}</p>
      </PageHead>
      {error && <Notice title={error.message} />}
      {isReady && known.visits.length > 0 && (
        <section aria-label={messages.plannedAndPastVisits} className="border-t border-rule-strong pt-3">
          <h2 className="text-xl font-bold">{messages.plannedAndPastVisits}</h2>
          <ul className="divide-y divide-rule">
            {known.visits.map((visit) => (
              <li key={visit.visitId}>
                <VisitLink visit={visit} board={boards.get(visit.panelId)} />
              </li>
            ))}
          </ul>
        </section>
      )}
      {isReady &&
        inOrder(planning, params).map((planned) => (
          <PanelDue
            key={planned.panel.id}
            planning={planning}
            planned={planned}
            boards={boards}
            factor={known.learned.factor}
            named={known.visits.find(({ panelId }) => panelId === planned.panel.id)?.sources ?? []}
          />
        ))}
      {isReady && known.learned.visits > 0 && (
        <p className="text-sm text-ink-soft">
          {messages.timesAreBasedOnHere(
            known.learned.visits === 1
              ? messages.oneEarlierVisit
              : messages.earlierVisits(known.learned.visits),
          )}
        </p>
      )}
    </main>
  );
}

/** Panels in the order of their visits; the one that a task is asked for comes first. */
function inOrder(planning: Planning, params: URLSearchParams): PlannedPanel[] {
  const asked = params.has('task') ? params.get('panel') : null;
  return visitOrder(planning).sort((a, b) => Number(b.panel.id === asked) - Number(a.panel.id === asked));
}

/** The work that is due, in the order of each visit. */
function useWorkLayer(planning: Planning | undefined, boards: ReadonlyMap<string, Board>): BoardLayer | null {
  return useMemo(() => {
    const marks = (planning?.panels ?? []).flatMap((planned) => {
      const board = boards.get(planned.panel.id);
      const tasks = dueTasks(planned, board?.breakers ?? [], newId).flatMap((due) => due.tasks);
      return tasks.flatMap(({ breakerId }, i): [string, BoardMark][] =>
        breakerId === null ? [] : [[breakerId, { text: messages.taskNumber(i + 1), look: 'act' }]],
      );
    });
    return { title: messages.workThatIsDueInItsOrder, marks: new Map(marks) };
  }, [planning, boards]);
}

/** A visit with the panel it is to, the places of its work filled in. */
function VisitLink({ visit, board }: { visit: VisitSummary; board: Board | undefined }) {
  const { timeText } = useUnits();
  const { visitId, panelName, what, places, stands, plannedAt, endedAt, plannedFor } = visit;
  const svg = useMemo(() => board && locatorSvg(board.panel, ...places), [board, places]);
  return (
    <Link to={`/visits/${visitId}`} className="flex min-h-12 items-center gap-4 py-2 hover:bg-bone-sunk">
      {svg && <DrawnPicture svg={svg} alt="" className="h-16 w-14 shrink-0 object-contain" />}
      <span className="flex min-w-0 flex-1 flex-wrap items-baseline justify-between gap-x-4">
        <span>
          <strong className="underline underline-offset-4">{panelName}</strong>: {what.join(', ')}
        </span>
        <span className="text-sm text-ink-soft">
          {STANDS_WORDS[stands]}, {timeText(endedAt ?? plannedFor ?? plannedAt)}
        </span>
      </span>
    </Link>
  );
}

interface Due {
  planning: Planning;
  planned: PlannedPanel;
  boards: ReadonlyMap<string, Board>;
  factor: number;
  named: Parameters<typeof PlanForm>[0]['named'];
}

function PanelDue({ planning, planned, boards, factor, named }: Due) {
  const board = boards.get(planned.panel.id)!;
  const [params] = useSearchParams();
  const due = useMemo(
    () => [...dueTasks(planned, board.breakers, newId), insideInspection(planned)],
    [planned, board],
  );
  const shared = useMemo(
    () =>
      subPanelsOf(planning, planned)
        .map((one) => ({
          planned: one,
          due: dueTasks(one, boards.get(one.panel.id)!.breakers, newId),
          shutdown: shutdownOf(planning, one),
        }))
        .filter(({ due }) => due.some(({ notHere, isOptional = false }) => notHere === null && !isOptional)),
    [planning, planned, boards],
  );
  const shutdown = useMemo(() => shutdownOf(planning, planned), [planning, planned]);
  const breaker = params.get('breaker');
  // A task is asked for at the panel that was open.
  const task = params.get('panel') === planned.panel.id ? params.get('task') : null;
  const wanted = breaker === null ? task : messages.decided(breaker);
  const isDue = due.some(({ isOptional = false }) => !isOptional);
  return (
    <section aria-label={planned.panel.name} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{planned.panel.name}</h2>
      {!isDue && <p className="text-ink-soft">{messages.noTasksYetRecommended}</p>}
      <PlanForm
        planned={planned}
        shared={shared}
        due={due}
        shutdown={shutdown}
        named={named}
        wanted={wanted}
        minutesFor={(tasks) =>
          minutesOff(
            tasks.map(({ work }) => work),
            factor,
          )
        }
      />
    </section>
  );
}
