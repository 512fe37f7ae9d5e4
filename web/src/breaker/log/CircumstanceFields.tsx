import { useFormContext } from 'react-hook-form';
import { Check, Choices, NumberField, TextField, toNumber, useUnits } from '../../shared/ui/index.ts';
import { CAUSE_OPTIONS, PACE_OPTIONS, type Circumstances } from './circumstances.ts';
import * as messages from './messages.ts';

const number = { setValueAs: toNumber };

interface FigureProps {
  name: 'minutes' | 'seconds' | 'amps' | 'preloadAmps' | 'ambientC';
  label: string;
  unit: string;
}

/** One figure of the circumstances. */
export function FigureField({ name, label, unit }: FigureProps) {
  const { register, formState } = useFormContext<Circumstances>();
  return (
    <NumberField
      label={label}
      unit={unit}
      registration={register(name, number)}
      error={formState.errors[name]?.message}
    />
  );
}

/** What it carried before, and the air around it. */
export const Before = () => {
  const { temperatureUnit } = useUnits();
  return (
    <>
      <FigureField name="preloadAmps" label={messages.steadyLoadBefore} unit="A" />
      <FigureField name="ambientC" label={messages.ambientTemperature} unit={temperatureUnit} />
    </>
  );
};

/** How soon it tripped, by feel or by the clock, and at what current. */
export function HowSoonField({ label }: { label: string }) {
  const { register, formState } = useFormContext<Circumstances>();
  return (
    <>
      <Choices
        label={label}
        options={PACE_OPTIONS}
        registration={register('pace')}
        error={formState.errors.pace?.message}
      />
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <FigureField name="minutes" label={messages.measuredTimeMinutes} unit="min" />
        <FigureField name="seconds" label={messages.andSeconds} unit="s" />
        <FigureField name="amps" label={messages.currentAtTheTime} unit="A" />
      </div>
    </>
  );
}

/** What was plugged in, and what is known of the cause. */
export function CauseFields({ label }: { label: string }) {
  const { register } = useFormContext<Circumstances>();
  return (
    <>
      <Check label={messages.allLoadsOnTheCircuitWere} registration={register('unplugged')} />
      <Choices label={label} options={CAUSE_OPTIONS} registration={register('cause')} />
    </>
  );
}

/** When it was, and anything worth remembering. */
export function WhenAndNote() {
  const { register, formState } = useFormContext<Pick<Circumstances, 'at' | 'note'>>();
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <TextField
        label={messages.when}
        type="datetime-local"
        registration={register('at')}
        error={formState.errors.at?.message}
      />
      <TextField
        label={messages.note}
        registration={register('note')}
        error={formState.errors.note?.message}
      />
    </div>
  );
}
