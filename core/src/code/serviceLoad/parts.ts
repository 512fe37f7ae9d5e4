import { sayQuantity } from '../../facts/quantities/index.ts';
import { DWELLING_LOAD, RANGE_LOAD } from '../../facts/standards/index.ts';
import type { ServiceLoad, ServiceQuestion } from './schema.ts';

export type LoadPart = ServiceLoad['parts'][number];

const say = (value: number) => sayQuantity(value, 'VA', 0);
const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
const percent = (share: number, va: number) => (share * va) / 100;

/** Lighting and ordinary outlets by the floor, and the circuits of kitchen and laundry. NEC 2023, 220.41 and 220.52. */
export function generalVa({
  floorAreaFt2 = 0,
  smallApplianceCircuits,
  laundryCircuits,
}: ServiceQuestion): number {
  return (
    DWELLING_LOAD.vaPerFt2 * floorAreaFt2 +
    DWELLING_LOAD.circuitVa * (smallApplianceCircuits + laundryCircuits)
  );
}

export const generalText = ({
  floorAreaFt2 = 0,
  smallApplianceCircuits,
  laundryCircuits,
}: ServiceQuestion): string =>
  `${DWELLING_LOAD.vaPerFt2} VA for each of ${sayQuantity(floorAreaFt2, 'ft²', 0)}, and ${say(DWELLING_LOAD.circuitVa)} for each of ${smallApplianceCircuits + laundryCircuits} kitchen and laundry circuits`;

/** What general lighting counts, in its steps. NEC 2023, 220.45. */
export function lightingDemandVa(va: number): number {
  let counted = 0;
  let from = 0;
  for (const { upToVa, percent: share } of DWELLING_LOAD.lightingSteps) {
    if (va > from) counted += percent(share, Math.min(va, upToVa) - from);
    from = upToVa;
  }
  return counted;
}

/** Appliances fastened in place: four and more of 500 VA count three quarters each. NEC 2023, 220.53. */
export function fixedDemandVa({ fixed }: ServiceQuestion): number {
  const { from, ofVa, percent: share } = DWELLING_LOAD.fixed;
  const counted = fixed.filter(({ va }) => va >= ofVa).length;
  return sum(fixed.map(({ va }) => (counted >= from && va >= ofVa ? percent(share, va) : va)));
}

/** What one household range counts, VA. NEC 2023, table 220.55. */
export function rangeDemandVa(kw: number): number {
  const { smallUpToKw, smallPercent, usualUpToKw, usualKw, percentEachKw } = RANGE_LOAD;
  if (kw <= smallUpToKw) return percent(smallPercent, kw * 1000);
  // Halves are counted up, as Math.round does for what is not negative.
  const beyond = kw <= usualUpToKw ? 0 : Math.round(kw - usualUpToKw);
  return percent(100 + percentEachKw * beyond, usualKw * 1000);
}

const part = (code: LoadPart['code'], va: number, demandVa: number, text: string): LoadPart => ({
  code,
  va,
  demandVa,
  text,
});

const fixedVa = ({ fixed }: ServiceQuestion) => sum(fixed.map(({ va }) => va));
const heatingVa = ({ heatVa, heatPumpVa }: ServiceQuestion) => heatVa + heatPumpVa;

/** Vehicles count their rating, and 7,200 VA at least. NEC 2023, 220.57. */
const vehicles = ({ vehicleVa }: ServiceQuestion): LoadPart =>
  part(
    'vehicle',
    sum(vehicleVa),
    sum(vehicleVa.map((va) => Math.max(va, DWELLING_LOAD.vehicleLeastVa))),
    `Each vehicle at its rating, at least ${say(DWELLING_LOAD.vehicleLeastVa)}`,
  );

/** New loads: what runs three hours or more counts 125 %. */
export const addedPart = ({ added }: ServiceQuestion): LoadPart =>
  part(
    'added',
    sum(added.map(({ va }) => va)),
    sum(added.map(({ va, continuous }) => percent(continuous ? DWELLING_LOAD.continuousPercent : 100, va))),
    'New loads in full, those of three hours and more at 125 %',
  );

const larger = (question: ServiceQuestion): { va: number; text: string } =>
  heatingVa(question) >= question.coolingVa
    ? { va: heatingVa(question), text: 'Heating, the larger of heating and cooling' }
    : { va: question.coolingVa, text: 'Cooling, the larger of heating and cooling' };

const hvacInFull = (question: ServiceQuestion): LoadPart => {
  const { va, text } = larger(question);
  return part('hvac', va, va, text);
};

/** NEC 2023, article 220 part III. */
export function standardParts(question: ServiceQuestion): LoadPart[] {
  const { rangeKw = 0, dryerVa, largestMotorVa } = question;
  const general = generalVa(question);
  return [
    part(
      'general',
      general,
      lightingDemandVa(general),
      `${generalText(question)}; the first 3,000 VA in full, 35 % of what lies beyond, 25 % beyond 120,000 VA`,
    ),
    part(
      'fixed',
      fixedVa(question),
      fixedDemandVa(question),
      'Fastened in place; where four or more are of 500 VA and more, those at 75 %',
    ),
    part(
      'range',
      rangeKw * 1000,
      rangeKw === 0 ? 0 : rangeDemandVa(rangeKw),
      'One household range by its table',
    ),
    part(
      'dryer',
      dryerVa ?? 0,
      dryerVa ? Math.max(dryerVa, DWELLING_LOAD.dryerLeastVa) : 0,
      `One dryer at its rating, at least ${say(DWELLING_LOAD.dryerLeastVa)}`,
    ),
    hvacInFull(question),
    vehicles(question),
    part(
      'motor',
      largestMotorVa,
      percent(DWELLING_LOAD.motorExtraPercent, largestMotorVa),
      '25 % more for the largest motor',
    ),
    addedPart(question),
  ];
}

/** All of a pool shares what the pool counts. */
function pooled(parts: readonly LoadPart[], firstVa: number): LoadPart[] {
  const all = sum(parts.map(({ va }) => va));
  const counted = Math.min(all, firstVa) + percent(DWELLING_LOAD.restPercent, Math.max(0, all - firstVa));
  return parts.map((one) => ({ ...one, demandVa: all === 0 ? 0 : (one.va / all) * counted }));
}

const pool = (question: ServiceQuestion, firstVa: number): LoadPart[] => {
  const { rangeKw = 0, dryerVa = 0 } = question;
  const share = `in the sum of which the first ${say(firstVa)} count in full and the rest 40 %`;
  const general = generalVa(question);
  return [
    part('general', general, general, `${generalText(question)}; ${share}`),
    part('fixed', fixedVa(question), 0, `Fastened in place, ${share}`),
    part('range', rangeKw * 1000, 0, `The range at its rating, ${share}`),
    part('dryer', dryerVa, 0, `The dryer at its rating, ${share}`),
  ];
};

/** Heating or cooling by the optional way: the largest of its kinds. NEC 2023, 220.82(C). */
function optionalHvac({ heatVa, heatUnits, heatKind, heatPumpVa, coolingVa }: ServiceQuestion): LoadPart {
  const { central, separate, separateFrom } = DWELLING_LOAD.heatPercent;
  const share = heatKind === 'separate' && heatUnits >= separateFrom && heatPumpVa === 0 ? separate : central;
  const heating = heatPumpVa + percent(share, heatVa);
  return heating >= coolingVa
    ? part(
        'hvac',
        heatPumpVa + heatVa,
        heating,
        heatPumpVa > 0
          ? `The heat pump in full and ${central} % of the electric heat beside it`
          : `${share} % of electric heating`,
      )
    : part('hvac', coolingVa, coolingVa, 'Cooling, the larger of heating and cooling');
}

/** NEC 2023, 220.82. */
export const optionalParts = (question: ServiceQuestion): LoadPart[] => [
  ...pooled(pool(question, DWELLING_LOAD.optionalFirstVa), DWELLING_LOAD.optionalFirstVa),
  optionalHvac(question),
  vehicles(question),
  addedPart(question),
];

/** NEC 2023, 220.83. */
export function existingParts(question: ServiceQuestion): LoadPart[] {
  const firstVa = DWELLING_LOAD.existingFirstVa;
  const hvac = hvacInFull(question);
  const parts = pool(question, firstVa);
  return [
    ...(question.hvacIsNew
      ? [...pooled(parts, firstVa), { ...hvac, text: `${hvac.text}; it is new, and counts in full` }]
      : pooled([...parts, hvac], firstVa)),
    vehicles(question),
    addedPart(question),
  ];
}

/** NEC 2023, 220.87. */
export function measuredParts(question: ServiceQuestion): LoadPart[] {
  const va = question.measured!.peakAmps * question.volts;
  return [
    part(
      'measured',
      va,
      percent(DWELLING_LOAD.measuredPercent, va),
      `The highest quarter hour, ${sayQuantity(question.measured!.peakAmps, 'A', 1)}, at 125 %`,
    ),
    addedPart(question),
  ];
}
