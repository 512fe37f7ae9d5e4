import type { PanelSignId, TestId } from '../../facts/vocabulary/index.ts';
import type { FindingPlace, FoundOutcome, PanelFindings, SignFound } from './findings.ts';
import * as messages from './messages.ts';

export const MS_A_DAY = 86_400_000;

export const names = (places: readonly FindingPlace[]) =>
  [...new Set(places.map(({ name }) => name))].join(', ');

export const sign = (
  id: PanelSignId,
  origin: string,
  places: readonly FindingPlace[] = [],
  when: string | null = null,
): SignFound => ({
  sign: id,
  origin,
  when,
  breakerIds: [...new Set(places.flatMap(({ breakerId }) => breakerId ?? []))],
  entryId: null,
});

/** What a look or a test found, with its places and the last time. */
export function looked(
  { outcomes }: PanelFindings,
  test: TestId,
  outcome: string,
  where: (at: FindingPlace) => boolean = () => true,
): { places: FindingPlace[]; when: string } | null {
  const found = outcomes.filter((one) => one.test === test && one.outcome === outcome && where(one.at));
  if (found.length === 0) return null;
  return { places: found.map(({ at }) => at), when: latest(found) };
}

export const latest = (list: readonly Pick<FoundOutcome, 'when'>[]) =>
  list.reduce((last, { when }) => (when > last ? when : last), '');

/** From one kind of look: the sign if it was found, told by where. */
export function ifLooked(
  findings: PanelFindings,
  test: TestId,
  outcome: string,
  id: PanelSignId,
  words: string,
  where?: (at: FindingPlace) => boolean,
): SignFound[] {
  const found = looked(findings, test, outcome, where);
  return found ? [sign(id, messages.at(words, names(found.places)), found.places, found.when)] : [];
}

export const isMain = (at: FindingPlace) => at.isMain;

export const isBranch = (at: FindingPlace) => !at.isMain;

/** So many joints under load are a scan. */
export const LEAST_SCANNED = 3;
