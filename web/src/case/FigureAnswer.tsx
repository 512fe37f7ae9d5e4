import { zodResolver } from '@hookform/resolvers/zod';
import { amps, volts } from '@phylaxon/core/quantities';
import type { ReadingInput } from '@phylaxon/core/record';
import type { TestId } from '@phylaxon/core/vocabulary';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { entries } from '../api/index.ts';
import { Button, NumberField, toNumber, useDraft, withDraft } from '../shared/index.ts';
import { now, useStepWork, whereOf } from './step.ts';

interface Place {
  point: 'outlet' | 'load-terminal' | 'load-terminal-2' | 'leg-a' | 'leg-b' | 'plug' | 'conductor';
  quantity: 'voltage' | 'current';
  label: string;
  instrument: ReadingInput['instrument'];
  /** Only a breaker of two poles has it. */
  twoPole?: true;
}

const voltsAt = (
  point: Place['point'],
  label: string,
  instrument: Place['instrument'] = 'contact-meter',
): Place => ({ point, quantity: 'voltage', label, instrument });
const ampsAt = (point: Place['point'], label: string, instrument: Place['instrument']): Place => ({
  point,
  quantity: 'current',
  label,
  instrument,
});

/** Tests that are answered by figures: what is measured for each. */
export const FIGURES: Partial<Record<TestId, Place[]>> = {
  'outlet-voltage': [voltsAt('outlet', 'At the outlet', 'plug-in-meter')],
  'load-terminal-voltage': [
    voltsAt('load-terminal', 'Load terminal to neutral'),
    { ...voltsAt('load-terminal-2', 'Second pole to neutral'), twoPole: true },
  ],
  'line-side-voltage': [voltsAt('leg-a', 'Leg A to neutral'), voltsAt('leg-b', 'Leg B to neutral')],
  'load-share': [ampsAt('plug', 'At the plug', 'plug-in-meter')],
  'clamp-current': [ampsAt('conductor', 'On its conductor', 'clamp-meter')],
};
const QUANTITIES = {
  voltage: { schema: volts, unit: 'V' },
  current: { schema: amps, unit: 'A' },
} as const;

type Values = Record<string, number | null>;

const formOf = (asked: readonly Place[]) =>
  z
    .object(
      Object.fromEntries(asked.map(({ point, quantity }) => [point, QUANTITIES[quantity].schema.nullable()])),
    )
    .superRefine((values, context) => {
      for (const { point } of asked)
        if (values[point] === null)
          context.addIssue({
            code: 'custom',
            path: [point],
            message: 'Give the figure that the meter shows.',
          });
    });

interface Props {
  test: TestId;
  places: Place[];
  once: (work: () => Promise<void>) => Promise<void>;
}

/** Figures as the meter shows them; what they mean is worked out. */
export function FigureAnswer({ test, places, once }: Props) {
  const { file, act } = useStepWork();
  const { breaker } = file.dossier!.subject;
  const asked = places.filter(({ twoPole }) => !twoPole || breaker.poles === 2);
  const fresh = (): Values => Object.fromEntries(asked.map(({ point }) => [point, null]));
  const draftName = `case-${test}-${breaker.id}`;
  const methods = useForm<Values>({
    resolver: zodResolver(formOf(asked)),
    defaultValues: withDraft(draftName, fresh()),
  });
  const draft = useDraft(draftName, methods, fresh);
  const { register, handleSubmit, formState } = methods;

  const store = (values: Values) =>
    once(async () => {
      const at = now();
      const readings = asked.map(
        ({ point, quantity, instrument }) =>
          ({ quantity, point, value: values[point], instrument, at, caseId: file.case.id }) as ReadingInput,
      );
      await act(entries.readings(breaker.id, whereOf(file), readings));
      draft.forget();
    });

  return (
    <form noValidate onSubmit={handleSubmit(store)} className="flex flex-wrap items-start gap-3">
      {asked.map(({ point, label, quantity }) => (
        <NumberField
          key={point}
          className="w-44"
          label={label}
          unit={QUANTITIES[quantity].unit}
          registration={register(point, { setValueAs: toNumber })}
          error={formState.errors[point]?.message}
        />
      ))}
      <Button type="submit" className="mt-6">
        Store
      </Button>
    </form>
  );
}
