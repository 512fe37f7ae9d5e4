import type { Board } from '@phylaxon/core/views/board';
import { readHouseMap } from '@phylaxon/core/views/houseMap';
import type { HouseMap, MapLooks } from '@phylaxon/core/record/panelEntries';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, Notice, PageHead } from '../../shared/ui/index.ts';
import { useChanges } from '../../shared/stores/index.ts';
import { BeginMap } from './BeginMap.tsx';
import { MapResult } from './MapResult.tsx';
import { RoundScreen } from './RoundScreen.tsx';
import { useHouseMap, type SendMap } from './useHouseMap.ts';
import * as messages from './messages.ts';

const NOTHING: readonly string[] = [];

/** Which breaker feeds which outlet, lamp and machine: the house is gone through in few rounds. */
export function HouseMapPage() {
  const { panelId = '' } = useParams();
  const { data: board, error: noBoard } = useQuery(recordQueries.board(panelId));
  const { data: upkeep } = useQuery(recordQueries.upkeep(panelId));
  const heard = useChanges(`/panels/${panelId}`);
  const { map, seen, send, isReady, error } = useHouseMap(panelId, board?.panel.name ?? messages.thePanel);
  const [isNew, setIsNew] = useState(false);
  const problem = noBoard?.message ?? (heard ? error?.message : undefined);
  return (
    <main className="max-w-5xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={messages.circuitMapping}
      />
      {problem && <Notice title={problem} />}
      {!heard && <Notice title={messages.theServerIsNotAnsweringYou} />}
      {board && isReady && (map === null || isNew) && (
        <BeginMap
          board={board}
          keepsPower={upkeep?.keepsPower.isSaid ? upkeep.keepsPower.breakerIds : NOTHING}
          onBegin={async (begun) => {
            await send({ kind: 'house-map', content: begun });
            setIsNew(false);
          }}
        />
      )}
      {board && map !== null && !isNew && (
        <>
          <UnderWay board={board} map={map} seen={seen} send={send} />
          <p>
            <Button look="quiet" onClick={() => setIsNew(true)}>
              {messages.startANewMap}
            </Button>
          </p>
        </>
      )}
    </main>
  );
}

interface Props {
  board: Board;
  map: HouseMap;
  seen: readonly MapLooks[];
  send: SendMap;
}

/** The round that is next; then what has to be looked at again; then what came of it. */
function UnderWay({ board, map, seen, send }: Props) {
  const places = map.rooms.flatMap((room) =>
    room.places.map(({ id, name }) => ({ id, name, room: room.name })),
  );
  const times = new Map<string, number>();
  for (const { round, looks } of seen)
    for (const { placeId } of looks)
      times.set(`${placeId} ${round}`, (times.get(`${placeId} ${round}`) ?? 0) + 1);
  const timesOf = (id: string, round: number) => times.get(`${id} ${round}`) ?? 0;
  const next = map.rounds.findIndex((_round, round) => places.some(({ id }) => timesOf(id, round) === 0));
  if (next >= 0)
    return (
      <RoundScreen
        key={next}
        board={board}
        map={map}
        round={next}
        places={places.filter(({ id }) => timesOf(id, next) === 0)}
        isAgain={false}
        send={send}
      />
    );
  const read = readHouseMap(map, seen);
  // What contradicts itself is asked again, once more, and only that.
  const again = read.flatMap(({ id, is, again: rounds }) =>
    is === 'again' ? rounds.filter((round) => timesOf(id, round) < 2).map((round) => ({ id, round })) : [],
  );
  const first = Math.min(...again.map(({ round }) => round));
  return (
    <>
      {again.length > 0 && (
        <RoundScreen
          key={`again ${first}`}
          board={board}
          map={map}
          round={first}
          places={places.filter(({ id }) => again.some((one) => one.id === id && one.round === first))}
          isAgain
          send={send}
        />
      )}
      <MapResult board={board} read={read} />
    </>
  );
}
