import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useForm } from 'react-hook-form';
import { entries } from '../../shared/api/index.ts';
import {
  Button,
  FieldError,
  NumberField,
  showErrors,
  TextField,
  toNumber,
  useUnits,
} from '../../shared/ui/index.ts';
import { sendEntries } from '../../shared/stores/index.ts';
import { corrected, type TimelineLine } from '../../shared/entryWords/index.ts';
import * as messages from './messages.ts';

interface Values {
  why: string;
  value: number | null;
}

/** Strike an entry: it stays on record, crossed out, with the reason; a reading may be given its right figure. */
export function StrikeDialog({ line, onClose }: { line: TimelineLine; onClose: () => void }) {
  const { toCelsius, temperatureUnit } = useUnits();
  const form = useForm<Values>({ defaultValues: { why: '', value: null } });
  const { register, handleSubmit, formState } = form;
  const { errors, isSubmitting } = formState;
  const { reading, strikable, id } = line;
  const isTemperature = reading?.unit === '°C';

  const onSubmit = async ({ why, value }: Values) => {
    try {
      const replacement =
        reading && value !== null ? corrected(reading, isTemperature ? toCelsius(value) : value) : undefined;
      await sendEntries(entries.strike(strikable!, id, why, replacement));
      onClose();
    } catch (error) {
      showErrors(form, error, (path) =>
        path === 'why' ? 'why' : path === 'replacement.value' ? 'value' : undefined,
      );
    }
  };

  return (
    <Dialog open onClose={onClose} className="fixed inset-0 z-10">
      <div className="fixed inset-0 flex items-center justify-center bg-enamel-sunk/70 p-4">
        <DialogPanel className="w-full max-w-md bg-bone-raised p-5">
          <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-4">
            <DialogTitle className="text-xl font-bold">{messages.voidThisEntry}</DialogTitle>
            <p>
              {messages.staysOnRecordCrossedOutAnd(
                <strong>
                  {line.what} {line.figure}
                </strong>,
              )}
            </p>
            <TextField label={messages.reason} registration={register('why')} error={errors.why?.message} />
            {reading && (
              <NumberField
                label={messages.correctValueIfKnown}
                unit={isTemperature ? temperatureUnit : reading.unit}
                registration={register('value', { setValueAs: toNumber })}
                error={errors.value?.message}
              />
            )}
            <FieldError message={errors.root?.message} />
            <div className="flex gap-3">
              <Button type="submit" disabled={isSubmitting}>
                {messages.voidEntry}
              </Button>
              <Button look="quiet" onClick={onClose}>
                {messages.cancel}
              </Button>
            </div>
          </form>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
