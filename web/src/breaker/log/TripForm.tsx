import { zodResolver } from '@hookform/resolvers/zod';
import { sayWindow } from '@phylaxon/core/diagnosis/evidence';
import type { Breaker } from '@phylaxon/core/record/entities';
import { useMemo } from 'react';
import { FormProvider, useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import { entries } from '../../shared/api/index.ts';
import { useComputation } from '../../shared/compute/index.ts';
import {
  ampsText,
  showErrors,
  DraftNote,
  useDraft,
  withDraft,
  useUnits,
  type Units,
} from '../../shared/ui/index.ts';
import { Before, CauseFields, HowSoonField, WhenAndNote } from './CircumstanceFields.tsx';
import {
  afterSeconds,
  circumstanceFields,
  freshCircumstances,
  circumstancesToRecord,
} from './circumstances.ts';
import { Submit } from './Submit.tsx';
import { useSend } from './useSend.ts';
import * as messages from './messages.ts';

const formIn = (units: Units) =>
  z
    .object(circumstanceFields(units))
    .refine((values) => values.pace !== null || afterSeconds(values) !== null, {
      path: ['pace'],
      message: messages.enterHowSoonItTrippedChoose,
    });
type Values = z.output<ReturnType<typeof formIn>>;

/** Log a trip: how soon, at what current; what a sound breaker would have done is told while typing. */
export function TripForm({ breaker, where }: { breaker: Breaker; where: string }) {
  const units = useUnits();
  const { send, outcome } = useSend();
  const draftName = `trip-${breaker.id}`;
  const methods = useForm<Values>({
    resolver: useMemo(() => zodResolver(formIn(units)), [units]),
    defaultValues: withDraft(draftName, freshCircumstances()),
  });
  const draft = useDraft(draftName, methods, freshCircumstances);
  const { handleSubmit, formState, control } = methods;
  const { errors, isSubmitting } = formState;

  const onSubmit = async (values: Values) => {
    try {
      await send(
        entries.event(breaker.id, where, { kind: 'trip', ...circumstancesToRecord(values, units) }),
        draft.clear,
      );
    } catch (error) {
      showErrors(methods, error, (path) => (path === 'afterSeconds' ? 'seconds' : (path as keyof Values)));
    }
  };

  const [amps, preloadAmps, ambientC] = useWatch({ control, name: ['amps', 'preloadAmps', 'ambientC'] });

  return (
    <FormProvider {...methods}>
      <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-5">
        <DraftNote draft={draft} />
        <HowSoonField label={messages.howSoonDidItTrip} />
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          <Before />
        </div>
        <SoundBreaker breaker={breaker} amps={amps} preloadAmps={preloadAmps} ambientC={ambientC} />
        <CauseFields label={messages.whatTrippedIt} />
        <WhenAndNote />
        <Submit
          label={messages.saveTrip}
          busy={isSubmitting}
          outcome={outcome}
          error={errors.root?.message}
        />
      </form>
    </FormProvider>
  );
}

interface Question {
  breaker: Breaker;
  amps: number | null;
  preloadAmps: number | null;
  ambientC: number | null;
}

function SoundBreaker({ breaker, amps, preloadAmps, ambientC }: Question) {
  const { toCelsius } = useUnits();
  const window = useComputation('trip-window', {
    ratingAmps: breaker.ratingAmps,
    amps,
    preloadAmps: preloadAmps ?? undefined,
    ambientC: ambientC === null ? undefined : toCelsius(ambientC),
  });
  if (!window || amps === null) return null;
  return (
    <p role="status" className="border-l-4 border-rule-strong pl-3">
      {messages.at(
        <span className="figures">{ampsText(amps)}</span>,
        sayWindow(window),
        breaker.kind !== 'standard' && messages.theElectronicsInThisBreakerCan,
      )}
    </p>
  );
}
