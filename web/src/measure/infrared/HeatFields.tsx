import type { Emissivity } from '@phylaxon/core/physics/thermalPicture';
import { classes, toNumber, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const FIELD = 'min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-3';

/** What was typed, in the record’s unit; null: no figure. */
export function typedFigure(text: string, convert: (typed: number) => number): number | null {
  const typed = toNumber(text);
  return typeof typed === 'number' && Number.isFinite(typed) ? convert(typed) : null;
}

interface FieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  isFixed?: boolean;
  isText?: boolean;
}

export function HeatField({ label, value, onChange, isFixed = false, isText = false }: FieldProps) {
  return (
    <label className="block">
      <span className="mb-1 block text-sm font-medium">{label}</span>
      <input
        inputMode={isText ? 'text' : 'decimal'}
        value={value}
        readOnly={isFixed}
        onChange={(event) => onChange(event.target.value)}
        className={classes(FIELD, !isText && 'figures')}
      />
    </label>
  );
}

const BARE: Emissivity = { measured: 0.95, actual: 0.2, reflectedC: 22 };

/** Bare metal mirrors the room and reads falsely cold. */
export function BareMetal({
  metal,
  onChange,
  isFixed,
}: {
  metal: Emissivity | null;
  onChange: (metal: Emissivity | null) => void;
  isFixed: boolean;
}) {
  const units = useUnits();
  const set = (field: keyof Emissivity, convert: (typed: number) => number) => (text: string) => {
    const figure = typedFigure(text, convert);
    if (figure !== null) onChange({ ...metal!, [field]: figure });
  };
  const same = (typed: number) => typed;
  return (
    <div>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          checked={metal !== null}
          disabled={isFixed}
          onChange={(event) => onChange(event.target.checked ? BARE : null)}
          className="size-5 accent-ink"
        />
        {messages.correctForBareMetal}
      </label>
      {metal && (
        <div className="grid grid-cols-3 gap-3">
          <HeatField
            label={messages.emissivitySetInTheCamera}
            value={String(metal.measured)}
            onChange={set('measured', same)}
            isFixed={isFixed}
          />
          <HeatField
            label={messages.emissivityOfTheMetal}
            value={String(metal.actual)}
            onChange={set('actual', same)}
            isFixed={isFixed}
          />
          <HeatField
            label={messages.reflectedTemperature(units.temperatureUnit)}
            value={String(Math.round(units.fromCelsius(metal.reflectedC) * 10) / 10)}
            onChange={set('reflectedC', units.toCelsius)}
            isFixed={isFixed}
          />
        </div>
      )}
    </div>
  );
}
