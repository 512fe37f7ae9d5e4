import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import { useQuery } from '@tanstack/react-query';
import { api as server } from '../api/index.ts';
import { theHeatWorker } from './theHeatWorker.ts';

/** The cells of a picture that is on record; they never change. */
export function useKeptPicture(sha256: string | null): { matrix: HeatMatrix | null; problem: string | null } {
  const { data, error } = useQuery({
    queryKey: ['heat-picture', sha256],
    queryFn: async () => theHeatWorker().open(await server.attachment(sha256!)),
    enabled: sha256 !== null,
    staleTime: Infinity,
  });
  return { matrix: data ?? null, problem: error?.message ?? null };
}
