import { isDanger, sayOutcome, SENSES, TEST_WORDS, TESTS, type SenseId } from '@phylaxon/core/vocabulary';
import { useState } from 'react';
import { caseEntries } from '../api/index.ts';
import { standIn } from '../compute/index.ts';
import { Button, classes, FieldError } from '../shared/index.ts';
import { PassRow } from './PassRow.tsx';
import { StandIn } from './StandIn.tsx';
import { now, useOnce, useStepWork } from './step.ts';
import { StepFrame } from './StepFrame.tsx';

const ASKS: Record<SenseId, string> = {
  sound: 'Listen',
  smell: 'Smell',
  'water-signs': 'Look',
  'panel-touch': 'Feel',
  'light-behaviour': 'The lights',
};

/** Listen, smell, look and feel at the closed panel, all on one card: what is amiss is tapped, the rest is one tap. */
export function SensesStep({ tests, why }: { tests: readonly SenseId[]; why: string }) {
  const { file, act } = useStepWork();
  const { busy, problem, once } = useOnce();
  const [found, setFound] = useState<Partial<Record<SenseId, string>>>({});
  const amiss = Object.keys(found).length > 0;

  const store = () =>
    once(() =>
      act(
        caseEntries.answers(
          file.case.id,
          tests.map((test) => ({ test, outcome: found[test] ?? SENSES[test], at: now() })),
        ),
      ),
    );
  const tap = (test: SenseId, outcome: string) => {
    // A danger is stored at once, by itself: whoever taps it has other things to do.
    if (isDanger(test, outcome))
      return void once(() => act(caseEntries.answers(file.case.id, [{ test, outcome, at: now() }])));
    setFound(({ [test]: before, ...rest }) => (before === outcome ? rest : { ...rest, [test]: outcome }));
  };

  return (
    <StepFrame title="Stand at the closed panel. Touch no handle yet" why={why}>
      <ul className="space-y-4">
        {tests.map((test) => (
          <li key={test}>
            <p>
              <strong>{ASKS[test]}.</strong> {TEST_WORDS[test].how}
            </p>
            <div role="group" aria-label={TEST_WORDS[test].name} className="mt-1 flex flex-wrap gap-2">
              {TESTS[test].outcomes
                .filter((outcome) => outcome !== SENSES[test])
                .map((outcome) => (
                  <button
                    key={outcome}
                    type="button"
                    disabled={busy}
                    aria-pressed={found[test] === outcome}
                    onClick={() => tap(test, outcome)}
                    className={classes(
                      'min-h-11 rounded-sm border px-3 py-1 text-left leading-tight',
                      found[test] === outcome
                        ? 'border-ink bg-ink font-semibold text-bone-raised'
                        : 'border-rule-strong bg-bone hover:bg-bone-sunk',
                    )}
                  >
                    {sayOutcome(test, outcome)}
                  </button>
                ))}
            </div>
          </li>
        ))}
      </ul>
      <div>
        <Button disabled={busy} onClick={() => void store()} className="w-full text-lg sm:w-auto">
          {amiss ? 'That is all: the rest is as it should be' : 'I did all this: nothing of it'}
        </Button>
        <FieldError message={problem ?? undefined} />
      </div>
      <StandIn
        busy={busy}
        ask={(about) =>
          once(async () => {
            const told = await Promise.all(tests.map((test) => standIn({ ...about, test })));
            const answers = told.map(({ outcome }, i) => ({
              test: tests[i]!,
              outcome,
              at: now(),
              simulated: true,
            }));
            await act(caseEntries.answers(file.case.id, answers));
          })
        }
      />
      <PassRow tests={tests} busy={busy} onPass={once} />
    </StepFrame>
  );
}
