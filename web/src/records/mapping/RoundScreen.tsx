import type { HouseMap } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import type { MappedPlace } from '@phylaxon/core/views/houseMap';
import { useEffect, useRef } from 'react';
import { Button, ChoiceButton, FieldError, placeText, useAction } from '../../shared/ui/index.ts';
import { useTaps } from '../../shared/stores/index.ts';
import { roundTitle } from './roundTitle.ts';
import { useRoundLayer } from './useRoundLayer.ts';
import type { SendMap } from './useHouseMap.ts';
import * as messages from './messages.ts';

interface Props {
  board: Board;
  map: HouseMap;
  round: number;
  /** What is looked at. */
  places: readonly MappedPlace[];
  /** It was looked at before, and contradicted itself. */
  isAgain: boolean;
  send: SendMap;
}

const ANSWERS = [
  ['dead', messages.dead],
  ['alive', messages.hasPower],
] as const;

/** A round: what is off, then every place dead or alive, by thumb. */
export function RoundScreen({ board, map, round, places, isAgain, send }: Props) {
  const key = `${map.mapId} ${round}${isAgain ? ' again' : ''}`;
  const { tapped, tap, forget } = useTaps();
  const looks = tapped[key] ?? {};
  const { problem, busy, run } = useAction();
  useRoundLayer(map, round);
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, []);
  const off = new Set(map.rounds[round]!.off);
  const handles = board.breakers
    .filter(({ breaker }) => off.has(breaker.id))
    .sort((a, b) => a.breaker.space! - b.breaker.space!);
  const left = places.filter(({ id }) => looks[id] === undefined);
  const rooms = [...new Set(places.map(({ room }) => room))];
  const done = () =>
    run(async () => {
      const told = places.map(({ id }) => ({ placeId: id, dead: looks[id] === 'dead' }));
      await send({ kind: 'map-looks', content: { mapId: map.mapId, round, looks: told } });
      forget(key);
    });
  return (
    <section aria-label={messages.round} className="space-y-4">
      <div className="border-l-8 border-heed bg-bone-raised px-4 py-3 sm:px-6">
        <h2 ref={heading} tabIndex={-1} className="text-2xl font-bold outline-none">
          {isAgain ? messages.checkAgainAsInRound(round + 1) : roundTitle(map, round)}
        </h2>
        {isAgain && <p>{messages.noBreakerFitsTheseEntriesOne}</p>}
        {/* A breaker that mapping did not turn off may be off because of a fault: nobody turns it on here. */}
        <p className="mt-1 text-lg">
          {messages.turnOffTheseBreakersInThis((round > 0 || isAgain) && messages.turnTheLastRoundSBreakers)}
        </p>
        <ol className="mt-3 flex flex-wrap gap-2">
          {handles.map(({ breaker, label }) => (
            <li key={breaker.id} className="on-enamel rounded-xs bg-enamel px-2 py-1 text-enamel-text">
              <strong className="figures">{placeText(breaker)}</strong> {label}
            </li>
          ))}
        </ol>
      </div>
      {rooms.map((room) => {
        const here = places.filter((place) => place.room === room);
        const open = here.filter(({ id }) => looks[id] === undefined);
        return (
          <section key={room} aria-label={room} className="border-t border-rule-strong pt-2">
            <div className="flex flex-wrap items-center justify-between gap-2">
              <h3 className="text-lg font-bold">{room}</h3>
              {open.length > 1 && (
                <Button
                  look="quiet"
                  onClick={() =>
                    tap(
                      key,
                      open.map(({ id }) => id),
                      'alive',
                    )
                  }
                >
                  {open.length === here.length ? messages.allHavePower : messages.theRestHavePower}
                </Button>
              )}
            </div>
            <ul>
              {here.map(({ id, name }) => (
                <li
                  key={id}
                  className="flex min-h-14 items-center justify-between gap-3 border-t border-rule py-1"
                >
                  <span className="min-w-0 wrap-anywhere">{name}</span>
                  <span role="group" aria-label={name} className="flex shrink-0 gap-2">
                    {ANSWERS.map(([answer, words]) => (
                      <ChoiceButton
                        key={answer}
                        isChosen={looks[id] === answer}
                        onChoose={() => tap(key, [id], answer)}
                        className="min-w-20"
                      >
                        {words}
                      </ChoiceButton>
                    ))}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      <Button
        className="min-h-14 w-full text-lg"
        disabled={busy || left.length > 0}
        onClick={() => void done()}
      >
        {left.length > 0
          ? messages.toCheck(left.length, left.length === 1 ? 'place' : 'places')
          : isAgain
            ? messages.checkedAgain
            : messages.finishThisRound}
      </Button>
      <FieldError message={problem ?? undefined} />
    </section>
  );
}
