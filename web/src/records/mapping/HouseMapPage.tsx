import type { Board } from '@phylaxon/core/views/board';
import { nextLooks, readHouseMap } from '@phylaxon/core/views/houseMap';
import type { HouseMap, MapLooks } from '@phylaxon/core/record/panelEntries';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, later, Notice, PageHead } from '../../shared/ui/index.ts';
import { useChanges } from '../../shared/stores/index.ts';
import { MapResult } from './MapResult.tsx';
import { RoundScreen } from './RoundScreen.tsx';
import { useHouseMap, type SendMap } from './useHouseMap.ts';
import * as messages from './messages.ts';

/** What plans the rounds loads when a map begins. */
const BeginMap = later(async () => (await import('./BeginMap.tsx')).BeginMap);

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
  const next = nextLooks(map, seen);
  const round = next && (
    <RoundScreen
      key={`${next.round} ${next.isAgain}`}
      board={board}
      map={map}
      round={next.round}
      places={map.rooms.flatMap((room) =>
        room.places
          .filter(({ id }) => next.placeIds.includes(id))
          .map(({ id, name }) => ({ id, name, room: room.name })),
      )}
      isAgain={next.isAgain}
      send={send}
    />
  );
  if (next && !next.isAgain) return round;
  return (
    <>
      {round}
      <MapResult board={board} read={readHouseMap(map, seen)} />
    </>
  );
}
