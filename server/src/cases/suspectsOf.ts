import type { Suspect } from '@phylaxon/core/diagnosis/cases';
import { sayPlace } from '@phylaxon/core/panel/layout';
import { handleAt, loadFact } from '@phylaxon/core/diagnosis/evidence';
import { isTrip } from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import { panelsOf, siteRow } from '../record/index.ts';
import { panelEvidence } from '../recordService/index.ts';

/** Every breaker at a site, with what a search for the right one looks at. */
export async function suspectsOf(manager: EntityManager, siteId: string): Promise<Suspect[]> {
  await siteRow(manager, siteId);
  const panels = await panelsOf(manager, siteId);
  const all: Suspect[] = [];
  for (const panel of panels) {
    for (const file of (await panelEvidence(manager, panel)).records) {
      const { breaker, circuit, entries } = file;
      all.push({
        breakerId: breaker.id,
        panelId: panel.id,
        panelName: panel.name,
        place: breaker.space === null ? '' : sayPlace(breaker),
        label: circuit?.label ?? null,
        loads: circuit?.loads.map(({ name }) => name) ?? [],
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
