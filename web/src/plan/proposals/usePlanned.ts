import { useQuery } from '@tanstack/react-query';
import { recordQueries } from '../../shared/queries/index.ts';
import { useChanges } from '../../shared/stores/index.ts';

/** A panel with all that planning looks at, kept up to date. */
export function usePlanned(panelId: string) {
  const { data: board, error } = useQuery(recordQueries.board(panelId));
  const { data: planning } = useQuery(recordQueries.planning(board?.site.id));
  useChanges(`/panels/${panelId}`);
  return { board, planning, planned: planning?.panels.find(({ panel }) => panel.id === panelId), error };
}
