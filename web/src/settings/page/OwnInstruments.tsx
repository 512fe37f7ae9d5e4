import { INSTRUMENT_NAMES, type KnownInstrument } from '@phylaxon/core/facts/instruments';
import { CATEGORIES, usualAccuracy, type OwnInstrument } from '@phylaxon/core/record/settings';
import { useState } from 'react';
import { newId } from '../../shared/api/index.ts';
import { Button, NumberInput, SelectInput, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  instruments: readonly OwnInstrument[];
  onChange: (instruments: OwnInstrument[]) => void;
}

const accuracyText = ({ percent, digits, least }: Pick<OwnInstrument, 'percent' | 'digits' | 'least'>) =>
  `± ${percent} %${digits > 0 ? messages.digits(digits) : ''}${least > 0 ? messages.atLeast(least) : ''}`;

/** Instruments of one’s own: how truly each reads, its category, and when it was proved on a known live point. */
export function OwnInstruments({ instruments, onChange }: Props) {
  const { timeText } = useUnits();
  const replace = (id: string, change: Partial<OwnInstrument>) =>
    onChange(instruments.map((one) => (one.id === id ? { ...one, ...change } : one)));
  return (
    <section aria-label={messages.yourInstruments} className="space-y-3 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.yourInstruments}</h2>
      <p className="text-ink-soft">{messages.everyReadingKeepsTheAccuracyOf}</p>
      <ul className="divide-y divide-rule">
        {instruments.map((one) => (
          <li key={one.id} className="py-2">
            <p>
              <strong>{one.name}</strong> <span className="text-ink-soft">{INSTRUMENT_NAMES[one.kind]}</span>{' '}
              <span className="figures">{accuracyText(one)}</span>
            </p>
            <p className="text-sm">
              {one.category === 'III' || one.category === 'IV'
                ? messages.categorySuitableForWorkInA(one.category)
                : one.category === 'II'
                  ? messages.categoryIiNotSuitableForWork
                  : messages.categoryNotEnteredWorkInA}{' '}
              {one.provedAt === null
                ? messages.notVerifiedOnAKnownLive
                : messages.verifiedOnAKnownLiveSource(timeText(one.provedAt))}
            </p>
            <p className="flex flex-wrap gap-2">
              <Button look="quiet" onClick={() => replace(one.id, { provedAt: new Date().toISOString() })}>
                {messages.verifiedJustNow}
              </Button>
              <Button
                look="quiet"
                aria-label={messages.remove(one.name)}
                onClick={() => onChange(instruments.filter(({ id }) => id !== one.id))}
              >
                {messages.removeLabel}
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
      <summary className="min-h-11 py-2 font-semibold">{messages.addAnInstrument}</summary>
      <div key={round} className="flex flex-wrap items-end gap-3">
        <label className="block">
          <span className="mb-1 block text-sm font-medium">{messages.instrumentName}</span>
          <input
            value={name}
            maxLength={120}
            onChange={(event) => setName(event.target.value)}
            className="min-h-11 rounded-sm border border-rule-strong bg-bone-raised px-3"
          />
        </label>
        <SelectInput label={messages.type} options={KINDS} value={kind} onValue={setKind} />
        <SelectInput
          label={messages.category}
          options={CATEGORIES.map((value) => ({ value, label: value }))}
          value={category}
          onValue={setCategory}
        />
        {(
          [
            ['percent', messages.ofTheReading],
            ['digits', messages.andDigits],
            ['least', messages.atLeastLabel],
          ] as const
        ).map(([field, words]) => (
          <NumberInput
            key={field}
            label={messages.usualValue(words, usual[field])}
            onValue={(value) => setTyped((all) => ({ ...all, [field]: value }))}
          />
        ))}
        <Button disabled={name.trim() === ''} onClick={add}>
          {messages.add}
        </Button>
      </div>
    </details>
  );
}
