import type { SizingInput } from '@phylaxon/core/code/sizing';
import { useComputation } from '../../shared/compute/index.ts';
import { ampsText, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const DECISION_WORDS = {
  keep: messages.thisBreakerSuitsTheCircuit,
  'size-down': messages.theBreakerIsTooLargeFor,
  'size-up': messages.theLoadIsTooHighFor,
  split: messages.splitTheLoadsOntoTwoCircuits,
  rewire: messages.theLoadNeedsALargerConductor,
} as const;

/** What the figures amount to, while they are typed. */
export function SizingPreview({ question }: { question: SizingInput | null }) {
  const { say } = useUnits();
  const sizing = useComputation('sizing', question);
  if (!question || !sizing) {
    return <p className="text-ink-soft">{messages.enterTheWireSizePrintedOn}</p>;
  }
  const figures = [
    [messages.load, sizing.loadAmps],
    [messages.demand, sizing.demandAmps],
    [messages.conductorAmpacity, sizing.ampacity],
    [messages.maximumBreakerSize, sizing.maxBreakerAmps],
  ] as const;
  return (
    <div className="border-l-4 border-rule-strong pl-4">
      <p className="font-semibold">{DECISION_WORDS[sizing.decision]}.</p>
      <dl className="my-2 flex flex-wrap gap-x-6 gap-y-2">
        {figures.map(([label, amps]) => (
          <div key={label}>
            <dt className="text-sm text-ink-soft">{label}</dt>
            <dd className="figures text-lg font-semibold">{ampsText(amps)}</dd>
          </div>
        ))}
      </dl>
      <ul className="list-disc pl-5 text-sm">
        {sizing.reasons.map((reason) => (
          <li key={reason.code}>{say(reason.text)}</li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-ink-soft">{messages.figuresFromNec2023Tables310}</p>
    </div>
  );
}
