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
          label="For"
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
          <p>
            List what runs on this circuit, with its turns and its start, or open a current that was logged.
          </p>
          <Button look="quiet" onClick={onCircuit}>
            List its loads
          </Button>
        </div>
      )}
    </div>
  );
}

const sayHours = (hours: number) =>
  hours === 1 ? '1 hour' : hours === 24 ? 'a day' : hours === 168 ? 'a week' : `${hours} hours`;

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
          <span>
            {logged.name}: {logged.stretches} stretches, over again to the end.
          </span>
          <Button look="quiet" onClick={() => onLogged(null)}>
            Back to its loads
          </Button>
        </p>
      ) : (
        <FileField label="A logged current (CSV)" accept=".csv,text/csv" onFile={(file) => void open(file)} />
      )}
      <Problems
        title="This table was not imported. Columns: time (s, or date and time), current (A)."
        problems={problems}
      />
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
  if (!answer) return <p className="h-72">Working …</p>;
  const { peakAmps, rmsAmps, changes, sound, unit } = answer;
  return (
    <>
      <Figures
        figures={[
          { what: 'Most at once', figure: ampsText(peakAmps), beside: 'starts included' },
          { what: 'Heats like a steady', figure: ampsText(rmsAmps) },
          { what: 'Changes', figure: `${changes - 1}` },
        ]}
      />
      {drawn && <CurrentChart drawn={drawn} hours={profile.hours ?? 24} ratingAmps={profile.ratingAmps} />}
      {steady && (
        <p>
          All of it runs without a break, as far as is on record.{' '}
          <button
            type="button"
            onClick={onCircuit}
            className="min-h-11 font-semibold underline underline-offset-4"
          >
            Say how its loads run
          </button>
        </p>
      )}
      <PageSection
        title={fromFile ? 'When it opens on that current' : 'When it opens, everything starting at once'}
      >
        <p>
          A sound breaker:{' '}
          <strong>{sayWithin(sound.fastestSeconds, sound.slowestSeconds, profile.hours ?? 24)}</strong>.
        </p>
        {unit && (
          <p>
            This one, by its record: <strong>{sayOpeningTimes(unit)}</strong>.
          </p>
        )}
      </PageSection>
      <PageSection title="The chance of a trip, hour by hour">
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
  soonest === null ? `holds for ${sayHours(hours)}` : sayTimes(soonest, latest);

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
      <p>
        10 000 breakers, each different, each with its loads somewhere in their turns, are worked through.
      </p>
      <div className="flex flex-wrap items-center gap-2">
        <Button look="quiet" disabled={working} onClick={() => void start({ ...base, of: 'sound' })}>
          For any sound breaker
        </Button>
        {hasRecord && (
          <Button look="quiet" disabled={working} onClick={() => void start({ ...base, of: 'this' })}>
            For this one
          </Button>
        )}
        {working && <Button onClick={cancel}>Cancel</Button>}
      </div>
      <Progress chance={chance} />
      {chance.is === 'done' && <Result of={chance.question.of} result={chance.result} />}
    </div>
  );
}

function Progress({ chance }: { chance: Chance }) {
  if (chance.is === 'cancelled') return <p role="status">Canceled. Nothing was kept.</p>;
  if (chance.is !== 'working') return null;
  return (
    <p className="flex items-center gap-3">
      <progress
        aria-label="Breakers worked through"
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
  const whose = of === 'sound' ? 'a sound breaker' : 'this one, by its record,';
  return (
    <div role="status">
      <p className="text-lg">
        The chance that {whose} opens within {sayHours(byHour.length)}:{' '}
        <span className="figures text-2xl font-semibold">{sayChance(share)}</span>{' '}
        <span className="text-sm text-ink-soft">
          ({sayChance(low)} to {sayChance(high)} with 95 % confidence)
        </span>
      </p>
      {medianSeconds !== null && (
        <p>Half of those that open have opened after {sayDuration(medianSeconds)}.</p>
      )}
      {share > 0 && <ChanceChart byHour={byHour} units={units} />}
    </div>
  );
}

const sayChance = (share: number) => `${sayNumber(share * 100, share < 0.1 ? 2 : 1)} %`;
