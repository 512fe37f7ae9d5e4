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
import * as messages from './messages.ts';

const GAUGE_OPTIONS = [
  { value: '', label: messages.notKnown },
  ...GAUGES.map((gauge) => ({ value: gauge, label: messages.awg(gauge) })),
];
const MATERIALS = [
  { value: 'copper', label: 'copper' },
  { value: 'aluminum', label: 'aluminum' },
];
const INSULATIONS = ['60', '75', '90'].map((value) => ({ value, label: `${value} °C` }));
const CABLES = [
  { value: 'nm', label: messages.nmCable },
  { value: 'other', label: 'other' },
];
const TERMINALS = ['60', '75'].map((value) => ({ value, label: `${value} °C` }));
const RULES = [
  { value: 'policy', label: messages.asSetInTheSettings },
  { value: 'split', label: messages.ofContinuousLoadPlusTheRest },
  { value: 'flat80', label: messages.totalLoadAtMostOfThe(100 * LOAD_LIMITS.continuousShare) },
];

interface Props {
  breaker: Breaker;
  circuit: Circuit | null;
  policies: Policies;
  /** A hazard stops it: nothing is measured with it on. */
  isStopped: boolean;
}

const SAID = {
  stored: messages.savedTheDecisionIsUpTo,
  waiting: messages.theServerIsNotAnsweringYour,
} as const;

/** The circuit on a breaker: its conductor, its surroundings, its loads; compared while typing. */
export default function CircuitForm({ breaker, circuit, policies, isStopped }: Props) {
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
        label={messages.circuit}
        registration={register('label')}
        error={errors.label?.message}
        hint={messages.asItShouldReadInThe}
      />
      <SizingPreview
        question={sizingQuestion(circuitFromForm(values, units), breaker.ratingAmps, policies.loading)}
      />
      <fieldset>
        <legend className="mb-1 font-semibold">{messages.conductor}</legend>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <SelectField
            label={messages.wireSize}
            options={GAUGE_OPTIONS}
            registration={register('gauge')}
            error={errors.gauge?.message}
          />
          <SelectField
            label={messages.conductorMaterial}
            options={MATERIALS}
            registration={register('material')}
          />
          <SelectField
            label={messages.insulation}
            options={INSULATIONS}
            registration={register('insulationC')}
          />
          <SelectField label={messages.cable} options={CABLES} registration={register('cable')} />
          <SelectField
            label={messages.terminationTemperatureRating}
            options={TERMINALS}
            registration={register('terminalC')}
          />
          <NumberField
            label={messages.ambientTemperature}
            unit={temperatureUnit}
            registration={register('ambientC', number)}
            error={errors.ambientC?.message}
          />
          <NumberField
            label={messages.currentCarryingConductors}
            unit="wires"
            registration={register('currentCarrying', number)}
            error={errors.currentCarrying?.message}
          />
          <NumberField
            label={messages.oneWayLength}
            unit={lengthUnit}
            registration={register('lengthM', number)}
            error={errors.lengthM?.message}
          />
        </div>
        <Check label={messages.feedsGeneralPurposeOutlets} registration={register('portableReceptacles')} />
        <SelectField
          label={messages.sharedNeutralMultiwireBranch}
          options={NEUTRAL_OPTIONS}
          registration={register('sharesNeutral')}
        />
      </fieldset>
      <LoadRows form={form} poles={breaker.poles} isStopped={isStopped} />
      <details>
        <summary className="min-h-11 py-2 font-semibold">{messages.motorCompressorNameplateAnd}</summary>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <NumberField
            label={messages.minimumCircuitAmpacity}
            unit="A"
            registration={register('minCircuitAmps', number)}
            error={errors.minCircuitAmps?.message}
          />
          <NumberField
            label={messages.maximumBreakerSize}
            unit="A"
            registration={register('maxBreakerAmps', number)}
            error={errors.maxBreakerAmps?.message}
          />
          <SelectField
            className="col-span-2"
            label={messages.loadingRule}
            options={RULES}
            registration={register('rules')}
          />
        </div>
      </details>
      <div className="flex flex-wrap items-center gap-4">
        <Button type="submit" disabled={isSubmitting}>
          {isSubmitting ? messages.saving : messages.saveCircuit}
        </Button>
        <span role="status" className="text-good">
          {stored && SAID[stored]}
        </span>
        <FieldError message={errors.root?.message} />
      </div>
    </form>
  );
}
