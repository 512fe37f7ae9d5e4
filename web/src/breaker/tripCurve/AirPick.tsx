import { SelectInput, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const AIR = [0, 10, 25, 40, 50];

/** The temperature of the air around a breaker. */
export function AirPick({ value, onChange }: { value: number; onChange: (value: number) => void }) {
  const { temperatureText } = useUnits();
  return (
    <SelectInput
      label={messages.ambientTemperature}
      options={AIR.map((air) => ({ value: air, label: temperatureText(air) }))}
      value={value}
      onValue={onChange}
    />
  );
}
