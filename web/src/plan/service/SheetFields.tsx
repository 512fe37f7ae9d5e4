import { FEEDER_GAUGES } from '@phylaxon/core/facts/standards';
import type { ReactNode } from 'react';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import { Button, Check, NumberField, SelectField, TextField } from '../../shared/ui/index.ts';
import type { SheetForm } from './sheetForm.ts';

const GAUGE_OPTIONS = [
  { value: '', label: 'Not known' },
  ...FEEDER_GAUGES.map((gauge) => ({
    value: gauge,
    label: /^\d{3}$/.test(gauge) ? `${gauge} kcmil` : `${gauge} AWG`,
  })),
];
const MATERIAL_OPTIONS = [
  { value: 'copper', label: 'Copper' },
  { value: 'aluminum', label: 'Aluminum' },
];

interface Props {
  form: UseFormReturn<SheetForm>;
  /** What is wrong, by its field. */
  errors: ReadonlyMap<string, string>;
}

function Group({ title, hint, children }: { title: string; hint?: string; children: ReactNode }) {
  return (
    <fieldset className="border-t border-rule-strong pt-3">
      <legend className="float-left w-full text-lg font-bold">{title}</legend>
      {hint && <p className="clear-both text-sm text-ink-soft">{hint}</p>}
      <div className="clear-both mt-2 grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-4">{children}</div>
    </fieldset>
  );
}

/** Every line of the load, to be looked at and put right. */
export function SheetFields({ form, errors }: Props) {
  const { register, control } = form;
  const { fields, append, remove } = useFieldArray({ control, name: 'fixed' });
  const number = (
    name: Exclude<keyof SheetForm, 'fixed' | 'hvacIsNew'>,
    label: string,
    unit: string,
    hint?: string,
  ) => (
    <NumberField
      label={label}
      unit={unit}
      hint={hint}
      registration={register(name)}
      error={errors.get(name)}
    />
  );
  return (
    <div className="space-y-5">
      <Group title="The service" hint="What is not known is left empty; the smallest of them is what counts.">
        {number('serviceAmps', 'Main', 'A')}
        {number('busAmps', 'Bus of the panel', 'A')}
        {number('meterBaseAmps', 'Meter base', 'A')}
        <div className="col-span-2 grid grid-cols-2 gap-3 sm:col-span-1">
          <SelectField
            label="Conductors"
            options={GAUGE_OPTIONS}
            registration={register('gauge')}
            error={errors.get('conductor')}
          />
          <SelectField label="Of" options={MATERIAL_OPTIONS} registration={register('material')} />
        </div>
      </Group>
      <Group
        title="The house"
        hint="Ordinary lights and outlets count by the floor, not by what is plugged in."
      >
        {number('floorAreaFt2', 'Floor area, outside', 'ft²')}
        {number('smallApplianceCircuits', 'Kitchen outlet circuits', '')}
        {number('laundryCircuits', 'Laundry circuits', '')}
        {number('peakAmps', 'Highest quarter hour', 'A', 'On the heavier leg, by a logger')}
      </Group>
      <fieldset className="border-t border-rule-strong pt-3">
        <legend className="float-left w-full text-lg font-bold">Fastened in place</legend>
        <p className="clear-both text-sm text-ink-soft">
          Water heater, dishwasher, disposal, pumps; not cooking, dryer, heating, cooling or vehicles.
        </p>
        <ul className="mt-2 space-y-2">
          {fields.map(({ id, name }, i) => (
            <li key={id} className="grid grid-cols-[minmax(0,1fr)_8rem_auto] items-end gap-2">
              <TextField
                label={`Thing ${i + 1}`}
                registration={register(`fixed.${i}.name`)}
                error={errors.has(`fixed.${i}.id`) ? 'Give it a name of its own.' : undefined}
              />
              <NumberField
                label="Rated"
                unit="VA"
                registration={register(`fixed.${i}.va`)}
                error={errors.get(`fixed.${i}.va`)}
              />
              <Button
                look="quiet"
                aria-label={`Take out ${name || `thing ${i + 1}`}`}
                onClick={() => remove(i)}
              >
                Take out
              </Button>
            </li>
          ))}
        </ul>
        <Button look="quiet" className="mt-2" onClick={() => append({ name: '', va: '' })}>
          Add a thing
        </Button>
      </fieldset>
      <Group title="Cooking, laundry, heating, cooling, vehicles">
        {number('rangeKw', 'Range', 'kW')}
        {number('dryerVa', 'Dryer', 'VA')}
        {number('heatVa', 'Electric heating', 'VA')}
        {number('heatUnits', 'Its separate controls', '')}
        {number('heatPumpVa', 'Heat pump', 'VA')}
        {number('coolingVa', 'Cooling', 'VA')}
        {number('largestMotorVa', 'Largest motor', 'VA')}
        {number('vehicles', 'Vehicle chargers, each', 'VA', 'Several with commas between')}
        <div className="col-span-2 sm:col-span-3 lg:col-span-4">
          <Check label="Heating or cooling is new" registration={register('hvacIsNew')} />
        </div>
      </Group>
    </div>
  );
}
