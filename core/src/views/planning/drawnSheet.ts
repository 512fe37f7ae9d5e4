import type { Load } from '../../record/entities/index.ts';
import type { ServiceSheet } from '../../record/panelEntries/index.ts';
import type { PlannedPanel, Planning } from './schema.ts';

/** Under which line of a dwelling’s load a thing counts, by the words of its name; the first that fits. */
type Line = 'range' | 'dryer' | 'vehicle' | 'heatPump' | 'cooling' | 'fixed' | 'heat';
const BY_WORDS: readonly [words: RegExp, line: Line][] = [
  [/\b(range|oven|cooktop|stove)\b/i, 'range'],
  [/\bdryer\b/i, 'dryer'],
  [/\b(vehicle|car|ev) ?charger\b|\bcharger\b.*\b(car|vehicle)\b/i, 'vehicle'],
  [/\bheat pump\b/i, 'heatPump'],
  [/\b(air condition\w*|cooling|mini-?split)\b/i, 'cooling'],
  [/\b(water heater|boiler|dishwasher|disposal|microwave|pump|furnace|freezer|opener|press)\b/i, 'fixed'],
  [/\b(heat|heater|heating|baseboard)\b/i, 'heat'],
];

const vaOf = ({ watts, voltAmperes }: Load): number => voltAmperes ?? watts ?? 0;

/** Loads of the whole site, each once; ordinary outlets are counted by the floor, not by what is plugged in. */
const wiredLoads = ({ panels }: Planning): Load[] =>
  panels.flatMap(({ breakers }) =>
    breakers.flatMap(({ circuit }) => (circuit && !circuit.portableReceptacles ? circuit.loads : [])),
  );

/** A name for each, no two alike. */
function named(loads: readonly Load[]): { id: string; va: number }[] {
  const times = new Map<string, number>();
  return loads.map((load) => {
    const seen = (times.get(load.name) ?? 0) + 1;
    times.set(load.name, seen);
    return { id: seen === 1 ? load.name : `${load.name} ${seen}`, va: vaOf(load) };
  });
}

const sum = (loads: readonly Load[]) => loads.reduce((total, load) => total + vaOf(load), 0);

const RANGE_KW = { least: 1.75, most: 27 } as const;

/**
 * What is known of a dwelling’s load before anybody filled anything in: its wired loads by their names, its main, what a logger
 * saw. Every line is there to be looked at and put right.
 *
 * @param planning the site with all its panels
 * @param at the panel of the service
 * @returns VA and A by line; the floor area is never known
 * @example drawnSheet(planning, planning.panels[0]).serviceAmps // 200, its main
 */
export function drawnSheet(planning: Planning, at: PlannedPanel): ServiceSheet {
  const by = new Map<Line, Load[]>();
  for (const load of wiredLoads(planning)) {
    const line = BY_WORDS.find(([words]) => words.test(load.name))?.[1] ?? 'fixed';
    by.set(line, [...(by.get(line) ?? []), load]);
  }
  const of = (line: Line) => by.get(line) ?? [];
  const main = at.breakers.find(({ breaker }) => breaker.role === 'main')?.breaker;
  const rangeKw = sum(of('range')) / 1000;
  return {
    serviceAmps: main?.ratingAmps ?? at.panel.busAmps ?? 100,
    volts: 240,
    smallApplianceCircuits: 2,
    laundryCircuits: 1,
    fixed: named(of('fixed')),
    ...(rangeKw > 0 && { rangeKw: Math.min(RANGE_KW.most, Math.max(RANGE_KW.least, rangeKw)) }),
    ...(of('dryer').length > 0 && { dryerVa: sum(of('dryer')) }),
    heatVa: sum(of('heat')),
    heatUnits: Math.max(1, of('heat').length),
    heatKind: of('heat').length > 1 ? 'separate' : 'central',
    heatPumpVa: sum(of('heatPump')),
    coolingVa: sum(of('cooling')),
    hvacIsNew: false,
    vehicleVa: of('vehicle').map(vaOf),
    largestMotorVa: 0,
    ...(at.peak && { measured: { peakAmps: at.peak.amps } }),
    added: [],
    meterBaseAmps: null,
    busAmps: at.panel.busAmps,
    conductor: null,
  };
}
