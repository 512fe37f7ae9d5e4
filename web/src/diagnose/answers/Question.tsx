import { sayOutcome, TESTS, type TestId } from '@phylaxon/core/facts/vocabulary';
import type { KeyboardEvent } from 'react';
import { classes, type Units } from '../../shared/ui/index.ts';
import { canBe } from '@phylaxon/core/diagnosis/engine';

export interface AnswerOption {
  value: string;
  label: string;
}

/** The outcomes of a test as answers. */
export const outcomesAsAnswers = (
  test: TestId,
  { say }: Units,
  known: Parameters<typeof canBe>[2] = {},
): AnswerOption[] =>
  (TESTS[test].outcomes as readonly string[])
    .filter((value) => canBe(test, value, known))
    .map((value) => ({ value, label: say(sayOutcome(test, value)) }));

interface Props {
  title: string;
  /** Said by the step’s own title already. */
  untitled?: boolean;
  options: readonly AnswerOption[];
  /** The one that is chosen, where there is more to say before it is stored. */
  chosen?: string | null;
  disabled?: boolean;
  onAnswer: (value: string) => void;
}

/** A question with its answers as large buttons, one tap each. While the focus is among them their numbers choose them, too. */
export function Question({ title, untitled = false, options, chosen, disabled = false, onAnswer }: Props) {
  const onKeyDown = (event: KeyboardEvent) => {
    const option = options[Number(event.key) - 1];
    if (!option || disabled || event.ctrlKey || event.altKey || event.metaKey) return;
    event.preventDefault();
    onAnswer(option.value);
  };
  return (
    <div>
      {!untitled && <h3 className="mb-2 font-semibold">{title}</h3>}
      <div role="group" aria-label={title} onKeyDown={onKeyDown} className="grid gap-2">
        {options.map(({ value, label }, i) => (
          <button
            key={value}
            type="button"
            disabled={disabled}
            aria-pressed={chosen === undefined ? undefined : chosen === value}
            aria-keyshortcuts={`${i + 1}`}
            onClick={() => onAnswer(value)}
            className={classes(
              'flex min-h-13 items-center gap-3 rounded-sm border px-4 py-2 text-left text-lg leading-tight font-medium',
              chosen === value
                ? 'border-ink bg-ink text-bone-raised'
                : 'border-rule-strong bg-bone hover:bg-bone-sunk',
              disabled && 'opacity-60',
            )}
          >
            <span
              aria-hidden="true"
              className={classes('figures text-sm', chosen === value ? 'text-bone-sunk' : 'text-ink-soft')}
            >
              {i + 1}
            </span>
            {label}
          </button>
        ))}
      </div>
    </div>
  );
}
