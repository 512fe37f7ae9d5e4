import type { Circuit } from '@phylaxon/core/record/entities';
import type { Board } from '@phylaxon/core/views/board';
import { directoryLine, sharedNeutral, type PlaceRead } from '@phylaxon/core/views/houseMap';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { drawing } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { CheckInput, Notice, PageSection, placeText, SendButton, toggled } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const namesOf = (places: readonly PlaceRead[]) =>
  places.map(({ room, name }) => `${room}: ${name}`).join('; ');

/** What came of it: each breaker with what it feeds, what is odd, and the directory put right. */
export function MapResult({ board, read }: { board: Board; read: readonly PlaceRead[] }) {
  const { data: planning } = useQuery(recordQueries.planning(board.site.id));
  const circuits = new Map(
    planning?.panels
      .find(({ panel }) => panel.id === board.panel.id)
      ?.breakers.map(({ breaker, circuit }) => [breaker.id, circuit]),
  );
  const found = board.breakers
    .filter(({ breaker }) => breaker.role === 'branch')
    .flatMap((entry) => {
      const places = read.filter(({ is, breakerIds }) => is === 'one' && breakerIds[0] === entry.breaker.id);
      const shares = circuits.get(entry.breaker.id)?.sharesNeutral === true;
      const neutral = sharedNeutral(entry.breaker, shares, places.length);
      return places.length === 0 ? [] : [{ ...entry, places, neutral, line: directoryLine(places) }];
    });
  const changed = found.filter(({ label, line }) => label !== line);
  const [left, setLeft] = useState<ReadonlySet<string>>(() => new Set());
  const placeName = (id: string) => {
    const entry = board.breakers.find(({ breaker }) => breaker.id === id);
    return entry
      ? `${placeText(entry.breaker)} ${entry.label ?? ''}`.trim()
      : messages.aBreakerThatWasRemoved;
  };
  const of = (is: PlaceRead['is']) => read.filter((place) => place.is === is);
  return (
    <section aria-label={messages.mappingResult} className="space-y-5">
      <h2 className="text-2xl font-bold">{messages.mappingResult}</h2>
      {of('again').length > 0 && (
        <Notice title={messages.notClear(namesOf(of('again')))}>
          <p>{messages.checkedTwiceButNoBreakerFits}</p>
        </Notice>
      )}
      {of('two').map((place) => (
        <p key={place.id} className="border-l-4 border-danger pl-3">
          {messages.theOutletIsDeadOnlyWith(
            <strong>{messages.isOnTwoBreakers(place.room, place.name)}</strong>,
            place.breakerIds.map(placeName).join(' and '),
          )}
        </p>
      ))}
      {of('never').length > 0 && (
        <p className="border-l-4 border-heed pl-3">
          {messages.fedFromAnotherPanelOrBy(<strong>{messages.neverDead}</strong>, namesOf(of('never')))}
        </p>
      )}
      {of('always').length > 0 && (
        <p className="border-l-4 border-heed pl-3">
          {messages.downstreamOfABreakerThatIs(
            <strong>{messages.deadInEveryRound}</strong>,
            namesOf(of('always')),
          )}
        </p>
      )}
      <ul className="divide-y divide-rule border-y border-rule-strong">
        {found.map(({ breaker, label, places, neutral, line }) => (
          <li key={breaker.id} className="py-2">
            <p>
              <strong className="figures">{placeText(breaker)}</strong> <strong>{line}</strong>
            </p>
            <p className="text-sm text-ink-soft">
              {label === line
                ? messages.matchesTheDirectory
                : label
                  ? messages.directory(label)
                  : messages.noNameInTheDirectory}
              {places.some(({ mended }) => mended) && messages.oneEntryWasCorrected}
            </p>
            {neutral !== null && <p className="mt-1 border-l-4 border-heed pl-3">{neutral}</p>}
          </li>
        ))}
      </ul>
      {found.length > 0 && changed.length === 0 && (
        <p role="status" className="font-semibold text-good">
          {messages.theDirectoryMatchesTheHouse}
        </p>
      )}
      {changed.length > 0 && planning && (
        <PageSection title={messages.updateTheDirectory} level={2}>
          <ul>
            {changed.map(({ breaker, label, line }) => (
              <li key={breaker.id}>
                <CheckInput
                  label={
                    <>
                      <span className="figures">{placeText(breaker)}</span> {label ?? messages.notNamed} →{' '}
                      <strong>{line}</strong>
                    </>
                  }
                  checked={!left.has(breaker.id)}
                  onChecked={(isIn) => setLeft(toggled(left, breaker.id, !isIn))}
                />
              </li>
            ))}
          </ul>
          <SendButton
            look="primary"
            stored={messages.inTheDirectory}
            disabled={changed.every(({ breaker }) => left.has(breaker.id))}
            entries={() =>
              changed
                .filter(({ breaker }) => !left.has(breaker.id))
                .map(({ breaker, line }) =>
                  drawing.setCircuit(breaker.id, named(circuits.get(breaker.id) ?? null, line)),
                )
            }
          >
            {messages.updateTheDirectory}
          </SendButton>
        </PageSection>
      )}
    </section>
  );
}

/** A circuit under another name; one that was not drawn yet is drawn. */
function named(circuit: Circuit | null, label: string): Parameters<typeof drawing.setCircuit>[1] {
  if (circuit === null) return { label };
  const { id: _id, breakerId: _breakerId, loads, ...fields } = circuit;
  return { ...fields, label, loads: loads.map(({ id: _load, ...load }) => load) };
}
