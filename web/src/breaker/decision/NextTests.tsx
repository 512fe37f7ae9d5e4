import type { ChangedBy, NextTest } from '@phylaxon/core/diagnosis/decision';
import { ArrowRight } from 'lucide-react';
import { uncapital, useUnits } from '../../shared/ui/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

/** Of each test: the outcomes that would lead to another decision. */
export type DecisionChanges = Partial<Record<string, ChangedBy[]>>;

interface Props {
  tests: NextTest[];
  changes: DecisionChanges;
  /** Open the form that logs this test; left out, it cannot be logged here. */
  onLog?: (test: NextTest['test']) => void;
}

/**
 * What to measure or look at next, in order, and what each would change. A test behind the cover is named to a homeowner as
 * work for an electrician, without how it is done.
 */
export function NextTests({ tests, changes, onLog }: Props) {
  const { say } = useUnits();
  const mayDo = useMayDo();
  return (
    <ol className="divide-y divide-rule">
      {tests.map((test) => (
        <li key={test.test} className="flex flex-wrap items-center gap-x-4 gap-y-2 py-2">
          <div className="min-w-56 flex-1">
            <p className="font-semibold">{test.name}</p>
            {mayDo(test.level) ? (
              <>
                <p>{say(test.how)}</p>
                {test.energised && (
                  <p className="text-sm font-medium text-danger">{messages.energizedPartsQualifiedPersons}</p>
                )}
              </>
            ) : (
              <p className="font-medium text-heed">{messages.forAnElectricianThisIsBehind}</p>
            )}
            <WhatItChanges changes={changes[test.test] ?? []} otherwise={test.why} />
          </div>
          {onLog && mayDo(test.level) && (
            <button
              type="button"
              onClick={() => onLog(test.test)}
              aria-label={messages.logReading(test.name)}
              className="flex min-h-11 items-center gap-1 px-2 font-semibold underline underline-offset-4 hover:bg-bone-sunk"
            >
              {messages.logReadingLabel}
              <ArrowRight aria-hidden="true" className="size-4" />
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}

/** More than this is no help to choose by. */
const TOLD = 3;

/** One line a decision it may lead to; where it leads nowhere else, why it is worth doing. */
function WhatItChanges({ changes, otherwise }: { changes: ChangedBy[]; otherwise: string }) {
  const { say } = useUnits();
  const byHeadline = new Map<string, string[]>();
  for (const { headline, text } of changes)
    byHeadline.set(headline, [...(byHeadline.get(headline) ?? []), uncapital(say(text))]);
  if (byHeadline.size === 0) return <p className="text-sm text-ink-soft">{say(otherwise)}</p>;
  return (
    <ul className="text-sm text-ink-soft">
      {[...byHeadline].slice(0, TOLD).map(([headline, outcomes]) => (
        <li key={headline}>
          {messages.ifLabel(
            outcomes.join(', or '),
            <span className="font-semibold text-ink">{headline}</span>,
          )}
        </li>
      ))}
    </ul>
  );
}
