import { useState } from 'react';
import { toNumber } from './fields.tsx';
import { TypedInput } from './TypedInput.tsx';

/** A number by itself, outside of a form; `null` while there is none. */
export function NumberInput({ label, onValue }: { label: string; onValue: (value: number | null) => void }) {
  const [typed, setTyped] = useState('');
  return (
    <TypedInput
      label={label}
      value={typed}
      onValue={(text) => {
        setTyped(text);
        const value = toNumber(text);
        onValue(typeof value === 'number' && Number.isFinite(value) ? value : null);
      }}
      className="w-32"
    />
  );
}
