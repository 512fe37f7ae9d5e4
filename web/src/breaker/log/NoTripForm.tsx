import { zodResolver } from '@hookform/resolvers/zod';
import type { Breaker } from '@phylaxon/core/record/entities';
import { useMemo } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { z } from 'zod';
import { entries } from '../../shared/api/index.ts';
import { DraftNote, showErrors, useDraft, useUnits, withDraft, type Units } from '../../shared/ui/index.ts';
import { Before, FigureField, WhenAndNote } from './CircumstanceFields.tsx';
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
    .omit({ pace: true, unplugged: true, cause: true })
    .superRefine((values, context) => {
      if (values.amps === null)
        context.addIssue({ code: 'custom', path: ['amps'], message: messages.enterTheCurrentItCarried });
      if ((afterSeconds(values) ?? 0) < 1)
        context.addIssue({ code: 'custom', path: ['minutes'], message: messages.enterHowLongItHeld });
    });
type Values = z.output<ReturnType<typeof formIn>>;

const fresh = (): Values => {
  const { pace: _pace, unplugged: _unplugged, cause: _cause, ...rest } = freshCircumstances();
  return rest;
};

/** Log that it carried a current for a time and did not open: as telling as a trip. */
export function NoTripForm({ breaker, where }: { breaker: Breaker; where: string }) {
  const units = useUnits();
  const { send, outcome } = useSend();
  const draftName = `held-${breaker.id}`;
  const methods = useForm<Values>({
    resolver: useMemo(() => zodResolver(formIn(units)), [units]),
    defaultValues: withDraft(draftName, fresh()),
  });
  const draft = useDraft(draftName, methods, fresh);
  const { handleSubmit, formState } = methods;
  const { errors, isSubmitting } = formState;

  const onSubmit = async (values: Values) => {
    const { at, afterSeconds, amps, preloadAmps, ambientC, note } = circumstancesToRecord(
      { ...freshCircumstances(), ...values },
      units,
    );
    const held = { at, afterSeconds: afterSeconds!, amps: amps!, preloadAmps, ambientC, note };
    try {
      await send(entries.event(breaker.id, where, { kind: 'no-trip', ...held }), draft.clear);
    } catch (error) {
      showErrors(methods, error, (path) => (path === 'afterSeconds' ? 'minutes' : (path as keyof Values)));
    }
  };

  return (
    <FormProvider {...methods}>
      <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-5">
        <DraftNote draft={draft} />
        <p>{messages.theBreakerCarriedACurrentFor}</p>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          <FigureField name="amps" label={messages.currentItCarried} unit="A" />
          <FigureField name="minutes" label={messages.timeMinutes} unit="min" />
          <FigureField name="seconds" label={messages.andSeconds} unit="s" />
          <Before />
        </div>
        <WhenAndNote />
        <Submit label={messages.save} busy={isSubmitting} outcome={outcome} error={errors.root?.message} />
      </form>
    </FormProvider>
  );
}
