import { zodResolver } from '@hookform/resolvers/zod';
import {
  type Breaker,
  type ReadingInput,
  type Quantity,
  INSIDE_POINTS,
  LOAD_STATES,
  QUANTITY_UNITS,
} from '@phylaxon/core/record/entities';
import { INSTRUMENT_NAMES, INSTRUMENTS, usualInstrument } from '@phylaxon/core/facts/instruments';
import { ambientC, amps, millivolts, surfaceC, volts, watts } from '@phylaxon/core/facts/quantities';
import { useEffect, useMemo, useState } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { z } from 'zod';
import { entries } from '../../shared/api/index.ts';
import {
  DraftNote,
  inUnit,
  LOAD_STATE_WORDS,
  nowLocal,
  NumberField,
  type Option,
  SelectField,
  showErrors,
  TextField,
  toInstant,
  toNumber,
  type Units,
  useDraft,
  useUnits,
  withDraft,
} from '../../shared/ui/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';
import { Submit } from './Submit.tsx';
import { useSend } from './useSend.ts';

type Point = ReadingInput['point'];

/** A field of the form: of each point one, at the plug one for amps and one for watts. */
type Field = Point | 'watts';

interface Place {
  field: Field;
  point: Point;
  quantity: Quantity;
  unit: string;
  label: string;
}

const at = (quantity: Quantity, point: Point, label: string, field: Field = point): Place => ({
  field,
  point,
  quantity,
  unit: QUANTITY_UNITS[quantity],
  label,
});

/** Where readings are taken, in the order of work: cover closed first. */
const PLACES: Place[] = [
  at('voltage', 'outlet', 'Outlet'),
  at('voltage', 'load-terminal', 'Load terminal'),
  at('voltage', 'load-terminal-2', 'Load terminal, 2nd pole'),
  at('voltage', 'legs', 'Pole to pole, or leg to leg'),
  at('voltage', 'leg-a', 'Supply leg A to neutral'),
  at('voltage', 'leg-b', 'Supply leg B to neutral'),
  at('current', 'plug', 'At the plug'),
  at('current', 'conductor', 'On its conductor'),
  at('power', 'plug', 'At the plug', 'watts'),
  at('temperature', 'face', 'Its face'),
  at('temperature', 'terminal', 'Its terminal'),
  at('millivolts', 'across', 'Line to load, under load'),
];

const TITLES: Record<Quantity, string> = {
  voltage: 'Voltage',
  current: 'Current',
  power: 'Power',
  temperature: 'Surface temperature',
  millivolts: 'Millivolts across it, closed',
};

const INSTRUMENT_OPTIONS = Object.fromEntries(
  INSTRUMENTS.map((one) => [one, one === 'unknown' ? 'the usual one for each point' : INSTRUMENT_NAMES[one]]),
);

const asOptions = (words: Record<string, string>): Option[] =>
  Object.entries(words).map(([value, label]) => ({ value, label }));

const formIn = ({ toCelsius }: Units) =>
  z
    .object({
      at: z.string().min(1, 'Say when.'),
      loadState: z.enum(LOAD_STATES),
      instrument: z.enum(INSTRUMENTS),
      ambient: inUnit(ambientC, toCelsius),
      outlet: volts.nullable(),
      'load-terminal': volts.nullable(),
      'load-terminal-2': volts.nullable(),
      'leg-a': volts.nullable(),
      'leg-b': volts.nullable(),
      legs: volts.nullable(),
      watts: watts.nullable(),
      across: millivolts.nullable(),
      plug: amps.nullable(),
      conductor: amps.nullable(),
      face: inUnit(surfaceC, toCelsius),
      terminal: inUnit(surfaceC, toCelsius),
    })
    .superRefine((values, context) => {
      if (PLACES.every(({ field }) => values[field] === null)) {
        context.addIssue({ code: 'custom', path: ['at'], message: 'Give at least one reading below.' });
      }
      if ((values.face !== null || values.terminal !== null) && values.ambient === null) {
        context.addIssue({
          code: 'custom',
          path: ['ambient'],
          message: 'A surface temperature tells nothing without that of the air around it.',
        });
      }
    });
type Values = z.output<ReturnType<typeof formIn>>;

const EMPTY = Object.fromEntries([...PLACES.map(({ field }) => [field, null]), ['ambient', null]]) as Pick<
  Values,
  Field | 'ambient'
>;
const fresh = (): Values => ({ ...EMPTY, at: nowLocal(), loadState: 'normal', instrument: 'unknown' });

function readingsOf(values: Values, { toCelsius }: Units): ReadingInput[] {
  const { loadState, instrument, ambient } = values;
  const at = toInstant(values.at);
  return PLACES.flatMap(({ field, point, quantity }) => {
    const typed = values[field];
    if (typed === null) return [];
    const value = quantity === 'temperature' ? toCelsius(typed) : typed;
    const common = {
      point,
      value,
      at,
      loadState,
      instrument: instrument === 'unknown' ? usualInstrument(quantity, point) : instrument,
    };
    return [
      (quantity === 'temperature'
        ? { quantity, ...common, ambientC: toCelsius(ambient!) }
        : { quantity, ...common }) as ReadingInput,
    ];
  });
}

/** Log readings taken together: fill what was measured, leave the rest empty. */
export function ReadingForm({
  breaker,
  where,
  measuredAt,
  focusOn,
}: {
  breaker: Breaker;
  where: string;
  /** Where it was measured before, the latest first. */
  measuredAt: readonly Point[];
  focusOn?: string;
}) {
  const units = useUnits();
  const mayDo = useMayDo();
  const { send, outcome } = useSend();
  const draftName = `reading-${breaker.id}`;
  const methods = useForm<Values>({
    resolver: useMemo(() => zodResolver(formIn(units)), [units]),
    defaultValues: withDraft(draftName, fresh()),
  });
  // What is brought back from before a reload is not hidden.
  const [kept] = useState(() => methods.getValues());
  const draft = useDraft(draftName, methods, fresh);
  const { register, handleSubmit, formState, setFocus } = methods;
  const { errors, isSubmitting } = formState;

  useEffect(() => {
    if (focusOn) setFocus(focusOn as Field);
  }, [focusOn, setFocus]);

  const offered = PLACES.filter(
    ({ point }) =>
      (mayDo(2) || !INSIDE_POINTS.includes(point)) &&
      (breaker.poles === 2 || breaker.role === 'main' || (point !== 'load-terminal-2' && point !== 'legs')),
  );

  // What it was last measured at comes first; on a new breaker, everything.
  const usual = offered.filter(({ point }) => measuredAt.includes(point));
  const first = usual.length > 0 ? usual : offered;
  const rest = offered.filter((place) => !first.includes(place));

  const onSubmit = async (values: Values) => {
    const readings = readingsOf(values, units);
    try {
      await send(entries.readings(breaker.id, where, readings), draft.clear);
    } catch (error) {
      showErrors(methods, error, (path) => fieldOf(path, readings));
    }
  };

  return (
    <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-5">
      <DraftNote draft={draft} />
      <Places places={first} form={methods} inside={mayDo(2)} />
      {rest.length > 0 && (
        <details open={rest.some(({ field }) => field === focusOn || errors[field] || kept[field] !== null)}>
          <summary className="min-h-11 py-2 font-semibold">Something else: {named(rest)}</summary>
          <div className="mt-2 space-y-5">
            <Places places={rest} form={methods} inside={mayDo(2)} ambient={!hasTemperature(first)} />
          </div>
        </details>
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label="Load at the time"
          options={asOptions(LOAD_STATE_WORDS)}
          registration={register('loadState')}
        />
        <SelectField
          label="Instrument"
          options={asOptions(INSTRUMENT_OPTIONS)}
          registration={register('instrument')}
        />
        <TextField
          label="When"
          type="datetime-local"
          registration={register('at')}
          error={errors.at?.message}
        />
      </div>
      <Submit label="Store readings" busy={isSubmitting} outcome={outcome} error={errors.root?.message} />
    </form>
  );
}

const hasTemperature = (places: readonly Place[]) =>
  places.some(({ quantity }) => quantity === 'temperature');

/** The quantities of some places, as within a sentence. */
const named = (places: readonly Place[]) =>
  (Object.keys(TITLES) as Quantity[])
    .filter((quantity) => places.some((place) => place.quantity === quantity))
    .map((quantity) => TITLES[quantity].toLowerCase())
    .join(', ');

interface PlacesProps {
  places: readonly Place[];
  form: UseFormReturn<Values>;
  /** Whoever is at work may measure behind the cover. */
  inside: boolean;
  /** Ask for the air around it, where a temperature is asked for. */
  ambient?: boolean;
}

/** Fields for some places, by what is measured. */
function Places({ places, form: { register, formState }, inside, ambient = true }: PlacesProps) {
  const { temperatureUnit } = useUnits();
  const { errors } = formState;
  return (Object.keys(TITLES) as Quantity[]).map((quantity) => {
    const here = places.filter((place) => place.quantity === quantity);
    if (here.length === 0) return null;
    return (
      <fieldset key={quantity}>
        <legend className="mb-1 font-semibold">{TITLES[quantity]}</legend>
        {quantity === 'voltage' && inside && here.some(({ point }) => INSIDE_POINTS.includes(point)) && (
          <p className="mb-2 text-sm font-medium text-danger">
            Inside the panel this is a measurement on live parts: protective gear, change nothing live.
          </p>
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
              label="The air around"
              unit={temperatureUnit}
              registration={register('ambient', { setValueAs: toNumber })}
              error={errors.ambient?.message}
            />
          )}
        </div>
        {quantity === 'temperature' && inside && (
          <p className="mt-1 text-sm text-ink-soft">
            Bare shiny metal reads falsely cold: measure on a strip of tape.
          </p>
        )}
      </fieldset>
    );
  });
}

/** The server speaks of `readings.0.value`; the form has a field for each point. */
function fieldOf(path: string, readings: ReadingInput[]): keyof Values | undefined {
  const [, index, field] = path.split('.');
  if (field === 'at') return 'at';
  if (field === 'ambientC') return 'ambient';
  const reading = readings[Number(index)];
  return reading?.quantity === 'power' ? 'watts' : reading?.point;
}
