import { zodResolver } from '@hookform/resolvers/zod';
import type { Breaker } from '@phylaxon/core/record/entities';
import { conductorMarking, HOT_COLORS, INSULATION_COLORS } from '@phylaxon/core/record/inspections';
import { Plus, X } from 'lucide-react';
import { FormProvider, useFieldArray, useForm } from 'react-hook-form';
import { z } from 'zod';
import { entries } from '../../shared/api/index.ts';
import {
  Button,
  capital,
  nowLocal,
  type Option,
  SelectField,
  showErrors,
  TextField,
  toInstant,
} from '../../shared/ui/index.ts';
import { WhenAndNote } from './CircumstanceFields.tsx';
import { Submit } from './Submit.tsx';
import { useSend } from './useSend.ts';
import * as messages from './messages.ts';

const { fields } = conductorMarking;
const form = fields.extend({ at: z.string().min(1, messages.sayWhen), note: z.string() });
type Typed = z.input<typeof form>;
type Values = z.output<typeof form>;

const asOptions = (colors: readonly string[]): Option[] =>
  colors.map((value) => ({ value, label: capital(value) }));
const COLORS: Option[] = [{ value: '', label: messages.pickOne }, ...asOptions(INSULATION_COLORS)];
const REMARKED: Option[] = [{ value: '', label: messages.notReidentified }, ...asOptions(HOT_COLORS)];
const orNull = (value: string) => (value === '' ? null : value);

const BLANK = { color: '' as 'black', remarkedAs: null };

/** Log which color and marking the conductors have on the breaker’s load terminal. */
export function ConductorMarkingForm({ breaker, where }: { breaker: Breaker; where: string }) {
  const { send, outcome } = useSend();
  const fresh = (): Typed => ({
    conductors: Array.from({ length: breaker.poles }, () => BLANK),
    tag: '',
    at: nowLocal(),
    note: '',
  });
  const methods = useForm<Typed, unknown, Values>({ resolver: zodResolver(form), defaultValues: fresh() });
  const { register, handleSubmit, formState, control, reset } = methods;
  const { errors, isSubmitting } = formState;
  const rows = useFieldArray({ control, name: 'conductors' });

  const onSubmit = async ({ at, note, ...found }: Values) => {
    try {
      await send(
        entries.inspection(breaker.id, where, {
          kind: 'conductor-marking',
          found,
          at: toInstant(at),
          note,
        }),
        () => reset(fresh()),
      );
    } catch (error) {
      showErrors(methods, error, (path) => path.replace(/^found\./, '') as keyof Typed);
    }
  };

  return (
    <FormProvider {...methods}>
      <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-5">
        <p className="text-ink-soft">{messages.theHotConductorAtThisBreaker}</p>
        <ul className="space-y-3">
          {rows.fields.map((row, i) => (
            <li key={row.id} className="grid grid-cols-[1fr_1fr_auto] items-start gap-3">
              <SelectField
                label={rows.fields.length > 1 ? messages.conductor(i + 1) : messages.insulation}
                options={COLORS}
                registration={register(`conductors.${i}.color`)}
                error={errors.conductors?.[i]?.color?.message}
              />
              <SelectField
                label={messages.tapeOrPaintColor}
                options={REMARKED}
                registration={register(`conductors.${i}.remarkedAs`, { setValueAs: orNull })}
                error={errors.conductors?.[i]?.remarkedAs?.message}
              />
              {rows.fields.length > 1 ? (
                <button
                  type="button"
                  onClick={() => rows.remove(i)}
                  aria-label={messages.removeConductor(i + 1)}
                  className="mt-6 flex size-11 items-center justify-center hover:bg-bone-sunk"
                >
                  <X aria-hidden="true" className="size-5" />
                </button>
              ) : (
                <span className="size-0" />
              )}
            </li>
          ))}
        </ul>
        {rows.fields.length < 4 && (
          <Button look="quiet" className="flex items-center gap-2" onClick={() => rows.append(BLANK)}>
            <Plus aria-hidden="true" className="size-4" />
            {messages.anotherConductorOnIt}
          </Button>
        )}
        <TextField
          label={messages.numberOrNameTag}
          registration={register('tag')}
          error={errors.tag?.message}
          hint={messages.asWrittenOnTheConductorIf}
        />
        <WhenAndNote />
        <Submit label={messages.save} busy={isSubmitting} outcome={outcome} error={errors.root?.message} />
      </form>
    </FormProvider>
  );
}
