import type { CurrentStep } from './steps.ts';

/** A load that is known to hang on the circuit. */
export interface KnownLoad {
  id: string;
  amps: number;
}

/** By how much something that is switched changes the current. */
export interface Size {
  amps: number;
  loadId: string | null;
  /** A known load, or one that came often enough to be known. */
  isKnown: boolean;
}

/** A load is known by its current, this near. */
const SAME_LOAD = { share: 0.15, amps: 0.35 };
/** Two that were switched in one moment are told by what they make together, this near. */
const SAME_PAIR = { share: 0.03, amps: 0.2 };
/** What fits one load no better than this may be two. */
const SURE = { share: 0.06, amps: 0.25 };
/** So many of a size are a load of its own, though nobody drew it. */
const OFTEN = 4;

const isWithin = (a: number, b: number, { share, amps }: { share: number; amps: number }) =>
  Math.abs(a - b) <= Math.max(amps, share * Math.abs(b));

/**
 * The sizes in which a circuit’s current changes: its known loads, and what comes again and again.
 *
 * @param steps of the current
 * @param known loads, A each
 * @returns sizes in A
 * @example sizesOf([], [{ id: 'heater', amps: 12.5 }]) // [{ amps: 12.5, loadId: 'heater', isKnown: true }]
 */
export function sizesOf(steps: readonly CurrentStep[], known: readonly KnownLoad[]): Size[] {
  const sizes: Size[] = known.map(({ id, amps }) => ({ amps, loadId: id, isKnown: true }));
  const others = steps
    // What goes off at once may be everything: only what comes on tells a load.
    .filter(({ fromAmps, toAmps }) => toAmps > fromAmps)
    .map(({ fromAmps, toAmps }) => toAmps - fromAmps)
    .filter((amps) => !sizes.some((size) => isWithin(amps, size.amps, SURE)))
    .sort((a, b) => a - b);
  for (let i = 0; i < others.length;) {
    const first = others[i]!;
    let end = i;
    while (end < others.length && isWithin(others[end]!, first, SURE)) end += 1;
    const group = others.slice(i, end);
    const amps = group[group.length >> 1]!;
    if (group.length >= OFTEN && !isSumOfTwo(amps, sizes)) sizes.push({ amps, loadId: null, isKnown: true });
    i = end;
  }
  return sizes;
}

const isSumOfTwo = (amps: number, sizes: readonly Size[]) =>
  sizes.some((a) => sizes.some((b) => isWithin(amps, a.amps + b.amps, SAME_PAIR)));

/**
 * What was switched where the current changed: one load as a rule, two where only two together explain it, or where the current
 * went beyond both levels on its way.
 *
 * @param step from one level to another, A
 * @param sizes what there is
 * @param on what is on: only that goes off
 * @param isCoarse samples lie so far apart that a start hardly shows
 * @returns one part or two, off negative
 * @example partsOf(step(9, 4.5), [{ amps: 4.4, loadId: 'pump', isKnown: true }], []) // [{ amps: -4.5, loadId: 'pump', isKnown: true }]
 */
export function partsOf(
  { fromAmps, toAmps, peakAmps, dipAmps }: CurrentStep,
  sizes: readonly Size[],
  on: readonly Size[],
  isCoarse = false,
): Size[] {
  const change = toAmps - fromAmps;
  if (dipAmps !== null) return [sized(dipAmps - fromAmps, sizes), sized(toAmps - dipAmps, sizes)];
  const one = sized(change, sizes);
  const isClear = one.isKnown && isSure(one, sizes);
  // Between far samples a start hardly shows: what does is something that came on before something else went off.
  if (isClear && !isCoarse) return [one];
  if (peakAmps !== null) {
    const parts = [sized(peakAmps - fromAmps, sizes), sized(toAmps - peakAmps, sizes)];
    if (parts.every(({ isKnown }) => isKnown) && isOn({ ...parts[1]!, amps: peakAmps - toAmps }, on))
      return parts;
  }
  if (isClear) return [one];
  return bestPair(change, sizes, on) ?? [one];
}

/** A change as the size that is nearest, if one is near enough. */
function sized(change: number, sizes: readonly Size[]): Size {
  const amps = Math.abs(change);
  const nearest = nearestSize(amps, sizes);
  const fits = nearest !== null && isWithin(amps, nearest.amps, SAME_LOAD);
  return { amps: change, loadId: fits ? nearest.loadId : null, isKnown: fits };
}

const isSure = ({ amps }: Size, sizes: readonly Size[]) =>
  isWithin(Math.abs(amps), nearestSize(Math.abs(amps), sizes)!.amps, SURE);

function nearestSize(amps: number, sizes: readonly Size[]): Size | null {
  return sizes.reduce<Size | null>(
    (best, size) => (best === null || Math.abs(size.amps - amps) < Math.abs(best.amps - amps) ? size : best),
    null,
  );
}

function bestPair(change: number, sizes: readonly Size[], on: readonly Size[]): Size[] | null {
  let best: { parts: Size[]; off: number } | null = null;
  const signed = (size: Size, sign: 1 | -1): Size => ({ ...size, amps: sign * size.amps });
  sizes.forEach((a, i) =>
    sizes.slice(i).forEach((b, j) => {
      // The same load is not switched twice in one moment.
      if (j === 0 && a.loadId !== null) return;
      for (const [x, y] of [
        [1, 1],
        [1, -1],
        [-1, 1],
        [-1, -1],
      ] as const) {
        const off = Math.abs(x * a.amps + y * b.amps - change);
        if (off > Math.max(SAME_PAIR.amps, SAME_PAIR.share * (a.amps + b.amps))) continue;
        const isPossible = [
          [a, x],
          [b, y],
        ].every(([size, sign]) => sign === 1 || isOn(size as Size, on));
        if (isPossible && (best === null || off < best.off))
          best = { parts: [signed(a, x), signed(b, y)], off };
      }
    }),
  );
  return (best as { parts: Size[] } | null)?.parts ?? null;
}

const isOn = ({ amps }: Size, on: readonly Size[]) => on.some((one) => isWithin(one.amps, amps, SAME_LOAD));
