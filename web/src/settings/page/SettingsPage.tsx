import type { Settings } from '@phylaxon/core/record/settings';
import { Fragment, useId, useState } from 'react';
import { Link } from 'react-router';
import { FieldError, useAction } from '../../shared/ui/index.ts';
import { useSettings } from '../../shared/stores/index.ts';
import { Copies } from './Copies.tsx';
import { OwnInstruments } from './OwnInstruments.tsx';

interface Choice<K extends keyof Settings> {
  name: K;
  label: string;
  why?: string;
  options: readonly { value: Settings[K]; label: string }[];
}

const choice = <K extends keyof Settings>(spec: Choice<K>) => spec as unknown as Choice<keyof Settings>;

const SHOWN: Choice<keyof Settings>[] = [
  choice({
    name: 'temperature',
    label: 'Temperatures',
    options: [
      { value: 'C', label: '°C' },
      { value: 'F', label: '°F' },
    ],
  }),
  choice({
    name: 'length',
    label: 'Lengths',
    options: [
      { value: 'm', label: 'metres' },
      { value: 'ft', label: 'feet' },
    ],
  }),
  choice({
    name: 'dates',
    label: 'Dates',
    options: [
      { value: 'day-month-year', label: '3 Nov 2026' },
      { value: 'month-day-year', label: 'Nov 3, 2026' },
      { value: 'year-month-day', label: '2026-11-03' },
    ],
  }),
  choice({
    name: 'clock',
    label: 'Times',
    options: [
      { value: '24', label: '19:05' },
      { value: '12', label: '7:05 PM' },
    ],
  }),
  choice({
    name: 'theme',
    label: 'Light or dark',
    options: [
      { value: 'system', label: 'as this device is set' },
      { value: 'light', label: 'light' },
      { value: 'dark', label: 'dark' },
    ],
  }),
];

const TRIALS = [1, 2, 3].map((value) => ({
  value,
  label: value === 1 ? 'one' : value === 2 ? 'two' : 'three',
}));

const POLICIES: Choice<keyof Settings>[] = [
  choice({
    name: 'loading',
    label: 'How a circuit’s load is counted',
    why: 'The split rule is the default: it is the code’s own (NEC 210.20). The flat rule leaves more room and is simpler to explain.',
    options: [
      { value: 'split', label: '125 % of continuous load, plus the rest (default)' },
      { value: 'flat80', label: 'everything within 80 % of the rating' },
    ],
  }),
  choice({
    name: 'trialsIntoShort',
    label: 'Resets into a suspected short before stopping',
    why: 'One is the default: every trip into a dead short pits the contacts.',
    options: TRIALS,
  }),
  choice({
    name: 'trialsOtherwise',
    label: 'Resets otherwise before stopping',
    why: 'Two is the default: most failed resets never reached off.',
    options: TRIALS,
  }),
  choice({
    name: 'afterDeadShort',
    label: 'A breaker that cleared a dead short is replaced',
    why: 'On signs, or after the second, is the default: one is what it is built and tested for, and every one burns its contacts.',
    options: [
      { value: 'second', label: 'on signs of wear, or after the second (default)' },
      { value: 'each', label: 'after each dead short' },
      { value: 'signs', label: 'on signs of wear only' },
    ],
  }),
];

const LEARNING: Choice<keyof Settings>[] = [
  choice({
    name: 'learn',
    label: 'How common a cause is, before anything is looked at',
    why: 'With confirmed cases is the default: they move the table slowly, and a danger sign never counts for less.',
    options: [
      { value: true, label: 'by the table, moved by confirmed cases (default)' },
      { value: false, label: 'by the table alone' },
    ],
  }),
];

/** How figures are shown, and how questions are answered on which the trade disagrees. */
export function SettingsPage() {
  const { settings, change } = useSettings();
  const { problem, run } = useAction();
  const [stored, setStored] = useState(false);
  const set = async (part: Partial<Settings>) => {
    setStored(false);
    setStored(await run(() => change(part)));
  };
  const group = (title: string, choices: Choice<keyof Settings>[]) => (
    <section aria-label={title} className="space-y-4 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{title}</h2>
      {choices.map((one) => (
        <Question
          key={one.name}
          choice={one}
          value={settings[one.name]}
          onChange={(part) => void set(part)}
        />
      ))}
    </section>
  );
  return (
    <main className="mx-auto max-w-3xl space-y-6 px-4 py-6">
      <title>Settings · Phylaxon</title>
      <h1 className="text-3xl font-bold">Settings</h1>
      <p>
        Kept with the record, for everybody who uses it. Who is at work is chosen above and kept in this
        browser.{' '}
        <span role="status" className="text-good">
          {stored ? '✓ Stored.' : ''}
        </span>
      </p>
      <FieldError message={problem ?? undefined} />
      {group('How figures are shown', SHOWN)}
      {group('Where the trade disagrees', POLICIES)}
      <OwnInstruments
        instruments={settings.instruments}
        onChange={(instruments) => void set({ instruments })}
      />
      {group('What earlier cases teach', LEARNING)}
      <p>
        <Link to="/outcomes" className="inline-flex min-h-11 items-center underline underline-offset-4">
          How they turned out
        </Link>
      </p>
      <Copies />
      <Keys />
    </main>
  );
}

const KEYS: [string, string][] = [
  ['/', 'everywhere: the reading line'],
  ['Arrow keys', 'on the board: from breaker to breaker, as they lie'],
  ['Enter', 'opens the breaker'],
  ['Ctrl + Z', 'undo, on a panel'],
  ['Ctrl + Shift + Z', 'redo'],
  ['Ctrl + Enter', 'stores a typed directory'],
  ['Space', 'while arranging: takes a breaker up, puts it down'],
  ['Escape', 'leaves it where it was; closes a dialog'],
];

function Keys() {
  return (
    <section aria-label="Keys" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">Keys</h2>
      <dl className="mt-2 grid grid-cols-[max-content_1fr] gap-x-6 gap-y-1">
        {KEYS.map(([key, what]) => (
          <Fragment key={key}>
            <dt className="figures">{key}</dt>
            <dd>{what}</dd>
          </Fragment>
        ))}
      </dl>
    </section>
  );
}

interface QuestionProps {
  choice: Choice<keyof Settings>;
  value: Settings[keyof Settings];
  onChange: (part: Partial<Settings>) => void;
}

function Question({ choice: { name, label, why, options }, value, onChange }: QuestionProps) {
  const id = useId();
  return (
    <fieldset aria-describedby={why ? id : undefined}>
      <legend className="mb-1 font-semibold">{label}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map((option) => (
          <label
            key={String(option.value)}
            className="flex min-h-11 items-center gap-2 rounded-sm border border-rule-strong bg-bone-raised px-3 py-2 hover:bg-bone-sunk has-checked:border-ink has-checked:bg-ink has-checked:text-bone-raised has-checked:hover:bg-ink has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-heed"
          >
            <input
              type="radio"
              name={name}
              checked={option.value === value}
              onChange={() => onChange({ [name]: option.value })}
              className="size-4 accent-heed-lit"
            />
            {option.label}
          </label>
        ))}
      </div>
      {why && (
        <p id={id} className="mt-1 text-sm text-ink-soft">
          {why}
        </p>
      )}
    </fieldset>
  );
}
