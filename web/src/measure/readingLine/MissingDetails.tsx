import { PACES, PACE_WORDS } from '@phylaxon/core/record/entities';
import type { Added, MissingDetail as WantedKind } from '@phylaxon/core/record/readingLine';
import { useState } from 'react';
import { Button, capital, NumberInput, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  wanted: WantedKind;
  /** The air that was given last, °C. */
  lastAirC: number | null;
  onAdd: (added: Added) => void;
}

/** What the record wants to know besides: a tap. */
export function MissingDetails({ wanted, lastAirC, onAdd }: Props) {
  if (wanted === 'air') return <Air lastAirC={lastAirC} onAdd={onAdd} />;
  const answers: [string, Added][] =
    wanted === 'pace'
      ? PACES.map((pace) => [capital(PACE_WORDS[pace]), { pace }])
      : [
          [messages.itHeld, { result: 'holds' }],
          [messages.itTrippedAgain, { result: 'tripped' }],
          [messages.itWillNotLatch, { feel: 'will-not-latch' }],
        ];
  return (
    <div role="group" aria-label={wanted === 'pace' ? messages.howSoonDidItTrip : messages.whatDidTheResetDo}>
      <p className="font-semibold">
        {wanted === 'pace' ? messages.howSoonDidItTrip : messages.whatDidTheResetDo}
      </p>
      <p className="mt-1 flex flex-wrap gap-2">
        {answers.map(([label, added]) => (
          <Button key={label} look="quiet" onClick={() => onAdd(added)}>
            {label}
          </Button>
        ))}
      </p>
    </div>
  );
}

function Air({ lastAirC, onAdd }: Pick<Props, 'lastAirC' | 'onAdd'>) {
  const { temperatureUnit, temperatureText, toCelsius } = useUnits();
  const [value, setValue] = useState<number | null>(null);
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (value !== null) onAdd({ airC: toCelsius(value) });
      }}
    >
      <NumberInput label={messages.whatIsTheAmbientTemperature(temperatureUnit)} onValue={setValue} />
      <Button type="submit" look="quiet" disabled={value === null}>
        {messages.continueLabel}
      </Button>
      {lastAirC !== null && (
        <Button look="quiet" onClick={() => onAdd({ airC: lastAirC })}>
          {messages.asBefore(temperatureText(lastAirC))}
        </Button>
      )}
    </form>
  );
}
