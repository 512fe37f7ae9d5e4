import { useKept } from '../../shared/ui/index.ts';

/** What is entered on a screen and not told yet, by step. */
export type Entered = Readonly<Record<string, string>>;

interface Kept {
  /** How many steps the visit had. */
  n: number;
  at: number;
  entered: Entered;
}

const NOTHING: Entered = {};

/** After so long readings of an open panel are taken anew, ms. */
const LASTS_MS = 15 * 60_000;

/**
 * What is entered on the screen that is next. It belongs to that moment of the visit: after any step it is gone, so that
 * no reading counts that was taken before something changed. A reload of the page keeps it, for a while.
 *
 * @param n how many steps the visit has
 */
export function useEntered(visitId: string, n: number) {
  const [kept, keep] = useKept<Kept>(
    `visit-${visitId}`,
    { n, at: 0, entered: NOTHING },
    ({ at }) => Date.now() - at < LASTS_MS,
  );
  const entered = kept.n === n ? kept.entered : NOTHING;
  const enter = (key: string, text: string) =>
    keep({ n, at: Date.now(), entered: { ...entered, [key]: text } });
  return { entered, enter };
}
