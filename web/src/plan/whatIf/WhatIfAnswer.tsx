import { sayConductor, type SizingInput } from '@phylaxon/core/code/sizing';
import { sayDuration } from '@phylaxon/core/facts/quantities';
import type { WhatIf } from '@phylaxon/core/views/planning';
import { ampsText, classes, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const VERDICTS: Record<WhatIf['sizing']['decision'], string> = {
  keep: messages.theBreakerSuitsTheCircuit,
  'size-down': messages.theBreakerIsTooLargeFor,
  'size-up': messages.theBreakerIsTooSmallFor,
  split: messages.tooMuchLoadSplitTheCircuit,
  rewire: messages.theConductorIsTooSmallFor,
};

const opens = ({ window, sizing: { loadAmps } }: WhatIf): string => {
  if (loadAmps === 0) return messages.noLoadsListed;
  if (!window) return messages.notKnownForThisRating;
  const { fastestSeconds, slowestSeconds } = window;
  if (fastestSeconds === null) return messages.doesNotTrip;
  const from = sayDuration(fastestSeconds);
  return slowestSeconds === null ? messages.orNever(from) : messages.to(from, sayDuration(slowestSeconds));
};

/** What it comes to, as it is and as it might be, with what binds. */
export function WhatIfAnswer({
  before,
  after,
  might,
  asIs,
}: {
  before: WhatIf;
  after: WhatIf;
  might: SizingInput;
  asIs: SizingInput;
}) {
  const { say } = useUnits();
  const rows: [name: string, say: (one: WhatIf, of: SizingInput) => string][] = [
    [messages.load, ({ sizing }) => ampsText(sizing.loadAmps)],
    [messages.calculatedLoad, ({ sizing }) => ampsText(sizing.demandAmps)],
    [messages.conductorAmpacity, ({ sizing }) => ampsText(sizing.ampacity)],
    [
      messages.largestBreakerAllowed,
      ({ sizing }) => (sizing.maxBreakerAmps === 0 ? 'none' : ampsText(sizing.maxBreakerAmps)),
    ],
    [
      messages.smallestConductorForTheLoad,
      ({ thinnest }, { conductor: { material }, portableReceptacles }) =>
        thinnest === null
          ? portableReceptacles
            ? messages.noneReceptaclesEndAt20A
            : messages.noneUpTo40
          : sayConductor({ gauge: thinnest, material }),
    ],
    [
      messages.voltageDrop,
      ({ dropPercent }) => (dropPercent === null ? messages.lengthNotEntered : `${dropPercent.toFixed(1)}%`),
    ],
    [messages.tripTimeAtThisLoad, (one) => opens(one)],
  ];
  return (
    <section aria-label={messages.result} className="space-y-4 border-t border-rule-strong pt-3">
      <p
        role="status"
        className={classes(
          'text-2xl font-bold',
          VERDICTS[after.sizing.decision].startsWith('✕') && 'text-danger',
        )}
      >
        {VERDICTS[after.sizing.decision]}
      </p>
      <table className="w-full text-left max-sm:text-sm">
        <thead>
          <tr className="border-b border-rule-strong">
            <td />
            <th scope="col" className="py-1 text-right">
              {messages.now}
            </th>
            <th scope="col" className="py-1 text-right">
              {messages.withTheChange}
            </th>
          </tr>
        </thead>
        <tbody className="divide-y divide-rule">
          {rows.map(([name, tell]) => {
            const [now, then] = [tell(before, asIs), tell(after, might)];
            return (
              <tr key={name}>
                <th scope="row" className="py-1 pr-2 font-normal">
                  {name}
                </th>
                <td className="figures py-1 pl-2 text-right">{now}</td>
                <td className={classes('figures py-1 pl-2 text-right', now !== then && 'font-bold')}>
                  {then}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <div>
        <h2 className="text-lg font-bold">{messages.governingRule}</h2>
        <ul>
          {after.limits.map(({ what, amps, source, binds }) => (
            <li key={what} className={classes('py-0.5', binds && 'font-bold')}>
              <span className="figures">{ampsText(amps)}</span> {what}
              {binds && messages.governs}. <span className="text-sm font-normal text-ink-soft">{source}</span>
            </li>
          ))}
        </ul>
      </div>
      <ul className="list-disc pl-5">
        {after.sizing.reasons.map(({ code, text }) => (
          <li key={code}>{say(text)}</li>
        ))}
      </ul>
      <p className="text-sm text-ink-soft">{messages.aLargerBreakerIsNeverThe}</p>
    </section>
  );
}
