import { useQuery } from '@tanstack/react-query';
import { inspectionItem, type PurposeId } from '@phylaxon/core/facts/inspection';
import type { PanelInspection } from '@phylaxon/core/record/panelEntries';
import { currentInspection, inspectedBreakers, stationsOf } from '@phylaxon/core/views/inspection';
import { MAIN } from '@phylaxon/core/visit/gates';
import type { VisitFact } from '@phylaxon/core/visit/work';
import { useMemo } from 'react';
import { newId } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { sendEntries } from '../../shared/stores/index.ts';
import { Button, FieldError, useAction } from '../../shared/ui/index.ts';
import { useVisitWork } from '../visitRecord/index.ts';
import { StationForm } from '../inspection/index.ts';
import * as messages from './messages.ts';

/** The usual purpose where nobody began an inspection before the visit. */
const USUAL: PurposeId = 'yearly';

/** Burned parts inside: hands off, cover on, and out. The main stays off. */
const BURNED: VisitFact = { is: 'found', id: MAIN, trouble: 'burnt-inside' };
const isBurned = (results: PanelInspection['results']): boolean =>
  results.some(({ item, result }) => inspectionItem(item).results[result]!.isBurned);

/** The inside of a panel that is verified dead: its items, on the visit that opened it. */
export function InspectInside({ id }: { id: string }) {
  const { record, tell } = useVisitWork();
  const { data: board } = useQuery(recordQueries.board(record.panel.id));
  const { data: view } = useQuery(recordQueries.inspection(record.panel.id));
  const { busy, problem, run } = useAction();
  const inspection = useMemo(() => {
    if (!board || !view) return null;
    const now = new Date().toISOString();
    const current = currentInspection(
      view.inspections,
      (one) => stationsOf(one, inspectedBreakers(board.breakers)),
      now,
    );
    return current ?? { inspectionId: newId(), purpose: USUAL, startedAt: now };
  }, [board, view]);
  if (!board || !view || !inspection) return null;
  return (
    <StationForm inspection={inspection} station="inside" board={board} known={view.known}>
      {({ label, isUnfinished, results, entry, forget }) => (
        <div>
          <Button
            data-confirm=""
            disabled={busy || isUnfinished}
            className="min-h-16 w-full text-lg sm:w-auto sm:px-8"
            onClick={() =>
              void run(async () => {
                await sendEntries(entry());
                forget();
                await tell(
                  isBurned(results) ? BURNED : { is: 'step-done', id, step: 'inspect', torqueLbIn: null },
                );
              })
            }
          >
            {label(messages.saveTheInspection)}
          </Button>
          <FieldError message={problem ?? undefined} />
        </div>
      )}
    </StationForm>
  );
}
