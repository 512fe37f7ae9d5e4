import { X } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import { Check, NumberField, SelectField, TextField, toNumber } from '../../shared/ui/index.ts';
import type { CircuitValues } from './formValues.ts';
import * as messages from './messages.ts';

/** The list of common things and its search load beside the form. */
const AddLoad = lazy(async () => ({ default: (await import('./AddLoad.tsx')).AddLoad }));

const VOLTS = [
  { value: '120', label: '120 V' },
  { value: '240', label: '240 V' },
];

const hasRunning = (load: CircuitValues['loads'][number]) =>
  load.onMinutes !== null || load.surgeTimes !== null;

/** The loads of a circuit, one under the other. */
export function LoadRows({
  form,
  poles,
  isStopped,
}: {
  form: UseFormReturn<CircuitValues>;
  poles: 1 | 2;
  isStopped: boolean;
}) {
  const { register, control, formState } = form;
  const { fields, append, remove } = useFieldArray({ control, name: 'loads' });
  const number = { setValueAs: toNumber };
  return (
    <fieldset>
      <legend className="font-semibold">{messages.loads}</legend>
      <p className="text-sm text-ink-soft">{messages.aBreakerRespondsToVoltAmperes}</p>
      <ul className="divide-y divide-rule">
        {fields.map((field, i) => {
          const errors = formState.errors.loads?.[i];
          return (
            <li key={field.id} className="grid grid-cols-2 gap-3 py-3 sm:grid-cols-4">
              <TextField
                className="sm:col-span-3"
                label={messages.load}
                registration={register(`loads.${i}.name`)}
                error={errors?.name?.message}
              />
              <SelectField label={messages.on} options={VOLTS} registration={register(`loads.${i}.volts`)} />
              <NumberField
                label={messages.watts}
                unit="W"
                registration={register(`loads.${i}.watts`, number)}
                error={errors?.watts?.message}
              />
              <NumberField
                label="Volt-amperes"
                unit="VA"
                registration={register(`loads.${i}.voltAmperes`, {
                  ...number,
                  // What is typed by hand is no longer as it was measured.
                  onChange: () => form.setValue(`loads.${i}.errorVoltAmperes`, null),
                })}
                error={errors?.voltAmperes?.message}
              />
              <div className="col-span-2 flex items-end justify-between">
                <Check label={messages.continuous} registration={register(`loads.${i}.continuous`)} />
                <button
                  type="button"
                  onClick={() => remove(i)}
                  aria-label={messages.removeLoad(i + 1)}
                  className="flex size-11 items-center justify-center hover:bg-bone-sunk"
                >
                  <X aria-hidden="true" className="size-5" />
                </button>
              </div>
              <details className="col-span-2 sm:col-span-4" open={hasRunning(fields[i]!) || undefined}>
                <summary className="min-h-11 py-2 text-sm font-medium">
                  {messages.dutyCycleAndStartingCurrent}
                </summary>
                <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
                  <NumberField
                    label={messages.runsFor}
                    unit="min"
                    registration={register(`loads.${i}.onMinutes`, number)}
                    error={errors?.onMinutes?.message}
                  />
                  <NumberField
                    label={messages.thenOffFor}
                    unit="min"
                    registration={register(`loads.${i}.offMinutes`, number)}
                    error={errors?.offMinutes?.message}
                  />
                  <NumberField
                    label={messages.startingCurrent}
                    unit="times"
                    registration={register(`loads.${i}.surgeTimes`, number)}
                    error={errors?.surgeTimes?.message}
                  />
                  <NumberField
                    label={messages.startingTime}
                    unit="s"
                    registration={register(`loads.${i}.surgeSeconds`, number)}
                    error={errors?.surgeSeconds?.message}
                  />
                </div>
              </details>
            </li>
          );
        })}
      </ul>
      <Suspense fallback={<p className="mt-2 h-16">{messages.loading}</p>}>
        <AddLoad poles={poles} isStopped={isStopped} onAdd={(load) => append(load)} />
      </Suspense>
    </fieldset>
  );
}
