import { spacesOf } from '@phylaxon/core/panel/layout';
import type { SpacePlan } from '@phylaxon/core/panel/spacePlan';
import { useMemo } from 'react';
import { useBoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

interface NewBreaker {
  place: SpacePlan['place'];
  poles: 1 | 2;
  title: string;
}

const MOVE_TEXT = {
  move: messages.movesTo,
  narrow: messages.asTandemAt,
  quad: messages.inQuadAt,
} as const;

/** A plan on the board: each breaker it moves with its new space, and the space of the new one. */
export function useMoveLayer(steps: SpacePlan['steps'], { place, poles, title }: NewBreaker): void {
  useBoardLayer(
    useMemo(() => {
      // A breaker that moves twice ends where its last step puts it.
      const marks = new Map(
        steps.map(({ id, to, as }): [string, BoardMark] => [
          id,
          {
            text: MOVE_TEXT[as](to.space),
            look: 'act',
          },
        ]),
      );
      const spaces = place === null ? [] : spacesOf({ space: place.space, poles });
      const planned = new Map(spaces.map((space) => [space, title]));
      return { title: messages.planBeforeItIsSaved, marks, planned };
    }, [steps, place, poles, title]),
  );
}
