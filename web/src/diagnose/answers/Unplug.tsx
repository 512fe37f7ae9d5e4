import { CheckInput } from '../../shared/ui/index.ts';
import { useState } from 'react';

/** What to unplug, ticked off as it is done. */
export function Unplug({ names }: { names: readonly string[] }) {
  const [done, setDone] = useState<readonly string[]>([]);
  if (names.length === 0) return <p>Everything: what is plugged in, and the switches of what is wired in.</p>;
  const toggle = (name: string) =>
    setDone((before) => (before.includes(name) ? before.filter((one) => one !== name) : [...before, name]));
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">Unplug, or switch off</legend>
      <ul className="flex flex-wrap gap-x-6">
        {names.map((name) => (
          <li key={name}>
            <CheckInput label={name} checked={done.includes(name)} onChecked={() => toggle(name)} />
          </li>
        ))}
      </ul>
      <p className="text-ink-soft">And whatever else is on this circuit.</p>
      {done.length === names.length && (
        <p role="status" className="font-medium text-good">
          ✓ All of it is off.
        </p>
      )}
    </fieldset>
  );
}
