import { CALCULATORS, type Calculator, type CalculatorField } from '@phylaxon/core/views/calculators';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { classes, SelectInput, toNumber, TypedInput, useUnits, type Units } from '../../shared/ui/index.ts';
import { TakeIntoRecord } from './TakeIntoRecord.tsx';
import * as messages from './messages.ts';

/** The name of the calculator in the address; the rest are its values. */
const NAME = 'calculator';

/** The list of calculators, and the one that was chosen. */
export function Calculators() {
  const [params, setParams] = useSearchParams();
  const chosen = CALCULATORS.find(({ id }) => id === params.get(NAME)) ?? CALCULATORS[0]!;
  return (
    <>
      <div className="sm:hidden">
        <SelectInput
          label={messages.calculator}
          options={CALCULATORS.map(({ id, title }) => ({ value: id, label: title }))}
          value={chosen.id}
          onValue={(id) => setParams({ [NAME]: id }, { replace: true })}
        />
      </div>
      <nav aria-label={messages.calculators} className="hidden sm:block">
        <ul className="flex flex-wrap gap-2">
          {CALCULATORS.map(({ id, title }) => (
            <li key={id}>
              <Link
                to={`?${NAME}=${id}`}
                replace
                aria-current={id === chosen.id ? 'page' : undefined}
                className={classes(
                  'inline-flex min-h-11 items-center rounded-sm border px-3',
                  id === chosen.id ? 'border-ink bg-ink font-bold text-bone-raised' : 'border-rule-strong',
                )}
              >
                {title}
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      <CalculatorForm key={chosen.id} calculator={chosen} />
    </>
  );
}

/** Figures of the record are in °C and m; they are typed in the person’s units. */
const CONVERSIONS: Partial<
  Record<
    string,
    (units: Units) => { unit: string; show: (si: number) => number; read: (typed: number) => number }
  >
> = {
  '°C': ({ temperatureUnit: unit, fromCelsius: show, toCelsius: read }) => ({ unit, show, read }),
  m: ({ lengthUnit: unit, fromMetres: show, toMetres: read }) => ({ unit, show, read }),
};
const conversionOf = (units: Units, field: CalculatorField) =>
  field.kind === 'figure' ? CONVERSIONS[field.unit]?.(units) : undefined;

const labelIn = (units: Units, field: CalculatorField): string => {
  const conversion = conversionOf(units, field);
  return conversion ? messages.withUnit(field.label, conversion.unit) : field.label;
};

function CalculatorForm({ calculator }: { calculator: Calculator }) {
  const { fields, source, title } = calculator;
  const units = useUnits();
  const [params, setParams] = useSearchParams();
  const [typed, setTyped] = useState(() =>
    Object.fromEntries(fields.map((field) => [field.name, begun(units, field, params.get(field.name))])),
  );
  const values = valuesOf(units, fields, typed);
  // What may be left out begins empty; anything else that is empty would be answered with a figure nobody sees.
  const unread = fields.find(
    ({ name, initial }) => Number.isNaN(values[name]) || (values[name] === undefined && initial !== null),
  );
  const answer = unread ? { field: unread.name, message: messages.enterAFigure } : calculator.run(values);
  const change = (name: string, text: string) => {
    const next = { ...typed, [name]: text };
    setTyped(next);
    const told = Object.entries(valuesOf(units, fields, next)).flatMap(([key, value]) =>
      value === undefined || Number.isNaN(value) ? [] : [[key, `${value}`]],
    );
    setParams(new URLSearchParams([[NAME, calculator.id], ...told]), { replace: true });
  };
  const problem = 'field' in answer ? answer : null;
  const entered = fields.flatMap((field) => {
    const value = saidIn(field, typed[field.name]!);
    return value === '' ? [] : [`${labelIn(units, field)}: ${value}`];
  });
  return (
    <section aria-label={title} className="space-y-4 border-t border-rule-strong pt-3">
      <h2 className="text-2xl font-bold">{title}</h2>
      <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => event.preventDefault()}>
        {fields.map((field) =>
          field.kind === 'choice' ? (
            <SelectInput
              key={field.name}
              label={field.label}
              options={field.options}
              value={optionOf(field, typed[field.name]!)}
              onValue={(value) => change(field.name, `${value}`)}
            />
          ) : (
            <TypedInput
              key={field.name}
              label={labelIn(units, field)}
              value={typed[field.name]!}
              onValue={(text) => change(field.name, text)}
              isWrong={problem?.field === field.name}
            />
          ),
        )}
      </form>
      {'headline' in answer ? (
        <div role="status" aria-label={messages.result} className="space-y-2">
          <p className={classes('text-3xl font-bold', answer.isOver && 'text-heed')}>
            {answer.isOver ? '! ' : ''}
            {answer.headline}
          </p>
          <ul className="list-disc pl-5">
            {answer.steps.map((step) => (
              <li key={step}>{units.say(step)}</li>
            ))}
          </ul>
        </div>
      ) : (
        <p role="alert" className="font-medium text-danger">
          {units.say(answer.message)}
        </p>
      )}
      <p className="text-sm text-ink-soft">
        {messages.source(source)} {messages.localCodesDecide}
      </p>
      {'headline' in answer && (
        <TakeIntoRecord
          text={[`${title}: ${answer.headline}`, ...entered, ...answer.steps, messages.source(source)]
            .map((line) => units.say(line))
            .join('\n')}
        />
      )}
    </section>
  );
}

/** What a field begins with: what the address says, otherwise what is usual. */
function begun(units: Units, field: CalculatorField, told: string | null): string {
  if (field.kind === 'choice') return told ?? `${field.initial}`;
  const value = told === null ? field.initial : Number(told);
  if (value === null || Number.isNaN(value)) return '';
  const shown = conversionOf(units, field)?.show(value) ?? value;
  return `${Number(shown.toFixed(2))}`;
}

const optionOf = ({ options, initial }: CalculatorField & { kind: 'choice' }, text: string) =>
  options.find(({ value }) => `${value}` === text)?.value ?? initial;

/** What a field says, in words. */
const saidIn = (field: CalculatorField, text: string): string =>
  field.kind === 'figure' ? text : field.options.find(({ value }) => value === optionOf(field, text))!.label;

const valuesOf = (
  units: Units,
  fields: readonly CalculatorField[],
  typed: Readonly<Record<string, string>>,
): Record<string, string | number | undefined> =>
  Object.fromEntries(
    fields.map((field) => {
      if (field.kind === 'choice') return [field.name, optionOf(field, typed[field.name]!)];
      const value = toNumber(typed[field.name]);
      if (value === null || value === undefined) return [field.name, undefined];
      return [field.name, conversionOf(units, field)?.read(value) ?? value];
    }),
  );
