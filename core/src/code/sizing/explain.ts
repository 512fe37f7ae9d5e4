import { sayQuantity, sayTemperature, type Reason } from '../../facts/quantities/index.ts';
import type { Sizing, SizingQuestion } from './schema.ts';
import type { SizingFigures } from './sizingFigures.ts';

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
        ? `The ${a(breakerAmps)} breaker lets more through than its conductor may carry: ${a(maxBreakerAmps)} is the largest allowed here.`
        : `No standard breaker is small enough for this conductor here: leave the circuit off.`,
    );
  }
  if (ampacity === 0) {
    add(
      'no-ampacity',
      `At ${sayTemperature(question.ambientC)} this insulation may carry no current at all.`,
    );
  }
  if (decision === 'size-up') {
    add('demand-exceeds-breaker', `The load calls for ${a(demandAmps)}; the breaker is ${a(breakerAmps)}.`);
    add(
      'verify-whole-run',
      `A larger breaker is right only if every part of the run is this conductor: an electrician checks it first.`,
    );
  }
  if (decision === 'split' || decision === 'rewire') {
    if (minBreakerAmps === null || minBreakerAmps > maxBreakerAmps) {
      add(
        'load-exceeds-conductor',
        `The load calls for ${a(demandAmps)}, more than the largest breaker this conductor may have (${a(maxBreakerAmps)}).`,
      );
    }
    if (!figures.adequate) {
      add(
        'conductor-inadequate',
        `The conductor carries ${a(ampacity)} here (${a(columnAmps)} by its lowest column); the load is ${a(loadAmps)}, the demand ${a(demandAmps)}.`,
      );
    }
    add(
      decision === 'split' ? 'each-fits-alone' : 'rewire-needed',
      decision === 'split'
        ? 'Each load alone fits this conductor: share them between two circuits.'
        : 'The load needs a larger conductor.',
    );
  }
  if (decision === 'keep') {
    add(
      'breaker-fits',
      `The load calls for ${a(demandAmps)}; the breaker is ${a(breakerAmps)} and may be up to ${a(maxBreakerAmps)}.`,
    );
  }
  if (nameplate && figures.adequate) {
    add(
      'nameplate-limit',
      `The nameplate asks for ${a(nameplate.minCircuitAmps)} and allows a breaker of up to ${a(nameplate.maxBreakerAmps)}.`,
    );
  }
  add(
    'ampacity',
    `The conductor may carry ${a(ampacity)} where it lies; its largest breaker is ${a(maxBreakerAmps)}.`,
  );
  return reasons;
}
