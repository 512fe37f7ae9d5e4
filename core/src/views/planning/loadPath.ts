import { ampacity } from '../../code/sizing/index.ts';
import { BUS_LEGS, type BusLeg, type NodeKind } from '../../code/addedLoad/index.ts';
import { legOfSpace, sayPlace, spacesOf, type Leg } from '../../panel/layout/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { DWELLING_LOAD } from '../../facts/standards/index.ts';
import { loadAmps } from '../../record/entities/index.ts';
import type { ServiceSheet } from '../../record/panelEntries/index.ts';
import type { PlannedPanel, Planning } from './schema.ts';
import { schoolsOf, servicePartsOf } from './service.ts';
import * as messages from './messages.ts';

type OnLegs = Record<Leg, number>;
type PlannedBreakerEntry = PlannedPanel['breakers'][number];

/** What a panel carries, and which of its circuits nobody knows. */
interface Carried {
  amps: OnLegs;
  continuousAmps: OnLegs;
  unknown: string[];
}

/** One node on the way of a load to the utility, as `addedLoad` takes it, with its name. */
export interface PathNode {
  id: string;
  kind: NodeKind;
  label: string;
  /** Where its present load comes from, in words. */
  basis: string;
  /** The panel it belongs to; the way can begin there instead. */
  panelId: string;
  ratingAmps: number;
  ampacity?: number;
  legs: Record<BusLeg, number>;
  continuousAmps: Record<BusLeg, number>;
}

const ofCircuit = ({ circuit, measuredAmps }: PlannedBreakerEntry) => {
  const loads = circuit?.loads ?? [];
  const sum = (some: typeof loads) => some.reduce((all, load) => all + loadAmps(load), 0);
  const amps = measuredAmps ?? (loads.length > 0 ? sum(loads) : null);
  return {
    amps: amps ?? 0,
    continuousAmps: Math.min(amps ?? 0, sum(loads.filter(({ continuous }) => continuous))),
    isKnown: amps !== null,
  };
};

/** The leg of a panel that each leg of the panel it feeds hangs on: its leg A on the upper pole of the breaker. */
const fedLegs = (space: number): Record<Leg, Leg> =>
  legOfSpace(space) === 'A' ? { A: 'A', B: 'B' } : { A: 'B', B: 'A' };

/** What a panel carries on each leg, with all panels that it feeds. */
function carriedBy(
  planning: Planning,
  { panel, breakers }: PlannedPanel,
  seen: readonly string[] = [],
): Carried {
  const amps = { A: 0, B: 0 };
  const continuousAmps = { A: 0, B: 0 };
  const unknown: string[] = [];
  const path = [...seen, panel.id];
  const fedBy = (is: (one: PlannedPanel['panel']) => boolean) =>
    planning.panels.filter((one) => is(one.panel) && !path.includes(one.panel.id));
  for (const entry of breakers) {
    const { breaker, circuit } = entry;
    if (breaker.role !== 'branch' || breaker.space === null) continue;
    const own = ofCircuit(entry);
    const [sub] = fedBy(({ fedByBreakerId }) => fedByBreakerId === breaker.id);
    const below = sub && carriedBy(planning, sub, path);
    const legs = fedLegs(breaker.space);
    if (!own.isKnown && !below)
      unknown.push(messages.unknownCircuit(sayPlace(breaker), circuit?.label ?? '', panel.name));
    if (below) unknown.push(...below.unknown);
    for (const space of spacesOf(breaker)) {
      const leg = legOfSpace(space);
      // The upper pole feeds leg A of the panel below. A feeder counts with what it was measured at, or with what hangs on it.
      const from = legs.A === leg ? 'A' : 'B';
      amps[leg] += Math.max(own.amps, below?.amps[from] ?? 0);
      continuousAmps[leg] += Math.max(own.continuousAmps, below?.continuousAmps[from] ?? 0);
    }
  }
  for (const through of fedBy(({ fedThroughPanelId }) => fedThroughPanelId === panel.id)) {
    const below = carriedBy(planning, through, path);
    unknown.push(...below.unknown);
    for (const leg of ['A', 'B'] as const) {
      amps[leg] += below.amps[leg];
      continuousAmps[leg] += below.continuousAmps[leg];
    }
  }
  return { amps, continuousAmps, unknown };
}

/** What carries a feeder’s current, A; `undefined`: its conductor is not on record. */
const feederAmpacity = ({ circuit }: PlannedBreakerEntry): number | undefined =>
  circuit?.conductor
    ? ampacity({
        conductor: circuit.conductor,
        terminalC: circuit.terminalC,
        ambientC: circuit.ambientC,
        currentCarrying: circuit.currentCarrying,
      })
    : undefined;

const topsOf = ({ panels }: Planning): PlannedPanel[] =>
  panels.filter(({ panel }) => panel.fedByBreakerId === null && panel.fedThroughPanelId === null);

const sheetOf = (planning: Planning, top: PlannedPanel): ServiceSheet | null =>
  (top.sheet ?? topsOf(planning).find(({ sheet }) => sheet !== null)?.sheet)?.content ?? null;

/** What stands at a node already, A on each leg, and where it comes from. */
interface Present {
  amps: OnLegs;
  continuousAmps: OnLegs;
  basis: string;
  unknown: string[];
}

const NONE: OnLegs = { A: 0, B: 0 };
const onBoth = (amps: number): OnLegs => ({ A: amps, B: amps });

/** Ways to count a service that is there: as an existing dwelling and as measured, otherwise as a new one. */
const METHODS = [
  ['existing', 'measured'],
  ['optional', 'standard'],
] as const;

/** The load of a service by Article 220, the larger where two methods apply; `null`: the sheet lacks a figure. */
function calculated(sheet: ServiceSheet): Present | null {
  const schools = schoolsOf(sheet);
  for (const methods of METHODS) {
    const answers = schools.flatMap((one) =>
      'load' in one && methods.some((method) => method === one.method)
        ? [{ method: one.method, amps: one.load.demandAmps }]
        : [],
    );
    if (answers.length === 0) continue;
    const { method, amps } = answers.reduce((most, one) => (one.amps > most.amps ? one : most));
    return {
      ...{ amps: onBoth(amps), continuousAmps: NONE, unknown: [] },
      basis: messages.calculatedBy[method],
    };
  }
  return null;
}

/**
 * The load of a panel: the service’s calculation where it is the only one, 125% of the highest quarter hour of a recording
 * that is long enough, the sum of its circuits, or what was clamped at its main where that is more.
 */
function presentLoad(planning: Planning, planned: PlannedPanel): Present {
  const tops = topsOf(planning);
  const sheet = tops.length === 1 && tops[0] === planned ? sheetOf(planning, planned) : null;
  const service = sheet && calculated(sheet);
  if (service) return service;
  const { peak } = planned;
  if (peak && peak.days >= DWELLING_LOAD.measuredLeastDays)
    return {
      ...{
        amps: onBoth((DWELLING_LOAD.measuredPercent / 100) * peak.amps),
        continuousAmps: NONE,
        unknown: [],
      },
      basis: messages.recordedPeak(sayQuantity(peak.amps, 'A')),
    };
  const circuits = carriedBy(planning, planned);
  const clamped = planned.atMain?.content;
  if (clamped && Math.max(clamped.a, clamped.b) > Math.max(circuits.amps.A, circuits.amps.B))
    return {
      ...circuits,
      amps: { A: Math.max(clamped.a, circuits.amps.A), B: Math.max(clamped.b, circuits.amps.B) },
      basis: messages.clampedAtMain,
    };
  return { ...circuits, basis: messages.sumOfCircuits };
}

/** The service itself: its smallest part. Several mains of one service add up. */
function serviceNode(planning: Planning, top: PlannedPanel) {
  const sheet = sheetOf(planning, top);
  const [smallest] = sheet ? servicePartsOf(sheet) : [];
  if (!sheet || !smallest) return null;
  const all = topsOf(planning).map((one) => presentLoad(planning, one));
  const present = calculated(sheet) ?? {
    amps: sumOnLegs(all.map(({ amps }) => amps)),
    continuousAmps: sumOnLegs(all.map(({ continuousAmps }) => continuousAmps)),
    basis: messages.sumOfMains,
    unknown: all.flatMap(({ unknown }) => unknown),
  };
  return { label: messages.servicePart[smallest.part], ratingAmps: smallest.amps, present };
}

/**
 * The way of a load from a panel up to the service: bus and main of each panel, the feeder between two, the service. What is
 * there already comes from the service’s calculation, from a recording of 30 days, or from the circuits: each as it was clamped, or as
 * the sum of its listed loads.
 *
 * Source: NEC 2023, 220.83 and 220.87 for what is there, 215.3 and 408.36 for what it passes.
 *
 * @param planning the site, with the panel as it would be
 * @param panelId where the load begins
 * @returns the nodes in order, with ratings and present load (A) by the legs of that panel, and the circuits of which neither
 *   a reading nor a load is on record
 * @example loadPath(planning, subPanelId).nodes.map(({ kind }) => kind) // ['bus', 'feeder', 'bus', 'main']
 */
export function loadPath(planning: Planning, panelId: string): { nodes: PathNode[]; unknown: string[] } {
  const nodes: PathNode[] = [];
  const unknown = new Set<string>();
  const seen = new Set<string>();
  // The legs of the first panel, in the letters of the panel that the way has come to.
  let legs: Record<BusLeg, Leg> = { a: 'A', b: 'B' };
  const add = (
    node: Pick<PathNode, 'id' | 'kind' | 'label' | 'panelId' | 'ratingAmps' | 'ampacity'>,
    { amps, continuousAmps, basis, unknown: dark }: Present,
  ) => {
    for (const one of dark) unknown.add(one);
    nodes.push({
      ...node,
      basis,
      legs: { a: amps[legs.a], b: amps[legs.b] },
      continuousAmps: { a: continuousAmps[legs.a], b: continuousAmps[legs.b] },
    });
  };
  let at = planning.panels.find(({ panel }) => panel.id === panelId);
  while (at && !seen.has(at.panel.id)) {
    const { panel, breakers } = at;
    seen.add(panel.id);
    const present = presentLoad(planning, at);
    const here = { panelId: panel.id };
    if (panel.busAmps !== null)
      add(
        {
          ...here,
          id: `bus ${panel.id}`,
          kind: 'bus',
          label: messages.busOf(panel.name),
          ratingAmps: panel.busAmps,
        },
        present,
      );
    const main = breakers.find(({ breaker }) => breaker.role === 'main')?.breaker;
    if (main)
      add(
        {
          ...here,
          id: main.id,
          kind: 'main',
          label: messages.mainOf(panel.name),
          ratingAmps: main.ratingAmps,
        },
        present,
      );
    const { fedByBreakerId, fedThroughPanelId } = panel;
    const parent: PlannedPanel | undefined = planning.panels.find(
      (one) =>
        one.panel.id === fedThroughPanelId ||
        one.breakers.some(({ breaker }) => breaker.id === fedByBreakerId),
    );
    if (!parent) {
      const service = serviceNode(planning, at);
      if (service) {
        const { label, ratingAmps } = service;
        add({ ...here, id: 'service', kind: 'service', label, ratingAmps }, service.present);
      }
      break;
    }
    const feeder = parent.breakers.find(({ breaker }) => breaker.id === fedByBreakerId);
    if (feeder) {
      const carries = feederAmpacity(feeder);
      const own = ofCircuit(feeder).amps;
      add(
        {
          ...{ ...here, id: feeder.breaker.id, kind: 'feeder' },
          label: messages.feederOf(panel.name, sayPlace(feeder.breaker), parent.panel.name),
          ratingAmps: feeder.breaker.ratingAmps,
          ...(carries !== undefined && { ampacity: carries }),
        },
        { ...present, amps: { A: Math.max(present.amps.A, own), B: Math.max(present.amps.B, own) } },
      );
      if (feeder.breaker.space !== null) {
        const up = fedLegs(feeder.breaker.space);
        legs = { a: up[legs.a], b: up[legs.b] };
      }
    }
    at = parent;
  }
  return { nodes, unknown: [...unknown] };
}

const sumOnLegs = (list: readonly OnLegs[]): OnLegs =>
  list.reduce((sum, { A, B }) => ({ A: sum.A + A, B: sum.B + B }), { A: 0, B: 0 });

/**
 * The leg that a space is on, as `addedLoad` names it.
 *
 * @param space from 1
 * @returns leg a or b
 * @example busLegOf(3) // 'b'
 */
export const busLegOf = (space: number): BusLeg => BUS_LEGS[legOfSpace(space) === 'A' ? 0 : 1]!;
