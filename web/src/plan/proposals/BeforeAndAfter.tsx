import type { SpacePlan } from '@phylaxon/core/panel/spacePlan';
import type { Board } from '@phylaxon/core/views/board';
import { afterSteps } from '@phylaxon/core/views/planning';
import { PanelSketch } from '../../panel/board/index.ts';
import * as messages from './messages.ts';

interface Props {
  board: Board;
  steps: SpacePlan['steps'];
  /** Where the new breaker would sit; `null`: there is none. */
  place: SpacePlan['place'];
  poles: 1 | 2;
}

/** The panel as it hangs, and as it would be, with what moves by its number. */
export function BeforeAndAfter({ board, steps, place: newAt, poles }: Props) {
  const moved = new Map(
    afterSteps(
      board.breakers.map(({ breaker }) => breaker),
      steps,
    ).map((breaker) => [breaker.id, breaker]),
  );
  const after = {
    ...board,
    breakers: board.breakers.map((entry) => ({ ...entry, breaker: moved.get(entry.breaker.id)! })),
  };
  const marks = new Map(steps.map(({ id }, i) => [id, `${i + 1}`]));
  return (
    <div className="flex gap-4">
      {(
        [
          [messages.before, board, null],
          [messages.after, after, newAt],
        ] as const
      ).map(([name, drawn, place]) => (
        <figure key={name} className="w-40">
          <figcaption className="mb-1 font-semibold">{name}</figcaption>
          <PanelSketch
            board={drawn}
            marks={marks}
            planned={place && { ...place, poles }}
            label={messages.breakersThatMoveAreMarked(
              name,
              steps.length,
              place ? messages.theNewOneIsAtSpace(place.space) : '',
            )}
          />
        </figure>
      ))}
    </div>
  );
}
