import type { Load } from '@phylaxon/core/record/entities';
import { useEffect, useState } from 'react';
import { ask } from '../../shared/api/index.ts';
import { classes, sayError, SimulatedMark } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** What is switched on where simulated meters measure: they answer it. */
export function Switches({
  feed,
  breakerId,
  loads,
}: {
  feed: string;
  breakerId: string;
  loads: readonly Load[];
}) {
  const [on, setOn] = useState<readonly string[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const tell = (next: readonly string[]) => {
    setOn(next);
    ask('PUT /feeds/:feed/switched', { params: { feed }, body: { breakerId, on: [...next] } }).then(
      () => setProblem(null),
      (error: unknown) => setProblem(sayError(error)),
    );
  };
  // The meters are held where the page is.
  useEffect(() => {
    void ask('PUT /feeds/:feed/switched', { params: { feed }, body: { breakerId, on: [] } }).catch(
      () => undefined,
    );
  }, [feed, breakerId]);
  return (
    <section aria-label={messages.loadsOn} className="border-l-4 border-rule-strong py-1 pl-4">
      <h2 className="font-bold">{messages.loadsOnOf(<SimulatedMark />)}</h2>
      {loads.length === 0 && <p className="text-ink-soft">{messages.noLoadsAreListedForThis}</p>}
      <p className="mt-1 flex flex-wrap gap-2">
        {loads.map(({ id, name }) => {
          const isOn = on.includes(name);
          return (
            <button
              key={id}
              type="button"
              aria-pressed={isOn}
              onClick={() => tell(isOn ? on.filter((one) => one !== name) : [...on, name])}
              className={classes(
                'min-h-11 rounded-sm border px-3',
                isOn ? 'border-ink bg-ink font-semibold text-bone-raised' : 'border-rule-strong',
              )}
            >
              {name}: {isOn ? 'on' : 'off'}
            </button>
          );
        })}
      </p>
      {problem && <p className="font-medium text-danger">{problem}</p>}
    </section>
  );
}
