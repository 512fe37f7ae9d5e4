import type { Outcomes } from '@phylaxon/core/diagnosis/outcomes';
import { CAUSES } from '@phylaxon/core/facts/vocabulary';
import { Button, FieldError, useAction } from '../../shared/ui/index.ts';
import { changeSettings, useSettings } from '../../shared/queries/index.ts';
import * as messages from './messages.ts';

const figure = (percent: number) => percent.toFixed(1);

const sayAdded = (cases: number): string => {
  if (cases === 0) return messages.noConfirmedCaseAtAnySite;
  const they =
    cases === 1 ? messages.theOneConfirmedCaseAcrossAll : messages.theConfirmedCasesAcrossAll(cases);
  return messages.addedTheFiguresChangeSlowlyAnd(they);
};

/** How the confirmed ends move what is thought likely before anything is looked at, and the switch for it. */
export function WhatTheyTeach({
  teaching: { cases, tableCases, ownFrom, moved },
}: Pick<Outcomes, 'teaching'>) {
  const settings = useSettings();
  const { problem, run } = useAction();
  const turn = () => run(() => changeSettings({ learn: !settings.learn }));
  return (
    <section aria-label={messages.whatConfirmedCasesChange} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.whatConfirmedCasesChange}</h2>
      <p className="max-w-2xl">
        {messages.theStartingLikelihoodOfEach(
          tableCases,
          settings.learn ? sayAdded(cases) : messages.confirmedCasesDoNotChangeThe,
          ownFrom,
        )}
      </p>
      {settings.learn && moved.length > 0 && (
        <ul className="mt-2 grid max-w-2xl gap-y-1">
          {moved.slice(0, 5).map(({ cause, tablePercent, nowPercent }) => (
            <li key={cause} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1">
              <span>{CAUSES[cause]}</span>
              <span className="figures whitespace-nowrap">
                {figure(tablePercent)}% <span aria-hidden="true">→</span>
                <span className="sr-only">{messages.tableNow}</span> {figure(nowPercent)}%
              </span>
            </li>
          ))}
        </ul>
      )}
      <Button look="quiet" className="mt-3" onClick={() => void turn()}>
        {settings.learn ? messages.useOnlyTheTable : messages.countConfirmedCasesAgain}
      </Button>
      <FieldError message={problem ?? undefined} />
    </section>
  );
}
