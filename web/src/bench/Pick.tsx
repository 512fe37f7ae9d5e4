import { useId } from 'react';
import { useUnits } from '../shared/index.ts';

interface PickProps {
  label: string;
  value: number;
  onChange: (value: number) => void;
  options: readonly number[];
  say: (value: number) => string;
}

/** One figure out of a few. */
export function Pick({ label, value, onChange, options, say }: PickProps) {
  const id = useId();
  return (
    <p>
      <label htmlFor={id} className="mb-1 block text-sm font-medium">
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
        className="min-h-11 rounded-sm border border-rule-strong bg-bone-raised px-3"
      >
        {options.map((option) => (
          <option key={option} value={option}>
            {say(option)}
          </option>
        ))}
      </select>
    </p>
  );
}

const AIR = [0, 10, 25, 40, 50];

/** The temperature of the air around a breaker. */
export const AirPick = (props: Omit<PickProps, 'label' | 'options' | 'say'>) => {
  const { temperatureText } = useUnits();
  return <Pick label="Air around it" options={AIR} say={temperatureText} {...props} />;
};
