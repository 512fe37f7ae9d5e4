import type { OnDirection } from '@phylaxon/core/panel/layout';
import * as messages from './messages.ts';

/** What a hand does with a handle. */
export type HandleMove = 'lightly-off' | 'fully-off' | 'on';

const OPPOSITE: Record<OnDirection, OnDirection> = { left: 'right', right: 'left', up: 'down', down: 'up' };
const TURN: Record<OnDirection, number> = { right: 0, down: 90, left: 180, up: 270 };

const WORDS: Record<HandleMove, (to: OnDirection) => string> = {
  'lightly-off': (to) => messages.pushLightlyWithOneFingerToward(to),
  'fully-off': (to) => messages.pushFullyOffUntilItClicks(to),
  on: (to) => messages.thenPushOnUntilItClicks(to),
};

interface Props {
  onDirection: OnDirection;
  /** Handles that move together. */
  handles: 1 | 2;
  move: HandleMove;
}

/** The handle of this breaker as it lies, and which way it is pushed; the words say it as well. */
export function HandleDrawing({ onDirection, handles, move }: Props) {
  const to = move === 'on' ? onDirection : OPPOSITE[onDirection];
  const bars = handles === 2 ? [14, 46] : [30];
  // Drawn with on to the right, then turned as it lies.
  const knob = move === 'on' ? 44 : move === 'fully-off' ? 58 : 70;
  return (
    <figure className="space-y-2">
      <svg viewBox="0 0 140 90" aria-hidden="true" className="w-28 shrink-0 rounded-sm bg-enamel sm:w-36">
        <g transform={`rotate(${TURN[onDirection]} 70 45)`}>
          <rect
            x={38}
            y={handles === 2 ? 6 : 20}
            width={64}
            height={handles === 2 ? 78 : 50}
            rx={4}
            className="fill-enamel-raised stroke-enamel-line"
          />
          {bars.map((y) => (
            <g key={y}>
              <rect x={46} y={y} width={48} height={30} rx={3} className="fill-enamel-sunk" />
              <rect
                x={knob}
                y={y + 4}
                width={18}
                height={22}
                rx={2}
                className={move === 'lightly-off' ? 'fill-enamel-soft' : 'fill-enamel-text'}
              />
            </g>
          ))}
          {handles === 2 && <rect x={knob + 5} y={40} width={8} height={10} className="fill-heed-lit" />}
          <path
            d={
              move === 'on' ? 'M 66 45 h 44 m -12 -9 l 12 9 l -12 9' : 'M 74 45 h -44 m 12 -9 l -12 9 l 12 9'
            }
            fill="none"
            strokeWidth={move === 'lightly-off' ? 3 : 6}
            strokeDasharray={move === 'lightly-off' ? '5 4' : undefined}
            className="stroke-heed-lit"
          />
        </g>
      </svg>
      <figcaption className="max-w-44 leading-snug font-medium">{WORDS[move](to)}</figcaption>
    </figure>
  );
}
