import { sayQuantity } from '../../facts/quantities/index.ts';
import { sizingQuestion } from '../../record/entities/index.ts';
import type { Policies } from '../../record/settings/index.ts';
import { sayConductor, sizing, type Sizing } from '../../code/sizing/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import type { BreakerRecord, EvidenceItem } from '../evidenceItems/index.ts';
import * as messages from './messages.ts';

/** The sizing of a breaker's circuit; `null` while its conductor is not known. */
export function circuitSizing({ breaker, circuit }: BreakerRecord, policies: Policies): Sizing | null {
  const question = circuit && sizingQuestion(circuit, breaker.ratingAmps, policies.loading);
  return question && sizing(question);
}

/**
 * The sizing with every measured load as small as its meter’s error allows: another decision than the one by the figures as
 * read is not to be acted on before it is measured again.
 */
export function sizingWithinError(
  { breaker, circuit }: BreakerRecord,
  policies: Policies,
  asRead: Sizing | null,
): { errorAmps: number; decision: Sizing['decision'] } | null {
  if (!circuit || !asRead) return null;
  const errorAmps = circuit.loads.reduce((sum, load) => sum + (load.errorVoltAmperes ?? 0) / load.volts, 0);
  if (errorAmps === 0) return null;
  const loads = circuit.loads.map((load) =>
    load.voltAmperes === null || load.errorVoltAmperes === null
      ? load
      : { ...load, voltAmperes: Math.max(0, load.voltAmperes - load.errorVoltAmperes), watts: null },
  );
  const least = circuitSizing({ breaker, circuit: { ...circuit, loads }, entries: NONE }, policies);
  return least && least.decision !== asRead.decision ? { errorAmps, decision: least.decision } : null;
}

const NONE: BreakerRecord['entries'] = { readings: [], events: [], observations: [] };

/** The conductor held against the breaker, as a test outcome. */
export function sizingEvidence({ breaker, circuit }: BreakerRecord, result: Sizing | null): EvidenceItem[] {
  if (!result || !circuit?.conductor) return [];
  const tooSmall = breaker.ratingAmps > result.maxBreakerAmps;
  return [
    {
      test: 'conductor-vs-breaker',
      outcome: tooSmall ? 'wire-too-small' : result.decision === 'size-up' ? 'wire-has-room' : 'matched',
      at: breaker.createdAt,
      text: messages.aCircuitWiredWithMayHave(
        sayConductor(circuit.conductor),
        sayQuantity(result.maxBreakerAmps, 'A'),
        sayQuantity(breaker.ratingAmps, 'A'),
      ),
      figures: [
        { label: 'ampacity', value: result.ampacity, unit: 'A' },
        { label: 'breaker', value: breaker.ratingAmps, unit: 'A', limit: result.maxBreakerAmps },
        {
          label: 'demand',
          value: result.demandAmps,
          unit: 'A',
          limit: Math.min(breaker.ratingAmps, result.maxBreakerAmps),
        },
      ],
      source: `${CITATIONS.ampacity}; ${CITATIONS.smallConductor}`,
      origin: 'computed',
    },
  ];
}
