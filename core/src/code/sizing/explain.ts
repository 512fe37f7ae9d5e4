import { sayQuantity, sayTemperature, type Reason } from '../../facts/quantities/index.ts';
import type { Sizing, SizingQuestion } from './schema.ts';
import type { SizingFigures } from './sizingFigures.ts';
import * as messages from './messages.ts';

const a = (value: number) => sayQuantity(value, 'A', 2);

/** The sentences behind a sizing decision, the weightiest first. */
export function explain(
  question: SizingQuestion,
  figures: SizingFigures,
  decision: Sizing['decision'],
  oversized: boolean,
): Reason[] {
  const reasons: Reason[] = [];
  const add = (code: string, text: string) => reasons.push({ code, text });
  const { breakerAmps, nameplate } = question;
  const { maxBreakerAmps, minBreakerAmps, ampacity, columnAmps, loadAmps, demandAmps } = figures;

  if (oversized) {
    add(
      'conductor-unprotected',
      maxBreakerAmps > 0
        ? messages.theBreakerExceedsWhatIts(a(breakerAmps), a(maxBreakerAmps))
        : messages.noStandardBreakerIsSmallEnough,
    );
  }
  if (ampacity === 0) {
    add('no-ampacity', messages.atAmbientThisInsulationMayNot(sayTemperature(question.ambientC)));
  }
  if (decision === 'size-up') {
    add('demand-exceeds-breaker', messages.theCalculatedLoadIsTheBreaker(a(demandAmps), a(breakerAmps)));
    add('verify-whole-run', messages.aLargerBreakerIsAllowedOnly);
  }
  if (decision === 'split' || decision === 'rewire') {
    if (minBreakerAmps === null || minBreakerAmps > maxBreakerAmps) {
      add('load-exceeds-conductor', messages.theCalculatedLoadIsMoreThan(a(demandAmps), a(maxBreakerAmps)));
    }
    if (!figures.adequate) {
      add(
        'conductor-inadequate',
        messages.theConductorAmpacityIsHereBy(a(ampacity), a(columnAmps), a(loadAmps), a(demandAmps)),
      );
    }
    add(
      decision === 'split' ? 'each-fits-alone' : 'rewire-needed',
      decision === 'split' ? messages.eachLoadFitsThisConductorBy : messages.theLoadNeedsALargerConductor,
    );
  }
  if (decision === 'keep') {
    add(
      'breaker-fits',
      messages.theCalculatedLoadIsTheBreakerIs(a(demandAmps), a(breakerAmps), a(maxBreakerAmps)),
    );
  }
  if (nameplate && figures.adequate) {
    add(
      'nameplate-limit',
      messages.theNameplateRequiresACircuit(a(nameplate.minCircuitAmps), a(nameplate.maxBreakerAmps)),
    );
  }
  add('ampacity', messages.theConductorAmpacityIsAs(a(ampacity), a(maxBreakerAmps)));
  return reasons;
}
