import { isSuspended, suspendsPanel, type WorkKind } from '../../facts/hazards/index.ts';
import { panelHazard, type HazardAt, type PanelHazard } from './panelHazard.ts';
import * as messages from './messages.ts';

/** Which jobs the hazards of a panel suspend, and why. */
export interface Suspension {
  panel: PanelHazard;
  /** Whether a job is suspended at the whole panel. */
  ofPanel: (job: WorkKind) => boolean;
  /** Whether a job is suspended at one breaker, by its own hazard or the panel’s. */
  ofBreaker: (job: WorkKind, one: HazardAt) => boolean;
}

/**
 * Which jobs the hazards of a panel suspend.
 *
 * @param breakers of the panel, with the decisions that stand
 * @returns the hazard of the panel, and what it suspends
 * @example suspensionOf([]).ofPanel('load-test') // false
 */
export function suspensionOf(breakers: readonly HazardAt[]): Suspension {
  const panel = panelHazard(breakers);
  return {
    panel,
    ofPanel: (job) => suspendsPanel(job, panel),
    ofBreaker: (job, { decision }) => isSuspended(job, decision.hazard, panel),
  };
}

/**
 * Why a job is suspended at a whole panel.
 *
 * @param suspension of the panel
 * @returns a sentence for each finding of the panel, with the breaker it was found at
 * @example suspensionReasons(suspensionOf([])) // []
 */
export const suspensionReasons = ({ panel }: Pick<Suspension, 'panel'>): string[] =>
  panel.findings.map(({ place, text }) => messages.at(place, text));

/**
 * Whether nobody works the handle of a breaker: it is not on, or a hazard of its own or of the panel forbids it.
 *
 * @param suspension of the panel
 * @param one breaker with its decision and handle position
 * @returns whether it is left alone
 * @example isLeftAlone(suspensionOf([tripped]), tripped) // true
 */
export const isLeftAlone = (
  suspension: Pick<Suspension, 'ofBreaker'>,
  one: HazardAt & { handle: string },
): boolean => one.handle !== 'on' || suspension.ofBreaker('exercise', one);
