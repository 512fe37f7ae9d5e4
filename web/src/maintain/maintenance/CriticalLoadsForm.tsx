import type { Board } from '@phylaxon/core/views/board';
import { useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { CheckInput, placeText, SendButton, toggled } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  board: Board;
  /** What is known of it: said before, or by what they are named after. */
  said: readonly string[];
  onSaid: (breakerIds: string[]) => void;
}

/** The question before anything is turned off: which loads are critical. */
export function CriticalLoadsForm({ board: { panel, breakers }, said: before, onSaid }: Props) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() => new Set(before));
  const branches = breakers.filter(({ breaker }) => breaker.role === 'branch');
  const said = branches.flatMap(({ breaker }) => (chosen.has(breaker.id) ? [breaker.id] : []));
  return (
    <section aria-label={messages.criticalLoads} className="space-y-2">
      <h2 className="text-2xl font-bold">{messages.whichLoadsAreCritical}</h2>
      <p>{messages.askThePeopleWhoLiveOr}</p>
      <div className="sm:grid sm:grid-cols-2">
        {branches.map(({ breaker, label }) => (
          <CheckInput
            key={breaker.id}
            label={
              <>
                <span className="figures">{placeText(breaker)}</span> {label ?? messages.notNamed}
              </>
            }
            checked={chosen.has(breaker.id)}
            onChecked={(isOn) => setChosen(toggled(chosen, breaker.id, isOn))}
          />
        ))}
      </div>
      <SendButton
        look="primary"
        stored={messages.onRecord}
        onTold={() => onSaid(said)}
        entries={() => [
          entries.panelEntry(panel.id, panel.name, {
            kind: 'keeps-power',
            at: new Date().toISOString(),
            content: { breakerIds: said },
          }),
        ]}
      >
        {said.length === 0
          ? messages.noCriticalLoadsHere
          : messages.last(said.length === 1 ? messages.thisOneComes : messages.theseCome(said.length))}
      </SendButton>
    </section>
  );
}
