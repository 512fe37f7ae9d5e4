import { PURPOSE_IDS, STATIONS, type PurposeId, type StationId } from '@phylaxon/core/facts/inspection';
import {
  currentInspection,
  inspectedBreakers,
  stationsOf,
  type InspectionSummary,
} from '@phylaxon/core/views/inspection';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { newId } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { useProfile } from '../../shared/stores/index.ts';

/**
 * The inspection of a panel that is under way: by the record, or begun here and nothing of it told yet.
 *
 * @param panelId of the panel
 */
export function useInspection(panelId: string) {
  const { data: board, error: noBoard } = useQuery(recordQueries.board(panelId));
  const { data: view, error } = useQuery(recordQueries.inspection(panelId));
  const profile = useProfile((state) => state.profile);
  const [params, setParams] = useSearchParams();
  const purpose = PURPOSE_IDS.find((one) => one === params.get('purpose')) ?? null;
  const begunId = params.get('inspection');
  return useMemo(() => {
    if (!board || !view)
      return { problem: noBoard?.message ?? error?.message ?? null, isReady: false as const };
    const now = new Date().toISOString();
    const breakers = inspectedBreakers(board.breakers);
    const stationsFor = (one: Pick<InspectionSummary, 'purpose' | 'startedAt'>): StationId[] =>
      stationsOf(one, breakers).filter((station) => profile === 'electrician' || !STATIONS[station].isInside);
    const onRecord = currentInspection(view.inspections, stationsFor, now);
    const begun: InspectionSummary | null =
      purpose !== null && begunId !== null && !view.inspections.some((one) => one.inspectionId === begunId)
        ? { inspectionId: begunId, purpose, startedAt: now, lastAt: now, stations: [], skipped: [] }
        : null;
    const current = begun ?? onRecord;
    const begin = (which: PurposeId) => setParams({ purpose: which, inspection: newId() });
    return {
      isReady: true as const,
      ...{ board, view, current, begin },
      stations: current === null ? [] : stationsFor(current),
      problem: null,
    };
  }, [board, view, noBoard, error, profile, purpose, begunId, setParams]);
}
