import type { BreakerDetail } from '@phylaxon/core/views/board';
import type { TripChance } from '@phylaxon/core/physics/profile';
import { sayDuration, sayNumber } from '@phylaxon/core/facts/quantities';
import { useState } from 'react';
import {
  keepLoggedInWorker,
  useChance,
  useWork,
  type Chance,
  type ChanceQuestion,
  type RunningQuestion,
} from '../../shared/compute/index.ts';
import {
  ampsText,
  Button,
  FileField,
  PageSection,
  percentText,
  Problems,
  SelectInput,
} from '../../shared/ui/index.ts';
import { pointsOf, recordOf, runningLoads, sayTimes, sayOpeningTimes } from './bench.ts';
import { AirPick } from './AirPick.tsx';
import { ChanceChart, CurrentChart } from './RunningCharts.tsx';
import { Figures } from './Figures.tsx';
import type { PartProps } from './partProps.ts';
import * as messages from './messages.ts';

const HOURS = [1, 8, 24, 168];
const UNITS = 10_000;
/** So many changes of the current are drawn. */
const DRAWN = 600;

interface Logged {
  name: string;
  id: string;
  stretches: number;
}

/** The load as it really runs: what it amounts to, when it opens the breaker, how likely that is hour by hour. */
export function RunningPart({ detail, onCircuit }: PartProps) {
  const { breaker, circuit } = detail;
  const [hours, setHours] = useState(24);
  const [ambientC, setAmbientC] = useState(25);
  const [logged, setLogged] = useState<Logged | null>(null);
  const loads = runningLoads(circuit);
  const profile: RunningQuestion | null =
    loads.length === 0 && !logged
      ? null
      : { ratingAmps: breaker.ratingAmps, ambientC, hours, loads, loggedId: logged?.id ?? null };
  return (
    <div className="space-y-6">
      <div className="flex flex-wrap items-end gap-3">
        <SelectInput
          label={messages.period}
          options={HOURS.map((value) => ({ value, label: sayHours(value) }))}
          value={hours}
          onValue={setHours}
        />
        <AirPick value={ambientC} onChange={setAmbientC} />
        <LoggedFile logged={logged} onLogged={setLogged} />
      </div>
      {profile ? (
        <Worked detail={detail} profile={profile} onCircuit={onCircuit} />
      ) : (
        <div className="space-y-3">
          <p>{messages.listTheLoadsOnThisCircuitWith}</p>
          <Button look="quiet" onClick={onCircuit}>
            {messages.listTheLoads}
          </Button>
        </div>
      )}
    </div>
  );
}

const sayHours = (hours: number) =>
  hours === 1
    ? messages.oneHour
    : hours === 24
      ? messages.day
      : hours === 168
        ? messages.week
        : messages.hours(hours);

function LoggedFile({
  logged,
  onLogged,
}: {
  logged: Logged | null;
  onLogged: (logged: Logged | null) => void;
}) {
  const [problems, setProblems] = useState<string[]>([]);
  const open = async (file: File) => {
    const read = await keepLoggedInWorker(file);
    setProblems('problems' in read ? read.problems : []);
    if ('ok' in read) onLogged({ name: file.name, ...read.ok });
  };
  return (
    <div className="min-w-0">
      {logged ? (
        <p className="flex flex-wrap items-center gap-2">
          <span>{messages.intervalsRepeatedToTheEnd(logged.name, logged.stretches)}</span>
          <Button look="quiet" onClick={() => onLogged(null)}>
            {messages.useTheListedLoads}
          </Button>
        </p>
      ) : (
        <FileField
          label={messages.recordedCurrentCsv}
          accept=".csv,text/csv"
          onFile={(file) => void open(file)}
        />
      )}
      <Problems title={messages.theTableWasNotImportedIt} problems={problems} />
    </div>
  );
}

interface WorkedProps {
  detail: BreakerDetail;
  profile: RunningQuestion;
  onCircuit: () => void;
}

function Worked({ detail, profile, onCircuit }: WorkedProps) {
  const { events } = recordOf(detail);
  const curve = pointsOf(detail);
  const fromFile = profile.loggedId !== null;
  const answer = useWork('running', { question: profile, curve, events });
  const drawn = useWork('draw', { question: profile, most: DRAWN });
  const steady =
    !fromFile && (profile.loads ?? []).every(({ onSeconds, surgeTimes }) => !onSeconds && !surgeTimes);
  if (!answer) return <p className="h-72">{messages.calculating}</p>;
  const { peakAmps, rmsAmps, changes, sound, unit } = answer;
  return (
    <>
      <Figures
        figures={[
          {
            what: messages.highestCurrent,
            figure: ampsText(peakAmps),
            beside: messages.startingCurrentsIncluded,
          },
          { what: messages.sameHeatingAsASteady, figure: ampsText(rmsAmps) },
          { what: messages.loadChanges, figure: `${changes - 1}` },
        ]}
      />
      {drawn && <CurrentChart drawn={drawn} hours={profile.hours ?? 24} ratingAmps={profile.ratingAmps} />}
      {steady && (
        <p>
          {messages.asFarAsIsOnRecord}{' '}
          <button
            type="button"
            onClick={onCircuit}
            className="min-h-11 font-semibold underline underline-offset-4"
          >
            {messages.enterTheDutyCycles}
          </button>
        </p>
      )}
      <PageSection
        title={fromFile ? messages.tripTimeWithThisCurrent : messages.tripTimeWithEveryLoadStarting}
      >
        <p>
          {messages.aSoundBreakerOnly(
            <strong>{sayWithin(sound.fastestSeconds, sound.slowestSeconds, profile.hours ?? 24)}</strong>,
          )}
        </p>
        {unit && <p>{messages.thisBreakerByItsRecord(<strong>{sayOpeningTimes(unit)}</strong>)}</p>}
      </PageSection>
      <PageSection title={messages.chanceOfATripHourBy}>
        <Chances
          key={JSON.stringify(profile)}
          base={{ profile, breakers: UNITS, events, curve }}
          hasRecord={events.length > 0}
        />
      </PageSection>
    </>
  );
}

const sayWithin = (soonest: number | null, latest: number | null, hours: number) =>
  soonest === null ? messages.holdsFor(sayHours(hours)) : sayTimes(soonest, latest);

interface ChancesProps {
  base: Omit<ChanceQuestion, 'of'>;
  hasRecord: boolean;
}

/** Many units, each with its loads somewhere in their turns. */
function Chances({ base, hasRecord }: ChancesProps) {
  const { chance, start, cancel } = useChance();
  const working = chance.is === 'working';
  return (
    <div className="space-y-3">
      <p>{messages.theSimulationRuns10000Breakers}</p>
      <div className="flex flex-wrap items-center gap-2">
        <Button look="quiet" disabled={working} onClick={() => void start({ ...base, of: 'sound' })}>
          {messages.forAnySoundBreaker}
        </Button>
        {hasRecord && (
          <Button look="quiet" disabled={working} onClick={() => void start({ ...base, of: 'this' })}>
            {messages.forThisBreaker}
          </Button>
        )}
        {working && <Button onClick={cancel}>{messages.cancel}</Button>}
      </div>
      <Progress chance={chance} />
      {chance.is === 'done' && <Result of={chance.question.of} result={chance.result} />}
    </div>
  );
}

function Progress({ chance }: { chance: Chance }) {
  if (chance.is === 'cancelled') return <p role="status">{messages.canceledNoResultWasKept}</p>;
  if (chance.is !== 'working') return null;
  return (
    <p className="flex items-center gap-3">
      <progress
        aria-label={messages.breakersSimulated}
        value={chance.share}
        max={1}
        className="h-3 flex-1 accent-ink"
      />
      <span className="figures">{percentText(chance.share)}</span>
    </p>
  );
}

function Result({ of, result }: { of: ChanceQuestion['of']; result: TripChance }) {
  const { share, low, high, medianSeconds, byHour, units } = result;
  const whose = of === 'sound' ? messages.aSoundBreakerInline : messages.thisBreakerByItsRecordThen;
  return (
    <div role="status">
      <p className="text-lg">
        {messages.chanceThatTripsWithin(
          whose,
          sayHours(byHour.length),
          <span className="figures text-2xl font-semibold">{sayChance(share)}</span>,
          <span className="text-sm text-ink-soft">
            {messages.to95Confidence(sayChance(low), sayChance(high))}
          </span>,
        )}
      </p>
      {medianSeconds !== null && <p>{messages.halfOfThoseThatTripDo(sayDuration(medianSeconds))}</p>}
      {share > 0 && <ChanceChart byHour={byHour} units={units} />}
    </div>
  );
}

const sayChance = (share: number) => `${sayNumber(share * 100, share < 0.1 ? 2 : 1)}%`;
