import { zodResolver } from '@hookform/resolvers/zod';
import { amps, seconds as duration } from '@phylaxon/core/facts/quantities';
import { sayWindow } from '@phylaxon/core/diagnosis/evidence';
import { loadAmps } from '@phylaxon/core/record/entities';
import { useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import { useComputation } from '../../shared/compute/index.ts';
import { ampsText, Button, NumberField, toNumber, useDraft, withDraft } from '../../shared/ui/index.ts';
import { logTrip } from './logTrip.ts';
import { useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

const form = z
  .object({
    ran: z.array(z.string()),
    amps: amps.nullable(),
    minutes: duration.nullable(),
    seconds: duration.nullable(),
  })
  .superRefine(({ ran, amps: typed, minutes, seconds }, context) => {
    const no = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    if (ran.length === 0 && !typed) no('amps', messages.selectTheLoadsThatWereOn);
    if ((minutes ?? 0) * 60 + (seconds ?? 0) < 1) no('minutes', messages.enterHowLongTheyRan);
  });
type Values = z.output<typeof form>;
const fresh = (): Values => ({ ran: [], amps: null, minutes: null, seconds: null });

const FIGURES = [
  ['amps', messages.totalCurrent, 'A'],
  ['minutes', messages.forMinutes, 'min'],
  ['seconds', messages.andSeconds, 's'],
] as const;

/** What ran and for how long before it tripped: held against the window of a sound breaker by itself. */
export default function TripAnswer({
  onAnswer,
}: {
  onAnswer: (work: () => Promise<void>) => Promise<unknown>;
}) {
  const work = useStepWork();
  const { breaker, circuit } = work.file.dossier!.subject;
  const loads = circuit?.loads ?? [];
  const draftName = `case-trip-${breaker.id}`;
  const methods = useForm<Values>({
    resolver: zodResolver(form),
    defaultValues: withDraft(draftName, fresh()),
  });
  const draft = useDraft(draftName, methods, fresh);
  const { register, handleSubmit, formState, control } = methods;
  const watched = useWatch({ control });

  const currentOf = ({ ran = [], amps: typed }: Partial<Values>) =>
    typed || loads.filter(({ id }) => ran.includes(id)).reduce((sum, load) => sum + loadAmps(load), 0);
  const current = currentOf(watched);
  const window = useComputation(
    'trip-window',
    current > 0 ? { ratingAmps: breaker.ratingAmps, amps: current } : null,
  );

  const store = (values: Values) =>
    onAnswer(async () => {
      await logTrip(work, {
        amps: currentOf(values),
        afterSeconds: (values.minutes ?? 0) * 60 + (values.seconds ?? 0),
      });
      draft.forget();
    });

  return (
    <form noValidate onSubmit={handleSubmit(store)} className="space-y-4">
      {loads.length > 0 && (
        <fieldset>
          <legend className="mb-1 font-semibold">{messages.whatWasRunning}</legend>
          <ul className="flex flex-wrap gap-x-6">
            {loads.map((load) => (
              <li key={load.id}>
                <label className="flex min-h-11 items-center gap-2">
                  <input type="checkbox" value={load.id} className="size-5 accent-ink" {...register('ran')} />
                  {load.name}{' '}
                  <span className="figures text-sm text-ink-soft">{ampsText(loadAmps(load))}</span>
                </label>
              </li>
            ))}
          </ul>
        </fieldset>
      )}
      <div className="flex flex-wrap items-start gap-3">
        {FIGURES.map(([name, label, unit]) => (
          <NumberField
            key={name}
            className="w-36"
            label={label}
            unit={unit}
            placeholder={name === 'amps' && current > 0 ? current.toFixed(1) : undefined}
            registration={register(name, { setValueAs: toNumber })}
            error={formState.errors[name]?.message}
          />
        ))}
        <Button type="submit" className="mt-6">
          {messages.save}
        </Button>
      </div>
      {window && (
        <p role="status" className="text-ink-soft">
          {messages.at(ampsText(current), sayWindow(window))}
        </p>
      )}
    </form>
  );
}
