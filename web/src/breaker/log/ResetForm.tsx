import { zodResolver } from '@hookform/resolvers/zod';
import { cautionText } from '@phylaxon/core/diagnosis/decision';
import type { Policies } from '@phylaxon/core/record/settings';
import type { Breaker } from '@phylaxon/core/record/entities';
import { useMemo } from 'react';
import { FormProvider, useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import { entries } from '../../shared/api/index.ts';
import {
  Choices,
  DraftNote,
  showErrors,
  useDraft,
  useUnits,
  withDraft,
  type Option,
  type Units,
} from '../../shared/ui/index.ts';
import { CauseFields, HowSoonField, WhenAndNote } from './CircumstanceFields.tsx';
import {
  afterSeconds,
  circumstanceFields,
  freshCircumstances,
  circumstancesToRecord,
} from './circumstances.ts';
import { Submit } from './Submit.tsx';
import { useSend } from './useSend.ts';
import * as messages from './messages.ts';

const FEELS: Option[] = [
  { value: 'clean-clicks', label: messages.cleanClicksOffAndOn },
  { value: 'no-off-click', label: messages.noClickAtOff },
  { value: 'hard-or-gritty', label: messages.stiffOrGritty },
  { value: 'will-not-latch', label: messages.willNotLatch },
];
const RESULTS: Option[] = [
  { value: 'holds', label: messages.itHeld },
  { value: 'tripped', label: messages.itTrippedAgain },
];
const POWER: Option[] = [
  { value: 'restored', label: messages.powerIsBack },
  { value: 'still-dead', label: messages.stillDead },
];

const formIn = (units: Units) =>
  z
    .object({
      ...circumstanceFields(units),
      feel: z.enum(['clean-clicks', 'no-off-click', 'hard-or-gritty', 'will-not-latch']).nullable(),
      result: z.enum(['holds', 'tripped']).nullable(),
      power: z.enum(['restored', 'still-dead']).nullable(),
    })
    .superRefine((values, context) => {
      if (values.feel === null && values.result === null) {
        context.addIssue({
          code: 'custom',
          path: ['feel'],
          message: messages.enterHowTheHandleFeltOr,
        });
      }
      if (values.result === 'tripped' && values.pace === null && afterSeconds(values) === null) {
        context.addIssue({ code: 'custom', path: ['pace'], message: messages.enterHowSoonItTrippedAgain });
      }
      if (values.feel === 'will-not-latch' && values.result === 'holds') {
        context.addIssue({
          code: 'custom',
          path: ['result'],
          message: messages.aBreakerThatDoesNotLatch,
        });
      }
    });
type Values = z.output<ReturnType<typeof formIn>>;

const fresh = (): Values => ({ ...freshCircumstances(), feel: null, result: null, power: null });

interface Props {
  breaker: Breaker;
  where: string;
  policies: Policies;
  /** A danger sign stands. */
  stopped: boolean;
}

/** Log a reset: how it felt, whether it holds, whether the power came back. */
export function ResetForm({ breaker, where, policies, stopped }: Props) {
  const units = useUnits();
  const { send, outcome } = useSend();
  const draftName = `reset-${breaker.id}`;
  const methods = useForm<Values>({
    resolver: useMemo(() => zodResolver(formIn(units)), [units]),
    defaultValues: withDraft(draftName, fresh()),
  });
  const draft = useDraft(draftName, methods, fresh);
  const { register, handleSubmit, formState, control } = methods;
  const { errors, isSubmitting } = formState;
  const [result] = useWatch({ control, name: ['result'] });

  const onSubmit = async (values: Values) => {
    try {
      await send(
        entries.event(breaker.id, where, { kind: 'reset', ...circumstancesToRecord(values, units) }),
        draft.clear,
      );
    } catch (error) {
      showErrors(methods, error, (path) => (path === 'afterSeconds' ? 'seconds' : (path as keyof Values)));
    }
  };

  return (
    <FormProvider {...methods}>
      <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-5">
        <DraftNote draft={draft} />
        {stopped ? (
          <p className="border-l-4 border-danger pl-3 font-semibold">{messages.doNotResetThisBreakerA}</p>
        ) : (
          <p className="border-l-4 border-heed pl-3">
            {messages.pushTheHandleFullyOffUntil(cautionText('reset', policies))}
          </p>
        )}
        <Choices
          label={messages.howDidTheHandleFeel}
          options={FEELS}
          registration={register('feel')}
          error={errors.feel?.message}
        />
        <Choices
          label={messages.whatHappened}
          options={RESULTS}
          registration={register('result')}
          error={errors.result?.message}
        />
        {result === 'tripped' && <HowSoonField label={messages.howSoon} />}
        <Choices label={messages.powerOnTheCircuit} options={POWER} registration={register('power')} />
        <CauseFields label={messages.causeOfTheTrip} />
        <WhenAndNote />
        <Submit
          label={messages.saveReset}
          busy={isSubmitting}
          outcome={outcome}
          error={errors.root?.message}
        />
      </form>
    </FormProvider>
  );
}
