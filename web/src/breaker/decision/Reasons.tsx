import type { WeighedReason } from '@phylaxon/core/diagnosis/decision';
import type { ReactNode } from 'react';
import { classes, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const WEIGHT_WORDS = { 1: 'context', 2: messages.supportsThis, 3: messages.mainReason } as const;

interface Props {
  /** The reason that carries it, which stands above already: here are its figures. */
  lead: WeighedReason;
  further: readonly WeighedReason[];
}

/** The reasons in order of weight, each with its figures and where its limit comes from. */
export function Reasons({ lead, further }: Props) {
  const { say } = useUnits();
  const bare = lead.figures.length === 0 && !lead.source;
  return (
    <ol className="divide-y divide-rule">
      {!bare && (
        <Reason reason={lead}>
          <span className="sr-only">{say(lead.text)}</span>
        </Reason>
      )}
      {further.map((reason) => (
        <Reason key={reason.code} reason={reason}>
          {say(reason.text)}
        </Reason>
      ))}
      {bare && further.length === 0 && <li>{messages.noFiguresSeenOrReported}</li>}
    </ol>
  );
}

function Reason({ reason, children }: { reason: WeighedReason; children: ReactNode }) {
  const { quantityText } = useUnits();
  return (
    <li className="grid grid-cols-[4.75rem_1fr] gap-3 py-2">
      <Weight weight={reason.weight as 1 | 2 | 3} />
      <div>
        <p>{children}</p>
        {reason.figures.length > 0 && (
          <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
            {reason.figures.map((figure) => (
              <li key={figure.label} className="flex items-baseline gap-2">
                <span className="figures text-lg font-semibold">
                  {quantityText(figure.value, figure.unit)}
                </span>
                <span className="text-sm text-ink-soft">{figure.label}</span>
              </li>
            ))}
          </ul>
        )}
        {reason.source && <p className="mt-1 text-sm text-ink-soft">{reason.source}</p>}
      </div>
    </li>
  );
}

function Weight({ weight }: { weight: 1 | 2 | 3 }) {
  return (
    <span className="pt-1 text-sm text-ink-soft">
      <span aria-hidden="true" className="mb-1 flex gap-0.5">
        {[1, 2, 3].map((n) => (
          <span key={n} className={classes('h-1.5 w-4', n <= weight ? 'bg-ink' : 'bg-rule')} />
        ))}
      </span>
      {WEIGHT_WORDS[weight]}
    </span>
  );
}
