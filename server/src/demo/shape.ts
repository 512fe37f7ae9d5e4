import type { PanelEntryName } from '@phylaxon/core/record/panelEntries';
import type { visitPlan } from '@phylaxon/core/visit/work';
import type { z } from 'zod';
import type {
  BreakerInput,
  CaseClosing,
  CaseInput,
  CircuitInput,
  CurveInput,
  EventInput,
  InspectionInput,
  NoteInput,
  ObservationInput,
  PanelInput,
  ReadingInput,
  ReplacementInput,
  SiteInput,
} from '@phylaxon/core/record/entities';

export type DemoEntry =
  | { readings: ReadingInput[]; struck?: string }
  | { event: EventInput }
  | { observation: ObservationInput }
  | { inspection: InspectionInput }
  | { note: NoteInput };

/** A case of the past: what was found in it, how it ended, what it was. */
export interface DemoCase extends Pick<CaseInput, 'complaint' | 'openedBy' | 'openedAt' | 'words'> {
  /** A minute apart, from when it was opened on. */
  found: [test: ObservationInput['test'], outcome: string][];
  /** null: it is still open. */
  end: CaseClosing | null;
}

/** One circuit of a demo panel: its breaker, what hangs on it, what was logged. */
export interface DemoCircuit {
  breaker: BreakerInput;
  circuit: CircuitInput;
  log?: DemoEntry[];
  cases?: DemoCase[];
  /** The part was replaced: when, by what, and what had been logged of the old one. */
  replaced?: { at: string; by: Omit<ReplacementInput, 'version'>; before: DemoEntry[] };
  /** A logger hung on it for three days. */
  logged?: true;
  /** Its handle is tied to that of the breaker in this space. */
  tiedWith?: number;
}

/** An entry of the panel as a whole; its breakers are named by their spaces. */
export interface DemoPanelEntry {
  at: string;
  kind: PanelEntryName;
  content: (breakerIn: (space: number) => string) => object;
}

/** A visit to a panel: its plan, and when it was made; null: it is still to come. */
export interface DemoVisit {
  plannedAt: string;
  startedAt: string | null;
  plan: (breakerIn: (space: number) => string) => z.input<typeof visitPlan>;
}

/** Where the circuits of a panel lead: for each room its places, each with the space that feeds it. */
export interface DemoMap {
  at: string;
  rooms: Record<string, Record<string, number>>;
  /** Spaces that nobody may turn off. */
  staysOn: number[];
}

export interface DemoPanel {
  /** A temperature camera looked at it. */
  pictured?: true;
  key: string;
  panel: PanelInput;
  /** Fed from the feed-through lugs of the panel with this key, or by its breaker in a space. */
  fedThrough?: string;
  fedBy?: { key: string; space: number };
  circuits: DemoCircuit[];
  mainLog?: DemoEntry[];
  /** What was logged of the panel as a whole. */
  entries?: DemoPanelEntry[];
  visits?: DemoVisit[];
  map?: DemoMap;
}

export interface DemoSite {
  site: SiteInput;
  /** Printed trip curves of part families. */
  curves?: CurveInput[];
  panels: DemoPanel[];
}

type Gauge = '14' | '12' | '10' | '8' | '6';

export const copper = (gauge: Gauge) => ({
  gauge,
  material: 'copper' as const,
  insulationC: 90 as const,
  cable: 'nm' as const,
});

export const demoLoad = (
  name: string,
  watts: number,
  more: {
    va?: number;
    volts?: 120 | 240;
    continuous?: boolean;
    /** On and off in turns, s. */
    turns?: [on: number, off: number];
    /** At the start: so many running currents for so many s. */
    surge?: [times: number, seconds: number];
  } = {},
) => ({
  name,
  volts: more.volts ?? (120 as const),
  watts,
  voltAmperes: more.va ?? null,
  continuous: more.continuous ?? false,
  onSeconds: more.turns?.[0] ?? null,
  offSeconds: more.turns?.[1] ?? null,
  surgeTimes: more.surge?.[0] ?? null,
  surgeSeconds: more.surge?.[1] ?? null,
});

/** It carried a current for so long and did not open. */
export const held = (at: string, amps: number, afterSeconds: number, note = ''): DemoEntry => ({
  event: { kind: 'no-trip', at, amps, afterSeconds, note },
});

export const demoVolts = (
  at: string,
  point: 'outlet' | 'load-terminal' | 'load-terminal-2' | 'leg-a' | 'leg-b',
  value: number,
): ReadingInput => ({
  quantity: 'voltage',
  point,
  value,
  at,
  instrument: point === 'outlet' ? 'plug-in-meter' : 'contact-meter',
  loadState: 'normal',
});

/** A terminal's temperature with the current it was taken at. */
export const soak = (at: string, surfaceC: number, amps: number): DemoEntry => ({
  readings: [
    {
      quantity: 'current',
      point: 'conductor',
      value: amps,
      at,
      instrument: 'clamp-meter',
      loadState: 'everything-on',
    },
    {
      quantity: 'temperature',
      point: 'terminal',
      value: surfaceC,
      ambientC: 22,
      at,
      instrument: 'spot-thermometer',
      loadState: 'everything-on',
    },
  ],
});

/** A current clamped on its conductor. */
export const clamp = (at: string, amps: number, struck?: string): DemoEntry => ({
  readings: [
    {
      quantity: 'current',
      point: 'conductor',
      value: amps,
      at,
      instrument: 'clamp-meter',
      loadState: 'normal',
    },
  ],
  struck,
});

export const look = (at: string, test: ObservationInput['test'], outcome: string): DemoEntry => ({
  observation: { at, test, outcome },
});

/** How a case ended, and what it was. */
export const ended = (
  at: string,
  outcome: CaseClosing['outcome'],
  confirmed: CaseClosing['confirmed'] = null,
  note = '',
): CaseClosing => ({ at, outcome, confirmed, note });

/** Heard, smelt, felt and looked for at the panel: nothing. */
export const QUIET: DemoCase['found'] = [
  ['sound', 'quiet'],
  ['smell', 'none'],
  ['panel-touch', 'cool'],
  ['water-signs', 'dry'],
];
