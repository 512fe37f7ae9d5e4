import { sayBreaker } from '@phylaxon/core/panel/layout';
import type { ThermalSpot } from '@phylaxon/core/physics/thermalPicture';
import type { Board } from '@phylaxon/core/views/board';
import { Link } from 'react-router';
import { entries } from '../../shared/api/index.ts';
import { SendButton, useUnits } from '../../shared/ui/index.ts';
import { breakerAt } from './breakerAt.ts';
import * as messages from './messages.ts';
import type { Opened } from './openedPicture.ts';

/** Terminals lie to the outside of a breaker, its face in the middle of the column. */
const pointOf = ({ board }: ThermalSpot): 'terminal' | 'face' =>
  board && Math.abs(board.u - 0.5) > 0.25 ? 'terminal' : 'face';

export function HeatSpots({
  board,
  spots,
  ambientC,
  camera,
  loadState,
  at,
  isAsked,
}: {
  board: Board;
  spots: readonly ThermalSpot[];
  ambientC: number | null;
  camera: string;
  loadState: Opened['loadState'];
  at: string;
  isAsked: boolean;
}) {
  const { temperatureText, riseText } = useUnits();
  return (
    <section aria-label={messages.hotSpots}>
      <h3 className="text-lg font-bold">
        {spots.length === 0
          ? messages.noHotSpots
          : spots.length === 1
            ? messages.hotSpot
            : messages.hotSpotsOf(spots.length)}
      </h3>
      {isAsked && <p>{messages.enterTheAmbientTemperature}</p>}
      <ol className="divide-y divide-rule">
        {spots.slice(0, 12).map((spot, i) => {
          const found = spot.space === null ? null : breakerAt(board, spot.space);
          const point = pointOf(spot);
          const name = found
            ? sayBreaker(found.breaker, found.label)
            : spot.space === null
              ? messages.outsideThePanel
              : messages.spaceNoBreaker(spot.space);
          return (
            <li key={i} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
              <span className="min-w-0 flex-1">
                <strong className="figures">{i + 1}</strong>{' '}
                <strong className="figures text-lg">{temperatureText(spot.maxC)}</strong>{' '}
                {found ? (
                  <Link
                    to={`/panels/${board.panel.id}/breakers/${found.breaker.id}`}
                    className="underline underline-offset-4"
                  >
                    {name}
                  </Link>
                ) : (
                  name
                )}
                <span className="block text-sm text-ink-soft">
                  {messages.aboveTheBackgroundPixels(
                    riseText(spot.overBackgroundC),
                    ambientC !== null && messages.aboveAmbient(riseText(spot.maxC - ambientC)),
                    spot.cells,
                  )}
                </span>
              </span>
              {found && ambientC !== null && (
                <SendButton
                  key={`${spot.hottest.x} ${spot.hottest.y} ${spot.maxC}`}
                  once
                  stored={messages.onRecord}
                  entries={() => [
                    entries.readings(found.breaker.id, name, [
                      {
                        quantity: 'temperature',
                        point,
                        value: Math.round(spot.maxC * 10) / 10,
                        ambientC,
                        instrument: 'thermal-camera',
                        loadState,
                        at,
                        note: messages.fromAnInfraredImage(camera === '' ? '' : `, ${camera}`),
                      },
                    ]),
                  ]}
                >
                  {point === 'terminal' ? messages.logAsTerminalTemperature : messages.logAsFaceTemperature}
                </SendButton>
              )}
            </li>
          );
        })}
      </ol>
      {spots.length > 12 && (
        <p className="text-sm text-ink-soft">{messages.coolerSpotsAreNotListedRaise(spots.length - 12)}</p>
      )}
    </section>
  );
}
