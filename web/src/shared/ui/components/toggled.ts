/** A set with something in it, or without it. */
export const toggled = <T>(from: ReadonlySet<T>, one: T, isIn: boolean): ReadonlySet<T> =>
  isIn ? new Set([...from, one]) : new Set([...from].filter((other) => other !== one));
