import { useFormContext } from 'react-hook-form';
import { Check, Choices, NumberField, TextField, toNumber } from '../shared/index.ts';
import { CAUSE_OPTIONS, PACE_OPTIONS, type Circumstances } from './circumstances.ts';

const number = { setValueAs: toNumber };

/** How soon it tripped, by feel or by the clock, and at what current. */
export function HowSoon({ label }: { label: string }) {
  const { register, formState } = useFormContext<Circumstances>();
  const { errors } = formState;
  return (
    <>
      <Choices
        label={label}
        options={PACE_OPTIONS}
        registration={register('pace')}
        error={errors.pace?.message}
      />
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <NumberField
          label="Timed: minutes"
          unit="min"
          registration={register('minutes', number)}
          error={errors.minutes?.message}
        />
        <NumberField
          label="and seconds"
          unit="s"
          registration={register('seconds', number)}
          error={errors.seconds?.message}
        />
        <NumberField
          label="Current then"
          unit="A"
          registration={register('amps', number)}
          error={errors.amps?.message}
        />
      </div>
    </>
  );
}

/** What was plugged in, and what is known of the cause. */
export function CauseFields({ label }: { label: string }) {
  const { register } = useFormContext<Circumstances>();
  return (
    <>
      <Check
        label="Everything on the circuit was unplugged or switched off"
        registration={register('unplugged')}
      />
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
        label="When"
        type="datetime-local"
        registration={register('at')}
        error={formState.errors.at?.message}
      />
      <TextField label="Note" registration={register('note')} error={formState.errors.note?.message} />
    </div>
  );
}
