/** From cold to hot: enamel, verdigris, ochre, vermilion, bone. Lightness grows all the way, so that gray tells the same. */
export const HEAT_STOPS: readonly (readonly [red: number, green: number, blue: number])[] = [
  [13, 22, 18],
  [28, 74, 62],
  [132, 100, 22],
  [214, 86, 44],
  [250, 240, 214],
];

/** What is drawn coldest and hottest, °C. */
export interface HeatScale {
  from: number;
  to: number;
}

/** So many of the coldest cells are drawn alike: what mirrors the cold sky does not press the rest flat. */
const COLDEST_SHARE = 0.01;
/** A picture that is all of one temperature has no contrast: its noise is not blown up. */
const LEAST_SPAN_C = 0.1;

/**
 * From where to where a picture is drawn: its hottest cell always shows as such.
 *
 * @param celsius its cells
 * @returns °C
 * @example heatScale([20, 21, 45]) // { from: 20, to: 45 }
 */
export function heatScale(celsius: ArrayLike<number>): HeatScale {
  const sorted = Float32Array.from(celsius).sort();
  return { from: sorted[Math.floor(sorted.length * COLDEST_SHARE)]!, to: sorted[sorted.length - 1]! };
}

/**
 * Where a temperature lies on a scale.
 *
 * @param celsius a temperature
 * @param scale of the picture
 * @returns 0 to 1 within it
 * @example heatShare(30, { from: 20, to: 40 }) // 0.5
 */
export const heatShare = (celsius: number, { from, to }: HeatScale): number =>
  (celsius - from) / Math.max(LEAST_SPAN_C, to - from);

/**
 * The color of a temperature in a picture, on screen and on paper.
 *
 * @param share where it lies between the picture’s coldest and hottest, 0 to 1
 * @returns red, green and blue, 0 to 255
 * @example heatColor(0) // [13, 22, 18]
 */
export function heatColor(share: number): [red: number, green: number, blue: number] {
  const at = Math.min(1, Math.max(0, share)) * (HEAT_STOPS.length - 1);
  const i = Math.min(HEAT_STOPS.length - 2, Math.floor(at));
  const [a, b] = [HEAT_STOPS[i]!, HEAT_STOPS[i + 1]!];
  const channel = (c: 0 | 1 | 2) => Math.round(a[c] + (b[c] - a[c]) * (at - i));
  return [channel(0), channel(1), channel(2)];
}

/**
 * A temperature picture as the pixels of an image.
 *
 * @param celsius its cells
 * @param scale from where to where it is drawn, °C
 * @returns red, green, blue and opacity of each cell, 0 to 255
 * @example heatPixels([20, 40], { from: 20, to: 40 }).length // 8
 */
export function heatPixels(celsius: ArrayLike<number>, scale: HeatScale): Uint8ClampedArray<ArrayBuffer> {
  const pixels = new Uint8ClampedArray(celsius.length * 4);
  for (let i = 0; i < celsius.length; i += 1)
    pixels.set([...heatColor(heatShare(celsius[i]!, scale)), 255], i * 4);
  return pixels;
}
