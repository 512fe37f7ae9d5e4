import type { FeederGauge, Material } from './ampacity.ts';

/** Ohms per 1000 ft of conductor, direct current at 75 °C, uncoated. NEC 2023, chapter 9, table 8. */
const OHMS_PER_1000_FT: Record<Material, Partial<Record<FeederGauge, number>>> = {
  copper: {
    14: 3.07,
    12: 1.93,
    10: 1.21,
    8: 0.764,
    6: 0.491,
    4: 0.308,
    3: 0.245,
    2: 0.194,
    1: 0.154,
    '1/0': 0.122,
    '2/0': 0.0967,
    '3/0': 0.0766,
    '4/0': 0.0608,
    250: 0.0515,
    300: 0.0429,
    350: 0.0367,
    400: 0.0321,
    500: 0.0258,
    600: 0.0214,
  },
  aluminum: {
    12: 3.18,
    10: 2,
    8: 1.26,
    6: 0.808,
    4: 0.508,
    3: 0.403,
    2: 0.319,
    1: 0.253,
    '1/0': 0.201,
    '2/0': 0.159,
    '3/0': 0.126,
    '4/0': 0.1,
    250: 0.0847,
    300: 0.0707,
    350: 0.0605,
    400: 0.0529,
    500: 0.0424,
    600: 0.0353,
  },
};

/**
 * Areas of conductors compared, by their resistance: what one has of the other’s.
 *
 * @param gauge AWG or kcmil
 * @param other AWG or kcmil, of the same material
 * @param material copper or aluminum
 * @returns times
 * @throws RangeError for a gauge the material is not made in
 * @example areaTimes('2', '3', 'aluminum') // 1.26
 */
export const areaTimes = (gauge: FeederGauge, other: FeederGauge, material: Material): number =>
  ohmsPerMetre(other, material) / ohmsPerMetre(gauge, material);

/** Share by which a conductor's resistance grows with each °C. NEC 2023, chapter 9, table 8, note 2. */
const PER_DEGREE: Record<Material, number> = { copper: 0.00323, aluminum: 0.0033 };
const TABLE_C = 75;

const METRES_PER_1000_FT = 304.8;

/**
 * Resistance of a conductor, Ω per metre, direct current. NEC 2023, chapter 9, table 8, with its note 2.
 *
 * @param gauge AWG or kcmil
 * @param material copper or aluminum
 * @param conductorC its temperature, °C
 * @returns Ω/m
 * @throws RangeError for a gauge the material is not made in
 * @example ohmsPerMetre('12', 'copper') // 0.00633…
 */
export function ohmsPerMetre(gauge: FeederGauge, material: Material, conductorC: number = TABLE_C): number {
  const ohms = OHMS_PER_1000_FT[material][gauge];
  if (ohms === undefined) throw new RangeError(`${material} is not made in ${gauge} AWG`);
  return (ohms / METRES_PER_1000_FT) * (1 + PER_DEGREE[material] * (conductorC - TABLE_C));
}
