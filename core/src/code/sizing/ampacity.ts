import {
  AMBIENT_FACTOR,
  AMPACITY,
  ADJUSTMENT_FACTOR,
  FEEDER_GAUGES,
  type ColumnC,
  type FeederGauge,
  type Material,
} from '../../facts/standards/index.ts';
import { atLeast } from '../../facts/quantities/index.ts';
import type { Conductor } from './schema.ts';

/** A conductor of a branch circuit, or of a feeder or a service. */
export type AnyConductor = Omit<Conductor, 'gauge'> & { gauge: FeederGauge };

/** What bears on the current a conductor may carry. */
export interface ConductorInPlace {
  conductor: AnyConductor;
  terminalC: 60 | 75;
  ambientC: number;
  currentCarrying: number;
}

const tableAmps = (conductor: AnyConductor, column: ColumnC) =>
  AMPACITY[conductor.material][conductor.gauge]![column];

/** Ambient factor in percent; 0 where the table ends. Ambients between two bands belong to the upper one. */
function ambientPercent(column: ColumnC, ambientC: number): number {
  const band = AMBIENT_FACTOR.upToC.findIndex((upTo) => ambientC <= upTo);
  return band === -1 ? 0 : (AMBIENT_FACTOR.percent[column][band] ?? 0);
}

const adjustmentPercent = (currentCarrying: number) =>
  ADJUSTMENT_FACTOR.find((band) => currentCarrying <= band.upTo)!.percent;

/**
 * The lowest table value, in A, of the columns that bind: the insulation's, the terminal's and, for
 * non-metallic sheathed cable, the 60 °C column; before any factor.
 *
 * @param place the conductor with its terminals (°C)
 * @returns A
 * @example lowestColumnAmps({ conductor: { gauge: '12', material: 'copper', insulationC: 90, cable: 'nm' }, terminalC: 75, … }) // 20: cable’s 60 °C column
 */
export function lowestColumnAmps({ conductor, terminalC }: ConductorInPlace): number {
  const columns: ColumnC[] = [conductor.insulationC, terminalC];
  if (conductor.cable === 'nm') columns.push(60);
  return Math.min(...columns.map((column) => tableAmps(conductor, column)));
}

/**
 * Current in A that a conductor may carry where it lies: the insulation's column, corrected for
 * ambient and adjustment for more than three conductors, never above what its terminal (and nm cable's 60 °C column) allow.
 *
 * Source: NEC 2023, tables 310.16, 310.15(B)(1), 310.15(C)(1); 110.14(C); 334.80.
 *
 * @param place the conductor where it lies: ambient (°C), current-carrying conductors beside it, terminals (°C)
 * @returns A
 * @example
 * ampacity({ conductor: { gauge: '12', material: 'copper', insulationC: 90, cable: 'nm' },
 *   terminalC: 75, ambientC: 40, currentCarrying: 2 }) // 20: 27.3 by factors, 20 by the 60 °C column
 */
export function ampacity(place: ConductorInPlace): number {
  const { insulation, terminal, cable } = ampacityLimits(place);
  return Math.min(insulation, terminal, cable ?? Infinity);
}

/**
 * What limits a conductor where it lies, each by itself; the lowest is its ampacity.
 *
 * Source: NEC 2023, tables 310.16, 310.15(B)(1), 310.15(C)(1); 110.14(C); 334.80.
 *
 * @param place the conductor where it lies: ambient (°C), current-carrying conductors beside it, terminals (°C)
 * @returns A: by its insulation with ambient and bundling, by its terminals, and for nm cable by its 60 °C column
 * @example
 * ampacityLimits({ conductor: { gauge: '12', material: 'copper', insulationC: 90, cable: 'other' },
 *   terminalC: 75, ambientC: 40, currentCarrying: 2 }) // { insulation: 27.3, terminal: 25, cable: null }
 */
export function ampacityLimits({ conductor, terminalC, ambientC, currentCarrying }: ConductorInPlace): {
  insulation: number;
  terminal: number;
  cable: number | null;
} {
  const column = conductor.insulationC;
  return {
    insulation:
      (tableAmps(conductor, column) * ambientPercent(column, ambientC) * adjustmentPercent(currentCarrying)) /
      10_000,
    terminal: tableAmps(conductor, terminalC),
    cable: conductor.cable === 'nm' ? tableAmps(conductor, 60) : null,
  };
}

/**
 * The thinnest conductor whose table value is at least a current.
 *
 * Source: NEC 2023, table 310.16.
 *
 * @param material copper or aluminum
 * @param amps A
 * @param column which column of the table, °C
 * @returns its gauge; `null` if none of up to 600 kcmil is
 * @example thinnestConductor('copper', 166, 75) // '2/0'
 */
export const thinnestConductor = (
  material: Material,
  amps: number,
  column: ColumnC = 75,
): FeederGauge | null =>
  FEEDER_GAUGES.find((gauge) => {
    const row = AMPACITY[material][gauge];
    return row !== undefined && atLeast(row[column], amps);
  }) ?? null;
