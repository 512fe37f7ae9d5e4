import {
  inspectionWords,
  type InspectionFollows,
  type InspectionItemId,
  type PurposeId,
} from '../../facts/inspection/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import type { InspectionView, KnownResult } from './schema.ts';

/**
 * A result in words: with its figure, where it has one.
 *
 * @param known what is on record
 * @returns text
 * @example sayResult({ item: 'outlet-voltage', breakerId: 'a', result: 'read', volts: 121, at: now }) // '121 V'
 */
export const sayResult = ({ item, result, volts }: KnownResult): string =>
  volts === null ? inspectionWords(item).results[result]!.words : sayQuantity(volts, 'V');

/**
 * Findings that neither a breaker’s decision nor the evaluation of the panel tells: the inspection says itself what follows.
 *
 * @param known the latest results on record
 * @returns each with what to do
 * @example ownFindings([]) // []
 */
export const ownFindings = (
  known: readonly KnownResult[],
): { result: KnownResult; follows: InspectionFollows }[] =>
  known.flatMap((result) => {
    const { follows } = inspectionWords(result.item).results[result.result]!;
    return follows === undefined ? [] : [{ result, follows }];
  });

/**
 * Items that the newest inspection skipped, and that nothing on record answers since.
 *
 * @param view inspections, and the latest results
 * @returns each with the purpose of that inspection
 * @example skippedItems({ inspections: [], known: [] }) // []
 */
export function skippedItems({
  inspections,
  known,
}: InspectionView): { item: InspectionItemId; purpose: PurposeId }[] {
  const [newest] = inspections;
  if (newest === undefined) return [];
  return newest.skipped
    .filter((item) => !known.some((one) => one.item === item && one.at >= newest.startedAt))
    .map((item) => ({ item, purpose: newest.purpose }));
}
