import type { Breaker } from '@phylaxon/core/record/entities';
import { sayOutcome, TEST_WORDS, TESTS, type TestId } from '@phylaxon/core/facts/vocabulary';
import { useState } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { entries } from '../../shared/api/index.ts';
import { Choices, nowLocal, SelectInput, showErrors, toInstant, useUnits } from '../../shared/ui/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';
import { lookableTests } from './destinations.ts';
import { WhenAndNote } from './CircumstanceFields.tsx';
import { Submit } from './Submit.tsx';
import { useSend } from './useSend.ts';
import * as messages from './messages.ts';

interface Values {
  outcome: string | null;
  at: string;
  note: string;
}

const HANDLE = 'handle';
const HANDLE_OPTIONS = [
  { value: 'on', label: messages.on },
  { value: 'off', label: messages.off },
  { value: 'tripped', label: messages.trippedOrInTheMiddle },
];

/** Log what was seen, heard, felt or tried: pick what was looked at, then what it was. */
export function LookForm({
  breaker,
  where,
  startWith,
}: {
  breaker: Breaker;
  where: string;
  startWith?: TestId;
}) {
  const { say } = useUnits();
  const mayDo = useMayDo();
  const tests = lookableTests(mayDo(2) ? 2 : 1).filter((test) => test !== 'handle-position');
  const first = startWith === 'handle-position' ? HANDLE : (startWith ?? 'sound');
  const [test, setTest] = useState<TestId | typeof HANDLE>(first);
  const { send, outcome: became } = useSend();
  const fresh = (): Values => ({ outcome: null, at: nowLocal(), note: '' });
  const methods = useForm<Values>({ defaultValues: fresh() });
  const { register, handleSubmit, formState, reset, setError } = methods;
  const { errors, isSubmitting } = formState;

  const onSubmit = async ({ outcome, at, note }: Values) => {
    if (outcome === null) return setError('outcome', { message: messages.chooseWhatYouFound });
    const when = { at: toInstant(at), note };
    try {
      await send(
        test === HANDLE
          ? entries.event(breaker.id, where, { kind: 'handle', position: outcome as 'on', ...when })
          : entries.observation(breaker.id, where, { test, outcome, ...when }),
        () => reset(fresh()),
      );
    } catch (error) {
      showErrors(methods, error);
    }
  };

  const outcomes =
    test === HANDLE
      ? HANDLE_OPTIONS
      : TESTS[test].outcomes.map((value) => ({ value, label: say(sayOutcome(test, value)) }));

  return (
    <FormProvider {...methods}>
      <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-5">
        <div>
          <SelectInput
            label={messages.whatDidYouCheck}
            options={[
              { value: HANDLE, label: messages.handlePosition },
              ...tests.map((value) => ({ value, label: TEST_WORDS[value].name })),
            ]}
            value={test}
            onValue={(picked) => {
              setTest(picked);
              reset(fresh());
            }}
          />
          <p className="mt-1 text-ink-soft">
            {test === HANDLE ? TEST_WORDS['handle-position'].how : TEST_WORDS[test].how}
          </p>
        </div>
        <Choices
          key={test}
          label={messages.whatDidYouFind}
          options={outcomes}
          registration={register('outcome')}
          error={errors.outcome?.message}
        />
        <WhenAndNote />
        <Submit label={messages.save} busy={isSubmitting} outcome={became} error={errors.root?.message} />
      </form>
    </FormProvider>
  );
}
