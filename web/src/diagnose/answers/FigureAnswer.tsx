import { zodResolver } from '@hookform/resolvers/zod';
import { amps, volts } from '@phylaxon/core/facts/quantities';
import type { MeterPoint } from '@phylaxon/core/diagnosis/evidence';
import type { TestId } from '@phylaxon/core/facts/vocabulary';
import type { ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { entries } from '../../shared/api/index.ts';
import { Button, NumberField, toNumber, useDraft, withDraft } from '../../shared/ui/index.ts';
import { asReadings, POINT_LABELS } from './figures.ts';
import { now, useStepWork, whereOf } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

const QUANTITIES = {
  voltage: { schema: volts, unit: 'V' },
  current: { schema: amps, unit: 'A' },
} as const;

type Values = Record<string, number | null>;

const formOf = (points: readonly MeterPoint[]) =>
  z
    .object(
      Object.fromEntries(
        points.map(({ point, quantity }) => [point, QUANTITIES[quantity].schema.nullable()]),
      ),
    )
    .superRefine((values, context) => {
      for (const { point } of points)
        if (values[point] === null)
          context.addIssue({
            code: 'custom',
            path: [point],
            message: messages.enterTheMeterReading,
          });
    });

interface Props {
  test: TestId;
  points: readonly MeterPoint[];
  onAnswer: (work: () => Promise<void>) => Promise<unknown>;
  /** Its answers without a reading: they come together with the form, or it would push them down below a finger. */
  children: ReactNode;
}

/** Figures as the meter shows them; what they mean is worked out. */
export default function FigureAnswer({ test, points, onAnswer, children }: Props) {
  const { file, act } = useStepWork();
  const { breaker } = file.dossier!.subject;
  const fresh = (): Values => Object.fromEntries(points.map(({ point }) => [point, null]));
  const draftName = `case-${test}-${breaker.id}`;
  const methods = useForm<Values>({
    resolver: zodResolver(formOf(points)),
    defaultValues: withDraft(draftName, fresh()),
  });
  const draft = useDraft(draftName, methods, fresh);
  const { register, handleSubmit, formState } = methods;

  const store = (values: Values) =>
    onAnswer(async () => {
      const found = { at: now(), caseId: file.case.id };
      await act(
        entries.readings(
          breaker.id,
          whereOf(file),
          asReadings(points, (point) => values[point], found),
        ),
      );
      draft.forget();
    });

  return (
    <>
      <form noValidate onSubmit={handleSubmit(store)} className="flex flex-wrap items-start gap-3">
        {points.map(({ point, quantity }) => (
          <NumberField
            key={point}
            className="w-44"
            label={POINT_LABELS[point]}
            unit={QUANTITIES[quantity].unit}
            registration={register(point, { setValueAs: toNumber })}
            error={formState.errors[point]?.message}
          />
        ))}
        <Button type="submit" className="mt-6">
          {messages.save}
        </Button>
      </form>
      {children}
    </>
  );
}
