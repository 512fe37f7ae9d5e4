import type { RecordingChannel } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import { useState } from 'react';
import { Button, classes, useUnits } from '../../shared/ui/index.ts';
import { sayHappening, tripOf, type Happening } from './happenings.ts';
import { recordingPlaceWords } from './recordingPlace.ts';
import { LogFound } from './PutOnRecord.tsx';
import * as messages from './messages.ts';
import { clockText } from './chartAxis.ts';

const SHAPES = { on: '▲', off: '▽', trip: '✕', sag: '▼', restored: '○' } as const;

const KINDS = [
  { id: 'all', label: messages.everything, has: () => true },
  {
    id: 'trip',
    label: messages.trips,
    has: (one: Happening) => one.mark === 'trip' || one.mark === 'restored',
  },
  {
    id: 'switching',
    label: messages.switching,
    has: (one: Happening) => one.mark === 'on' || one.mark === 'off',
  },
  { id: 'sag', label: messages.sagsAndSwells, has: (one: Happening) => one.mark === 'sag' },
] as const;

const A_PAGE = 50;

export function HappeningList({
  list,
  names,
  channels,
  board,
  isKept,
  onShow,
}: {
  list: readonly Happening[];
  /** Of loads. */
  names: ReadonlyMap<string, string>;
  channels: readonly RecordingChannel[];
  board: Board;
  isKept: boolean;
  onShow: (atMs: number) => void;
}) {
  const { timeText } = useUnits();
  const trips = list.some(({ mark }) => mark === 'trip');
  const [kind, setKind] = useState<(typeof KINDS)[number]['id']>(trips ? 'trip' : 'all');
  const [count, setCount] = useState(A_PAGE);
  const chosen = list.filter(KINDS.find(({ id }) => id === kind)!.has);
  return (
    <section aria-label={messages.events} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.events}</h2>
      <div role="group" aria-label={messages.eventTypes} className="flex flex-wrap gap-1">
        {KINDS.map(({ id, label, has }) => (
          <button
            key={id}
            type="button"
            aria-pressed={kind === id}
            onClick={() => {
              setKind(id);
              setCount(A_PAGE);
            }}
            className={classes(
              'min-h-11 border-b-4 px-3',
              kind === id ? 'border-ink font-bold' : 'border-transparent',
            )}
          >
            {label}{' '}
            <span className="figures text-sm">
              {list.filter((one) => has(one) && (id === 'all' || one.mark !== 'restored')).length}
            </span>
          </button>
        ))}
      </div>
      {chosen.length === 0 && <p className="mt-2">{messages.noEventsOfThisType}</p>}
      <ol className="mt-1 divide-y divide-rule">
        {chosen.slice(0, count).map((one, i) => {
          const { at } = channels[one.channel]!;
          const { what, figures } = sayHappening(one, (id) => names.get(id) ?? null);
          const trip = tripOf(one);
          const place = recordingPlaceWords(at, board);
          return (
            <li
              key={`${one.channel} ${one.event.kind} ${one.atMs} ${i}`}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1"
            >
              <button
                type="button"
                className="flex min-h-11 min-w-0 flex-1 flex-wrap items-baseline gap-x-3 text-left hover:bg-bone-sunk"
                onClick={() => onShow(one.atMs)}
                aria-label={messages.show(what, timeText(new Date(one.atMs).toISOString()))}
              >
                <span aria-hidden="true" className={one.mark === 'trip' ? 'text-danger' : 'text-ink-soft'}>
                  {SHAPES[one.mark]}
                </span>
                <span className="figures text-sm">{clockText(one.atMs, timeText)}</span>
                <strong>{what}</strong>
                <span className="figures">{figures}</span>
                <span className="text-sm text-ink-soft">{place}</span>
              </button>
              {isKept && trip && at.kind === 'breaker' && (
                <LogFound
                  kind="trip"
                  found={trip}
                  preloadAmps={trip.preloadAmps}
                  breakerId={at.breakerId}
                  place={place}
                >
                  {messages.logThisTrip}
                </LogFound>
              )}
            </li>
          );
        })}
      </ol>
      {chosen.length > count && (
        <Button look="quiet" className="mt-2" onClick={() => setCount(count + A_PAGE)}>
          {messages.showMoreOf(chosen.length)}
        </Button>
      )}
    </section>
  );
}
