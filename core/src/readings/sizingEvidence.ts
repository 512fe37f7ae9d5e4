import { sayQuantity } from '../quantities/index.ts';
import { loadAmps } from '../record/index.ts';
import { sizing, type Sizing } from '../sizing/index.ts';
import { CITATIONS } from '../standards/index.ts';
import type { BreakerFile, EvidenceItem } from './evidence.ts';

/** The sizing of a breaker's circuit; `null` while its conductor is not known. */
export function circuitSizing({ breaker, circuit }: BreakerFile): Sizing | null {
  if (!circuit?.conductor) return null;
  const { conductor, terminalC, ambientC, currentCarrying, portableReceptacles, nameplate, rules, loads } =
    circuit;
  return sizing({
    rules,
    conductor,
    terminalC,
    ambientC,
    currentCarrying,
    portableReceptacles,
    nameplate: nameplate ?? undefined,
    breakerAmps: breaker.ratingAmps,
    loads: loads.map((load) => ({ id: load.id, amps: loadAmps(load), continuous: load.continuous })),
  });
}

/** The conductor held against the breaker, as a test outcome. */
export function sizingEvidence({ breaker, circuit }: BreakerFile, result: Sizing | null): EvidenceItem[] {
  if (!result || !circuit?.conductor) return [];
  const tooSmall = breaker.ratingAmps > result.maxBreakerAmps;
  const { gauge, material } = circuit.conductor;
  return [
    {
      test: 'conductor-vs-breaker',
      outcome: tooSmall ? 'wire-too-small' : result.decision === 'size-up' ? 'wire-has-room' : 'matched',
      at: breaker.createdAt,
      text: `${gauge} AWG ${material} may have a breaker of ${sayQuantity(result.maxBreakerAmps, 'A')} at most here; this one is ${sayQuantity(breaker.ratingAmps, 'A')}.`,
      figures: [
        { label: 'ampacity', value: result.ampacity, unit: 'A' },
        { label: 'largest breaker', value: result.maxBreakerAmps, unit: 'A' },
        { label: 'demand', value: result.demandAmps, unit: 'A' },
      ],
      source: `${CITATIONS.ampacity}; ${CITATIONS.smallConductor}`,
      origin: 'computed',
    },
  ];
}
