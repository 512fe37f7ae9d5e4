import type { FeederGauge, Material } from './ampacity.ts';

const ROWS: readonly ({ upToAmps: number } & Record<Material, FeederGauge>)[] = [
  { upToAmps: 15, copper: '14', aluminum: '12' },
  { upToAmps: 20, copper: '12', aluminum: '10' },
  { upToAmps: 60, copper: '10', aluminum: '8' },
  { upToAmps: 100, copper: '8', aluminum: '6' },
  { upToAmps: 200, copper: '6', aluminum: '4' },
  { upToAmps: 300, copper: '4', aluminum: '2' },
  { upToAmps: 400, copper: '3', aluminum: '1' },
];

/**
 * The thinnest equipment grounding conductor behind a breaker. NEC 2023, table 250.122.
 *
 * @param breakerAmps the breaker’s rating, A
 * @returns a gauge of each metal; `null` beyond 400 A
 * @example equipmentGround(100) // { copper: '8', aluminum: '6' }
 */
export function equipmentGround(breakerAmps: number): Record<Material, FeederGauge> | null {
  const row = ROWS.find(({ upToAmps }) => breakerAmps <= upToAmps);
  return row ? { copper: row.copper, aluminum: row.aluminum } : null;
}
