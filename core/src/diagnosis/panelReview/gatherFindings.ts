import { loadAmps } from '../../record/entities/index.ts';
import type { Panel } from '../../record/entities/index.ts';
import { sayBreaker, spacesOf } from '../../panel/layout/index.ts';
import type { OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';
import type { Evidence } from '../evidence/index.ts';
import type { FindingPlace, FoundLegs, FoundSign, PanelFindings } from './findings.ts';
import { seasonalVa } from './season.ts';
import * as messages from './messages.ts';

/** What is on record of a panel. */
export interface PanelOnRecord {
  panel: Panel;
  /** All that is known of each breaker in it. */
  evidence: readonly Evidence[];
  legs: readonly FoundLegs[];
  signs: readonly FoundSign[];
  now: string;
}

const placeOf = ({ breaker, circuit }: Evidence): FindingPlace => ({
  breakerId: breaker.id,
  name: breaker.role === 'main' ? messages.theMain : sayBreaker(breaker, circuit?.label),
  isMain: breaker.role === 'main',
});

/**
 * What is on record of a panel, as its review looks at it.
 *
 * @param record the panel as drawn, what is known of its breakers, its legs, and what was found of it as a whole
 * @returns findings, each with its place and time
 * @example signsOf(gatherFindings(record))
 */
export function gatherFindings({ panel, evidence, legs, signs, now }: PanelOnRecord): PanelFindings {
  const main = evidence.find(({ breaker }) => breaker.role === 'main');
  const loads = evidence.flatMap(({ circuit }) => circuit?.loads ?? []);
  const taken = new Set(evidence.flatMap(({ breaker }) => spacesOf(breaker)));
  return {
    ratingAmps: main?.breaker.ratingAmps ?? panel.busAmps,
    isSubPanel: panel.fedByBreakerId !== null || panel.fedThroughPanelId !== null,
    hasSingleMain: main !== undefined || panel.fedByBreakerId !== null || panel.fedThroughPanelId !== null,
    freeSpaces: panel.spaces - taken.size,
    openHoles: panel.holes.length,
    outcomes: evidence.flatMap((one) =>
      one.items.map((item) => ({
        at: placeOf(one),
        test: item.test,
        outcome: item.outcome as OutcomeOf<TestId>,
        when: item.at,
      })),
    ),
    heat: evidence.flatMap((one) =>
      one.heat.map(({ point, surfaceC, amps, result, at }) => ({
        at: placeOf(one),
        point,
        surfaceC,
        riseC: result.riseC,
        overPeersC: result.overPeersC,
        share: amps === null ? null : amps / one.breaker.ratingAmps,
        grade: result.grade,
        when: at,
      })),
    ),
    legs: [...legs],
    trips: evidence.flatMap((one) =>
      one.trips.map(({ event }) => ({ at: placeOf(one), when: event.at, tiedWith: one.breaker.tiedWith })),
    ),
    tooLate: evidence.flatMap((one) =>
      one.trials
        .filter(({ tells }) => tells === 'too-late')
        .map(({ at }) => ({ at: placeOf(one), when: at })),
    ),
    signs: [...signs],
    seasonal: seasonalVa(loads.map((load) => ({ name: load.name, va: loadAmps(load) * load.volts }))),
    now,
  };
}
