import { atLeast, sayQuantity, type Reason } from '../../facts/quantities/index.ts';
import { DWELLING_LOAD, DWELLING_SERVICE } from '../../facts/standards/index.ts';
import { standardRatingAtLeast, thinnestConductor } from '../sizing/index.ts';
import { existingParts, measuredParts, optionalParts, standardParts, type LoadPart } from './parts.ts';
import {
  serviceLoadInput,
  type ServiceLoad,
  type ServiceLoadInput,
  type ServiceMethod,
  type ServiceQuestion,
} from './schema.ts';
import * as messages from './messages.ts';

const PARTS: Record<ServiceMethod, (question: ServiceQuestion) => LoadPart[]> = {
  standard: standardParts,
  optional: optionalParts,
  existing: existingParts,
  measured: measuredParts,
};

/** The least rating of a dwelling’s service for a load, A; `null` beyond the largest. */
const leastServiceAmps = (demandAmps: number): number | null =>
  standardRatingAtLeast(Math.max(demandAmps, DWELLING_LOAD.leastServiceAmps));

function conductorFor(serviceAmps: number, least: number | null): ServiceLoad['conductor'] {
  if (least === null) return null;
  const rating = Math.max(serviceAmps, least);
  if (rating > DWELLING_SERVICE.toAmps) return null;
  const carries = DWELLING_SERVICE.share * rating;
  return {
    copper: thinnestConductor('copper', carries),
    aluminum: thinnestConductor('aluminum', carries),
  };
}

/**
 * The load of a dwelling on its service, by one of the schools of the code; with what its service and its conductors must
 * be rated for.
 *
 * Source: NEC 2023, article 220: part III (220.41 to 220.60), 220.82, 220.83, 220.87; 230.79(C), 240.6(A), 310.12.
 *
 * @param input the dwelling: floor (ft²), appliances (VA, the range kW), what was measured (A), what is added (VA); its service (A, V)
 * @returns parts and sum (VA), amperes, the least service (A), what is left (A, negative: missing), conductors, reasons
 * @throws ZodError where a figure is impossible, or what the school needs is missing
 * @example
 * serviceLoad({ method: 'optional', serviceAmps: 100, floorAreaFt2: 1500, rangeKw: 12, fixed: [{ id: 'water heater', va: 4500 }] }).demandAmps
 *   // 70.83…: 10,000 VA and 40% of 15,500 more… / 240 V
 */
export function serviceLoad(input: ServiceLoadInput): ServiceLoad {
  const question = serviceLoadInput.parse(input);
  const parts = PARTS[question.method](question).filter(({ va, demandVa }) => va > 0 || demandVa > 0);
  const demandVa = parts.reduce((sum, part) => sum + part.demandVa, 0);
  const demandAmps = demandVa / question.volts;
  const minServiceAmps = leastServiceAmps(demandAmps);
  const headroomAmps = question.serviceAmps - demandAmps;
  const fits = atLeast(question.serviceAmps, demandAmps);
  return {
    parts,
    demandVa,
    demandAmps,
    minServiceAmps,
    headroomAmps,
    fits,
    conductor: conductorFor(question.serviceAmps, minServiceAmps),
    reasons: explain(question, { demandAmps, minServiceAmps, fits }),
  };
}

const a = (value: number) => sayQuantity(value, 'A', 1);

function explain(
  question: ServiceQuestion,
  { demandAmps, minServiceAmps, fits }: Pick<ServiceLoad, 'demandAmps' | 'minServiceAmps' | 'fits'>,
): Reason[] {
  const { method, serviceAmps, vehicleVa, hvacIsNew } = question;
  const reasons: Reason[] = [];
  const add = (code: string, text: string) => reasons.push({ code, text });
  add(
    fits ? 'service-carries' : 'service-too-small',
    fits
      ? messages.theCalculatedLoadIsTheService(a(demandAmps), a(serviceAmps))
      : messages.theCalculatedLoadIsMoreThan(a(demandAmps), a(serviceAmps)),
  );
  if (minServiceAmps === null) add('beyond-tables', messages.noStandardRatingUpTo400);
  else if (minServiceAmps > serviceAmps)
    add('least-service', messages.theMinimumServiceIs(a(minServiceAmps)));
  if (vehicleVa.length > 0 && method !== 'measured') add('vehicle-feed', messages.aVehicleCountsAtItsRating);
  if (method === 'existing' && (vehicleVa.length > 0 || question.added.length > 0))
    add('stricter-than-code', messages.nec22083AllowsVehiclesAnd);
  if (method === 'optional' && question.added.some(({ continuous }) => continuous))
    add('continuous-counts', messages.loadsThatRunThreeHoursOr);
  if (method === 'existing' && hvacIsNew) add('hvac-on-top', messages.newHeatingOrCoolingCountsIn);
  if (method === 'measured') add('measured-conditions', messages.theReadingMustCoverOneYear);
  return reasons;
}
