import { HOW_CONFIRMED, type Confirmation } from '@phylaxon/core/record/entities';
import { CAUSES, type CauseId } from '@phylaxon/core/facts/vocabulary';
import { useId } from 'react';
import { HOW_WORDS, WHO_WORDS } from '../caseList/index.ts';
import { SelectInput } from '../../shared/ui/index.ts';
import { useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

const ALL = (Object.entries(CAUSES) as [CauseId, string][]).sort(([, a], [, b]) => a.localeCompare(b));

interface Props {
  value: Confirmation | null;
  /** Who is at work: most likely it was them. */
  who: Confirmation['who'];
  onChange: (value: Confirmation | null) => void;
}

/** What a case turned out to have been, who found it, and how that is known. */
export function WhatItWas({ value, who, onChange }: Props) {
  const { view } = useStepWork();
  const id = useId();
  const likely = view.causes.map((one) => one.id);
  const pick = (cause: CauseId | '') => onChange(cause === '' ? null : { who, how: 'seen', ...value, cause });
  return (
    <div className="mt-3 max-w-xl space-y-2">
      <label htmlFor={id} className="block text-sm font-medium">
        {messages.whatWasTheCauseIfAnyone}
      </label>
      <select
        id={id}
        value={value?.cause ?? ''}
        onChange={(event) => pick(event.target.value as CauseId | '')}
        className="min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-3 py-2"
      >
        <option value="">{messages.notKnownForSure}</option>
        {likely.length > 0 && (
          <optgroup label={messages.likelyHere}>
            {likely.map((cause) => (
              <option key={cause} value={cause}>
                {CAUSES[cause]}
              </option>
            ))}
          </optgroup>
        )}
        <optgroup label={messages.allOthers}>
          {ALL.filter(([cause]) => !likely.includes(cause)).map(([cause, words]) => (
            <option key={cause} value={cause}>
              {words}
            </option>
          ))}
        </optgroup>
      </select>
      {value && (
        <div className="grid gap-2 sm:grid-cols-2">
          <SelectInput
            label={messages.howIsItKnown}
            options={HOW_CONFIRMED.map((how) => ({ value: how, label: HOW_WORDS[how] }))}
            value={value.how}
            onValue={(how) => onChange({ ...value, how })}
          />
          <SelectInput
            label={messages.whoConfirmedIt}
            options={(['homeowner', 'electrician'] as const).map((one) => ({
              value: one,
              label: WHO_WORDS[one],
            }))}
            value={value.who}
            onValue={(one) => onChange({ ...value, who: one })}
          />
        </div>
      )}
    </div>
  );
}
