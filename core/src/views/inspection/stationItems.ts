import {
  INSPECTION_ITEM_IDS,
  inspectionItem,
  PURPOSES,
  STATION_IDS,
  type InspectionItemId,
  type PurposeId,
  type StationId,
} from '../../facts/inspection/index.ts';
import { TIME_LIMITS } from '../../facts/limits/index.ts';
import { isProtected, legOfSpace } from '../../panel/layout/index.ts';
import type { Breaker } from '../../record/entities/index.ts';
import type { InspectionSummary, KnownResult } from './schema.ts';

/** A breaker as far as an inspection asks. */
export interface InspectedBreaker {
  breaker: Breaker;
  label: string | null;
  /** It is on, and no hazard of its own forbids working its handle. */
  isReady: boolean;
}

/** The inspection that is under way, or is about to begin. */
export interface CurrentInspection {
  purpose: PurposeId;
  startedAt: string;
}

/** An item at a station: what is asked of it, and what is on record already. */
export interface StationItem {
  item: InspectionItemId;
  /** Breakers it is asked of; `null`: the panel as a whole. */
  asked: (string | null)[];
  known: KnownResult[];
}

const MS_A_DAY = 86_400_000;

/** What an item is looked at: breakers, or the panel. */
function thingsOf(item: InspectionItemId, breakers: readonly InspectedBreaker[]): (string | null)[] {
  const branches = breakers.filter(({ breaker }) => breaker.role === 'branch' && breaker.space !== null);
  switch (inspectionItem(item).of) {
    case 'panel':
      return [null];
    case 'branches':
      return branches.map(({ breaker }) => breaker.id);
    case 'protected':
      // Whoever tests a breaker turns it on again: never one that tripped, is off, or is to be left alone.
      return branches
        .filter(({ breaker, isReady }) => isProtected(breaker.kind) && isReady)
        .map(({ breaker }) => breaker.id);
    case 'legs':
      return (['A', 'B'] as const).flatMap((leg) => {
        const found = branches.find(
          ({ breaker, isReady }) => isReady && breaker.poles === 1 && legOfSpace(breaker.space!) === leg,
        );
        return found ? [found.breaker.id] : [];
      });
  }
}

/**
 * What is asked at a station. What is on record and recent enough for the purpose is not asked again.
 *
 * @param station where somebody stands
 * @param current the inspection
 * @param breakers in the panel
 * @param known the latest results on record
 * @returns items in their order; those that nothing is asked of have an empty list
 * @example stationItems('outside', current, [], []).map(({ item }) => item)[0] // 'service-entrance'
 */
export function stationItems(
  station: StationId,
  { purpose, startedAt }: CurrentInspection,
  breakers: readonly InspectedBreaker[],
  known: readonly KnownResult[],
): StationItem[] {
  const since = new Date(Date.parse(startedAt) - PURPOSES[purpose].keepDays * MS_A_DAY).toISOString();
  return INSPECTION_ITEM_IDS.flatMap((item): StationItem[] => {
    const { station: its, asks, isLasting = false } = inspectionItem(item);
    if (its !== station || (asks !== undefined && !asks.includes(purpose))) return [];
    const things = thingsOf(item, breakers);
    if (things.length === 0) return [];
    const own = known.filter(
      (one) => one.item === item && things.includes(one.breakerId) && (isLasting || one.at >= since),
    );
    const asked = things.filter((thing) => !own.some(({ breakerId }) => breakerId === thing));
    return [{ item, asked, known: own }];
  });
}

/**
 * The stations of an inspection that have something to ask.
 *
 * @param current the inspection
 * @param breakers in the panel
 * @returns in the order of the walk
 * @example stationsOf({ purpose: 'yearly', startedAt: now }, breakers) // ['closed', 'outlets', 'inside']
 */
export const stationsOf = (current: CurrentInspection, breakers: readonly InspectedBreaker[]): StationId[] =>
  STATION_IDS.filter((station) => stationItems(station, current, breakers, []).length > 0);

/**
 * The inspection that is under way.
 *
 * @param inspections of the panel, newest first
 * @param stations it has, by its purpose
 * @param now UTC
 * @returns the newest, unless it is complete or was left long ago; null: none is
 * @example currentInspection([], stations, now) // null
 */
export function currentInspection(
  inspections: readonly InspectionSummary[],
  stations: (current: CurrentInspection) => readonly StationId[],
  now: string,
): InspectionSummary | null {
  const [newest] = inspections;
  if (
    newest === undefined ||
    Date.parse(now) - Date.parse(newest.lastAt) > TIME_LIMITS.inspectionLeftDays * MS_A_DAY
  )
    return null;
  return stations(newest).every((station) => newest.stations.includes(station)) ? null : newest;
}
