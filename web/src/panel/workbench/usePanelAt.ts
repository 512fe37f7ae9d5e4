import { useQuery } from '@tanstack/react-query';
import { useParams, useSearchParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';

/** The panel a page is about: of its address, or of the case, the visit or the breaker that the address names; null: none. */
export function usePanelAt(): string | null {
  const { panelId, caseId, visitId } = useParams();
  const [params] = useSearchParams();
  const { data: about } = useQuery({ ...recordQueries.case(caseId ?? ''), enabled: caseId !== undefined });
  const { data: visit } = useQuery({
    ...recordQueries.visit(visitId ?? ''),
    enabled: visitId !== undefined,
  });
  return panelId ?? params.get('panel') ?? about?.case.panelId ?? visit?.panel.id ?? null;
}
