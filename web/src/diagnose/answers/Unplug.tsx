import { CheckInput } from '../../shared/ui/index.ts';
import { useState } from 'react';
import * as messages from './messages.ts';

/** What to unplug, ticked off as it is done. */
export function Unplug({ names }: { names: readonly string[] }) {
  const [done, setDone] = useState<readonly string[]>([]);
  if (names.length === 0) return <p>{messages.everythingUnplugWhatIsPlugged}</p>;
  const toggle = (name: string) =>
    setDone((before) => (before.includes(name) ? before.filter((one) => one !== name) : [...before, name]));
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{messages.unplugOrTurnOff}</legend>
      <ul className="flex flex-wrap gap-x-6">
        {names.map((name) => (
          <li key={name}>
            <CheckInput label={name} checked={done.includes(name)} onChecked={() => toggle(name)} />
          </li>
        ))}
      </ul>
      <p className="text-ink-soft">{messages.anythingElseOnThisCircuit}</p>
      {done.length === names.length && (
        <p role="status" className="font-medium text-good">
          {messages.everythingIsUnpluggedOrOff}
        </p>
      )}
    </fieldset>
  );
}
