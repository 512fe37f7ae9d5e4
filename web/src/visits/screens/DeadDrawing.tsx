import { DEAD_VOLTS, MAIN, measureKey, type ToMeasure } from '@phylaxon/core/visit/gates';
import {
  spaceGrid,
  isOnItsSide,
  placeOfSpace,
  spacesOf,
  type Orientation,
} from '@phylaxon/core/panel/layout';
import type { VisitRecord } from '@phylaxon/core/views/visit';
import { taskKind, type WorkState } from '@phylaxon/core/visit/work';
import { classes } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  record: VisitRecord;
  state: WorkState;
  /** What is measured now. */
  now: ToMeasure | null;
}

/** Whether the main stands before the first row, or column, of spaces as the panel hangs. */
const MAIN_FIRST: Record<Orientation, boolean> = { upright: true, inverted: false, left: true, right: false };
const [CELL_W, CELL_H, HEAD, LEAST_ACROSS] = [62, 26, 62, 190];

/** Spaces that are drawn: those that are worked on, and one on either side of them. */
function drawnSpaces({ spaces, orientation }: VisitRecord['panel'], touched: readonly number[]) {
  const along = (space: number) => {
    const { row, column } = placeOfSpace(spaces, space, orientation);
    return isOnItsSide(orientation) ? column : row;
  };
  const { rows, columns } = spaceGrid(spaces, orientation);
  const last = (isOnItsSide(orientation) ? columns : rows) - 1;
  const lines = touched.length === 0 ? [0, last] : touched.map(along);
  const from = Math.max(0, Math.min(...lines) - 1);
  const to = Math.min(last, Math.max(...lines) + 1);
  const shown = Array.from({ length: spaces }, (_, i) => i + 1).filter((space) => {
    const line = along(space);
    return line >= from && line <= to;
  });
  return { shown, from, count: to - from + 1, isCut: to - from < last };
}

/** The open panel as it hangs: the line side that stays live, the places that are touched, what is proved dead. */
export function DeadDrawing({ record, state, now }: Props) {
  const { panel, plan } = record;
  const { orientation } = panel;
  const isAcross = isOnItsSide(orientation);
  const isFirst = MAIN_FIRST[orientation];
  const isDead = (id: string, poles: 1 | 2) =>
    ([1, 2] as const)
      .slice(0, poles)
      .every((pole) =>
        (['neutral', 'ground'] as const).every(
          (to) => (state.gates.measured.get(measureKey({ id, pole, to })) ?? Infinity) < DEAD_VOLTS,
        ),
      );
  const touched = state.tasks
    .filter(({ work }) => !taskKind(work).isOfPanel)
    .flatMap(({ space, poles, placeId }) =>
      spacesOf({ space, poles }).map((one) => ({ one, id: placeId, isDead: isDead(placeId, poles) })),
    );
  const { shown, from, count, isCut } = drawnSpaces(
    panel,
    touched.map(({ one }) => one),
  );
  const across = Math.max(LEAST_ACROSS, 2 * CELL_W);
  const size = isAcross
    ? { w: count * CELL_W + HEAD, h: Math.max(3 * CELL_H, 100) }
    : { w: across, h: count * CELL_H + HEAD };
  const x0 = isAcross ? (isFirst ? HEAD : 0) : (across - 2 * CELL_W) / 2;
  const y0 = isAcross ? (size.h - 2 * CELL_H) / 2 : isFirst ? HEAD : 0;
  const live = isAcross
    ? { x: isFirst ? 0 : size.w - 30, y: 0, w: 30, h: size.h }
    : { x: 0, y: isFirst ? 0 : size.h - 26, w: size.w, h: 26 };
  const behind = isAcross
    ? { x: isFirst ? 46 : size.w - 46, y: size.h / 2 }
    : { x: size.w / 2, y: isFirst ? 46 : size.h - 38 };
  const upright = ({ x, y }: { x: number; y: number }) => (isAcross ? `rotate(-90 ${x} ${y})` : undefined);
  const middle = { x: live.x + live.w / 2, y: live.y + live.h / 2 + (isAcross ? 0 : 4) };
  return (
    <figure className="space-y-1">
      <svg
        viewBox={`-4 -4 ${size.w + 8} ${size.h + 8}`}
        aria-hidden="true"
        className="max-h-60 w-full max-w-88 rounded-sm bg-enamel sm:max-h-80"
      >
        <rect x={live.x} y={live.y} width={live.w} height={live.h} className="fill-danger-fill" />
        <text
          {...middle}
          textAnchor="middle"
          transform={upright(middle)}
          className="fill-white text-[12px] font-bold"
        >
          {messages.lineSideLive}
        </text>
        <text
          {...behind}
          textAnchor="middle"
          transform={upright(behind)}
          className={classes(
            'text-[13px] font-semibold',
            now?.id === MAIN ? 'fill-heed-lit' : 'fill-enamel-text',
          )}
        >
          {messages.loadSideOfMain(now?.id === MAIN && '▸ ', isDead(MAIN, 2) && messages.dead)}
        </text>
        {shown.map((space) => {
          const { row, column } = placeOfSpace(panel.spaces, space, orientation);
          const x = x0 + (isAcross ? column - from : column) * CELL_W;
          const y = y0 + (isAcross ? row : row - from) * CELL_H;
          const place = touched.find(({ one }) => one === space);
          const isNow = place !== undefined && now?.id === place.id;
          return (
            <g key={space}>
              <rect
                x={x + 1}
                y={y + 1}
                width={CELL_W - 2}
                height={CELL_H - 2}
                strokeWidth={isNow ? 3 : 1}
                className={classes(
                  place ? 'fill-enamel-raised' : 'fill-enamel',
                  isNow ? 'stroke-heed-lit' : place ? 'stroke-enamel-text' : 'stroke-enamel-line',
                )}
              />
              <text
                x={x + CELL_W / 2}
                y={y + CELL_H / 2 + 5}
                textAnchor="middle"
                className={place ? 'fill-enamel-text text-[14px] font-bold' : 'fill-enamel-soft text-[11px]'}
              >
                {place?.isDead ? messages.spaceDead(space) : space}
              </text>
            </g>
          );
        })}
      </svg>
      <figcaption className="text-sm">
        {messages.theLineSideOfTheMain(plan.off, isCut && messages.onlyTheSpacesAroundTheWork)}
      </figcaption>
    </figure>
  );
}
