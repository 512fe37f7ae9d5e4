import { SIMULATED_CAUSES } from '@phylaxon/core/simulate/house';
import { CAUSE_FACTS } from '@phylaxon/core/diagnosis/causeFacts';
import { seeded } from '@phylaxon/core/facts/random';
import type { CauseId, Profile } from '@phylaxon/core/facts/vocabulary';
import { studyCase, type Went } from './runStudy.ts';

/** A cause drawn as often as it is met. */
function drawCause(random: () => number): CauseId {
  const total = SIMULATED_CAUSES.reduce((sum, cause) => sum + CAUSE_FACTS[cause].commonness, 0);
  let at = random() * total;
  return SIMULATED_CAUSES.find((cause) => (at -= CAUSE_FACTS[cause].commonness) < 0) ?? SIMULATED_CAUSES[0]!;
}

/** So many cases, each cause as often as it is met, worked in the engine’s order. */
export function casesAsMet({ cases, firstSeed }: { cases: number; firstSeed: number }): Went[] {
  const random = seeded(firstSeed);
  return Array.from({ length: cases }, (_, n) =>
    studyCase(drawCause(random), firstSeed + n, ['engine']),
  ).flat();
}

/** How often what was said with a confidence was right. */
export interface Reliability {
  from: number;
  to: number;
  cases: number;
  said: number;
  was: number;
}

/** A verdict that only asks for more, or makes safe, says nothing of how sure it is. */
const saysHowSure = ({ action }: Went) => action !== 'gather-more' && action !== 'make-safe-and-call';

/** Confidence against frequency, in tenths. */
export function reliability(all: readonly Went[], profile: Profile): Reliability[] {
  const said = all.filter((one) => one.profile === profile && saysHowSure(one));
  return Array.from({ length: 10 }, (_, i) => {
    const [from, to] = [i / 10, (i + 1) / 10];
    const within = said.filter(({ confidence }) => confidence >= from && (confidence < to || i === 9));
    const mean = (of: (one: Went) => number) =>
      within.length === 0 ? 0 : within.reduce((sum, one) => sum + of(one), 0) / within.length;
    return {
      from,
      to,
      cases: within.length,
      said: mean((one) => one.confidence),
      was: mean((one) => Number(one.right)),
    };
  });
}

/** The mean square of what was said less what was so: 0 is perfect, 0.25 is a coin. */
export function brier(all: readonly Went[], profile: Profile): number {
  const said = all.filter((one) => one.profile === profile && saysHowSure(one));
  return (
    said.reduce((sum, { confidence, right }) => sum + (confidence - Number(right)) ** 2, 0) / said.length
  );
}

/** From this confidence on it is stated as nearly sure. */
export const NEARLY_SURE = 0.95;

/** How often what was stated as nearly sure was wrong. */
export function nearlySureAndWrong(all: readonly Went[], profile: Profile): { cases: number; wrong: number } {
  const sure = all.filter(
    (one) => one.profile === profile && saysHowSure(one) && one.confidence >= NEARLY_SURE,
  );
  return { cases: sure.length, wrong: sure.filter(({ right }) => !right).length };
}
