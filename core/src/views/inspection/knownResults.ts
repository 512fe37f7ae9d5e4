import { INSPECTION_ITEM_IDS, inspectionItem } from '../../facts/inspection/index.ts';
import type { PanelSignId, TestId } from '../../facts/vocabulary/index.ts';
import type { PanelInspection } from '../../record/panelEntries/index.ts';
import type { InspectionSummary, KnownResult } from './schema.ts';

/** A station of an inspection, as it is on record. */
export interface InspectionEntry {
  at: string;
  content: PanelInspection;
}

/** What is on record of a panel, as far as an inspection asks. */
export interface InspectedRecord {
  /** Newest first, without void ones. */
  entries: readonly InspectionEntry[];
  /** What looks and tests at its breakers came to. */
  outcomes: readonly {
    breakerId: string | null;
    isMain: boolean;
    test: TestId;
    outcome: string;
    at: string;
  }[];
  /** What was said of the panel as a whole. */
  signs: readonly { sign: PanelSignId; found: boolean; at: string }[];
  hasOpenSlots: boolean;
  /** The breakers that are in the panel now. */
  breakerIds: readonly string[];
}

const keyOf = ({ item, breakerId }: Pick<KnownResult, 'item' | 'breakerId'>) => `${item} ${breakerId ?? ''}`;

/** Results an outcome at a breaker stands for. */
function fromOutcome({
  breakerId,
  isMain,
  test,
  outcome,
  at,
}: InspectedRecord['outcomes'][number]): KnownResult[] {
  return INSPECTION_ITEM_IDS.flatMap((item): KnownResult[] => {
    const { of, results } = inspectionItem(item);
    // Of the panel as a whole, the log of its main tells.
    if (of === 'panel' ? !isMain : isMain) return [];
    const found = Object.entries(results).find(
      ([, { seenAs }]) => seenAs?.test === test && seenAs.outcome === outcome,
    );
    return found
      ? [{ item, breakerId: of === 'panel' ? null : breakerId, result: found[0], volts: null, at }]
      : [];
  });
}

const ofSign = (sign: PanelSignId, at: string): KnownResult[] =>
  INSPECTION_ITEM_IDS.flatMap((item): KnownResult[] => {
    const found = Object.entries(inspectionItem(item).results).find(([, result]) => result.sign === sign);
    return found ? [{ item, breakerId: null, result: found[0], volts: null, at }] : [];
  });

/**
 * The latest result of each item at each breaker, wherever it was logged.
 *
 * @param record what is on record of the panel
 * @param now UTC
 * @returns each item once for each breaker, or once for the panel
 * @example knownResults({ entries: [], outcomes: [], signs: [], hasOpenSlots: false, breakerIds: [] }, now) // []
 */
export function knownResults(
  { entries, outcomes, signs, hasOpenSlots, breakerIds }: InspectedRecord,
  now: string,
): KnownResult[] {
  const all = [
    ...entries.flatMap(({ at, content }) => content.results.map((result) => ({ ...result, at }))),
    ...outcomes.flatMap(fromOutcome),
    ...signs.flatMap(({ sign, found, at }) => (found ? ofSign(sign, at) : [])),
    ...(hasOpenSlots ? ofSign('open-hole', now) : []),
  ];
  const isHere = ({ breakerId }: KnownResult) => breakerId === null || breakerIds.includes(breakerId);
  const latest = new Map<string, KnownResult>();
  for (const one of all.filter(isHere)) {
    const before = latest.get(keyOf(one));
    if (!before || one.at > before.at) latest.set(keyOf(one), one);
  }
  const gone = (known: KnownResult): boolean => {
    const { sign } = inspectionItem(known.item).results[known.result]!;
    const said = signs.filter((one) => one.sign === sign).sort((a, b) => b.at.localeCompare(a.at))[0];
    return said !== undefined && !said.found && said.at > known.at;
  };
  return [...latest.values()].filter((known) => !gone(known));
}

/**
 * Inspections of a panel, each with the stations that are done.
 *
 * @param entries of the panel, newest first
 * @returns newest first
 * @example inspectionsOf([]) // []
 */
export function inspectionsOf(entries: readonly InspectionEntry[]): InspectionSummary[] {
  const byId = new Map<string, InspectionEntry[]>();
  for (const entry of entries) {
    const { inspectionId } = entry.content;
    byId.set(inspectionId, [...(byId.get(inspectionId) ?? []), entry]);
  }
  return [...byId].map(([inspectionId, its]): InspectionSummary => {
    const times = its.map(({ at }) => at).sort();
    // A station that was gone through again skips only what it skipped last.
    const latest = new Map([...its].reverse().map(({ content }) => [content.station, content.skipped]));
    return {
      inspectionId,
      purpose: its[0]!.content.purpose,
      startedAt: times[0]!,
      lastAt: times.at(-1)!,
      stations: [...latest.keys()],
      skipped: [...latest.values()].flat(),
    };
  });
}
