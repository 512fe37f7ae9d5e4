import { sayBreaker } from '@phylaxon/core/panel/layout';
import type { BoardPicture } from '@phylaxon/core/physics/thermalPicture';
import type { PanelEntryOf } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import type { HeatScale } from '@phylaxon/core/views/heatColors';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Problems, useUnits } from '../../shared/ui/index.ts';
import { breakerAt } from './breakerAt.ts';
import { cornersOf } from './corners.ts';
import type { HeatPicture } from './heatWorker.ts';
import { PictureOnBoard } from './PictureOnBoard.tsx';
import { theHeatWorker } from './theHeatWorker.ts';
import { useKeptPicture } from './useKeptPicture.ts';
import * as messages from './messages.ts';

type Entry = PanelEntryOf<'heat-picture'>;

const LISTED = 8;

const boardIn = ({ content }: Entry, { matrix }: HeatPicture): BoardPicture & { ambientC: number } => ({
  ...matrix,
  corners: content.corners ?? cornersOf(matrix.width, matrix.height),
  emissivity: content.emissivity,
  ambientC: content.ambientC,
});

/** Two pictures of a board beside each other, and what changed space by space: each over its own air. */
export function Compare({ board, one, other }: { board: Board; one: Entry; other: Entry }) {
  const [first, second] = one.at <= other.at ? [one, other] : [other, one];
  const before = useKeptPicture(first.sha256);
  const after = useKeptPicture(second.sha256);
  const problem = before.problem ?? after.problem;
  if (problem !== null) return <Problems title={messages.theseImagesCannotBeCompared} problems={[problem]} />;
  if (!before.picture || !after.picture) return <p>{messages.loading}</p>;
  return (
    <div className="mt-3 space-y-3">
      <Pictures
        board={board}
        shown={[
          [first, before.picture],
          [second, after.picture],
        ]}
      />
      <Changes board={board} before={[first, before.picture]} after={[second, after.picture]} />
    </div>
  );
}

type Shown = readonly [Entry, HeatPicture];

/** On one scale, so that a color means the same in both. */
function Pictures({ board, shown }: { board: Board; shown: readonly [Shown, Shown] }) {
  const { timeText } = useUnits();
  const [a, b] = shown.map(([, { scale }]) => scale) as [HeatScale, HeatScale];
  const scale = useMemo(() => ({ from: Math.min(a.from, b.from), to: Math.max(a.to, b.to) }), [a, b]);
  return (
    <div className="grid grid-cols-2 gap-3">
      {shown.map(([entry, picture]) => (
        <div key={entry.id}>
          <PictureOnBoard
            matrix={picture.matrix}
            scale={scale}
            corners={boardIn(entry, picture).corners}
            spaces={board.panel.spaces}
            title={messages.temperaturesOn(timeText(entry.at))}
          />
          <p className="figures text-sm">{timeText(entry.at)}</p>
        </div>
      ))}
    </div>
  );
}

function Changes({ board, before, after }: { board: Board; before: Shown; after: Shown }) {
  const { riseText } = useUnits();
  const { spaces } = board.panel;
  // Neither of the two ever changes.
  const { data: changes } = useQuery({
    queryKey: ['heat-changes', before[0].id, after[0].id, spaces],
    queryFn: () => theHeatWorker().changes(boardIn(...before), boardIn(...after), spaces),
    staleTime: Infinity,
  });
  if (!changes) return <p role="status">{messages.comparingTheImages}</p>;
  const nameOf = (space: number) => {
    const found = breakerAt(board, space);
    return found ? sayBreaker(found.breaker, found.label) : messages.space(space);
  };
  return (
    <div role="group" tabIndex={0} aria-label={messages.largestChanges} className="overflow-x-auto">
      <table className="w-full text-left">
        <caption className="sr-only">{messages.largestChangesBySpaceHighest}</caption>
        <thead className="text-sm text-ink-soft">
          <tr>
            {[
              messages.spaceLabel,
              messages.beforeRiseAboveAmbient,
              messages.afterRiseAboveAmbient,
              messages.change,
            ].map((head) => (
              <th key={head} scope="col" className="py-1 pr-4 font-medium">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {changes.slice(0, LISTED).map(({ space, beforeC, afterC }) => (
            <tr key={space} className="border-t border-rule">
              <th scope="row" className="py-1 pr-4 font-semibold">
                {nameOf(space)}
              </th>
              {[beforeC, afterC, afterC - beforeC].map((rise, i) => (
                <td key={i} className="figures py-1 pr-4">
                  {riseText(rise)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
