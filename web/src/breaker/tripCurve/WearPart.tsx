import { replacedForShorts } from '@phylaxon/core/diagnosis/wear';
import { differenceInDays, parseISO } from 'date-fns';
import { PageSection, useUnits } from '../../shared/ui/index.ts';
import { Figures } from './Figures.tsx';
import type { PartProps } from './partProps.ts';

const POLICY_WORDS = {
  each: 'after each dead short',
  second: 'on signs of wear, or after the second dead short',
  signs: 'on signs of wear only',
} as const;

/** Half a year between two workings of a handle is what keeps it from sticking. */
const DAYS_BETWEEN = 183;
const YEAR_DAYS = 365.25;

/** What the breaker went through, and what the chosen policy concludes. */
export function WearPart({ detail: { wear, policies, breaker } }: Pick<PartProps, 'detail'>) {
  const { dateText } = useUnits();
  const { operations, thermalTrips, magneticTrips, electronicTrips, lastWorkedAt } = wear;
  const rested = lastWorkedAt === null ? null : differenceInDays(new Date(), parseISO(lastWorkedAt));
  const times = (n: number) => (n === 1 ? 'once' : `${n} times`);
  return (
    <div className="space-y-6">
      <Figures
        figures={[
          { what: 'Handle worked', figure: `${operations}`, beside: 'off, on and trips' },
          { what: 'Tripped by heat', figure: `${thermalTrips}` },
          { what: 'Cleared dead shorts', figure: `${magneticTrips}` },
          ...(breaker.kind === 'standard'
            ? []
            : [
                {
                  what: 'Tripped by its electronics',
                  figure: `${electronicTrips}`,
                  beside: 'as far as known',
                },
              ]),
          {
            what: 'Last worked',
            figure: lastWorkedAt === null ? 'not on record' : dateText(lastWorkedAt),
            beside:
              rested === null || rested < 60 ? undefined : `${(rested / YEAR_DAYS).toFixed(1)} years ago`,
          },
        ]}
      />
      <PageSection title="What follows">
        <ul className="list-disc space-y-1 pl-5">
          <li>
            {replacedForShorts(wear, policies.afterDeadShort)
              ? `Replace it, once the short is found and gone: it has cleared a dead short ${times(magneticTrips)}.`
              : magneticTrips > 0
                ? `It stays: it has cleared a dead short ${times(magneticTrips)}.`
                : 'No dead short is on record.'}{' '}
            Your settings replace a breaker {POLICY_WORDS[policies.afterDeadShort]}.
          </li>
          <li>
            {rested === null || rested > DAYS_BETWEEN
              ? 'Work its handle off and on at the next round, with its loads switched off first: one that is never moved may not open when it must.'
              : 'Its handle was worked within the last half year.'}
          </li>
        </ul>
      </PageSection>
      <p className="text-sm text-ink-soft">
        Counted from the log: what nobody logged is not in it. A reset counts as two workings, off and on; a
        trip as one.
      </p>
    </div>
  );
}
