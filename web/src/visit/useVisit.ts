import { visitStep } from '@phylaxon/core/record/panelEntries';
import { nextOf, walk, type VisitFact } from '@phylaxon/core/visit/work';
import type { VisitRecord, VisitStepRow } from '@phylaxon/core/views/visit';
import { createContext, useCallback, useContext, useMemo, useState } from 'react';
import { entries } from '../api/index.ts';
import { askAgain } from '../queries/index.ts';
import { sendEntries, useOutbox, type Waiting } from '../stores/index.ts';

/** A step of this visit that waits for the server; `null`: it is something else. */
function asStep({ body }: Waiting, visitId: string): VisitStepRow | null {
  const { kind, id, at, simulated, content } = (body ?? {}) as Record<string, unknown>;
  const step = kind === 'visit-step' ? visitStep.fields.safeParse(content) : null;
  if (!step?.success || step.data.visitId !== visitId) return null;
  const { n, fact } = step.data;
  return { entryId: id as string, at: at as string, simulated: simulated === true, n, fact };
}

const stepsWaiting = (waiting: readonly Waiting[], visitId: string): VisitStepRow[] =>
  waiting.flatMap((entry) => (entry.refused === null ? (asStep(entry, visitId) ?? []) : []));

const byId = (rows: readonly VisitStepRow[]) => new Map(rows.map((row) => [row.entryId, row]));

/**
 * A visit with all that waits for the server put in its place, so that work goes on without it.
 *
 * @param told as the server last told it
 */
export function useVisit(told: VisitRecord) {
  const { plan, panel } = told;
  const all = useOutbox((state) => state.waiting);
  // What was told here stays in view until the server tells it as well.
  const [mine, setMine] = useState<readonly VisitStepRow[]>(() => stepsWaiting(all, plan.visitId));
  const [toldBefore, setToldBefore] = useState(told);
  if (toldBefore !== told) {
    const known = byId(told.steps);
    setToldBefore(told);
    setMine(mine.filter(({ entryId }) => !known.has(entryId)));
  }
  const refused = all.flatMap(({ refused: why, body }) =>
    why === null ? [] : [(body as { id?: string }).id],
  );
  if (mine.some(({ entryId }) => refused.includes(entryId)))
    setMine(mine.filter(({ entryId }) => !refused.includes(entryId)));
  const steps = useMemo(() => {
    const rows = byId([...told.steps, ...mine, ...stepsWaiting(all, plan.visitId)]);
    return [...rows.values()].sort((a, b) => a.n - b.n);
  }, [all, mine, told, plan.visitId]);
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
    async (fact: VisitFact, simulated = false) => {
      const at = new Date().toISOString();
      const entry = entries.panelEntry(panel.id, panel.name, {
        kind: 'visit-step',
        at,
        simulated,
        content: { visitId: plan.visitId, n, fact },
      });
      const { id } = entry.body as { id: string };
      await sendEntries(entry);
      setMine((before) => [...before, { entryId: id, at, simulated, n, fact }]);
      await askAgain();
    },
    [panel, plan.visitId, n],
  );
  const takeBack = useCallback(async (row: VisitStepRow) => {
    const { waiting, discard } = useOutbox.getState();
    const kept = waiting.find(({ body }) => (body as { id?: string } | undefined)?.id === row.entryId);
    // What only waits is taken back before anybody has it.
    if (kept) discard(kept.id);
    else await sendEntries(entries.strike('panelEntries', row.entryId, 'A slip'));
    setMine((before) => before.filter(({ entryId }) => entryId !== row.entryId));
    await askAgain();
  }, []);
  const isWaiting = useMemo(
    () => steps.some(({ entryId }) => !told.steps.some((one) => one.entryId === entryId)),
    [steps, told],
  );
  return { record, state, next, tell, takeBack, isWaiting };
}

export type VisitWork = ReturnType<typeof useVisit>;

const Context = createContext<VisitWork | null>(null);
export const VisitWorkProvider = Context.Provider;

/** The visit that is worked on. */
export function useVisitWork(): VisitWork {
  const work = useContext(Context);
  if (!work) throw new Error('Outside of a visit.');
  return work;
}
