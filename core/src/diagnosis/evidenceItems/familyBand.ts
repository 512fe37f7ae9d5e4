import type { Curve } from '../../record/entities/index.ts';
import { bandOf, fitCurve, type Band } from '../../physics/trip/index.ts';

type FamilyCurve = Pick<Curve, 'family' | 'points'>;

/**
 * The printed curve of a part family; `undefined`: there is none.
 *
 * @param family name of the part family; '' where it is not known
 * @param curves of a site
 * @returns the curve
 * @example familyCurve('Orrin S', []) // undefined
 */
export function familyCurve<C extends FamilyCurve>(family: string, curves: readonly C[]): C | undefined {
  const wanted = family.trim().toLowerCase();
  return curves.find((one) => wanted !== '' && one.family.trim().toLowerCase() === wanted);
}

/**
 * The edges of a sound breaker of a part family by its printed curve; `undefined`: there is none, the standard’s hold.
 *
 * @param family name of the part family
 * @param curves of a site
 * @returns its two edges
 * @example familyBand('Orrin S', []) // undefined
 */
export function familyBand(family: string, curves: readonly FamilyCurve[]): Band | undefined {
  const curve = familyCurve(family, curves);
  return curve && bandOf(fitCurve({ points: curve.points }));
}
