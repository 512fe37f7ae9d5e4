import type { RunningLoad } from '@phylaxon/core/physics/profile';
import { MOST_LOADS, type LoadCombinations } from '@phylaxon/core/physics/loadCombinations';
import { useState } from 'react';
import { useComputation, useWork } from '../../shared/compute/index.ts';
import { ampsText, Button, classes, PageSection, useUnits } from '../../shared/ui/index.ts';
import { pointsOf, recordOf, runningLoads, sayList, sayTimes, sayTrips, sayOpeningTimes } from './bench.ts';
import { AirPick } from './AirPick.tsx';
import type { PartProps } from './partProps.ts';
import * as messages from './messages.ts';

/** So many sets are shown; the rest are counted. */
const SHOWN = 12;

/** Which of the circuit's loads may run together, and which trip it. */
export function CombinationsPart({ detail, onCircuit }: PartProps) {
  const { temperatureText } = useUnits();
  const { breaker, circuit } = detail;
  const [ambientC, setAmbientC] = useState(25);
  const all = runningLoads(circuit);
  const loads = [...all].sort((a, b) => b.amps - a.amps).slice(0, MOST_LOADS);
  const answer = useComputation(
    'load-combinations',
    loads.length === 0
      ? null
      : {
          ratingAmps: breaker.ratingAmps,
          ambientC,
          loads,
          most: SHOWN,
          curve: pointsOf(detail) ?? undefined,
        },
  );
  if (loads.length === 0) {
    return (
      <div className="space-y-3">
        <p>{messages.listTheLoadsOnThisCircuit}</p>
        <Button look="quiet" onClick={onCircuit}>
          {messages.listTheLoads}
        </Button>
      </div>
    );
  }
  return (
    <div className="space-y-6">
      <AirPick value={ambientC} onChange={setAmbientC} />
      <TryOut detail={detail} loads={loads} ambientC={ambientC} />
      {answer ? (
        <Sets answer={answer} loads={loads} detail={detail} ambientC={ambientC} />
      ) : (
        <p>{messages.calculatingEveryCombination}</p>
      )}
      <p className="text-sm text-ink-soft">
        {messages.forASoundBreakerAtAmbient(
          ampsText(breaker.ratingAmps),
          temperatureText(ambientC),
          breaker.kind !== 'standard' && messages.theElectronicsInThisBreakerCan,
          all.length > loads.length && messages.theLargestOfLoadsAreUsed(MOST_LOADS, all.length),
        )}
      </p>
    </div>
  );
}

interface SetProps {
  detail: PartProps['detail'];
  loads: RunningLoad[];
  ambientC: number;
}

/** Switch loads on and off and see at once. */
function TryOut({ detail, loads, ambientC }: SetProps) {
  const [off, setOff] = useState<readonly string[]>([]);
  const on = loads.filter(({ id }) => !off.includes(id));
  const amps = on.reduce((sum, load) => sum + load.amps, 0);
  const { ratingAmps } = detail.breaker;
  const answer = useWork('timesTogether', {
    ratingAmps,
    ambientC,
    loads: on,
    curve: pointsOf(detail) ?? undefined,
  });
  const record = recordOf(detail);
  const own = useWork('openings', record.events.length === 0 ? null : { record, amps: [amps], ambientC });
  const toggle = (id: string) =>
    setOff((now) => (now.includes(id) ? now.filter((one) => one !== id) : [...now, id]));
  return (
    <PageSection title={messages.turnLoadsOnAndOff}>
      <div className="flex flex-wrap gap-2">
        {loads.map(({ id, name, amps: own }) => {
          const isOn = !off.includes(id);
          return (
            <button
              key={id}
              type="button"
              aria-pressed={isOn}
              onClick={() => toggle(id)}
              className={classes(
                'flex min-h-11 items-center gap-2 rounded-sm border px-3 py-2',
                isOn
                  ? 'border-ink bg-ink text-bone-raised'
                  : 'border-rule-strong text-ink hover:bg-bone-sunk',
              )}
            >
              <span aria-hidden="true">{isOn ? '●' : '○'}</span>
              {name} <span className="figures">{ampsText(own)}</span>
            </button>
          );
        })}
      </div>
      <p role="status" className="mt-3 text-lg">
        <span className="figures text-2xl font-semibold">{ampsText(amps)}</span>{' '}
        {on.length === 0
          ? messages.withEverythingOff
          : answer &&
            messages.trippingTogether(
              sayTrips(answer.fastestSeconds, answer.slowestSeconds),
              answer.by === 'starting' ? messages.asStarts(on.length === 1 ? 'it' : messages.oneOfThem) : '',
            )}
      </p>
      {on.length > 0 && answer && answer.by !== 'starting' && own?.[0] && (
        <p>{messages.thisBreakerByItsRecord(<strong>{sayOpeningTimes(own[0])}</strong>)}</p>
      )}
    </PageSection>
  );
}

function Sets({ answer, loads, detail, ambientC }: SetProps & { answer: LoadCombinations }) {
  const record = recordOf(detail);
  const own = useWork(
    'openings',
    record.events.length === 0 ? null : { record, amps: answer.offending.map(({ amps }) => amps), ambientC },
  );
  const nameOf = (ids: readonly string[]) =>
    sayList(ids.map((id) => loads.find((load) => load.id === id)?.name ?? id));
  return (
    <>
      <PageSection title={messages.combinationsThatMayTripIt}>
        {answer.offending.length === 0 ? (
          <p>{messages.noneAllLoadsTogetherCanRun}</p>
        ) : (
          <ul className="divide-y divide-rule">
            {answer.offending.map(({ loads: set, amps, by, fastestSeconds, slowestSeconds }, i) => (
              <li key={set.join()} className="flex flex-wrap items-baseline gap-x-4 py-2">
                <span className="min-w-56 flex-1">
                  <strong>{nameOf(set)}</strong>
                  {set.length > 1 ? ' together' : ' alone'}
                  {by === 'starting'
                    ? set.length > 1
                      ? messages.asOneOfThemStartsWhile
                      : messages.asItStarts
                    : ''}
                  : {sayTimes(fastestSeconds, slowestSeconds)}
                  {set.length === 2
                    ? messages.eitherOneAloneNeverTripsIt
                    : set.length > 2
                      ? messages.withAnyOfThemOffIt
                      : ''}
                  {by === 'running' && own?.[i] && (
                    <span className="block text-ink-soft">
                      {messages.thisBreakerByItsRecordFor(sayOpeningTimes(own[i]))}
                    </span>
                  )}
                </span>
                <span className="figures">{ampsText(amps)}</span>
              </li>
            ))}
          </ul>
        )}
        {answer.offendingCount > answer.offending.length && (
          <p className="text-sm text-ink-soft">
            {messages.andMore(answer.offendingCount - answer.offending.length)}
          </p>
        )}
      </PageSection>
      <PageSection title={messages.combinationsThatRun}>
        {answer.forever.length === 0 ? (
          <p>{messages.noneEveryLoadMayTripIt}</p>
        ) : (
          <ul className="divide-y divide-rule">
            {answer.forever.map(({ loads: set, amps }) => (
              <li key={set.join()} className="flex flex-wrap items-baseline gap-x-4 py-2">
                <span className="min-w-56 flex-1">{nameOf(set)}</span>
                <span className="figures">{ampsText(amps)}</span>
              </li>
            ))}
          </ul>
        )}
        <p className="text-sm text-ink-soft">
          {messages.ofCombinationsNeverTripASound(
            answer.foreverCount > answer.forever.length &&
              messages.andMoreForever(answer.foreverCount - answer.forever.length),
            answer.holding,
            answer.sets,
          )}
        </p>
      </PageSection>
    </>
  );
}
