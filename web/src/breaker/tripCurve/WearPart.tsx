import { replacedForShorts } from '@phylaxon/core/diagnosis/wear';
import { differenceInDays, parseISO } from 'date-fns';
import { PageSection, useUnits } from '../../shared/ui/index.ts';
import { Figures } from './Figures.tsx';
import type { PartProps } from './partProps.ts';
import * as messages from './messages.ts';

const POLICY_WORDS = {
  each: messages.afterEachClearedShortCircuit,
  second: messages.onSignsOfWearOrAfter,
  signs: messages.onlyOnSignsOfWear,
} as const;

/** Half a year between two workings of a handle is what keeps it from sticking. */
const DAYS_BETWEEN = 183;
const YEAR_DAYS = 365.25;

/** What the breaker went through, and what the chosen policy concludes. */
export function WearPart({ detail: { wear, policies, breaker } }: Pick<PartProps, 'detail'>) {
  const { dateText } = useUnits();
  const { operations, thermalTrips, magneticTrips, electronicTrips, lastWorkedAt } = wear;
  const rested = lastWorkedAt === null ? null : differenceInDays(new Date(), parseISO(lastWorkedAt));
  const times = (n: number) => (n === 1 ? 'once' : messages.times(n));
  return (
    <div className="space-y-6">
      <Figures
        figures={[
          { what: messages.handleOperations, figure: `${operations}`, beside: messages.offOnAndTrips },
          { what: messages.thermalTrips, figure: `${thermalTrips}` },
          { what: messages.shortCircuitsCleared, figure: `${magneticTrips}` },
          ...(breaker.kind === 'standard'
            ? []
            : [
                {
                  what: messages.electronicTrips,
                  figure: `${electronicTrips}`,
                  beside: messages.asFarAsKnown,
                },
              ]),
          {
            what: messages.lastOperated,
            figure: lastWorkedAt === null ? messages.notOnRecord : dateText(lastWorkedAt),
            beside:
              rested === null || rested < 60 ? undefined : messages.yearsAgo((rested / YEAR_DAYS).toFixed(1)),
          },
        ]}
      />
      <PageSection title={messages.recommendation}>
        <ul className="list-disc space-y-1 pl-5">
          <li>
            {messages.yourSettingsReplaceABreaker(
              replacedForShorts(wear, policies.afterDeadShort)
                ? messages.replaceThisBreakerAfterThe(times(magneticTrips))
                : magneticTrips > 0
                  ? messages.thisBreakerCanStayItHas(times(magneticTrips))
                  : messages.noClearedShortCircuitIsOn,
              POLICY_WORDS[policies.afterDeadShort],
            )}
          </li>
          <li>
            {rested === null || rested > DAYS_BETWEEN
              ? messages.exerciseThisBreakerAtTheNext
              : messages.theHandleWasOperatedWithinThe}
          </li>
        </ul>
      </PageSection>
      <p className="text-sm text-ink-soft">{messages.countedFromTheLogOperations}</p>
    </div>
  );
}
