import type { VisitStep } from '@phylaxon/core/record/panelEntryKinds';
import { nextOf, walk, type VisitFact } from '@phylaxon/core/visit/work';
import type { VisitRecord, VisitStepRow } from '@phylaxon/core/views/visit';
import { useEntered } from './useEntered.ts';
import { createContext, useCallback, useContext, useMemo } from 'react';
import { entries } from '../../shared/api/index.ts';
import { invalidateRecord } from '../../shared/queries/index.ts';
import { sendEach, useOutbox, useWithUnsent } from '../../shared/stores/index.ts';

/** A step of a visit, under the id of its entry. */
interface Told extends VisitStepRow {
  id: string;
  visitId: string;
}

/** A step that waits to be sent: its command checked it before it was kept. */
interface UnsentStep {
  kind: string;
  id: string;
  at: string;
  simulated?: boolean;
  content: VisitStep;
}

const isStep = (body: object): body is UnsentStep => 'kind' in body && body.kind === 'visit-step';

/** A step of a visit, as it was sent. */
function stepIn(body: object): Told | null {
  if (!isStep(body)) return null;
  const { id, at, simulated, content } = body;
  return { ...content, id, entryId: id, at, simulated: simulated === true };
}

/**
 * A visit with all that waits for the server put in its place, so that work goes on without it.
 *
 * @param told as the server last told it
 */
export function useVisit(told: VisitRecord) {
  const { plan, panel } = told;
  const known = useMemo(
    () => told.steps.map((step): Told => ({ ...step, id: step.entryId, visitId: plan.visitId })),
    [told.steps, plan.visitId],
  );
  const { rows, sent, taken } = useWithUnsent(known, stepIn);
  const steps = useMemo(
    () => rows.filter(({ visitId }) => visitId === plan.visitId).sort((a, b) => a.n - b.n),
    [rows, plan.visitId],
  );
  const record = useMemo(() => ({ ...told, steps }), [told, steps]);
  const { state } = useMemo(
    () =>
      walk(
        plan,
        steps.map(({ fact }) => fact),
      ),
    [plan, steps],
  );
  const next = useMemo(() => nextOf(plan, state), [plan, state]);
  const n = (steps.at(-1)?.n ?? -1) + 1;

  const tell = useCallback(
    async (facts: VisitFact | readonly VisitFact[], simulated = false) => {
      const at = new Date().toISOString();
      const steps = await Promise.all(
        [facts].flat().map((fact, i) =>
          entries.panelEntry(panel.id, panel.name, {
            kind: 'visit-step',
            at,
            simulated,
            content: { visitId: plan.visitId, n: n + i, fact },
          }),
        ),
      );
      const stored: typeof steps = [];
      try {
        await sendEach(steps, (step) => stored.push(step));
      } finally {
        // Shown together, or the screen would change under the hand; where one is refused, those before it stand.
        stored.forEach(sent);
      }
      await invalidateRecord();
    },
    [panel, plan.visitId, n, sent],
  );
  const takeBack = useCallback(
    async (row: VisitStepRow) => {
      const { waiting, discard } = useOutbox.getState();
      const kept = waiting.find(({ body }) => (body as { id?: string } | undefined)?.id === row.entryId);
      // What only waits is taken back before anybody has it; what is on record is answered by a step.
      if (!kept) return tell({ is: 'taken-back' });
      discard(kept.id);
      taken(row.entryId);
      await invalidateRecord();
    },
    [taken, tell],
  );
  // What was sent and is not told yet does not wait: the server has it.
  const isWaiting = useOutbox(({ waiting }) =>
    waiting.some(({ body }) => body !== undefined && stepIn(body)?.visitId === plan.visitId),
  );
  const { entered, enter } = useEntered(plan.visitId, n);
  return { record, state, next, tell, takeBack, isWaiting, entered, enter };
}

export type VisitWork = ReturnType<typeof useVisit>;

const Context = createContext<VisitWork | null>(null);
export const VisitWorkProvider = Context.Provider;

/** The visit that is worked on. */
export function useVisitWork(): VisitWork {
  const work = useContext(Context);
  if (!work) throw new Error('Not part of a visit.');
  return work;
}
