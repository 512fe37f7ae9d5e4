import { useState } from 'react';
import { toNumber } from './fields.tsx';

/** A number by itself, outside of a form; `null` while there is none. */
export function NumberInput({ label, onValue }: { label: string; onValue: (value: number | null) => void }) {
  const [typed, setTyped] = useState('');
  return (
    <label className="block">
      <span className="mb-1 block text-sm font-medium">{label}</span>
      <input
        inputMode="decimal"
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          const value = toNumber(event.target.value);
          onValue(typeof value === 'number' && Number.isFinite(value) ? value : null);
        }}
        className="min-h-11 w-32 rounded-sm border border-rule-strong bg-bone-raised px-3"
      />
    </label>
  );
}
