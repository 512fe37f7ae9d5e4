import { secondSource, type SecondSource } from '../../code/secondSource/index.ts';
import { standardRatingAtLeast } from '../../code/sizing/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { BUS_SOURCES, STANDARD_RATINGS_AMPS } from '../../facts/standards/index.ts';
import { sayPlace, spacesOf } from '../../panel/layout/index.ts';
import type { OtherSources, PanelSource } from '../../record/panelEntries/index.ts';
import { feedOf } from './feedOf.ts';
import type { PlannedPanel, Planning } from './schema.ts';
import type { SourceLabel } from './sourceLabelWords.ts';
import * as messages from './messages.ts';

type StandardAmps = (typeof STANDARD_RATINGS_AMPS)[number];

/** Volts at which a source’s output current is counted. */
const SUPPLY_VOLTS = { '120': 120, '120/240': 240 } as const;

const isStandard = (amps: number): amps is StandardAmps =>
  (STANDARD_RATINGS_AMPS as readonly number[]).includes(amps);

/**
 * The output current of a source.
 *
 * @param source its power and supply
 * @returns A
 * @example sourceAmps({ watts: 7680, supply: '120/240' }) // 32
 */
export const sourceAmps = ({ watts, supply }: Pick<PanelSource, 'watts' | 'supply'>): number =>
  watts / SUPPLY_VOLTS[supply];

/** A source as it stands at its panel. */
export interface SourceAtPanel {
  source: PanelSource;
  outputAmps: number;
  /** The smallest breaker for it, A; `null`: above the largest. */
  leastBreakerAmps: number | null;
  /** Where its breaker is, in words; `null`: it has none on record yet. */
  place: string | null;
  isOpposite: boolean;
  labels: SourceLabel[];
}

/** All sources of a panel: each of them, and what the bus allows those in parallel with the utility. */
export interface PanelSources {
  sources: SourceAtPanel[];
  bus: SecondSource | null;
  /** What has to be known before the bus can be checked; `null`: it is checked, or nothing feeds it. */
  missing: string | null;
  /** The two pairs of spaces at the end opposite the main. */
  farSpaces: number[];
}

/** Spaces of the last row of each column, seen from the main, with the one before it for a second pole. */
function farSpacesOf({ panel, breakers }: PlannedPanel): number[] {
  const main = breakers.find(({ breaker }) => breaker.role === 'main')?.breaker;
  const isMainLow = main?.space !== null && main !== undefined && main.space > panel.spaces / 2;
  const { spaces } = panel;
  return isMainLow ? [1, 2, 3, 4] : [spaces - 3, spaces - 2, spaces - 1, spaces].filter((one) => one > 0);
}

/** The main of the panel, or the breaker that feeds it. */
const aheadOf = (planning: Planning, planned: PlannedPanel) =>
  planned.breakers.find(({ breaker }) => breaker.role === 'main')?.breaker ?? feedOf(planning, planned);

/** What must be posted beside the breaker for the rule that the bus rests on. */
function ruleLabels(bus: SecondSource | null): SourceLabel[] {
  const holds = bus?.rules.find(({ ok }) => ok)?.code;
  if (holds === 'opposite-end') return ['do-not-move'];
  return holds === 'all-breakers' ? ['sum-of-breakers'] : [];
}

function labelsOf(source: PanelSource, bus: SecondSource | null): SourceLabel[] {
  const { kind, connection, supply } = source;
  const isParallel = connection === 'bus';
  return [
    ...(isParallel ? (['directory'] as const) : (['standby'] as const)),
    ...(isParallel ? ruleLabels(bus) : []),
    ...(kind === 'generator' && !isParallel ? (['inlet'] as const) : []),
    ...(supply === '120' ? (['no-shared-neutral'] as const) : []),
    ...(kind === 'solar' ? (['rapid-shutdown'] as const) : []),
    ...(kind === 'battery' ? (['battery-disconnect'] as const) : []),
  ];
}

/** What one source’s breaker is, and where; without one it would go to the far end. */
function placed(planned: PlannedPanel, source: PanelSource, farSpaces: readonly number[]) {
  const breaker = planned.breakers.find((one) => one.breaker.id === source.breakerId)?.breaker;
  const ends = farSpaces.filter((space) =>
    farSpaces[0] === 1 ? space <= 2 : space > planned.panel.spaces - 2,
  );
  return {
    breaker: breaker ?? null,
    isOpposite: !breaker || spacesOf(breaker).some((space) => ends.includes(space)),
  };
}

/**
 * The sources of a panel besides the utility: whether its bus may take those in parallel, where each breaker is, and what labels
 * it needs. A source whose breaker is not on record yet counts as planned at the end opposite the main.
 *
 * Source: NEC 2023, 705.12(B) for the bus; the labels as each of them says.
 *
 * @param planning the site
 * @param planned the panel
 * @param content its sources
 * @returns each source, and the bus rules with values and limits (A)
 * @example panelSources(planning, planned, { feed: 'end', sources: [], essential: [] }).bus // null
 */
export function panelSources(
  planning: Planning,
  planned: PlannedPanel,
  { feed, sources }: Pick<OtherSources, 'feed' | 'sources'>,
): PanelSources {
  const farSpaces = farSpacesOf(planned);
  const parallel = sources.filter(({ connection }) => connection === 'bus');
  const at = new Map(sources.map((source) => [source.id, placed(planned, source, farSpaces)]));
  const ahead = aheadOf(planning, planned);
  const { busAmps } = planned.panel;
  const least = (source: PanelSource) =>
    standardRatingAtLeast((BUS_SOURCES.outputPercent / 100) * sourceAmps(source));
  const ratingOf = (source: PanelSource) => at.get(source.id)?.breaker?.ratingAmps ?? least(source);
  const missing = missingFor(busAmps, ahead?.ratingAmps ?? null, parallel.map(ratingOf));
  const branch = planned.breakers.flatMap(({ breaker }) =>
    breaker.role === 'branch' && !sources.some(({ breakerId }) => breakerId === breaker.id)
      ? [breaker.ratingAmps]
      : [],
  );
  const bus =
    parallel.length === 0 || missing !== null
      ? null
      : secondSource({
          busAmps: busAmps!,
          mainAmps: ahead!.ratingAmps as StandardAmps,
          feed,
          sources: parallel.map((source) => ({
            id: source.id,
            outputAmps: sourceAmps(source),
            breakerAmps: ratingOf(source) as StandardAmps,
            position: at.get(source.id)!.isOpposite ? ('opposite-end' as const) : ('other' as const),
          })),
          // Where a branch breaker has no standard rating, the rule that adds them up is left out.
          ...(branch.every(isStandard) && { branchBreakersAmps: branch as StandardAmps[] }),
        });
  return {
    ...{ bus, farSpaces },
    missing: parallel.length === 0 ? null : missing,
    sources: sources.map((source) => {
      const { breaker, isOpposite } = at.get(source.id)!;
      return {
        ...{ source, isOpposite },
        outputAmps: sourceAmps(source),
        leastBreakerAmps: least(source),
        place: breaker && messages.sourceBreakerAt(sayPlace(breaker), sayQuantity(breaker.ratingAmps, 'A')),
        labels: labelsOf(source, bus),
      };
    }),
  };
}

function missingFor(
  busAmps: number | null,
  mainAmps: number | null,
  breakers: readonly (number | null)[],
): string | null {
  if (busAmps === null) return messages.enterTheBusRating;
  if (mainAmps === null) return messages.enterTheMain;
  if (![mainAmps, ...breakers].every((amps) => amps !== null && isStandard(amps)))
    return messages.aRatingIsNotStandard;
  return null;
}
