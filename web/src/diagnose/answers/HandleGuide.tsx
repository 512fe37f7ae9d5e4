import { handlesOf } from '@phylaxon/core/panel/layout';
import type { Breaker } from '@phylaxon/core/record/entities';
import type { ReactNode } from 'react';
import { PanelSketch, boardPlaceWords } from '../../panel/board/index.ts';
import { HandleDrawing, type HandleMove } from './HandleDrawing.tsx';
import { useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

interface Props {
  breaker: Breaker;
  /** Breakers numbered in the drawing, this one the first. */
  numbered: readonly string[];
  moves: readonly HandleMove[];
  children: ReactNode;
}

/** This panel with the breaker in it, where that is found by counting, and what a hand does with its handle. */
export function HandleGuide({ breaker, numbered, moves, children }: Props) {
  const { board } = useStepWork();
  if (!board) return <div className="space-y-4">{children}</div>;
  const place = boardPlaceWords(board.panel, breaker);
  const { together, note } = handlesOf(
    breaker,
    board.breakers.map((one) => one.breaker),
  );
  return (
    <div className="grid grid-cols-[7rem_minmax(0,1fr)] gap-4 sm:grid-cols-[12rem_minmax(0,1fr)] sm:gap-5">
      <PanelSketch
        board={board}
        marks={new Map(numbered.map((id, i) => [id, `${i + 1}`]))}
        label={messages.panelAsMountedNumber1(place)}
      />
      <div className="space-y-4">
        <p>
          {messages.numberInTheDrawing(<strong className="figures">1</strong>, place, note && ` ${note}`)}
        </p>
        <ol className="grid gap-4 sm:grid-cols-2">
          {moves.map((move) => (
            <li key={move}>
              <HandleDrawing onDirection={breaker.onDirection} handles={together} move={move} />
            </li>
          ))}
        </ol>
        {children}
      </div>
    </div>
  );
}
