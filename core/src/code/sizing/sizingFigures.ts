/** The figures a sizing decision rests on. */
export interface SizingFigures {
  loadAmps: number;
  demandAmps: number;
  ampacity: number;
  columnAmps: number;
  maxBreakerAmps: number;
  minBreakerAmps: number | null;
  /** The conductor carries the load where it lies, and the demand by its lowest column. */
  adequate: boolean;
}
