import type { ThermalSpot } from '@phylaxon/core/physics/thermalPicture';
import type { Board } from '@phylaxon/core/views/board';
import { useMemo } from 'react';
import { useUnits } from '../../shared/ui/index.ts';
import { useBoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import { breakerAt } from './breakerAt.ts';
import * as messages from './messages.ts';

/** Each breaker with the hottest spot that an infrared image shows on it. */
export function useSpotLayer(board: Board, spots: readonly ThermalSpot[]): void {
  const { temperatureText } = useUnits();
  useBoardLayer(
    useMemo(() => {
      const marks = new Map<string, BoardMark>();
      // The hottest is written last, over the others.
      for (const { space, maxC } of [...spots].sort((a, b) => a.maxC - b.maxC)) {
        const found = space === null ? null : breakerAt(board, space);
        if (found) marks.set(found.breaker.id, { text: temperatureText(maxC), look: 'act' });
      }
      return { title: messages.hotSpotsInThisImage, marks };
    }, [board, spots, temperatureText]),
  );
}
