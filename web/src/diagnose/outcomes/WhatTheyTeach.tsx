import type { Outcomes } from '@phylaxon/core/diagnosis/outcomes';
import { CAUSES } from '@phylaxon/core/facts/vocabulary';
import { Button, FieldError, useAction } from '../../shared/ui/index.ts';
import { useSettings } from '../../shared/stores/index.ts';

const figure = (percent: number) => percent.toFixed(1);

const sayAdded = (cases: number): string => {
  if (cases === 0) return 'No case has been confirmed yet, at any site, to be added to it.';
  const they =
    cases === 1
      ? 'The one case that somebody confirmed, at any site, is'
      : `The ${cases} cases that somebody confirmed, at any site, are`;
  return `${they} added to it: that moves it slowly, and a danger sign never counts for less.`;
};

/** How the confirmed ends move what is thought likely before anything is looked at, and the switch for it. */
export function WhatTheyTeach({
  teaching: { cases, tableCases, ownFrom, moved },
}: Pick<Outcomes, 'teaching'>) {
  const { settings, change } = useSettings();
  const { problem, run } = useAction();
  const turn = () => run(() => change({ learn: !settings.learn }));
  return (
    <section aria-label="What they teach" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">What they teach</h2>
      <p className="max-w-2xl">
        How common a cause is, before anything is looked at, comes from a table that counts as {tableCases}{' '}
        cases.{' '}
        {settings.learn ? sayAdded(cases) : 'What was confirmed does not move it now: that is switched off.'}{' '}
        A kind of breaker, or a part family, is counted for itself once it has {ownFrom}.
      </p>
      {settings.learn && moved.length > 0 && (
        <ul className="mt-2 grid max-w-2xl gap-y-1">
          {moved.slice(0, 5).map(({ cause, tablePercent, nowPercent }) => (
            <li key={cause} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1">
              <span>{CAUSES[cause]}</span>
              <span className="figures whitespace-nowrap">
                {figure(tablePercent)} % <span aria-hidden="true">→</span>
                <span className="sr-only">by the table, now</span> {figure(nowPercent)} %
              </span>
            </li>
          ))}
        </ul>
      )}
      <Button look="quiet" className="mt-3" onClick={() => void turn()}>
        {settings.learn ? 'Go by the table alone' : 'Let confirmed cases count again'}
      </Button>
      <FieldError message={problem ?? undefined} />
    </section>
  );
}
