import { type Quantity, INSIDE_POINTS } from '@phylaxon/core/record/entities';
import type { UseFormReturn } from 'react-hook-form';
import { NumberField, toNumber, useUnits } from '../../shared/ui/index.ts';
import { type ReadingPlace, TITLES } from './readingPlaces.ts';
import * as messages from './messages.ts';
import type { Values } from './readingPlaces.ts';

interface PlacesProps {
  places: readonly ReadingPlace[];
  form: UseFormReturn<Values>;
  /** Whoever is at work may measure behind the cover. */
  inside: boolean;
  /** Ask for the air around it, where a temperature is asked for. */
  ambient?: boolean;
}

/** Fields for some places, by what is measured. */
export function PlaceFields({ places, form: { register, formState }, inside, ambient = true }: PlacesProps) {
  const { temperatureUnit } = useUnits();
  const { errors } = formState;
  return (Object.keys(TITLES) as Quantity[]).map((quantity) => {
    const here = places.filter((place) => place.quantity === quantity);
    if (here.length === 0) return null;
    return (
      <fieldset key={quantity}>
        <legend className="mb-1 font-semibold">{TITLES[quantity]}</legend>
        {quantity === 'voltage' && inside && here.some(({ point }) => INSIDE_POINTS.includes(point)) && (
          <p className="mb-2 text-sm font-medium text-danger">{messages.insideThePanelYouMeasureOn}</p>
        )}
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          {here.map(({ field, unit, label }) => (
            <NumberField
              key={field}
              label={label}
              unit={quantity === 'temperature' ? temperatureUnit : unit}
              registration={register(field, { setValueAs: toNumber })}
              error={errors[field]?.message}
            />
          ))}
          {quantity === 'temperature' && ambient && (
            <NumberField
              label={messages.ambientTemperature}
              unit={temperatureUnit}
              registration={register('ambient', { setValueAs: toNumber })}
              error={errors.ambient?.message}
            />
          )}
        </div>
        {quantity === 'temperature' && inside && (
          <p className="mt-1 text-sm text-ink-soft">{messages.bareShinyMetalReadsTooCold}</p>
        )}
      </fieldset>
    );
  });
}
