import type { SizingInput } from '@phylaxon/core/code/sizing';
import { useComputation } from '../../shared/compute/index.ts';
import { ampsText, useUnits } from '../../shared/ui/index.ts';

const DECISION_WORDS = {
  keep: 'This breaker suits',
  'size-down': 'The breaker is too large for the conductor',
  'size-up': 'The load calls for more than this breaker',
  split: 'The loads need two circuits',
  rewire: 'The load needs a larger conductor',
} as const;

/** What the figures amount to, while they are typed. */
export function SizingPreview({ question }: { question: SizingInput | null }) {
  const { say } = useUnits();
  const sizing = useComputation('sizing', question);
  if (!question || !sizing) {
    return (
      <p className="text-ink-soft">
        Give the conductor’s gauge: it is printed on its jacket. Then load, conductor and breaker are compared
        here.
      </p>
    );
  }
  const figures = [
    ['Load', sizing.loadAmps],
    ['Demand', sizing.demandAmps],
    ['Conductor carries', sizing.ampacity],
    ['Largest breaker', sizing.maxBreakerAmps],
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
      <p className="mt-1 text-sm text-ink-soft">
        Figures of NEC 2023, tables 310.16 and 310.15; 210.20(A), 240.4, 240.6(A).
      </p>
    </div>
  );
}
