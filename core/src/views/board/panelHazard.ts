import {
  consequencesOf,
  HAZARD_LEVELS,
  HAZARD_SCOPES,
  panelFindingsAt,
  type Consequences,
  type HazardShape,
} from '../../facts/hazards/index.ts';
import { atPlace } from '../../panel/layout/index.ts';
import type { Breaker } from '../../record/entities/index.ts';

type Finding = HazardShape['findings'][number];
type HazardOnBoard = Pick<HazardShape, 'level'> & { readonly findings: readonly Finding[] };

/** A finding that concerns the whole panel, with the breaker it was logged at. */
export interface PanelHazardFinding extends Finding {
  breakerId: string;
  /** Where it was logged, as in a sentence. */
  place: string;
}

/** What concerns a panel as a whole, from the findings of all its breakers. */
export interface PanelHazard extends Omit<HazardShape, 'findings'> {
  findings: PanelHazardFinding[];
  /** What follows; null where nothing was found. */
  follows: Consequences | null;
}

/** A breaker as far as the hazard of its panel asks. */
export interface HazardAt {
  breaker: Pick<Breaker, 'id' | 'role' | 'space' | 'half' | 'poles'>;
  decision: { hazard: HazardOnBoard };
}

/**
 * The hazard of a panel as a whole, wherever in it the findings were logged. At the main, everything from `restrict` on
 * concerns the whole panel.
 *
 * @param breakers of the panel, with the decisions that stand
 * @returns level, scope and findings, the most dangerous first
 * @example panelHazard([]).level // 'none'
 */
export function panelHazard(breakers: readonly HazardAt[]): PanelHazard {
  const findings = breakers
    .flatMap(({ breaker, decision: { hazard } }): PanelHazardFinding[] =>
      panelFindingsAt(hazard.findings, breaker.role === 'main').map((one) => ({
        ...one,
        breakerId: breaker.id,
        place: atPlace(breaker),
      })),
    )
    .sort(
      (a, b) =>
        HAZARD_LEVELS.indexOf(b.level) - HAZARD_LEVELS.indexOf(a.level) ||
        HAZARD_SCOPES.indexOf(b.scope) - HAZARD_SCOPES.indexOf(a.scope),
    );
  const [first] = findings;
  const level = first?.level ?? 'none';
  return { level, scope: first?.scope ?? null, findings, follows: consequencesOf({ level, findings }) };
}
