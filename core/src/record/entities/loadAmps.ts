/** What a nameplate or a plug-in meter says of a load. */
interface LoadRating {
  volts: number;
  watts: number | null;
  voltAmperes: number | null;
}

/**
 * Current a load draws, in A: its volt-amperes over its volts; where only watts are known, as if its
 * power factor were 1.
 *
 * @param load V, and W or VA as far as they are known
 * @returns A
 * @example loadAmps({ volts: 120, watts: 1500, voltAmperes: null }) // 12.5
 */
export function loadAmps(load: LoadRating): number {
  return (load.voltAmperes ?? load.watts ?? 0) / load.volts;
}
