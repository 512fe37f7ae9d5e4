import { slotsOf, sayPlace } from '@phylaxon/core/panel/layout';
import type { PanelEntryOf } from '@phylaxon/core/record/panelEntries';
import { spaceTemperatures } from '@phylaxon/core/physics/thermalPicture';
import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import type { Board } from '@phylaxon/core/views/board';
import { useMemo } from 'react';
import { useUnits } from '../shared/index.ts';
import { cornersOf } from './corners.ts';
import { scaleOf } from './HeatPictureEditor.tsx';
import { PictureOnBoard } from './PictureOnBoard.tsx';
import { useKeptPicture } from './useKeptPicture.ts';

type Entry = PanelEntryOf<'heat-picture'>;

const cornersIn = ({ content }: Entry, matrix: HeatMatrix) =>
  content.corners ?? cornersOf(matrix.width, matrix.height);

/** Two pictures of a board beside each other, on one scale, and what changed space by space: each over its own air. */
export function Compare({ board, one, other }: { board: Board; one: Entry; other: Entry }) {
  const { timeText, riseText } = useUnits();
  const [first, second] = one.at <= other.at ? [one, other] : [other, one];
  const before = useKeptPicture(first.sha256).matrix;
  const after = useKeptPicture(second.sha256).matrix;
  const { spaces } = board.panel;
  const rows = useMemo(() => {
    if (!before || !after) return [];
    const of = (entry: Entry, matrix: HeatMatrix) =>
      new Map(
        spaceTemperatures(matrix, cornersIn(entry, matrix), spaces).map(({ space, maxC }) => [
          space,
          maxC - entry.content.ambientC,
        ]),
      );
    const [a, b] = [of(first, before), of(second, after)];
    return [...a]
      .flatMap(([space, was]) => (b.has(space) ? [{ space, was, is: b.get(space)! }] : []))
      .sort((x, y) => Math.abs(y.is - y.was) - Math.abs(x.is - x.was))
      .slice(0, 8);
  }, [before, after, first, second, spaces]);
  if (!before || !after) return <p>Opening …</p>;
  const scales = [scaleOf(before), scaleOf(after)];
  const scale = {
    from: Math.min(...scales.map(({ from }) => from)),
    to: Math.max(...scales.map(({ to }) => to)),
  };
  const nameOf = (space: number) => {
    const found = board.breakers.find(
      ({ breaker }) =>
        breaker.space !== null &&
        slotsOf({ ...breaker, space: breaker.space }).some((slot) => slot.space === space),
    );
    return found ? `${sayPlace(found.breaker)} ${found.label ?? ''}`.trim() : `Space ${space}`;
  };
  return (
    <div className="mt-3 space-y-3">
      <div className="grid grid-cols-2 gap-3">
        {[[first, before] as const, [second, after] as const].map(([entry, matrix]) => (
          <div key={entry.id}>
            <PictureOnBoard
              matrix={matrix}
              scale={scale}
              corners={cornersIn(entry, matrix)}
              spaces={spaces}
              title={`Temperatures of ${timeText(entry.at)}`}
            />
            <p className="figures text-sm">{timeText(entry.at)}</p>
          </div>
        ))}
      </div>
      <div role="group" tabIndex={0} aria-label="What changed most" className="overflow-x-auto">
        <table className="w-full text-left">
          <caption className="sr-only">
            What changed most, space by space: the highest rise over the air
          </caption>
          <thead className="text-sm text-ink-soft">
            <tr>
              {['Space', 'Before, over the air', 'After, over the air', 'Change'].map((head) => (
                <th key={head} scope="col" className="py-1 pr-4 font-medium">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ space, was, is }) => (
              <tr key={space} className="border-t border-rule">
                <th scope="row" className="py-1 pr-4 font-semibold">
                  {nameOf(space)}
                </th>
                <td className="figures py-1 pr-4">{riseText(was)}</td>
                <td className="figures py-1 pr-4">{riseText(is)}</td>
                <td className="figures py-1 pr-4">{riseText(is - was)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}
