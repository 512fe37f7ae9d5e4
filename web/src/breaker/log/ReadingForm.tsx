import { zodResolver } from '@hookform/resolvers/zod';
import {
  type Breaker,
  type ReadingInput,
  type Quantity,
  INSIDE_POINTS,
} from '@phylaxon/core/record/entities';
import { INSTRUMENT_NAMES, INSTRUMENTS, usualInstrument } from '@phylaxon/core/facts/instruments';
import { useEffect, useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { entries } from '../../shared/api/index.ts';
import {
  DraftNote,
  LOAD_STATE_WORDS,
  nowLocal,
  type Option,
  SelectField,
  showErrors,
  TextField,
  toInstant,
  type Units,
  useDraft,
  useUnits,
  withDraft,
} from '../../shared/ui/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';
import { Submit } from './Submit.tsx';
import { useSend } from './useSend.ts';
import {
  type Field,
  READING_PLACES,
  type ReadingPlace,
  type ReadingPoint,
  TITLES,
  formIn,
} from './readingPlaces.ts';
import { PlaceFields } from './PlaceFields.tsx';
import type { Values } from './readingPlaces.ts';
import * as messages from './messages.ts';

const INSTRUMENT_OPTIONS = Object.fromEntries(
  INSTRUMENTS.map((one) => [
    one,
    one === 'unknown' ? messages.theUsualInstrumentForEachPoint : INSTRUMENT_NAMES[one],
  ]),
);

const asOptions = (words: Record<string, string>): Option[] =>
  Object.entries(words).map(([value, label]) => ({ value, label }));

const EMPTY = Object.fromEntries([
  ...READING_PLACES.map(({ field }) => [field, null]),
  ['ambient', null],
]) as Pick<Values, Field | 'ambient'>;

const fresh = (): Values => ({ ...EMPTY, at: nowLocal(), loadState: 'normal', instrument: 'unknown' });

function readingsOf(values: Values, { toCelsius }: Units): ReadingInput[] {
  const { loadState, instrument, ambient } = values;
  const at = toInstant(values.at);
  return READING_PLACES.flatMap(({ field, point, quantity }) => {
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
  measuredAt: readonly ReadingPoint[];
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

  const offered = READING_PLACES.filter(
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
      <PlaceFields places={first} form={methods} inside={mayDo(2)} />
      {rest.length > 0 && (
        <details open={rest.some(({ field }) => field === focusOn || errors[field] || kept[field] !== null)}>
          <summary className="min-h-11 py-2 font-semibold">{messages.otherReadings(named(rest))}</summary>
          <div className="mt-2 space-y-5">
            <PlaceFields places={rest} form={methods} inside={mayDo(2)} ambient={!hasTemperature(first)} />
          </div>
        </details>
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label={messages.loadAtTheTime}
          options={asOptions(LOAD_STATE_WORDS)}
          registration={register('loadState')}
        />
        <SelectField
          label={messages.instrument}
          options={asOptions(INSTRUMENT_OPTIONS)}
          registration={register('instrument')}
        />
        <TextField
          label={messages.when}
          type="datetime-local"
          registration={register('at')}
          error={errors.at?.message}
        />
      </div>
      <Submit
        label={messages.saveReadings}
        busy={isSubmitting}
        outcome={outcome}
        error={errors.root?.message}
      />
    </form>
  );
}

const hasTemperature = (places: readonly ReadingPlace[]) =>
  places.some(({ quantity }) => quantity === 'temperature');

/** The quantities of some places, as within a sentence. */
const named = (places: readonly ReadingPlace[]) =>
  (Object.keys(TITLES) as Quantity[])
    .filter((quantity) => places.some((place) => place.quantity === quantity))
    .map((quantity) => TITLES[quantity].toLowerCase())
    .join(', ');

/** The server speaks of `readings.0.value`; the form has a field for each point. */
function fieldOf(path: string, readings: ReadingInput[]): keyof Values | undefined {
  const [, index, field] = path.split('.');
  if (field === 'at') return 'at';
  if (field === 'ambientC') return 'ambient';
  const reading = readings[Number(index)];
  return reading?.quantity === 'power' ? 'watts' : reading?.point;
}
