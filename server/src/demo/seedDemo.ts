import {
  breakerInput,
  circuitInput,
  eventInput,
  observationInput,
  panelInput,
  readingInput,
} from '@phylaxon/core/record';
import type { EntityManager } from 'typeorm';
import {
  addPanel,
  addSite,
  fitBreaker,
  logEvent,
  logObservation,
  logReadings,
  setCircuit,
} from '../record/index.ts';
import { BreakerTable, SiteTable, type Store } from '../store/index.ts';
import { redecidePanel } from '../verdict/index.ts';
import { DEMO_CIRCUITS, DEMO_MAIN_LOG, DEMO_PANEL, DEMO_SITE, type DemoEntry } from './sailLoft.ts';

/**
 * Fill an empty database with the demo site: the panel as it was drawn, then its log in the order it
 * happened, deciding anew after each entry, so that the decisions have a history too. A database
 * that holds a site is left alone.
 */
export async function seedDemo(store: Store): Promise<void> {
  await store.write(async (manager) => {
    if ((await manager.count(SiteTable)) > 0) return;
    const site = await addSite(manager, DEMO_SITE);
    const panel = await addPanel(manager, site.id, panelInput.parse(DEMO_PANEL));
    const main = await manager.findOneByOrFail(BreakerTable, { panelId: panel.id, role: 'main' });
    const log = DEMO_MAIN_LOG.map((entry) => ({ breakerId: main.id, entry }));
    for (const { breaker, circuit, log: own = [] } of DEMO_CIRCUITS) {
      const { id } = await fitBreaker(manager, panel.id, breakerInput.parse(breaker));
      await setCircuit(manager, id, circuitInput.parse(circuit));
      log.push(...own.map((entry) => ({ breakerId: id, entry })));
    }
    log.sort((a, b) => atOf(a.entry).localeCompare(atOf(b.entry)));
    for (const { breakerId, entry } of log) {
      await logEntry(manager, breakerId, entry);
      await redecidePanel(manager, panel.id, new Date(atOf(entry)).toISOString());
    }
  });
}

function atOf(entry: DemoEntry): string {
  if ('readings' in entry) return entry.readings[0]!.at;
  return 'event' in entry ? entry.event.at : entry.observation.at;
}

async function logEntry(manager: EntityManager, breakerId: string, entry: DemoEntry): Promise<void> {
  if ('readings' in entry) {
    await logReadings(
      manager,
      breakerId,
      entry.readings.map((reading) => readingInput.parse(reading)),
    );
  } else if ('event' in entry) {
    await logEvent(manager, breakerId, eventInput.parse(entry.event));
  } else {
    await logObservation(manager, breakerId, observationInput.parse(entry.observation));
  }
}
