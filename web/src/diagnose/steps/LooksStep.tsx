import { cautionText } from '@phylaxon/core/diagnosis/decision';
import { outcomeLevel } from '@phylaxon/core/facts/hazards';
import {
  sayOutcome,
  TEST_WORDS,
  TESTS,
  usualAt,
  type SpotId,
  type TestFacts,
  type TestId,
} from '@phylaxon/core/facts/vocabulary';
import { useState } from 'react';
import { caseEntries } from '../../shared/api/index.ts';
import { askStandIn } from '../../shared/compute/index.ts';
import { Button, classes, FieldError, useAction } from '../../shared/ui/index.ts';
import { PassRow, StandIn, StepFrame, LOOK_WORDS, SPOT_WORDS } from '../answers/index.ts';
import { now, useStepWork } from '../caseRecord/index.ts';
import { canBe } from '@phylaxon/core/diagnosis/engine';
import * as messages from './messages.ts';

/** Small looks at one spot, all on one card: what is otherwise than usual is tapped, the rest is one tap. */
export function LooksStep({ spot, tests, why }: { spot: SpotId; tests: readonly TestId[]; why: string }) {
  const { file, act, view } = useStepWork();
  const { busy, problem, leave } = useAction();
  const [found, setFound] = useState<Partial<Record<TestId, string>>>({});
  const isInside = tests.some((test) => (TESTS[test] as TestFacts).level === 2);
  const amiss = Object.keys(found).length > 0;

  const store = () =>
    leave(() =>
      act(
        caseEntries.answers(
          file.case.id,
          tests.map((test) => ({ test, outcome: found[test] ?? usualAt(test)!, at: now() })),
        ),
      ),
    );
  const tap = (test: TestId, outcome: string) => {
    // A danger is stored at once, by itself: whoever taps it has other things to do.
    if (outcomeLevel(test, outcome) === 'stop')
      return void leave(() => act(caseEntries.answers(file.case.id, [{ test, outcome, at: now() }])));
    setFound(({ [test]: before, ...rest }) => (before === outcome ? rest : { ...rest, [test]: outcome }));
  };

  return (
    <StepFrame title={SPOT_WORDS[spot].title} why={why}>
      {isInside && (
        <p className="border-l-4 border-heed pl-3 font-medium">{cautionText('dead', file.policies)}</p>
      )}
      <ul className="space-y-4">
        {tests.map((test) => (
          <li key={test}>
            <p>
              <strong>{LOOK_WORDS[test] ?? TEST_WORDS[test].name}.</strong> {TEST_WORDS[test].how}
            </p>
            <div role="group" aria-label={TEST_WORDS[test].name} className="mt-1 flex flex-wrap gap-2">
              {TESTS[test].outcomes
                .filter((outcome) => outcome !== usualAt(test) && canBe(test, outcome, view.known))
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
          {amiss ? messages.thatIsAllEverythingElseIs : SPOT_WORDS[spot].nothing}
        </Button>
        <FieldError message={problem ?? undefined} />
      </div>
      <StandIn
        busy={busy}
        ask={(about) =>
          leave(async () => {
            const told = await Promise.all(tests.map((test) => askStandIn({ ...about, test })));
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
      <PassRow tests={tests} busy={busy} onPass={leave} />
    </StepFrame>
  );
}
