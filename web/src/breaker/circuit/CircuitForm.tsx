import { LOAD_LIMITS } from '@phylaxon/core/facts/limits';
import { zodResolver } from '@hookform/resolvers/zod';
import { sizingQuestion, type Breaker, type Circuit } from '@phylaxon/core/record/entities';
import type { Policies } from '@phylaxon/core/record/settings';
import { GAUGES } from '@phylaxon/core/facts/standards';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { drawing } from '../../shared/api/index.ts';
import {
  Button,
  Check,
  DraftNote,
  FieldError,
  NEUTRAL_OPTIONS,
  NumberField,
  SelectField,
  showErrors,
  StaleNote,
  TextField,
  toNumber,
  useDraft,
  useVersioned,
  withDraft,
  useUnits,
} from '../../shared/ui/index.ts';
import { sendEntries } from '../../shared/stores/index.ts';
import { circuitForm, circuitFromForm, circuitFormValues, type CircuitValues } from './formValues.ts';
import { LoadRows } from './LoadRows.tsx';
import { SizingPreview } from './SizingPreview.tsx';

const GAUGE_OPTIONS = [
  { value: '', label: 'not known' },
  ...GAUGES.map((gauge) => ({ value: gauge, label: `${gauge} AWG` })),
];
const MATERIALS = [
  { value: 'copper', label: 'copper' },
  { value: 'aluminum', label: 'aluminum' },
];
const INSULATIONS = ['60', '75', '90'].map((value) => ({ value, label: `${value} °C` }));
const CABLES = [
  { value: 'nm', label: 'NM cable' },
  { value: 'other', label: 'other' },
];
const TERMINALS = ['60', '75'].map((value) => ({ value, label: `${value} °C` }));
const RULES = [
  { value: 'policy', label: 'as chosen in the settings' },
  { value: 'split', label: '125 % of continuous, plus the rest' },
  { value: 'flat80', label: `everything at most ${100 * LOAD_LIMITS.continuousShare} % of the rating` },
];

interface Props {
  breaker: Breaker;
  circuit: Circuit | null;
  policies: Policies;
}

const SAID = {
  stored: '✓ Stored. The decision is up to date.',
  waiting: 'The server does not answer: this is kept here and stored as soon as it does.',
} as const;

/** The circuit on a breaker: its conductor, its surroundings, its loads; compared while typing. */
export default function CircuitForm({ breaker, circuit, policies }: Props) {
  const units = useUnits();
  const { temperatureUnit, lengthUnit } = units;
  const [stored, setStored] = useState<'stored' | 'waiting' | null>(null);
  const start = () => circuitFormValues(circuit, breaker.poles, units);
  const draftName = `circuit-${breaker.id}`;
  const form = useForm<CircuitValues>({
    resolver: useMemo(() => zodResolver(circuitForm(units)), [units]),
    defaultValues: withDraft(draftName, start()),
  });
  const { register, handleSubmit, formState, control } = form;
  const { errors, isSubmitting } = formState;
  const number = { setValueAs: toNumber };
  const values = useWatch({ control }) as CircuitValues;
  const draft = useDraft(draftName, form, start);
  const versioned = useVersioned(form, circuit?.version ?? 0, start, draft);

  /** Figures that were shown in another unit and not touched stay what they were, to the last digit. */
  const untouched = () => ({
    ...(circuit && !formState.dirtyFields.ambientC && { ambientC: circuit.ambientC }),
    ...(circuit && !formState.dirtyFields.lengthM && { lengthM: circuit.lengthM }),
  });

  const onSubmit = async (input: CircuitValues) => {
    setStored(null);
    try {
      const became = await sendEntries(
        drawing.setCircuit(breaker.id, {
          ...circuitFromForm(input, units),
          ...untouched(),
          version: versioned.version,
        }),
      );
      form.reset(input);
      draft.forget();
      setStored(became);
    } catch (error) {
      showErrors(form, error);
    }
  };

  return (
    <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-5">
      <DraftNote draft={draft} />
      <StaleNote versioned={versioned} />
      <TextField
        label="Circuit"
        registration={register('label')}
        error={errors.label?.message}
        hint="As the directory should say it."
      />
      <SizingPreview
        question={sizingQuestion(circuitFromForm(values, units), breaker.ratingAmps, policies.loading)}
      />
      <fieldset>
        <legend className="mb-1 font-semibold">Conductor</legend>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <SelectField
            label="Gauge"
            options={GAUGE_OPTIONS}
            registration={register('gauge')}
            error={errors.gauge?.message}
          />
          <SelectField label="Metal" options={MATERIALS} registration={register('material')} />
          <SelectField label="Insulation" options={INSULATIONS} registration={register('insulationC')} />
          <SelectField label="Cable" options={CABLES} registration={register('cable')} />
          <SelectField label="Terminals marked" options={TERMINALS} registration={register('terminalC')} />
          <NumberField
            label="Air along it"
            unit={temperatureUnit}
            registration={register('ambientC', number)}
            error={errors.ambientC?.message}
          />
          <NumberField
            label="Current-carrying"
            unit="wires"
            registration={register('currentCarrying', number)}
            error={errors.currentCarrying?.message}
          />
          <NumberField
            label="Length"
            unit={lengthUnit}
            registration={register('lengthM', number)}
            error={errors.lengthM?.message}
          />
        </div>
        <Check
          label="Feeds ordinary outlets that anything may be plugged into"
          registration={register('portableReceptacles')}
        />
        <SelectField
          label="Shared neutral (multiwire branch circuit)"
          options={NEUTRAL_OPTIONS}
          registration={register('sharesNeutral')}
        />
      </fieldset>
      <LoadRows form={form} poles={breaker.poles} />
      <details>
        <summary className="min-h-11 py-2 font-semibold">Motor-compressor nameplate, loading rule</summary>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <NumberField
            label="Minimum circuit"
            unit="A"
            registration={register('minCircuitAmps', number)}
            error={errors.minCircuitAmps?.message}
          />
          <NumberField
            label="Largest breaker"
            unit="A"
            registration={register('maxBreakerAmps', number)}
            error={errors.maxBreakerAmps?.message}
          />
          <SelectField
            className="col-span-2"
            label="Loading rule"
            options={RULES}
            registration={register('rules')}
          />
        </div>
      </details>
      <div className="flex flex-wrap items-center gap-4">
        <Button type="submit" disabled={isSubmitting}>
          {isSubmitting ? 'Storing …' : 'Store circuit'}
        </Button>
        <span role="status" className="text-good">
          {stored && SAID[stored]}
        </span>
        <FieldError message={errors.root?.message} />
      </div>
    </form>
  );
}
