import { circuitMap } from '@phylaxon/core/panel/circuitMap';
import { panelEntryInput } from '@phylaxon/core/record/panelEntries';
import { randomUUID } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import { Edit } from '../edit/index.ts';
import { logPanelEntry } from '../record/index.ts';
import type { DemoMap } from './shape.ts';

/**
 * A map of a house, with every round of it: what went dead is what each breaker really feeds.
 *
 * @param breakers all that feed a circuit, by their ids
 * @param breakerIn what is in a space
 */
export async function logHouseMap(
  manager: EntityManager,
  panelId: string,
  { at, rooms, staysOn }: DemoMap,
  breakers: readonly string[],
  breakerIn: (space: number) => string,
): Promise<void> {
  const stayOn = staysOn.map(breakerIn);
  const { rounds } = circuitMap({
    breakers: breakers.map((id) => ({ id, mayBeOff: !stayOn.includes(id) })),
    check: 'none',
  });
  const places = Object.entries(rooms).map(([name, own]) => ({
    name,
    places: Object.entries(own).map(([place, space]) => ({ id: randomUUID(), name: place, space })),
  }));
  const mapId = randomUUID();
  const log = (kind: 'house-map' | 'map-looks', content: object) =>
    logPanelEntry(new Edit(manager), panelId, panelEntryInput.parse({ kind, at, content }));
  await log('house-map', {
    mapId,
    check: 'none',
    rooms: places.map((room) => ({
      name: room.name,
      places: room.places.map(({ id, name }) => ({ id, name })),
    })),
    stayOn,
    rounds,
  });
  for (const [round, { off }] of rounds.entries())
    await log('map-looks', {
      mapId,
      round,
      looks: places.flatMap((room) =>
        room.places.map(({ id, space }) => ({ placeId: id, dead: off.includes(breakerIn(space)) })),
      ),
    });
}
