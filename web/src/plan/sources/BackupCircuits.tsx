import { BACKUP_PRIORITIES, type BackupPriority } from '@phylaxon/core/code/backup';
import type { BackupCircuit } from '@phylaxon/core/views/planning';
import { SelectInput } from '../../shared/ui/index.ts';
import { PowerField } from './PowerField.tsx';
import * as messages from './messages.ts';

const OPTIONS = [
  { value: 0, label: messages.leaveOff },
  ...BACKUP_PRIORITIES.map((value) => ({ value: value as number, label: messages.priorities[value] })),
];

/** Every circuit with its power and how much it matters. */
export function BackupCircuits({
  circuits,
  onChange,
}: {
  circuits: readonly BackupCircuit[];
  onChange: (breakerId: string, some: Partial<BackupCircuit>) => void;
}) {
  return (
    <>
      {circuits.every(({ priority }) => priority === null) && <p>{messages.chooseCircuits}</p>}
      <ul aria-label={messages.circuits} className="divide-y divide-rule border-t border-rule">
        {circuits.map((circuit) => (
          <CircuitRow
            key={circuit.breakerId}
            circuit={circuit}
            onChange={(some) => onChange(circuit.breakerId, some)}
          />
        ))}
      </ul>
    </>
  );
}

function CircuitRow({
  circuit,
  onChange,
}: {
  circuit: BackupCircuit;
  onChange: (some: Partial<BackupCircuit>) => void;
}) {
  const { place, label, watts, startingWatts, priority, basis, volts } = circuit;
  return (
    <li className="grid grid-cols-2 items-end gap-3 py-2 @xl:grid-cols-[minmax(0,1fr)_7rem_7rem_13rem]">
      <p className="col-span-2 @xl:col-span-1">
        <span className="figures">{place}</span> <strong>{label}</strong>
        <span className="block text-sm text-ink-soft">
          <span className="figures">{volts} V</span>, {basis}
        </span>
      </p>
      <PowerField
        label={messages.running}
        of={label}
        watts={watts}
        onRead={(read) => onChange({ watts: read })}
      />
      <PowerField
        label={messages.starting}
        of={label}
        watts={startingWatts}
        onRead={(read) => onChange({ startingWatts: read })}
      />
      <div className="col-span-2 @xl:col-span-1">
        <SelectInput
          label={messages.ofCircuit(messages.priority, label)}
          isLabelHidden
          options={OPTIONS}
          value={priority ?? 0}
          onValue={(value) => onChange({ priority: value === 0 ? null : (value as BackupPriority) })}
        />
      </div>
    </li>
  );
}
