import {
  attentionOf,
  boardBreakerOf,
  heatView,
  decisionSummary,
  type Board,
  type BreakerDetail,
  type SiteSummary,
} from '@phylaxon/core/views/board';
import { sayPlace } from '@phylaxon/core/panel/layout';
import { coolDownOf, familyCurve } from '@phylaxon/core/diagnosis/evidence';
import { wouldChange } from '@phylaxon/core/diagnosis/decision';
import { policies } from '@phylaxon/core/record/settings';
import { IsNull, type EntityManager } from 'typeorm';
import { undoRedoOf } from '../edit/index.ts';
import {
  breakerOf,
  breakerRow,
  panelFromRow,
  panelRow,
  panelsOf,
  siteRow,
  latestInspections,
} from '../record/index.ts';
import { readSettings } from '../settings/index.ts';
import { among, BreakerTable, CircuitTable, PanelTable, SiteTable, type PanelRow } from '../store/index.ts';
import { latestVerdicts, panelEvidence, verdictOf } from '../recordService/index.ts';
import { breakerTrends } from './trends.ts';
import * as messages from './messages.ts';

const namePanel = ({ id, name }: PanelRow) => ({ panelId: id, name });

/** What a sub-panel hangs on. */
async function fedFrom(manager: EntityManager, panel: PanelRow): Promise<Board['fedFrom']> {
  const { fedByBreakerId, fedThroughPanelId } = panel;
  if (fedByBreakerId !== null) {
    const breaker = await manager.findOneByOrFail(BreakerTable, { id: fedByBreakerId });
    const above = await manager.findOneByOrFail(PanelTable, { id: breaker.panelId });
    return { panelId: above.id, panelName: above.name, breakerId: breaker.id, place: sayPlace(breaker) };
  }
  if (fedThroughPanelId === null) return null;
  const above = await manager.findOneByOrFail(PanelTable, { id: fedThroughPanelId });
  return { panelId: above.id, panelName: above.name, breakerId: null, place: messages.feedThroughLugs };
}

/** A panel as it hangs. */
export async function boardView(manager: EntityManager, panelId: string): Promise<Board> {
  const panel = await panelRow(manager, panelId);
  const latest = await latestVerdicts(manager, [panelId]);
  const { evidence } = await panelEvidence(manager, panel);
  const site = await panelsOf(manager, panel.siteId);
  return {
    site: await siteRow(manager, panel.siteId),
    panel: panelFromRow(panel),
    fedFrom: await fedFrom(manager, panel),
    breakers: evidence.map((about) => {
      const { id } = about.breaker;
      const fed = site.find((one) => one.fedByBreakerId === id);
      return boardBreakerOf(about, verdictOf(latest.get(id)!), fed ? namePanel(fed) : null);
    }),
    steps: await undoRedoOf(manager, panel.siteId),
  };
}

/** Everything about one breaker but its timeline. */
export async function detailView(manager: EntityManager, breakerId: string): Promise<BreakerDetail> {
  const row = await breakerRow(manager, breakerId);
  const panel = await panelRow(manager, row.panelId);
  const settings = await readSettings(manager);
  const { records, curves, evidence: all } = await panelEvidence(manager, panel);
  const at = records.findIndex(({ breaker }) => breaker.id === breakerId);
  const [record, evidence] = [records[at]!, all[at]!];
  const fed = (await panelsOf(manager, panel.siteId)).find((one) => one.fedByBreakerId === breakerId);
  const verdict = verdictOf((await latestVerdicts(manager, [panel.id])).get(breakerId)!);
  const voltage = record.entries.readings.findLast(
    ({ point }) => point === 'outlet' || point === 'load-terminal',
  );
  return {
    panel: panelFromRow(panel),
    breaker: breakerOf(row),
    circuit: record.circuit,
    handle: evidence.handle,
    load: evidence.load,
    heat: evidence.heat.map(heatView),
    trips: evidence.trips.map(({ event, verdict, window }) => ({ eventId: event.id, verdict, window })),
    trials: evidence.trials,
    wear: evidence.wear,
    coolDown: coolDownOf(evidence),
    curve: familyCurve(row.family, curves) ?? null,
    sizing: evidence.sizing,
    lastVoltage: voltage
      ? {
          point: voltage.point as 'outlet' | 'load-terminal',
          value: voltage.value,
          at: voltage.at,
          simulated: voltage.simulated,
        }
      : null,
    measuredAt: [...new Set(record.entries.readings.map(({ point }) => point).reverse())],
    trends: await breakerTrends(manager, [evidence]),
    changes: wouldChange(evidence, verdict.decision),
    inspections: await latestInspections(manager, breakerId),
    verdict,
    feeds: fed ? namePanel(fed) : null,
    policies: policies.parse(settings),
  };
}

/** Every site with its panels and what in them needs attention, from the decisions that stand. */
export async function startView(manager: EntityManager): Promise<SiteSummary[]> {
  const sites = await manager.find(SiteTable, { order: { name: 'ASC', createdAt: 'ASC' } });
  const panels = await manager.find(PanelTable, {
    where: { removedAt: IsNull() },
    order: { createdAt: 'ASC' },
  });
  const panelIds = panels.map(({ id }) => id);
  const latest = await latestVerdicts(manager, panelIds);
  const breakers = await manager.findBy(BreakerTable, { panelId: among(panelIds), removedAt: IsNull() });
  const circuits = await manager.find(CircuitTable, { select: { breakerId: true, label: true } });
  const labels = new Map(circuits.map(({ breakerId, label }) => [breakerId, label]));
  const steps = new Map<string, SiteSummary['steps']>();
  for (const { id } of sites) steps.set(id, await undoRedoOf(manager, id));
  return sites.map((site) => ({
    site,
    steps: steps.get(site.id)!,
    panels: panels
      .filter(({ siteId }) => siteId === site.id)
      .map((panel) => {
        const own = breakers.filter(({ panelId }) => panelId === panel.id);
        const judged = own.map((breaker) => ({
          breaker,
          label: labels.get(breaker.id) ?? null,
          decision: decisionSummary(verdictOf(latest.get(breaker.id)!)),
        }));
        return { panel: panelFromRow(panel), breakers: own.length, attention: attentionOf(panel, judged) };
      }),
  }));
}
