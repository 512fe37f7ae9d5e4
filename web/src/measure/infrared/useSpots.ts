import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import type { BoardCorners, Emissivity } from '@phylaxon/core/physics/thermalPicture';
import { useEffect, useMemo, useState } from 'react';
import type { SpotsOutcome } from './heatWorker.ts';
import { theHeatWorker } from './theHeatWorker.ts';

const SETTLED_MS = 120;

export function useSpots(
  matrix: HeatMatrix,
  ambientC: number,
  minOverC: number,
  emissivity: Emissivity | null,
  corners: BoardCorners,
  spaces: number,
): SpotsOutcome | null {
  const [outcome, setOutcome] = useState<SpotsOutcome | null>(null);
  const question = useMemo(
    () => ({ matrix, ambientC, minOverC, emissivity, corners, spaces }),
    [matrix, ambientC, minOverC, emissivity, corners, spaces],
  );
  useEffect(() => {
    let isWanted = true;
    // While a corner is dragged nothing is looked for.
    const timer = setTimeout(() => {
      void theHeatWorker()
        .spots(question)
        .then((found) => isWanted && setOutcome(found));
    }, SETTLED_MS);
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
  }, [question]);
  return outcome;
}
