import type { Settings } from '@phylaxon/core/record/settings';
import { Fragment, useId, useState } from 'react';
import { Link } from 'react-router';
import { FieldError, useAction } from '../../shared/ui/index.ts';
import { changeSettings, useSettings } from '../../shared/queries/index.ts';
import { Copies } from './Copies.tsx';
import { SignedIn } from './SignedIn.tsx';
import { OwnInstruments } from './OwnInstruments.tsx';
import { SHORTCUTS } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

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
    label: messages.temperatures,
    options: [
      { value: 'C', label: '°C' },
      { value: 'F', label: '°F' },
    ],
  }),
  choice({
    name: 'length',
    label: messages.lengths,
    options: [
      { value: 'm', label: 'metres' },
      { value: 'ft', label: 'feet' },
    ],
  }),
  choice({
    name: 'dates',
    label: messages.dates,
    options: [
      { value: 'day-month-year', label: messages.nov2026 },
      { value: 'month-day-year', label: messages.nov32026 },
      { value: 'year-month-day', label: '2026-11-03' },
    ],
  }),
  choice({
    name: 'clock',
    label: messages.times,
    options: [
      { value: '24', label: '19:05' },
      { value: '12', label: messages.pm },
    ],
  }),
  choice({
    name: 'paper',
    label: messages.printedPages,
    options: [
      { value: 'letter', label: messages.letterPaper },
      { value: 'a4', label: messages.a4Paper },
    ],
  }),
  choice({
    name: 'theme',
    label: messages.theme,
    options: [
      { value: 'system', label: messages.sameAsThisDevice },
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
    label: messages.howACircuitSLoadIs,
    why: messages.theSplitRuleIsTheDefault,
    options: [
      { value: 'split', label: messages.ofContinuousLoadPlusTheRest },
      { value: 'flat80', label: messages.totalLoadWithin80OfThe },
    ],
  }),
  choice({
    name: 'trialsIntoShort',
    label: messages.resetsIntoASuspectedShort,
    why: messages.defaultOneEveryTripOnA,
    options: TRIALS,
  }),
  choice({
    name: 'trialsOtherwise',
    label: messages.otherResetsBeforeStopping,
    why: messages.defaultTwoMostFailedResetsWere,
    options: TRIALS,
  }),
  choice({
    name: 'afterDeadShort',
    label: messages.breakersThatHaveClearedAShort,
    why: messages.defaultReplaceOnSignsOfWear,
    options: [
      { value: 'second', label: messages.replaceOnSignsOfWearOr },
      { value: 'each', label: messages.afterEachClearedShortCircuit },
      { value: 'signs', label: messages.onlyOnSignsOfWear },
    ],
  }),
];

const LEARNING: Choice<keyof Settings>[] = [
  choice({
    name: 'learn',
    label: messages.startingLikelihoodOfEachCause,
    why: messages.defaultIncludeConfirmedCases,
    options: [
      { value: true, label: messages.tablePlusConfirmedCasesDefault },
      { value: false, label: messages.tableOnly },
    ],
  }),
];

/** How figures are shown, and how questions are answered on which the trade disagrees. */
export function SettingsPage() {
  const settings = useSettings();
  const { problem, run } = useAction(true);
  const [stored, setStored] = useState(false);
  const set = async (part: Partial<Settings>) => {
    setStored(false);
    setStored(await run(() => changeSettings(part)));
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
      <title>{messages.settingsPhylaxon}</title>
      <h1 className="text-3xl font-bold">{messages.settings}</h1>
      <div>
        <p>{messages.storedWithTheRecordForEveryone}</p>
        {/* Its line is there before it is said: nothing moves under the hand. */}
        <p role="status" className="min-h-6 text-good">
          {stored ? messages.saved : ''}
        </p>
      </div>
      <FieldError message={problem ?? undefined} />
      {group(messages.unitsAndFormats, SHOWN)}
      {group(messages.whereTradePracticeDiffers, POLICIES)}
      <OwnInstruments
        instruments={settings.instruments}
        onChange={(instruments) => void set({ instruments })}
      />
      {group(messages.learningFromEarlierCases, LEARNING)}
      <p>
        <Link to="/outcomes" className="inline-flex min-h-11 items-center underline underline-offset-4">
          {messages.howCasesTurnedOut}
        </Link>
      </p>
      <SignedIn />
      <Copies />
      <Keys />
    </main>
  );
}

function Keys() {
  return (
    <section aria-label={messages.keyboardShortcuts} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.keyboardShortcuts}</h2>
      <dl className="mt-2 grid grid-cols-[max-content_1fr] gap-x-6 gap-y-1">
        {SHORTCUTS.map(([key, what]) => (
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
