import type { LoadTurns, Overload, TripEvent } from '@phylaxon/core/physics/loggedCurrent';
import { sayDuration, sayQuantity } from '@phylaxon/core/facts/quantities';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import { drawing, entries } from '../../shared/api/index.ts';
import { SendButton } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const rounded = (value: number, digits = 2) => Number(value.toFixed(digits));

/** A trip that was found, or a stretch above the rating in which it held, becomes one on record, with the hour before it. */
export function LogFound({
  kind,
  found: { atMs, amps, seconds, history },
  preloadAmps,
  breakerId,
  place,
  children,
}: {
  kind: 'trip' | 'no-trip';
  found: Pick<TripEvent, 'atMs' | 'amps' | 'seconds' | 'history'>;
  preloadAmps?: number;
  breakerId: string;
  place: string;
  children: string;
}) {
  return (
    <SendButton
      once
      stored={messages.onRecord}
      entries={() => [
        entries.event(breakerId, place, {
          kind,
          at: new Date(atMs).toISOString(),
          amps: rounded(amps),
          afterSeconds: rounded(seconds),
          ...(preloadAmps !== undefined && { preloadAmps: rounded(preloadAmps) }),
          history: history.map((one) => ({ amps: rounded(one.amps), seconds: rounded(one.seconds) })),
          note: messages.fromADataLoggerRecording,
        }),
      ]}
    >
      {children}
    </SendButton>
  );
}

/** The longest stretch above the rating in which it held. */
export function Held({
  overload,
  breakerId,
  place,
  isKept,
}: {
  overload: Overload;
  breakerId: string;
  place: string;
  isKept: boolean;
}) {
  return (
    <div className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-1">
      <p>
        {messages.carriedMoreThanItsRatingFor(
          place,
          <span className="figures">{sayQuantity(overload.amps, 'A')}</span>,
          <span className="figures">{sayDuration(overload.seconds)}</span>,
        )}
      </p>
      {isKept && (
        <LogFound kind="no-trip" found={overload} breakerId={breakerId} place={place}>
          {messages.logAHold}
        </LogFound>
      )}
    </div>
  );
}

/** How its loads ran becomes their turns on the circuit. */
export function UseTurns({
  turns,
  detail,
  place,
  isKept,
}: {
  turns: readonly LoadTurns[];
  detail: BreakerDetail;
  place: string;
  isKept: boolean;
}) {
  const { breaker, circuit } = detail;
  if (!circuit) return null;
  const seen = circuit.loads.flatMap((load) => {
    const found = turns.find(({ loadId }) => loadId === load.id);
    return found ? [{ load, found }] : [];
  });
  if (seen.length === 0) return null;
  const { id: _id, breakerId: _breakerId, loads, ...rest } = circuit;
  return (
    <div className="mt-3">
      <h3 className="font-bold">{messages.dutyCycleOfTheLoadsOn(place)}</h3>
      <ul className="divide-y divide-rule">
        {seen.map(({ load, found }) => (
          <li key={load.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
            <span className="min-w-0 flex-1">
              {messages.times(
                <strong>{load.name}</strong>,
                found.times,
                sayQuantity(found.amps, 'A'),
                found.onSeconds !== null && messages.onFor(sayDuration(found.onSeconds)),
                found.offSeconds !== null && messages.offFor(sayDuration(found.offSeconds)),
                found.surgeTimes !== null && messages.startsAt(found.surgeTimes.toFixed(1)),
              )}
            </span>
            {isKept && found.onSeconds !== null && found.offSeconds !== null && (
              <SendButton
                once
                stored={messages.dutyCycleSavedForTheLoad}
                entries={() => [
                  drawing.setCircuit(breaker.id, {
                    ...rest,
                    loads: loads.map(({ id, ...one }) =>
                      id === load.id ? { ...one, ...turnsOf(found) } : one,
                    ),
                  }),
                ]}
              >
                {messages.useForThisLoad}
              </SendButton>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** As a load’s turns are kept. */
function turnsOf({ onSeconds, offSeconds, surgeTimes, surgeSeconds }: LoadTurns) {
  const starts = surgeTimes !== null && surgeTimes >= 1 && surgeTimes <= 15;
  return {
    onSeconds: rounded(Math.max(1, onSeconds!), 0),
    offSeconds: rounded(Math.max(1, offSeconds!), 0),
    surgeTimes: starts ? rounded(surgeTimes, 1) : null,
    surgeSeconds: starts ? rounded(Math.min(60, surgeSeconds!, onSeconds!), 1) : null,
  };
}
