export interface SwitchedEvent {
  kind: 'switched-on' | 'switched-off';
  atMs: number;
  /** By how much the current changed, A. */
  amps: number;
  /** Which known load it is; null: none fits, or none alone. */
  loadId: string | null;
  /** How it started, where it drew more at first. */
  start: { peakAmps: number; multiple: number; seconds: number } | null;
}

export interface TripEvent {
  kind: 'trip';
  atMs: number;
  /** What it carried before, A: mean since the last change. */
  amps: number;
  /** For how long it had carried that, s. */
  seconds: number;
  /** What it carried before that, A: mean of a quarter hour. */
  preloadAmps: number;
  /** The hour before, in stretches of steady current. */
  history: { amps: number; seconds: number }[];
  /** It carried about its rating or more, so that a breaker opens by itself; false: all went off, and no overload tells why. */
  isOverload: boolean;
}

/** What hung on it came back all at once. */
export interface RestoredEvent {
  kind: 'restored';
  atMs: number;
  amps: number;
  /** How long it was off, s. */
  offSeconds: number;
}

export type LoadEvent = SwitchedEvent | TripEvent | RestoredEvent;
