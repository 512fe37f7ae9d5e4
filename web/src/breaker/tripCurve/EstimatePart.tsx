import type { BreakerDetail } from '@phylaxon/core/views/board';
import {
  NOTES,
  type Contribution,
  type EffectiveRating,
  type EstimateJudgment,
  type Side,
  type TripRecord,
} from '@phylaxon/core/physics/breakerEstimate';
import { sayDuration, sayNumber, unbroken } from '@phylaxon/core/facts/quantities';
import { MUST_OPEN_MULTIPLE, CITATIONS } from '@phylaxon/core/facts/standards';
import { useWork } from '../../shared/compute/index.ts';
import { ampsText, Button, classes, percentText, PageSection, useUnits } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { recordOf } from './bench.ts';
import { DensityChart } from './DensityChart.tsx';
import { NextTrialCard } from './NextTrialCard.tsx';
import type { PartProps } from './partProps.ts';
import * as messages from './messages.ts';

const JUDGED: Record<EstimateJudgment, string> = {
  weak: messages.weakByItsRecordItTrips,
  sound: messages.soundByItsRecord,
  sluggish: messages.sluggishByItsRecordItTrips,
  undetermined: messages.theRecordIsNotConclusiveYet,
};

/** What this very unit is, by its trips and by the times it held. */
export function EstimatePart(props: PartProps) {
  const { temperatureText } = useUnits();
  const { detail, onLog } = props;
  const record = recordOf(detail);
  const told = useWork('unit', record.events.length === 0 ? null : record);
  if (detail.breaker.kind !== 'standard' && record.events.length === 0) {
    return <p>{messages.thisBreakerSElectronicsTripIt}</p>;
  }
  if (record.events.length === 0) return <NothingYet detail={detail} onLog={onLog} />;
  if (!told) return <p className="h-72">{messages.calculating}</p>;
  const { result } = told;
  const rating = detail.breaker.ratingAmps;
  const { p05, p50, p95 } = result.ultimateAmps;
  return (
    <div className="space-y-6">
      <div>
        <h3 className="text-xl leading-tight font-bold text-balance">{JUDGED[result.judgement]}</h3>
        <p className="mt-2">
          {messages.itTripsFromSteadyCurrentWith(
            <span className="figures text-2xl font-semibold">{ampsText(p50)}</span>,
            <span className="figures">{ampsText(p05)}</span>,
            <span className="figures">{ampsText(p95)}</span>,
            ampsText(rating),
            <span className="figures">{ampsText(rating)}</span>,
            <span className="figures">{ampsText(rating * MUST_OPEN_MULTIPLE)}</span>,
            temperatureText(25),
          )}
        </p>
        <Sides probability={result.probability} />
      </div>
      <NextTrialCard {...props} result={result} />
      <PageSection title={messages.tripPointBeforeAndAfterIts}>
        <DensityChart told={told} ratingAmps={rating} />
      </PageSection>
      <PageSection title={messages.whatEachEventShows}>
        <Contributions detail={detail} told={told} />
      </PageSection>
      <p className="text-sm text-ink-soft">
        {messages.assumedErrorsCurrentsTimesPlus(
          percentText(NOTES.currentSd),
          percentText(NOTES.timeShare),
          sayDuration(NOTES.timeSeconds),
          percentText(NOTES.strayShare),
          CITATIONS.thermalTrip,
        )}
      </p>
    </div>
  );
}

function NothingYet({ detail, onLog }: { detail: BreakerDetail; onLog: PartProps['onLog'] }) {
  const { dateText } = useUnits();
  const silent = detail.trials.length > 0;
  return (
    <div className="space-y-3">
      <p>{silent ? messages.tripsAreOnRecordButNone : messages.noTripOrHoldWithIts}</p>
      {silent && (
        <ul className="list-disc pl-5">
          {detail.trials.map(({ eventId, at, text }) => (
            <li key={eventId}>
              {dateText(at)}: {text}
            </li>
          ))}
        </ul>
      )}
      <p className="flex flex-wrap gap-2">
        <Button look="quiet" onClick={() => onLog('trip')}>
          {messages.logATrip}
        </Button>
        <Button look="quiet" onClick={() => onLog('no-trip')}>
          {messages.logAHold}
        </Button>
      </p>
    </div>
  );
}

/** Nothing is ever quite sure. */
const sayShare = (share: number) =>
  share > 0.99 ? messages.over99 : share < 0.01 ? messages.under1 : percentText(share);

const SIDE_WORDS: Record<Side, string> = {
  weak: messages.weakTripsTooEarly,
  sound: 'sound',
  sluggish: messages.sluggishTripsTooLateOrNot,
};
/** Told apart by pattern as well. */
const SIDE_LOOK: Record<Side, string> = {
  weak: 'bg-[repeating-linear-gradient(45deg,var(--color-heed)_0_5px,var(--color-bone-raised)_5px_8px)]',
  sound: 'bg-good',
  sluggish:
    'bg-[repeating-linear-gradient(90deg,var(--color-danger)_0_4px,var(--color-bone-raised)_4px_7px)]',
};

/** How likely it is on each side, as one bar. */
function Sides({ probability }: { probability: EffectiveRating['probability'] }) {
  const sides = Object.entries(probability) as [Side, number][];
  return (
    <div className="mt-3">
      <div aria-hidden="true" className="flex h-4 gap-0.5">
        {sides.map(([side, share]) => (
          <span key={side} className={SIDE_LOOK[side]} style={{ width: `${Math.max(0.5, share * 100)}%` }} />
        ))}
      </div>
      <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-sm">
        {sides.map(([side, share]) => (
          <li key={side} className="flex items-center gap-2">
            <span aria-hidden="true" className={classes('size-3', SIDE_LOOK[side])} />
            <span className="figures font-semibold">{sayShare(share)}</span> {SIDE_WORDS[side]}
          </li>
        ))}
      </ul>
    </div>
  );
}

const howMuch = (bits: number) =>
  bits >= 1 ? messages.strongEvidence : bits >= 0.15 ? messages.someEvidence : messages.littleEvidence;

/** Event by event: what it was, what it says, where belief stood after it. */
function Contributions({ detail, told }: { detail: BreakerDetail; told: TripRecord }) {
  const { dateText, say } = useUnits();
  const telling = detail.trials.filter(({ event }) => event !== null);
  const afterOf = (eventId: string): Contribution | undefined =>
    told.contributions[telling.findIndex((trial) => trial.eventId === eventId)];
  const top = Math.max(
    detail.breaker.ratingAmps * 1.6,
    ...told.contributions.map(({ after }) => after.ultimateAmps.p95),
  );
  return (
    <ol className="divide-y divide-rule">
      {detail.trials.map(({ eventId, at, outcome, amps, seconds, text }) => {
        const added = afterOf(eventId);
        return (
          <li key={eventId} className="grid gap-x-4 gap-y-1 py-2 sm:grid-cols-[1fr_14rem]">
            <div>
              <p className="font-semibold">
                <span aria-hidden="true" className="mr-1">
                  {outcome === 'tripped' ? '▼' : '○'}
                </span>
                {outcome === 'tripped' ? messages.trippedTitle : messages.heldTitle}
                {amps !== null && (
                  <>
                    {' at '}
                    <span className="figures">{ampsText(amps)}</span>
                  </>
                )}
                {seconds !== null &&
                  ` ${outcome === 'tripped' ? 'after' : 'for'} ${unbroken(sayDuration(seconds))}`}{' '}
                <span className="ml-1 text-sm font-normal whitespace-nowrap text-ink-soft">
                  {dateText(at)}
                </span>
              </p>
              <p className="text-sm">{say(text)}</p>
            </div>
            {added ? <After added={added} top={top} rating={detail.breaker.ratingAmps} /> : null}
          </li>
        );
      })}
    </ol>
  );
}

/** Where it was believed to open after an event: a bar from 5 to 95%, a line at the middle. */
function After({ added, top, rating }: { added: Contribution; top: number; rating: number }) {
  const { p05, p50, p95 } = added.after.ultimateAmps;
  const exact = useProfile((state) => state.profile) === 'electrician';
  const x = (amps: number) => Math.min(100, (amps / top) * 100);
  return (
    <div className="text-sm">
      <svg
        aria-hidden="true"
        viewBox="0 0 100 12"
        preserveAspectRatio="none"
        className="h-3 w-full bg-bone-sunk"
      >
        <rect
          x={x(rating)}
          y="0"
          width={x(rating * MUST_OPEN_MULTIPLE) - x(rating)}
          height="12"
          className="fill-rule"
        />
        <rect x={x(p05)} y="3" width={Math.max(0.6, x(p95) - x(p05))} height="6" className="fill-ink-soft" />
        <rect x={x(p50) - 0.5} y="0" width="1" height="12" className="fill-ink" />
      </svg>
      <p>
        <span className="figures font-semibold">{ampsText(p50)}</span>{' '}
        <span className="figures ml-1 text-ink-soft">
          {messages.inParentheses(sayNumber(p05), ampsText(p95))}
        </span>
        <span className="block text-ink-soft">
          {howMuch(added.bits)}
          {exact && messages.bits(sayNumber(added.bits, 2))}
        </span>
      </p>
    </div>
  );
}
