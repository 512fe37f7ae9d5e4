import { endsInspection, goodResult, inspectionItem } from '@phylaxon/core/facts/inspection';
import { volts as voltsSchema } from '@phylaxon/core/facts/quantities';
import type { PanelInspection } from '@phylaxon/core/record/panelEntries';
import type { StationItem } from '@phylaxon/core/views/inspection';
import { toNumber } from '../../shared/ui/index.ts';

/** What was tapped or typed at a station, by item and breaker. */
export type Tapped = Readonly<Record<string, string>>;

/** All breakers of an item that nothing else was tapped for. */
export const THE_REST = 'rest';
/** An answer that was taken back. */
export const NO_ANSWER = '';
/** A breaker that has a finding, which is not chosen yet. */
export const NOT_CHOSEN = '?';

export const answerKey = (item: string, thing: string | null): string => `${item} ${thing ?? 'panel'}`;

const readVolts = (typed: string): number | null => {
  const volts = toNumber(typed) ?? null;
  return voltsSchema.safeParse(volts).success ? volts : null;
};

/** Whether something was typed that is no reading. */
export const isNoReading = (typed: string): boolean => typed.trim() !== '' && readVolts(typed) === null;

export const isReading = ({ item }: Pick<StationItem, 'item'>): boolean =>
  inspectionItem(item).results[goodResult(item)]!.isReading === true;

/** Whether something was begun at a station and cannot be saved yet: a finding without its result, a reading that is none. */
export const isUnfinished = (items: readonly StationItem[], tapped: Tapped): boolean =>
  items.some((one) =>
    one.asked.some((thing) => {
      const own = tapped[answerKey(one.item, thing)] ?? NO_ANSWER;
      return own === NOT_CHOSEN || (isReading(one) && isNoReading(own));
    }),
  );

/** Where an answer ends the inspection on the spot; -1: none does. */
export const stopAt = (items: readonly StationItem[], tapped: Tapped): number =>
  items.findIndex(({ item, asked }) =>
    asked.some((thing) => endsInspection(item, tapped[answerKey(item, thing)] ?? NO_ANSWER)),
  );

type Result = PanelInspection['results'][number];

function resultAt({ item }: StationItem, breakerId: string | null, tapped: Tapped): Result | null {
  const own = tapped[answerKey(item, breakerId)] ?? NO_ANSWER;
  if (isReading({ item })) {
    const volts = readVolts(own);
    return volts === null ? null : { item, breakerId, result: goodResult(item), volts };
  }
  const result = own === NO_ANSWER ? (tapped[answerKey(item, THE_REST)] ?? NO_ANSWER) : own;
  return result === NO_ANSWER || result === NOT_CHOSEN ? null : { item, breakerId, result, volts: null };
}

/**
 * What a station came to.
 *
 * @param items of the station
 * @param tapped what was tapped or typed
 * @returns results, and the items without any: they were not looked at
 */
export function stationAnswers(
  items: readonly StationItem[],
  tapped: Tapped,
): Pick<PanelInspection, 'results' | 'skipped'> {
  const open = items.filter(({ asked }) => asked.length > 0);
  const results = open.flatMap((one) => one.asked.flatMap((thing) => resultAt(one, thing, tapped) ?? []));
  const answered = new Set(results.map(({ item }) => item));
  return { results, skipped: open.map(({ item }) => item).filter((item) => !answered.has(item)) };
}

/**
 * Taps that mark everything that was not answered as normal. A reading is never taken for normal.
 *
 * @param items of the station
 * @param tapped what was tapped or typed
 */
export const restNormal = (items: readonly StationItem[], tapped: Tapped): [string, string][] =>
  stationAnswers(items, tapped).skipped.flatMap((item): [string, string][] => {
    if (isReading({ item })) return [];
    const { of } = inspectionItem(item);
    return [[answerKey(item, of === 'panel' ? null : THE_REST), goodResult(item)]];
  });
