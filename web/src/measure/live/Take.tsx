import { BEHIND_THE_COVER } from '@phylaxon/core/facts/vocabulary';
import type { Sample } from '@phylaxon/core/record/feeds';
import { INSIDE_POINTS, QUANTITY_UNITS, type ReadingInput } from '@phylaxon/core/record/entities';
import { entries } from '../../shared/api/index.ts';
import { NumberInput, SendButton, useUnits } from '../../shared/ui/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

interface Props {
  sample: Sample;
  feed: string;
  /** As it is shown, in the record’s unit. */
  value: number;
  place: { breakerId: string; where: string } | null;
  /** How warm the air is, °C: a temperature means nothing without it. */
  airC: number | null;
  onAir: (airC: number | null) => void;
}

/** One tap takes what is shown into the log, at the chosen place. */
export function Take({ sample, feed, value, place, airC, onAir }: Props) {
  const { quantityText, temperatureUnit, toCelsius } = useUnits();
  const mayDo = useMayDo();
  const { quantity, point, instrument, simulated } = sample;
  const figure = quantityText(value, QUANTITY_UNITS[quantity]);
  if (INSIDE_POINTS.includes(point) && !mayDo(2))
    return <p className="max-w-xs text-sm text-ink-soft">{BEHIND_THE_COVER}</p>;
  if (!place) return <p className="text-sm text-ink-soft">{messages.chooseABreakerToSaveReadings}</p>;
  const needsAir = quantity === 'temperature' && airC === null;
  const reading = () =>
    ({
      quantity,
      point,
      value,
      at: new Date().toISOString(),
      instrument,
      simulated,
      note: messages.fromTheFeed(feed),
      ...(quantity === 'temperature' && { ambientC: airC }),
    }) as ReadingInput;
  return (
    <div>
      {quantity === 'temperature' && (
        <NumberInput
          label={messages.ambientTemperature(temperatureUnit)}
          onValue={(typed) => onAir(typed === null ? null : toCelsius(typed))}
        />
      )}
      <div className="mt-2">
        <SendButton
          look="primary"
          disabled={needsAir}
          entries={() => [entries.readings(place.breakerId, place.where, [reading()])]}
          stored={messages.logged(figure)}
          waiting={messages.keptUntilTheServerAnswers(figure)}
        >
          {messages.save(figure)}
        </SendButton>
      </div>
    </div>
  );
}
