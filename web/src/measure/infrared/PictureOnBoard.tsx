import {
  fromBoard,
  isConvexClockwise,
  type BoardCorners,
  type ThermalSpot,
} from '@phylaxon/core/physics/thermalPicture';
import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import type { HeatScale } from '@phylaxon/core/views/heatColors';
import { useEffect, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { theHeatWorker } from './theHeatWorker.ts';
import * as messages from './messages.ts';

interface Props {
  /** A temperature picture and how it is drawn, or an ordinary one. */
  matrix?: HeatMatrix;
  photo?: { address: string; width: number; height: number };
  scale?: HeatScale;
  corners: BoardCorners;
  spaces: number;
  spots?: readonly ThermalSpot[];
  /** Left out: the corners stay where they are. */
  onMove?: (corners: BoardCorners) => void;
  title: string;
}

const NAMES = [messages.topLeft, messages.topRight, messages.bottomRight, messages.bottomLeft];

/** A picture with the board marked in it: its corners are dragged, or moved with the arrow keys. */
export function PictureOnBoard({ matrix, photo, scale, corners, spaces, spots = [], onMove, title }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useRef<SVGSVGElement>(null);
  const dragged = useRef<number | null>(null);
  const width = matrix?.width ?? photo?.width ?? 1;
  const height = matrix?.height ?? photo?.height ?? 1;

  useEffect(() => {
    if (!matrix || !scale) return;
    let isWanted = true;
    void theHeatWorker()
      .pixels(matrix.celsius, scale)
      .then((pixels) => {
        const context = isWanted && canvas.current?.getContext('2d');
        if (context) context.putImageData(new ImageData(pixels, matrix.width, matrix.height), 0, 0);
      });
    return () => {
      isWanted = false;
    };
  }, [matrix, scale]);

  const move = (i: number, x: number, y: number) => {
    const moved = corners.map((corner, j) =>
      i === j ? { x: clamp(x, -width * 0.2, width * 1.2), y: clamp(y, -height * 0.2, height * 1.2) } : corner,
    ) as BoardCorners;
    // A board turned over, or with a dent, is none: the corner stays.
    if (isConvexClockwise(moved)) onMove?.(moved);
  };
  const onPointerMove = (event: PointerEvent) => {
    const box = frame.current!.getBoundingClientRect();
    if (dragged.current === null) return;
    move(
      dragged.current,
      ((event.clientX - box.left) / box.width) * width,
      ((event.clientY - box.top) / box.height) * height,
    );
  };
  const onKeyDown = (event: KeyboardEvent, i: number) => {
    const step = event.shiftKey ? 5 : 1;
    const unit = Math.max(width, height) / 160;
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!by) return;
    event.preventDefault();
    move(i, corners[i]!.x + by[0]! * step * unit, corners[i]!.y + by[1]! * step * unit);
  };

  const at = fromBoard(corners);
  const line = (u1: number, v1: number, u2: number, v2: number) => {
    const [a, b] = [at({ u: u1, v: v1 }), at({ u: u2, v: v2 })];
    return `M${a.x} ${a.y}L${b.x} ${b.y}`;
  };
  const rows = spaces / 2;
  const thin = Math.max(width, height) / 400;
  return (
    <figure className="min-w-0">
      <div className="relative">
        {matrix && (
          <canvas
            ref={canvas}
            width={width}
            height={height}
            role="img"
            aria-label={title}
            className="block h-auto w-full [image-rendering:pixelated]"
          />
        )}
        {photo && <img src={photo.address} alt={title} className="block h-auto w-full" />}
        <svg
          ref={frame}
          viewBox={`0 0 ${width} ${height}`}
          className="absolute inset-0 h-full w-full touch-none overflow-visible"
          onPointerMove={onPointerMove}
          onPointerUp={() => (dragged.current = null)}
          onPointerCancel={() => (dragged.current = null)}
        >
          <g fill="none" stroke="#fbf8f0" strokeWidth={thin} aria-hidden="true">
            <path
              d={[line(0, 0, 1, 0), line(1, 0, 1, 1), line(1, 1, 0, 1), line(0, 1, 0, 0)].join('')}
              strokeWidth={2 * thin}
            />
            <path d={line(0.5, 0, 0.5, 1)} strokeDasharray={`${3 * thin} ${3 * thin}`} />
            {Array.from({ length: rows - 1 }, (_, i) => (
              <path
                key={i}
                d={line(0, (i + 1) / rows, 1, (i + 1) / rows)}
                strokeDasharray={`${2 * thin} ${4 * thin}`}
                opacity="0.7"
              />
            ))}
          </g>
          {spots.map((spot, i) => (
            <g key={i} aria-hidden="true">
              <circle
                cx={spot.hottest.x + 0.5}
                cy={spot.hottest.y + 0.5}
                r={9 * thin}
                fill="none"
                stroke="#fbf8f0"
                strokeWidth={2 * thin}
              />
              <text
                x={spot.hottest.x + 13 * thin}
                y={spot.hottest.y + 5 * thin}
                fontSize={16 * thin}
                fontWeight="700"
                fill="#fbf8f0"
                stroke="#14201b"
                strokeWidth={4 * thin}
                paintOrder="stroke"
              >
                {i + 1}
              </text>
            </g>
          ))}
          {onMove &&
            corners.map(({ x, y }, i) => (
              <g
                key={NAMES[i]}
                role="slider"
                tabIndex={0}
                aria-label={messages.cornerOfTheBoard(NAMES[i])}
                aria-valuenow={Math.round(x)}
                aria-valuetext={messages.acrossDown(Math.round(x), Math.round(y))}
                className="cursor-move"
                onPointerDown={(event) => {
                  dragged.current = i;
                  event.currentTarget.setPointerCapture(event.pointerId);
                }}
                onKeyDown={(event) => onKeyDown(event, i)}
              >
                {/* A finger needs more than is drawn. */}
                <circle cx={x} cy={y} r={26 * thin} fill="transparent" />
                <circle cx={x} cy={y} r={9 * thin} fill="#edb950" stroke="#14201b" strokeWidth={2 * thin} />
              </g>
            ))}
        </svg>
      </div>
    </figure>
  );
}

const clamp = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));
