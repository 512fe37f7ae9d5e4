import { sayQuantity } from '../../facts/quantities/index.ts';
import { DWELLING_LOAD, RANGE_LOAD } from '../../facts/standards/index.ts';
import type { ServiceLoad, ServiceQuestion } from './schema.ts';
import * as messages from './messages.ts';

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
  messages.vaFtForPlusForEach(
    DWELLING_LOAD.vaPerFt2,
    sayQuantity(floorAreaFt2, 'ft²', 0),
    say(DWELLING_LOAD.circuitVa),
    smallApplianceCircuits + laundryCircuits,
  );

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
    messages.eachVehicleAtItsRatingAt(say(DWELLING_LOAD.vehicleLeastVa)),
  );

/** New loads: what runs three hours or more counts 125%. */
export const addedPart = ({ added }: ServiceQuestion): LoadPart =>
  part(
    'added',
    sum(added.map(({ va }) => va)),
    sum(added.map(({ va, continuous }) => percent(continuous ? DWELLING_LOAD.continuousPercent : 100, va))),
    messages.newLoadsInFullThoseThat,
  );

const larger = (question: ServiceQuestion): { va: number; text: string } =>
  heatingVa(question) >= question.coolingVa
    ? { va: heatingVa(question), text: messages.heatingTheLargerOfHeatingAnd }
    : { va: question.coolingVa, text: messages.coolingTheLargerOfHeatingAnd };

const hvacInFull = (question: ServiceQuestion): LoadPart => {
  const { va, text } = larger(question);
  return part('hvac', va, va, text);
};

/** NEC 2023, article 220 part III. */
export function standardParts(question: ServiceQuestion): LoadPart[] {
  const { rangeKw = 0, dryerVa, largestMotorVa } = question;
  const general = generalVa(question);
  return [
    part('general', general, lightingDemandVa(general), messages.theFirst3000VaIn(generalText(question))),
    part('fixed', fixedVa(question), fixedDemandVa(question), messages.fixedAppliancesIfFourOrMore),
    part(
      'range',
      rangeKw * 1000,
      rangeKw === 0 ? 0 : rangeDemandVa(rangeKw),
      messages.oneHouseholdRangeByTheDemand,
    ),
    part(
      'dryer',
      dryerVa ?? 0,
      dryerVa ? Math.max(dryerVa, DWELLING_LOAD.dryerLeastVa) : 0,
      messages.oneDryerAtItsRatingAt(say(DWELLING_LOAD.dryerLeastVa)),
    ),
    hvacInFull(question),
    vehicles(question),
    part(
      'motor',
      largestMotorVa,
      percent(DWELLING_LOAD.motorExtraPercent, largestMotorVa),
      messages.extraForTheLargestMotor,
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
  const share = messages.ofTheTotalTheFirstCount(say(firstVa));
  const general = generalVa(question);
  return [
    part('general', general, general, `${generalText(question)}; ${share}`),
    part('fixed', fixedVa(question), 0, messages.fixedAppliances(share)),
    part('range', rangeKw * 1000, 0, messages.rangeAtItsRating(share)),
    part('dryer', dryerVa, 0, messages.dryerAtItsRating(share)),
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
        heatPumpVa > 0 ? messages.heatPumpInFullAndOf(central) : messages.ofElectricHeating(share),
      )
    : part('hvac', coolingVa, coolingVa, messages.coolingTheLargerOfHeatingAnd);
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
      ? [...pooled(parts, firstVa), { ...hvac, text: messages.newSoItCountsInFull(hvac.text) }]
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
      messages.highest15MinuteDemandAt125(sayQuantity(question.measured!.peakAmps, 'A', 1)),
    ),
    addedPart(question),
  ];
}
