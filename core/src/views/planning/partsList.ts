import { sayQuantity } from '../../facts/quantities/index.ts';
import { BREAKER_KIND_WORDS, listedFamilies, sayPlace } from '../../panel/layout/index.ts';
import type { ActionId } from '../../facts/vocabulary/index.ts';
import { sayConductor } from '../../code/sizing/index.ts';
import { outerOfQuad, sayOuterPoles } from './room.ts';
import { BREAKER_BANDS, FILLER_BAND, NARROW_BAND, type PriceBand } from './priceBands.ts';
import type { PlannedPanel, Planning, StoredProposal } from './schema.ts';
import * as messages from './messages.ts';

/** A line of what to buy or to take along. */
export interface PartLine {
  /** The same for the same thing, so that a tick stays with it. */
  key: string;
  group: 'breakers' | 'tandem-breakers' | 'fillers' | 'conductor' | 'small-parts' | 'bring-along';
  count: number;
  what: string;
  forWhat: string;
  /** What one costs as a rule; `null`: nobody can say, such as a conductor by its length. */
  band: PriceBand | null;
}

/** What a breaker is decided or planned to become. */
interface NewBreaker {
  key: string;
  poles: 1 | 2;
  ratingAmps: number;
  kind: keyof typeof BREAKER_KIND_WORDS;
  forWhat: string;
}

/** Terminals and interrupting rating to look for: what dwellings as a rule need. */
const LOOK_FOR = messages.terminalsRated6075C;

const familyText = ({ panel }: PlannedPanel): string => {
  const families = listedFamilies(panel);
  return families.length === 0
    ? messages.familyAsOnThePanelLabel
    : messages.listedForThisPanel(families.join(' or '));
};

const breakerLine = (planned: PlannedPanel, one: NewBreaker): PartLine => ({
  key: one.key,
  group: 'breakers',
  count: 1,
  what: messages.breaker(
    sayQuantity(one.ratingAmps, 'A'),
    one.poles === 2 ? 'two-pole' : 'one-pole',
    BREAKER_KIND_WORDS[one.kind],
    familyText(planned),
    LOOK_FOR,
  ),
  forWhat: one.forWhat,
  band: BREAKER_BANDS[one.kind][one.poles],
});

/** Decisions that take a new breaker; a new panel is not bought by its breakers. */
const TAKES_A_BREAKER: ReadonlySet<ActionId> = new Set<ActionId>([
  'replace-breaker',
  'replace-breaker-and-remake-joint',
  'replace-main',
  'size-down',
  'size-up',
]);

/**
 * The breakers of a panel that are decided to be exchanged.
 *
 * @param breakers each with the decision that stands
 * @returns those that take a new part, with the rating it is to have
 * @example partsDecided([{ breaker: { id: 'a' }, decision: { action: 'size-down', toAmps: 15 } }]) // [{ breakerId: 'a', toAmps: 15 }]
 */
export const partsDecided = (
  breakers: readonly {
    breaker: { id: string };
    decision: { action: ActionId; toAmps: number | null };
  }[],
): DecidedPart[] =>
  breakers
    .filter(({ decision }) => TAKES_A_BREAKER.has(decision.action))
    .map(({ breaker, decision }) => ({ breakerId: breaker.id, toAmps: decision.toAmps }));

/** A decision about a breaker that takes a new part. */
export interface DecidedPart {
  breakerId: string;
  /** The rating it is to have, A; `null`: as it is. */
  toAmps: number | null;
}

function decidedLines(planned: PlannedPanel, decided: readonly DecidedPart[]): PartLine[] {
  return decided.flatMap(({ breakerId, toAmps }) => {
    const found = planned.breakers.find(({ breaker }) => breaker.id === breakerId);
    if (!found) return [];
    const { breaker, circuit } = found;
    const forWhat = `${planned.panel.name}, ${sayPlace(breaker)}${circuit ? ` ${circuit.label}` : ''}`;
    return [
      breakerLine(planned, {
        key: `decided ${breakerId}`,
        poles: breaker.poles,
        ratingAmps: toAmps ?? breaker.ratingAmps,
        kind: breaker.kind,
        forWhat,
      }),
      {
        key: `old ${breakerId}`,
        group: 'bring-along' as const,
        count: 1,
        what: messages.photoOfTheOldBreakerAnd,
        forWhat,
        band: null,
      },
    ];
  });
}

function proposalLines(planned: PlannedPanel, { entryId, content }: StoredProposal): PartLine[] {
  const forWhat = `${planned.panel.name}, ${content.title}`;
  const there = planned.breakers.find(({ breaker }) => breaker.id === content.breakerId)?.breaker;
  // One that is only moved is not bought.
  const isNew = there?.ratingAmps !== content.ratingAmps || there.kind !== content.kind;
  const outer = outerOfQuad(content.steps, planned.breakers);
  const lines: PartLine[] = [];
  // A quad holds the new breaker too.
  if (outer.length > 0)
    lines.push({
      key: `proposal ${entryId}`,
      group: 'tandem-breakers',
      count: 1,
      what: messages.quad(sayOuterPoles(outer), sayQuantity(content.ratingAmps, 'A'), familyText(planned)),
      forWhat,
      band: NARROW_BAND,
    });
  else if (isNew)
    lines.push(
      breakerLine(planned, {
        key: `proposal ${entryId}`,
        poles: content.poles,
        ratingAmps: content.ratingAmps,
        kind: content.kind,
        forWhat,
      }),
    );
  for (const step of content.steps) {
    const found = planned.breakers.find(({ breaker }) => breaker.id === step.breakerId);
    if (step.as !== 'narrow' || !found) continue;
    lines.push({
      key: `narrow ${entryId} ${step.breakerId}`,
      group: 'tandem-breakers',
      count: 1,
      what: messages.tandemHalf(sayQuantity(found.breaker.ratingAmps, 'A'), familyText(planned)),
      forWhat: `${forWhat}: ${found.circuit?.label ?? sayPlace(found.breaker)}`,
      band: NARROW_BAND,
    });
  }
  if (content.conductor)
    lines.push({
      key: `conductor ${entryId}`,
      group: 'conductor',
      count: 1,
      what: `${sayConductor(content.conductor)}, ${content.conductor.insulationC} °C${content.lengthM === null ? messages.measureTheLength : messages.with10ToSpare(sayQuantity(Math.ceil(content.lengthM * 1.1), 'm'))}`,
      forWhat,
      band: null,
    });
  return lines;
}

const plain = (group: PartLine['group'], what: string, count = 1): PartLine => ({
  key: `${group} ${what}`,
  group,
  count,
  what,
  forWhat: 'visit',
  band: null,
});

/**
 * What to buy and to take along, from what was decided and proposed at a site: one list.
 *
 * @param planning the site with its panels and proposals
 * @param decided for each panel the breakers that get a new part
 * @returns lines in groups; none where nothing is decided or planned
 * @example partsList(planning, new Map()) // []
 */
export function partsList(
  planning: Planning,
  decided: ReadonlyMap<string, readonly DecidedPart[]>,
): PartLine[] {
  const lines = planning.panels.flatMap((planned) => [
    ...decidedLines(planned, decided.get(planned.panel.id) ?? []),
    ...planned.proposals.flatMap((one) => proposalLines(planned, one)),
    ...(planned.panel.holes.length > 0
      ? [
          {
            key: `fillers ${planned.panel.id}`,
            group: 'fillers' as const,
            count: planned.panel.holes.length,
            what: messages.fillerPlateForAnOpenSlot,
            forWhat: `${planned.panel.name}, ${planned.panel.holes.join(', ')}`,
            band: FILLER_BAND,
          },
        ]
      : []),
  ]);
  if (lines.length === 0) return [];
  return [
    ...lines,
    plain('small-parts', messages.packOfListedSpliceConnectors),
    plain('small-parts', messages.setOfLabelsForTheDirectory),
    plain('bring-along', messages.lockLockoutDeviceAndTagFor),
    plain('bring-along', messages.contactMeterAndAKnownLive),
  ];
}
