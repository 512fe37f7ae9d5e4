import { useQuery } from '@tanstack/react-query';
import { currentInspection, stationsOf } from '@phylaxon/core/views/inspection';
import type { PurposeId } from '@phylaxon/core/facts/inspection';
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

/** The inside of a panel that is verified dead: its items, on the visit that opened it. */
export function InspectInside({ id }: { id: string }) {
  const { record, tell } = useVisitWork();
  const { data: board } = useQuery(recordQueries.board(record.panel.id));
  const { data: view } = useQuery(recordQueries.inspection(record.panel.id));
  const { busy, problem, run } = useAction();
  const inspection = useMemo(() => {
    if (!board || !view) return null;
    const now = new Date().toISOString();
    const current = currentInspection(view.inspections, (one) => stationsOf(one, board.breakers), now);
    return current ?? { inspectionId: newId(), purpose: USUAL, startedAt: now };
  }, [board, view]);
  if (!board || !view || !inspection) return null;
  return (
    <StationForm inspection={inspection} station="inside" board={board} known={view.known}>
      {({ label, entry, forget }) => (
        <div>
          <Button
            data-confirm=""
            disabled={busy}
            className="min-h-16 w-full text-lg sm:w-auto sm:px-8"
            onClick={() =>
              void run(async () => {
                await sendEntries(entry());
                forget();
                await tell({ is: 'step-done', id, step: 'inspect', torqueLbIn: null });
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
