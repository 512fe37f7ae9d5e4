import { useQuery } from '@tanstack/react-query';
import { attachment } from '../../shared/api/index.ts';
import type { HeatPicture } from './heatWorker.ts';
import { theHeatWorker } from './theHeatWorker.ts';

/** A picture that is on record; it never changes. */
export function useKeptPicture(sha256: string | null): {
  picture: HeatPicture | null;
  problem: string | null;
} {
  const { data, error } = useQuery({
    queryKey: ['heat-picture', sha256],
    queryFn: async () => theHeatWorker().open(await attachment(sha256!)),
    enabled: sha256 !== null,
    staleTime: Infinity,
  });
  return { picture: data ?? null, problem: error?.message ?? null };
}
