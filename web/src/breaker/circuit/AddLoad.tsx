import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { findAppliances, type Appliance } from '@phylaxon/core/facts/appliances';
import { atThePlug, loadOf, measuredLoad } from '@phylaxon/core/record/appliances';
import { useState } from 'react';
import { ampsText, Button, later, NumberInput, useUnits } from '../../shared/ui/index.ts';
import { emptyLoad, loadValues, type CircuitValues } from './formValues.ts';
import * as messages from './messages.ts';

const AtTheMeter = later(async () => (await import('./AtTheMeter.tsx')).AtTheMeter);

type LoadValues = CircuitValues['loads'][number];

/** Ways to add a load: an empty one, a common thing by its name, or one as it was measured at its plug. */
export function AddLoad({
  poles,
  isStopped,
  onAdd,
}: {
  poles: 1 | 2;
  isStopped: boolean;
  onAdd: (load: LoadValues) => void;
}) {
  const [measuring, setMeasuring] = useState<'plug' | 'meter' | null>(null);
  const toggle = (way: 'plug' | 'meter') => setMeasuring(measuring === way ? null : way);
  const added = (load: LoadValues) => {
    onAdd(load);
    setMeasuring(null);
  };
  return (
    <div className="mt-2 space-y-3">
      <div className="flex flex-wrap items-end gap-3">
        <Button look="quiet" onClick={() => onAdd(emptyLoad(poles))}>
          {messages.addALoad}
        </Button>
        <CommonThing onAdd={onAdd} />
        <Button look="quiet" aria-expanded={measuring === 'plug'} onClick={() => toggle('plug')}>
          {messages.measuredWithAPlugInMeter}
        </Button>
        {!isStopped && (
          <Button look="quiet" aria-expanded={measuring === 'meter'} onClick={() => toggle('meter')}>
            {messages.measuredAtTheMeter}
          </Button>
        )}
      </div>
      {measuring === 'plug' && <AtThePlug onAdd={added} />}
      {measuring === 'meter' && <AtTheMeter poles={poles} onAdd={added} />}
    </div>
  );
}

/** A thing from the list of common ones, with what is usual for it. */
function CommonThing({ onAdd }: { onAdd: (load: LoadValues) => void }) {
  const [typed, setTyped] = useState('');
  const found = findAppliances(typed).slice(0, 8);
  return (
    <Combobox
      value={null}
      onChange={(thing: Appliance | null) => {
        if (!thing) return;
        onAdd(loadValues(loadOf(thing)));
        setTyped('');
      }}
    >
      <label className="block">
        <span className="mb-1 block text-sm font-medium">{messages.addACommonAppliance}</span>
        <ComboboxInput
          value={typed}
          placeholder={messages.kettlePumpCharger}
          onChange={(event) => setTyped(event.target.value)}
          className="min-h-11 w-56 rounded-sm border border-rule-strong bg-bone-raised px-3"
        />
      </label>
      <ComboboxOptions
        anchor="bottom start"
        className="z-40 w-80 border border-rule-strong bg-bone-raised shadow-md empty:invisible"
      >
        {found.map((thing) => (
          <ComboboxOption
            key={thing.name}
            value={thing}
            className="flex min-h-11 cursor-pointer items-center justify-between gap-3 px-3 data-focus:bg-bone-sunk"
          >
            <span>{thing.name}</span>
            <span className="figures text-sm text-ink-soft">
              {thing.from}–{thing.to} W
            </span>
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
}

/** What a plug-in meter shows becomes a load: volt-amperes, power factor, and how truly. */
function AtThePlug({ onAdd }: { onAdd: (load: LoadValues) => void }) {
  const { say } = useUnits();
  const [name, setName] = useState('');
  const [read, setRead] = useState<{ volts?: number | null; amps?: number | null; watts?: number | null }>(
    {},
  );
  const asked = atThePlug.safeParse(read);
  const hasBoth = typeof read.volts === 'number' && typeof read.amps === 'number';
  const result = measured(asked.success ? asked.data : null);
  const set = (field: keyof typeof read) => (value: number | null) =>
    setRead((all) => ({ ...all, [field]: value }));
  const problem = result.problem ?? (hasBoth ? asked.error?.issues[0]?.message : undefined);
  return (
    <div
      role="group"
      aria-label={messages.measuredWithAPlugInMeter}
      className="border-l-4 border-rule-strong pl-4"
    >
      <div className="flex flex-wrap gap-4">
        <label className="block">
          <span className="mb-1 block text-sm font-medium">{messages.appliance}</span>
          <input
            value={name}
            maxLength={120}
            onChange={(event) => setName(event.target.value)}
            className="min-h-11 rounded-sm border border-rule-strong bg-bone-raised px-3"
          />
        </label>
        <NumberInput label={messages.voltsV} onValue={set('volts')} />
        <NumberInput label={messages.ampsA} onValue={set('amps')} />
        <NumberInput label={messages.wattsWIfTheMeterShows} onValue={set('watts')} />
      </div>
      {problem && <p className="mt-1 font-medium text-danger">{say(problem)}</p>}
      {result.load && (
        <p className="mt-2" aria-live="polite">
          <strong className="figures text-lg">{messages.va(Math.round(result.load.voltAmperes))}</strong>{' '}
          <span className="text-ink-soft">
            {messages.vaError(Math.max(1, Math.round(result.load.errorVoltAmperes)))}
          </span>
          {result.load.powerFactor !== null && messages.powerFactor(result.load.powerFactor.toFixed(2))}
          {result.load.feels && (
            <span className="block font-semibold text-heed">{say(result.load.feels)}</span>
          )}
        </p>
      )}
      <Button
        className="mt-2"
        disabled={!result.load || name.trim() === ''}
        onClick={() =>
          result.load &&
          onAdd(
            loadValues({
              name: name.trim(),
              volts: 120,
              watts: read.watts ?? null,
              voltAmperes: Number(result.load.voltAmperes.toFixed(1)),
              errorVoltAmperes: Number(result.load.errorVoltAmperes.toFixed(2)),
            }),
          )
        }
      >
        {messages.addTheMeasuredLoad(typeof read.amps === 'number' ? `: ${ampsText(read.amps)}` : '')}
      </Button>
    </div>
  );
}

function measured(read: Parameters<typeof measuredLoad>[0] | null) {
  if (!read) return { load: null, problem: null };
  try {
    return { load: measuredLoad(read), problem: null };
  } catch (error) {
    const issues = (error as { issues?: { message: string }[] }).issues;
    return { load: null, problem: issues?.[0]?.message ?? String(error) };
  }
}
