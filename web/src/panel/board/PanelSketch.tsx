import type { Board } from '@phylaxon/core/views/board';
import { isOnItsSide, spacesOf, type Half } from '@phylaxon/core/panel/layout';
import { boardItems } from '../boardLayout/index.ts';

/** Units of the drawing: a half space along the bus, a column across it. */
const HALF = 9;
const COLUMN = 64;
const GAP = 12;

interface Props {
  board: Board;
  /** What stands on each marked breaker: a number, or a tick. */
  marks: ReadonlyMap<string, string>;
  label: string;
  /** A breaker that is planned, where it would sit. */
  planned?: { space: number; poles: 1 | 2; half: Half | null } | null;
}

/** This panel as it hangs, small, with some of its breakers marked. */
export function PanelSketch({ board, marks, label, planned = null }: Props) {
  const wanted = new Set(planned ? spacesOf(planned) : []);
  const items = boardItems(board);
  const onSide = isOnItsSide(board.panel.orientation);
  const first = Math.min(...items.map(({ along }) => along));
  const last = Math.max(...items.map(({ along, length }) => along + length));
  const [long, wide] = [(last - first) * HALF, 2 * COLUMN + GAP];
  const box = onSide ? `-4 -4 ${long + 8} ${wide + 8}` : `-4 -4 ${wide + 8} ${long + 8}`;
  return (
    <svg viewBox={box} role="img" aria-label={label} className="w-full max-w-56 rounded-sm bg-enamel">
      {items.map((item) => {
        const from = (item.along - first) * HALF;
        const across = item.across === null ? COLUMN / 2 : item.across * (COLUMN + GAP);
        const [x, y] = onSide ? [from, across] : [across, from];
        const size = [item.length * HALF - 2, item.across === null ? COLUMN + GAP : COLUMN];
        const [width, height] = onSide ? size : [size[1], size[0]];
        const isPlanned = item.entry === null && wanted.has(item.space!);
        const mark = item.entry
          ? marks.get(item.entry.breaker.id)
          : isPlanned
            ? onSide
              ? '+'
              : 'new'
            : undefined;
        return (
          <g key={item.key}>
            <rect
              x={x}
              y={y}
              width={width}
              height={height}
              rx={1.5}
              className={
                isPlanned
                  ? 'fill-heed-lit stroke-enamel-text'
                  : mark !== undefined
                    ? 'fill-heed-lit'
                    : item.entry
                      ? 'fill-enamel-line'
                      : 'fill-none stroke-enamel-line'
              }
              strokeDasharray={item.entry ? undefined : '2 2'}
            />
            {mark !== undefined && !item.echo && (
              <text
                x={x + width! / 2}
                y={y + height! / 2}
                textAnchor="middle"
                dominantBaseline="central"
                className="figures fill-enamel-sunk text-[11px] font-bold"
              >
                {mark}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
