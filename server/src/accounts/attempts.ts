/** So many failures in so long a time, then none is looked at until the first of them is past. */
const MOST_FAILURES = 10;
const WINDOW_MS = 15 * 60_000;
/** So many names and addresses are remembered until what is past is forgotten. */
const TIDY_AT = 10_000;

/** One try to sign in. */
export interface Attempt {
  /** It did not fail, so it does not count. */
  succeeded: () => void;
}

/** How often somebody failed to sign in, by name and by address. A try under way counts as failed until it succeeds. */
export class Attempts {
  private readonly failures = new Map<string, number[]>();

  /**
   * Begin a try.
   *
   * @param keys the name and the address
   * @returns it; or how many seconds to wait, where too many failed
   */
  begin(keys: readonly string[]): Attempt | number {
    const now = Date.now();
    const waits = keys.map((key) => this.waitOf(key, now));
    const wait = Math.max(...waits);
    if (wait > 0) return Math.ceil(wait / 1000);
    if (this.failures.size > TIDY_AT) for (const key of this.failures.keys()) this.recent(key, now);
    for (const key of keys) this.failures.set(key, [...this.recent(key, now), now]);
    return {
      succeeded: () => {
        for (const key of keys) {
          const all = this.failures.get(key) ?? [];
          const at = all.indexOf(now);
          const rest = at < 0 ? all : all.toSpliced(at, 1);
          if (rest.length === 0) this.failures.delete(key);
          else this.failures.set(key, rest);
        }
      },
    };
  }

  private recent(key: string, now: number): number[] {
    const recent = (this.failures.get(key) ?? []).filter((at) => at > now - WINDOW_MS && at <= now);
    if (recent.length === 0) this.failures.delete(key);
    else this.failures.set(key, recent);
    return recent;
  }

  private waitOf(key: string, now: number): number {
    const recent = this.recent(key, now);
    return recent.length < MOST_FAILURES ? 0 : recent.at(-MOST_FAILURES)! + WINDOW_MS - now;
  }
}
