import { GAUGES, type FeederGauge, type Material } from '../../facts/standards/index.ts';

/**
 * A conductor as people call it.
 *
 * @param conductor gauge (AWG or kcmil) and material
 * @returns its name, as within a sentence
 * @example sayConductor({ gauge: '12', material: 'copper' }) // '12 AWG copper'
 * @example sayConductor({ gauge: '250', material: 'aluminum' }) // '250 kcmil aluminum'
 */
export const sayConductor = ({ gauge, material }: { gauge: FeederGauge; material: Material }): string =>
  `${gauge} ${(GAUGES as readonly string[]).includes(gauge) ? 'AWG' : 'kcmil'} ${material}`;
