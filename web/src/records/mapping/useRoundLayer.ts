import type { HouseMap } from '@phylaxon/core/record/panelEntries';
import { useMemo } from 'react';
import { useBoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import { roundTitle } from './roundTitle.ts';
import * as messages from './messages.ts';

/** The breakers to turn off in a round of mapping, marked on the board. */
export function useRoundLayer(map: HouseMap, round: number): void {
  useBoardLayer(
    useMemo(() => {
      const off = map.rounds[round]!.off;
      const marks = new Map(
        off.map((id): [string, BoardMark] => [id, { text: messages.turnOff, look: 'act' }]),
      );
      return { title: roundTitle(map, round), marks };
    }, [map, round]),
  );
}
