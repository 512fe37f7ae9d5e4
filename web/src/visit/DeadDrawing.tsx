import { DEAD_VOLTS, MAIN, measureKey, type ToMeasure } from '@phylaxon/core/visit/gates';
import { gridOf, placeOfSpace, spacesOf, type Orientation } from '@phylaxon/core/panel/layout';
import type { VisitRecord } from '@phylaxon/core/views/visit';
import type { WorkState } from '@phylaxon/core/visit/work';

interface Props {
  record: VisitRecord;
  state: WorkState;
  /** What is measured now. */
  now: ToMeasure | null;
}

/** Where the main stands, as the panel hangs. */
const MAIN_AT: Record<Orientation, 'above' | 'below' | 'left' | 'right'> = {
  upright: 'above',
  inverted: 'below',
  left: 'left',
  right: 'right',
};

/** The open panel as it hangs: the line side that stays live, the places that are touched, what is proved dead. */
export function DeadDrawing({ record, state, now }: Props) {
  const { panel, plan } = record;
  const { spaces, orientation } = panel;
  const { rows, columns } = gridOf(spaces, orientation);
  const cell = { w: 46, h: 20 };
  const at = MAIN_AT[orientation];
  const isAcross = at === 'left' || at === 'right';
  const head = 58;
  const [w, h] = [columns * cell.w, rows * cell.h];
  const [width, height] = isAcross
    ? [w + head + 8, Math.max(h, 96) + 8]
    : [Math.max(w, 190) + 8, h + head + 8];
  const x0 = (isAcross ? (at === 'left' ? head : 0) : (Math.max(w, 190) - w) / 2) + 4;
  const y0 = (isAcross ? (Math.max(h, 96) - h) / 2 : at === 'above' ? head : 0) + 4;
  const headX = isAcross ? (at === 'left' ? 4 : w + 4) : 4;
  const headY = isAcross ? 4 : at === 'above' ? 4 : h + 4;
  const isDead = (id: string, poles: 1 | 2) =>
    ([1, 2] as const)
      .slice(0, poles)
      .every((pole) =>
        (['neutral', 'ground'] as const).every(
          (to) => (state.gates.measured.get(measureKey({ id, pole, to })) ?? Infinity) < DEAD_VOLTS,
        ),
      );
  const touched = state.tasks.flatMap((task) => {
    const { space, poles, placeId } = task;
    return spacesOf({ space, poles }).map((one) => ({ one, id: placeId, isDead: isDead(placeId, poles) }));
  });
  const mainDead = isDead(MAIN, 2);
  return (
    <figure className="space-y-1">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        aria-hidden="true"
        className="max-h-56 w-full max-w-88 sm:max-h-80 rounded-sm bg-enamel"
      >
        <rect
          x={headX}
          y={headY}
          width={isAcross ? head - 8 : Math.max(w, 190)}
          height={isAcross ? Math.max(h, 96) : 24}
          className="fill-danger-fill"
        />
        <text
          x={headX + (isAcross ? (head - 8) / 2 : Math.max(w, 190) / 2)}
          y={headY + (isAcross ? Math.max(h, 96) / 2 : 16)}
          textAnchor="middle"
          className="fill-white text-[11px] font-bold"
          transform={
            isAcross ? `rotate(-90 ${headX + (head - 8) / 2} ${headY + Math.max(h, 96) / 2})` : undefined
          }
        >
          LINE SIDE: LIVE
        </text>
        {!isAcross && (
          <text
            x={width / 2}
            y={headY + (at === 'above' ? 42 : -6)}
            textAnchor="middle"
            className={`text-[12px] font-semibold ${now?.id === MAIN ? 'fill-heed-lit' : 'fill-enamel-text'}`}
          >
            {now?.id === MAIN ? '▸ ' : ''}behind the main{mainDead ? ': dead' : ''}
          </text>
        )}
        {Array.from({ length: spaces }, (_, i) => i + 1).map((space) => {
          const { row, column } = placeOfSpace(spaces, space, orientation);
          const place = touched.find(({ one }) => one === space);
          const [x, y] = [x0 + column * cell.w, y0 + row * cell.h];
          const isNow = place !== undefined && now?.id === place.id;
          return (
            <g key={space}>
              <rect
                x={x + 1}
                y={y + 1}
                width={cell.w - 2}
                height={cell.h - 2}
                strokeWidth={isNow ? 3 : 1}
                className={
                  place
                    ? `fill-enamel-raised ${isNow ? 'stroke-heed-lit' : 'stroke-enamel-text'}`
                    : 'fill-enamel stroke-enamel-line'
                }
              />
              <text
                x={x + cell.w / 2}
                y={y + 14}
                textAnchor="middle"
                className={place ? 'fill-enamel-text text-[12px] font-bold' : 'fill-enamel-soft text-[9px]'}
              >
                {place?.isDead ? `${space} dead` : space}
              </text>
            </g>
          );
        })}
      </svg>
      <figcaption className="text-sm">
        The line side of the main stays live, whatever is off. Made dead by {plan.off}.
      </figcaption>
    </figure>
  );
}
