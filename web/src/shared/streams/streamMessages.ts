/** What a page asks of the worker that holds the connection of all pages. */
export type Asked =
  | { kind: 'listen'; id: number; address: string; event: string }
  | { kind: 'stop'; id: number }
  /** The page is left. */
  | { kind: 'leave' };

/** What the worker tells a listener of a page: its stream is open, cannot be heard, or an event came in. */
export type Answer =
  { id: number; kind: 'open' } | { id: number; kind: 'lost' } | { id: number; kind: 'event'; data: string };
