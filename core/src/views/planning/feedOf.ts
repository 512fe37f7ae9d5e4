import type { Breaker } from '../../record/entities/index.ts';
import type { PlannedPanel, Planning } from './schema.ts';

/** The breaker ahead of a panel: the one that feeds it, or the main of the panel whose lugs feed it; `null`: the service. */
export function feedOf({ panels }: Planning, { panel }: PlannedPanel): Breaker | null {
  const all = panels.flatMap((one) =>
    one.breakers.map(({ breaker }) => ({ panelId: one.panel.id, breaker })),
  );
  return (
    all.find(({ breaker }) => breaker.id === panel.fedByBreakerId)?.breaker ??
    all.find(({ panelId, breaker }) => panelId === panel.fedThroughPanelId && breaker.role === 'main')
      ?.breaker ??
    null
  );
}
