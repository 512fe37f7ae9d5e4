import { TIME_LIMITS } from '@phylaxon/core/facts/limits';
import { dutyOf } from '@phylaxon/core/facts/upkeep';
import type { UpkeepView } from '@phylaxon/core/views/upkeep';
import { useId, useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { SendButton, TypedInput } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  panel: { id: string; name: string };
  state: UpkeepView['duties'][number];
}

/** Noon of a day, where this device is: whatever the zone, the day stays the day. */
const noonOf = (day: string): string => new Date(`${day}T12:00:00`).toISOString();

/** Other dates than usual: as the label asks, as suits the house. */
export function OwnDates({ panel, state }: Props) {
  const { name } = dutyOf(state.duty);
  const [months, setMonths] = useState(`${state.everyMonths}`);
  const [day, setDay] = useState('');
  const dayId = useId();
  const every = Number(months);
  const isWrong = !Number.isInteger(every) || every < 1 || every > TIME_LIMITS.dutyMostMonths;
  const send = (content: object) => [
    entries.panelEntry(panel.id, panel.name, {
      kind: 'upkeep-rule',
      at: new Date().toISOString(),
      content: { duty: state.duty, everyMonths: null, nextAt: null, ...content },
    }),
  ];
  return (
    <details className="w-full">
      <summary className="flex min-h-11 items-center underline underline-offset-4">
        {messages.customDates(<span className="sr-only"> {messages.forLabel(name)}</span>)}
      </summary>
      <div className="flex flex-wrap items-end gap-3 pb-2">
        <TypedInput label={messages.intervalMonths} value={months} onValue={setMonths} isWrong={isWrong} />
        <div>
          <label htmlFor={dayId} className="mb-1 block text-sm font-medium">
            {messages.nextDueDateOptional}
          </label>
          <input
            id={dayId}
            type="date"
            value={day}
            onChange={(event) => setDay(event.target.value)}
            className="min-h-11 rounded-sm border border-rule-strong bg-bone-raised px-3"
          />
        </div>
        <SendButton
          stored={messages.saved}
          disabled={isWrong}
          entries={() => send({ everyMonths: every, nextAt: day === '' ? null : noonOf(day) })}
        >
          {messages.saveDates}
        </SendButton>
        {state.follows === 'own' && (
          <SendButton stored={messages.backToTheUsualDates} entries={() => send({})}>
            {messages.useTheUsualDates}
          </SendButton>
        )}
      </div>
      {isWrong && (
        <p role="alert" className="font-medium text-danger">
          {messages.enterAWholeNumberOfMonths(TIME_LIMITS.dutyMostMonths)}
        </p>
      )}
    </details>
  );
}
