import type { Suspect } from '@phylaxon/core/diagnosis/cases';
import { sayPlace } from '@phylaxon/core/panel/layout';
import { handleAt, loadFact } from '@phylaxon/core/diagnosis/evidence';
import { isTrip } from '@phylaxon/core/record/entities';
import { readHouseMap } from '@phylaxon/core/views/houseMap';
import type { EntityManager } from 'typeorm';
import { panelsOf, siteRow, standingEntries } from '../record/index.ts';
import { panelEvidence } from '../recordService/index.ts';

/** Every breaker at a site, with what a search for the right one looks at. */
export async function suspectsOf(manager: EntityManager, siteId: string): Promise<Suspect[]> {
  await siteRow(manager, siteId);
  const panels = await panelsOf(manager, siteId);
  const all: Suspect[] = [];
  for (const panel of panels) {
    const placesAt = await mappedPlaces(manager, panel.id);
    for (const file of (await panelEvidence(manager, panel)).records) {
      const { breaker, circuit, entries } = file;
      all.push({
        breakerId: breaker.id,
        panelId: panel.id,
        panelName: panel.name,
        place: breaker.space === null ? '' : sayPlace(breaker),
        label: circuit?.label ?? null,
        loads: circuit?.loads.map(({ name }) => name) ?? [],
        places: placesAt.get(breaker.id) ?? [],
        role: breaker.role,
        kind: breaker.kind,
        handle: handleAt(entries.events),
        share: loadFact(file)?.share ?? null,
        trips: entries.events.filter(isTrip).length,
      });
    }
  }
  return all;
}

/** What each breaker of a panel feeds, place by place, by the latest map of the house. */
async function mappedPlaces(manager: EntityManager, panelId: string): Promise<Map<string, string[]>> {
  const found = new Map<string, string[]>();
  const [latest] = await standingEntries(manager, panelId, 'house-map');
  if (!latest) return found;
  const map = latest.content;
  const looks = (await standingEntries(manager, panelId, 'map-looks'))
    .map(({ content }) => content)
    .filter(({ mapId }) => mapId === map.mapId)
    .reverse();
  for (const { is, breakerIds, room, name } of readHouseMap(map, looks))
    if (is === 'one') found.set(breakerIds[0]!, [...(found.get(breakerIds[0]!) ?? []), `${room}: ${name}`]);
  return found;
}
