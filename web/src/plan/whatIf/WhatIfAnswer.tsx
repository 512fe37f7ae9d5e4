import { sayConductor, type SizingInput } from '@phylaxon/core/code/sizing';
import { sayDuration } from '@phylaxon/core/facts/quantities';
import type { WhatIf } from '@phylaxon/core/views/planning';
import { ampsText, classes, useUnits } from '../../shared/ui/index.ts';

const VERDICTS: Record<WhatIf['sizing']['decision'], string> = {
  keep: '✓ It fits',
  'size-down': '✕ The breaker is too large for the conductor',
  'size-up': '! The breaker is too small for the load',
  split: '✕ Too much load: split the circuit',
  rewire: '✕ The conductor is too thin for the load',
};

const opens = ({ window, sizing: { loadAmps } }: WhatIf): string => {
  if (loadAmps === 0) return 'no load is drawn';
  if (!window) return 'not known for this rating';
  const { fastestSeconds, slowestSeconds } = window;
  if (fastestSeconds === null) return 'never: it carries that for good';
  const from = sayDuration(fastestSeconds);
  return slowestSeconds === null ? `${from} or never` : `${from} to ${sayDuration(slowestSeconds)}`;
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
    ['Load', ({ sizing }) => ampsText(sizing.loadAmps)],
    ['The load calls for', ({ sizing }) => ampsText(sizing.demandAmps)],
    ['The conductor carries', ({ sizing }) => ampsText(sizing.ampacity)],
    [
      'Largest breaker for it',
      ({ sizing }) => (sizing.maxBreakerAmps === 0 ? 'none' : ampsText(sizing.maxBreakerAmps)),
    ],
    [
      'Thinnest conductor for the load',
      ({ thinnest }, { conductor: { material }, portableReceptacles }) =>
        thinnest === null
          ? portableReceptacles
            ? 'none: outlets end at 20 A'
            : 'none up to 4/0'
          : sayConductor({ gauge: thinnest, material }),
    ],
    [
      'Lost on the way',
      ({ dropPercent }) => (dropPercent === null ? 'length not known' : `${dropPercent.toFixed(1)} %`),
    ],
    ['At this load it would open in', (one) => opens(one)],
  ];
  return (
    <section aria-label="What it comes to" className="space-y-4 border-t border-rule-strong pt-3">
      <p
        role="status"
        className={classes(
          'text-2xl font-bold',
          VERDICTS[after.sizing.decision].startsWith('✕') && 'text-danger',
        )}
      >
        {VERDICTS[after.sizing.decision]}
      </p>
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-rule-strong">
            <td />
            <th scope="col" className="py-1 text-right">
              As it is
            </th>
            <th scope="col" className="py-1 text-right">
              What if
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
        <h2 className="text-lg font-bold">What binds</h2>
        <ul>
          {after.limits.map(({ what, amps, source, binds }) => (
            <li key={what} className={classes('py-0.5', binds && 'font-bold')}>
              <span className="figures">{ampsText(amps)}</span> {what}
              {binds && ': this binds'}. <span className="text-sm font-normal text-ink-soft">{source}</span>
            </li>
          ))}
        </ul>
      </div>
      <ul className="list-disc pl-5">
        {after.sizing.reasons.map(({ code, text }) => (
          <li key={code}>{say(text)}</li>
        ))}
      </ul>
      <p className="text-sm text-ink-soft">
        A larger breaker is never the answer to a trip. Editions differ: NEC 2023 is shown; where local code
        says otherwise, it decides.
      </p>
    </section>
  );
}
