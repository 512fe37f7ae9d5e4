import { protectionByPlace, SERVED, servedByName, type Edition } from '../../code/protectionByPlace/index.ts';
import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import type { BreakerKind } from '../../panel/layout/index.ts';
import type { InspectedBreaker } from './stationItems.ts';

/** A circuit as far as its protection goes. */
type NamedBreaker = Pick<InspectedBreaker, 'breaker' | 'label'>;

/** A circuit that would need another kind of breaker if it were new. */
export interface ProtectionToday {
  breakerId: string;
  has: BreakerKind;
  asks: 'gfci' | 'afci' | 'dual';
  /** What it serves, by its name. */
  serves: string[];
}

/** The kinds of breaker that give at least the protection of a kind. */
const GIVES: Record<ProtectionToday['asks'], readonly BreakerKind[]> = {
  gfci: ['gfci', 'dual'],
  afci: ['afci', 'dual'],
  dual: ['dual'],
};

/**
 * Circuits that would need protection against shock or arcs if they were new, by their names. What stands from before may
 * stand until it is extended, moved or modified.
 *
 * @param breakers of the panel
 * @param edition of the code
 * @returns those whose breaker gives less
 * @example protectionToday([], '2023') // []
 */
export const protectionToday = (breakers: readonly NamedBreaker[], edition: Edition): ProtectionToday[] =>
  breakers.flatMap(({ breaker, label }): ProtectionToday[] => {
    const serves = label === null ? [] : servedByName(label);
    if (breaker.role !== 'branch' || serves.length === 0) return [];
    const { kind } = protectionByPlace({
      serves,
      edition,
      volts: breaker.poles === 2 ? 240 : 120,
      ratingAmps: breaker.ratingAmps,
      receptacles: breaker.ratingAmps <= LOAD_LIMITS.portableMostAmps,
      isNew: true,
    });
    if (kind === 'standard' || GIVES[kind].includes(breaker.kind)) return [];
    return [
      { breakerId: breaker.id, has: breaker.kind, asks: kind, serves: serves.map((one) => SERVED[one]) },
    ];
  });
