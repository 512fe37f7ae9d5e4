import { FEEDER_GAUGES } from '@phylaxon/core/facts/standards';
import type { ReactNode } from 'react';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import { Button, Check, NumberField, SelectField, TextField } from '../../shared/ui/index.ts';
import type { SheetForm } from './sheetForm.ts';
import * as messages from './messages.ts';

const GAUGE_OPTIONS = [
  { value: '', label: messages.notKnown },
  ...FEEDER_GAUGES.map((gauge) => ({
    value: gauge,
    label: /^\d{3}$/.test(gauge) ? messages.kcmil(gauge) : messages.awg(gauge),
  })),
];
const MATERIAL_OPTIONS = [
  { value: 'copper', label: messages.copper },
  { value: 'aluminum', label: messages.aluminum },
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
      <div className="clear-both mt-2 grid grid-cols-2 gap-3 sm:grid-cols-3 @4xl:grid-cols-4">{children}</div>
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
      <Group title={messages.serviceEquipment} hint={messages.leaveUnknownValuesEmptyThe}>
        {number('serviceAmps', 'Main', 'A')}
        {number('busAmps', messages.panelBus, 'A')}
        {number('meterBaseAmps', messages.meterBase, 'A')}
        <div className="col-span-2 grid grid-cols-2 gap-3">
          <SelectField
            label={messages.conductors}
            options={GAUGE_OPTIONS}
            registration={register('gauge')}
            error={errors.get('conductor')}
          />
          <SelectField
            label={messages.material}
            options={MATERIAL_OPTIONS}
            registration={register('material')}
          />
        </div>
      </Group>
      <Group title={messages.house} hint={messages.generalLightingAndOutletsAre}>
        {number('floorAreaFt2', messages.floorAreaOutsideDimensions, 'ft²')}
        {number('smallApplianceCircuits', messages.kitchenSmallApplianceCircuits, '')}
        {number('laundryCircuits', messages.laundryCircuits, '')}
        {number('peakAmps', messages.highest15MinuteDemand, 'A', messages.onTheMoreHeavilyLoadedLeg)}
      </Group>
      <fieldset className="border-t border-rule-strong pt-3">
        <legend className="float-left w-full text-lg font-bold">{messages.fixedAppliances}</legend>
        <p className="clear-both text-sm text-ink-soft">{messages.waterHeaterDishwasherDisposal}</p>
        <ul className="mt-2 space-y-2">
          {fields.map(({ id, name }, i) => (
            <li key={id} className="grid grid-cols-[minmax(0,1fr)_8rem_auto] items-end gap-2">
              <TextField
                label={messages.appliance(i + 1)}
                registration={register(`fixed.${i}.name`)}
                error={errors.has(`fixed.${i}.id`) ? messages.giveItAUniqueName : undefined}
              />
              <NumberField
                label={messages.rating}
                unit="VA"
                registration={register(`fixed.${i}.va`)}
                error={errors.get(`fixed.${i}.va`)}
              />
              <Button
                look="quiet"
                aria-label={messages.remove(name || messages.applianceInline(i + 1))}
                onClick={() => remove(i)}
              >
                {messages.removeLabel}
              </Button>
            </li>
          ))}
        </ul>
        <Button look="quiet" className="mt-2" onClick={() => append({ name: '', va: '' })}>
          {messages.addAnAppliance}
        </Button>
      </fieldset>
      <Group title={messages.cookingLaundryHeatingCooling}>
        {number('rangeKw', 'Range', 'kW')}
        {number('dryerVa', 'Dryer', 'VA')}
        {number('heatVa', messages.electricHeating, 'VA')}
        {number('heatUnits', messages.separateHeatingControls, '')}
        {number('heatPumpVa', messages.heatPump, 'VA')}
        {number('coolingVa', 'Cooling', 'VA')}
        {number('largestMotorVa', messages.largestMotor, 'VA')}
        {number('vehicles', messages.vehicleChargersEach, 'VA', messages.separateSeveralWithCommas)}
        <div className="col-span-2 sm:col-span-3 @4xl:col-span-4">
          <Check label={messages.heatingOrCoolingIsNew} registration={register('hvacIsNew')} />
        </div>
      </Group>
    </div>
  );
}
