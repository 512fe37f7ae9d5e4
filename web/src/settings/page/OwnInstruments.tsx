import { INSTRUMENT_NAMES, type KnownInstrument } from '@phylaxon/core/facts/instruments';
import { CATEGORIES, usualAccuracy, type OwnInstrument } from '@phylaxon/core/record/settings';
import { useState } from 'react';
import { newId } from '../../shared/api/index.ts';
import { Button, NumberInput, SelectInput, useUnits } from '../../shared/ui/index.ts';

interface Props {
  instruments: readonly OwnInstrument[];
  onChange: (instruments: OwnInstrument[]) => void;
}

const accuracyText = ({ percent, digits, least }: Pick<OwnInstrument, 'percent' | 'digits' | 'least'>) =>
  `± ${percent} %${digits > 0 ? ` + ${digits} digits` : ''}${least > 0 ? `, ${least} at least` : ''}`;

/** Instruments of one’s own: how truly each reads, its category, and when it was proved on a known live point. */
export function OwnInstruments({ instruments, onChange }: Props) {
  const { timeText } = useUnits();
  const replace = (id: string, change: Partial<OwnInstrument>) =>
    onChange(instruments.map((one) => (one.id === id ? { ...one, ...change } : one)));
  return (
    <section aria-label="Your instruments" className="space-y-3 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">Your instruments</h2>
      <p className="text-ink-soft">
        A reading keeps how far off its instrument may be. Where you enter the only one of its kind, its
        figures count; otherwise what is usual for the kind.
      </p>
      <ul className="divide-y divide-rule">
        {instruments.map((one) => (
          <li key={one.id} className="py-2">
            <p>
              <strong>{one.name}</strong> <span className="text-ink-soft">{INSTRUMENT_NAMES[one.kind]}</span>{' '}
              <span className="figures">{accuracyText(one)}</span>
            </p>
            <p className="text-sm">
              {one.category === 'III' || one.category === 'IV'
                ? `Category ${one.category}: fit for a panel.`
                : one.category === 'II'
                  ? 'Category II: not for work in a panel, which asks for III, 600 V at least.'
                  : 'Category not entered: work in a panel asks for III, 600 V at least.'}{' '}
              {one.provedAt === null
                ? 'Not proved on a known live point yet.'
                : `Proved on a known live point: ${timeText(one.provedAt)}.`}
            </p>
            <p className="flex flex-wrap gap-2">
              <Button look="quiet" onClick={() => replace(one.id, { provedAt: new Date().toISOString() })}>
                Proved just now
              </Button>
              <Button
                look="quiet"
                aria-label={`Remove ${one.name}`}
                onClick={() => onChange(instruments.filter(({ id }) => id !== one.id))}
              >
                Remove
              </Button>
            </p>
          </li>
        ))}
      </ul>
      <AddInstrument onAdd={(one) => onChange([...instruments, one])} />
    </section>
  );
}

const KINDS = (Object.entries(INSTRUMENT_NAMES) as [KnownInstrument, string][]).map(([value, label]) => ({
  value,
  label,
}));

function AddInstrument({ onAdd }: { onAdd: (instrument: OwnInstrument) => void }) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<KnownInstrument>('contact-meter');
  const [category, setCategory] = useState<OwnInstrument['category']>('III');
  const [typed, setTyped] = useState<Partial<Record<'percent' | 'digits' | 'least', number | null>>>({});
  const [round, setRound] = useState(0);
  const usual = usualAccuracy(kind);
  const figure = (field: 'percent' | 'digits' | 'least') => typed[field] ?? usual[field];
  const add = () => {
    onAdd({
      id: newId(),
      name: name.trim(),
      kind,
      category,
      percent: figure('percent'),
      digits: figure('digits'),
      least: figure('least'),
      provedAt: null,
    });
    setName('');
    setTyped({});
    setRound(round + 1);
  };
  return (
    <details>
      <summary className="min-h-11 py-2 font-semibold">Add an instrument</summary>
      <div key={round} className="flex flex-wrap items-end gap-3">
        <label className="block">
          <span className="mb-1 block text-sm font-medium">What you call it</span>
          <input
            value={name}
            maxLength={120}
            onChange={(event) => setName(event.target.value)}
            className="min-h-11 rounded-sm border border-rule-strong bg-bone-raised px-3"
          />
        </label>
        <SelectInput label="Kind" options={KINDS} value={kind} onValue={setKind} />
        <SelectInput
          label="Category"
          options={CATEGORIES.map((value) => ({ value, label: value }))}
          value={category}
          onValue={setCategory}
        />
        {(
          [
            ['percent', '% of the reading'],
            ['digits', 'and digits'],
            ['least', 'never less than'],
          ] as const
        ).map(([field, words]) => (
          <NumberInput
            key={field}
            label={`${words} (usual: ${usual[field]})`}
            onValue={(value) => setTyped((all) => ({ ...all, [field]: value }))}
          />
        ))}
        <Button disabled={name.trim() === ''} onClick={add}>
          Add it
        </Button>
      </div>
    </details>
  );
}
