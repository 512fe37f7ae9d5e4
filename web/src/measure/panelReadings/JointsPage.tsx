import { CONNECTION_LIMITS, sagOutcome } from '@phylaxon/core/facts/limits';
import { nextPoint, readPoints, type ChainPoint, type SagSegment } from '@phylaxon/core/physics/sag';
import { loadAmps } from '@phylaxon/core/record/entities';
import { sayNumber } from '@phylaxon/core/facts/quantities';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { entries } from '../../shared/api/index.ts';
import { useComputation } from '../../shared/compute/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import {
  classes,
  NumberInput,
  PageHead,
  placeText,
  SelectInput,
  SendButton,
  useUnits,
} from '../../shared/ui/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';

type Volts = { unloaded: number | null; loaded: number | null };
const OUTLETS = Array.from({ length: 11 }, (_one, n) => ({ value: n + 1, label: String(n + 1) }));

const GRADE_WORDS: Record<SagSegment['grade'], string> = {
  normal: 'sound',
  watch: 'watch it',
  'repair-soon': 'repair it soon',
  urgent: 'repair it at once',
};

/** Along a run from the panel to the last outlet: where a joint is bad, in the fewest points. */
export function JointsPage() {
  const { breakerId = '' } = useParams();
  const { data: detail } = useQuery(recordQueries.detail(breakerId));
  const { say } = useUnits();
  const mayDo = useMayDo();
  const [outlets, setOutlets] = useState(4);
  const [typedAmps, setAmps] = useState<number | null>(null);
  const [typedLength, setLength] = useState<number | null>(null);
  const [read, setRead] = useState<Record<string, Volts>>({});
  const { fromMetres, toMetres, lengthUnit } = useUnits();

  const circuit = detail?.circuit ?? null;
  const drawnAmps = Math.max(0, ...(circuit?.loads.map(loadAmps) ?? []));
  const amps = typedAmps ?? (drawnAmps > 0 ? drawnAmps : null);
  const lengthM = typedLength !== null ? toMetres(typedLength) : (circuit?.lengthM ?? null);
  const first = mayDo(2) ? 'Breaker’s load terminal' : 'Outlet nearest the panel';
  const chain: ChainPoint[] = [first, ...Array.from({ length: outlets }, (_one, n) => `Outlet ${n + 1}`)].map(
    (id, i) => {
      const { unloaded = null, loaded = null } = read[id] ?? {};
      const conductor = circuit?.conductor;
      const run =
        i > 0 && conductor && lengthM !== null
          ? { gauge: conductor.gauge, material: conductor.material, lengthM: lengthM / outlets }
          : undefined;
      return {
        id,
        ...(run && { run }),
        volts: unloaded !== null && loaded !== null ? { unloaded, loaded } : null,
      };
    },
  );
  const usable = amps !== null && amps > 0;
  const points = readPoints(chain);
  const isPossible = points.every(({ unloaded, loaded }) => loaded <= unloaded + 2 && unloaded <= 300);
  const search = usable && isPossible ? nextPoint({ chain, amps }) : null;
  const answer = useComputation(
    'sag',
    usable && isPossible && points.length > 1
      ? { amps, ratingAmps: detail?.breaker.ratingAmps, points }
      : null,
  );
  const segments = answer?.segments.slice(1) ?? [];
  const worst = segments.find(({ to }) => to === answer?.worst);
  const last = answer?.points.at(-1);
  if (!detail) return <main className="p-6">Opening …</main>;
  const where = `${circuit?.label ?? 'No circuit named'}, ${placeText(detail.breaker)}`;

  const observation = () => {
    const percent = last?.dropPercent ?? 0;
    const found = worst
      ? `A bad joint between ${worst.from} and ${worst.to}: about ${sayNumber(worst.wattsAtRating ?? worst.watts)} W in it at the breaker’s rating.`
      : 'No joint loses more than its conductor explains.';
    return entries.observation(breakerId, where, {
      test: 'outlet-sag',
      outcome: sagOutcome(percent / 100),
      at: new Date().toISOString(),
      note: `${sayNumber(percent)} % lost at ${last?.id ?? ''} under ${sayNumber(amps ?? 0)} A. ${found}`,
    });
  };

  return (
    <main className="mx-auto max-w-3xl space-y-4 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${detail.panel.id}/breakers/${breakerId}`}
        back={where}
        title="Find a bad joint"
      >
        <p>
          Read the volts at each point that is asked for, once with nothing on and once with a known load on
          the last outlet: a heater or a kettle. The two together show what the joints lose.
        </p>
      </PageHead>
      <div className="flex flex-wrap gap-4">
        <NumberInput
          label={`The load draws (A)${drawnAmps > 0 ? `, else ${sayNumber(drawnAmps)}` : ''}`}
          onValue={setAmps}
        />
        <NumberInput
          label={`Length of the run (${lengthUnit})${circuit?.lengthM ? `, else ${sayNumber(fromMetres(circuit.lengthM))}` : ''}`}
          onValue={setLength}
        />
        <SelectInput label="Outlets on the run" options={OUTLETS} value={outlets} onValue={setOutlets} />
      </div>
      {!usable && <p className="font-semibold">Say first what the load draws.</p>}
      {!isPossible && (
        <p className="font-semibold text-danger">
          Under load the voltage cannot be more than 2 V higher than with nothing on: read it again.
        </p>
      )}
      {search && <NextStep search={search} />}
      <ol aria-label="Points" className="border-l-4 border-rule-strong">
        {chain.map(({ id }, i) => (
          <li key={id} className="relative pl-5">
            {i > 0 && <Stretch segment={segments.find(({ to }) => to === id)} />}
            <div
              className={classes(
                'flex flex-wrap items-end gap-3 py-2',
                search?.next === id && 'bg-bone-sunk',
              )}
            >
              <span className="w-44 pb-2.5 font-semibold">
                {id}
                {search?.next === id && <span className="block text-sm text-heed">read this next</span>}
              </span>
              <NumberInput
                label="Nothing on (V)"
                onValue={(unloaded) =>
                  setRead((all) => ({ ...all, [id]: { loaded: null, ...all[id], unloaded } }))
                }
              />
              <NumberInput
                label="Load on (V)"
                onValue={(loaded) =>
                  setRead((all) => ({ ...all, [id]: { unloaded: null, ...all[id], loaded } }))
                }
              />
              <span className="figures pb-2.5">
                {dropText(answer?.points.find((point) => point.id === id))}
              </span>
            </div>
          </li>
        ))}
      </ol>
      {worst && (
        <section aria-label="Found" className="border-l-8 border-heed bg-bone-raised px-4 py-3">
          <h2 className="text-xl font-bold">
            Between {worst.from} and {worst.to}: {GRADE_WORDS[worst.grade]}
          </h2>
          {worst.reasons.map(({ code, text }) => (
            <p key={code}>{say(text)}</p>
          ))}
          <p>
            De-energize the circuit and verify absence of voltage. Open the boxes at both ends and remake the
            connections.
          </p>
        </section>
      )}
      {answer && last && (
        <p>
          <SendButton
            entries={() => [observation()]}
            stored="Logged as evidence"
            waiting="Kept until the server answers"
          >
            Log it as evidence
          </SendButton>
        </p>
      )}
      <p className="text-sm text-ink-soft">
        Conductors: NEC 2023, chapter 9, table 8. How many watts in a joint are too many is our own scale:{' '}
        {CONNECTION_LIMITS.warmWatts} W warm, {CONNECTION_LIMITS.hotWatts} W hot,{' '}
        {CONNECTION_LIMITS.glowWatts} W glows.
      </p>
    </main>
  );
}

const dropText = (point: { dropVolts: number; dropPercent: number | null } | undefined) =>
  point
    ? `−${sayNumber(point.dropVolts)} V${point.dropPercent === null ? '' : ` (${sayNumber(point.dropPercent)} %)`}`
    : '';

function NextStep({ search }: { search: NonNullable<ReturnType<typeof nextPoint>> }) {
  const text = search.isSound
    ? 'This run is sound: it loses no more than its conductor, its joints and the meter’s error explain.'
    : search.next !== null
      ? search.within
        ? `Something is lost between ${search.within.from} and ${search.within.to}. Read ${search.next} next: it halves what is left.`
        : `Read ${search.next} next.`
      : `The bad joint is between ${search.within?.from} and ${search.within?.to}.`;
  return (
    <p
      role="status"
      className={classes(
        'border-l-8 py-2 pl-3 text-lg font-semibold',
        search.isSound ? 'border-good' : 'border-heed',
      )}
    >
      {text}
    </p>
  );
}

/** What is lost between two points, against what its conductor explains. */
function Stretch({ segment }: { segment: SagSegment | undefined }) {
  if (!segment) return null;
  const { conductorOhms, excessOhms, lowOhms, watts, grade } = segment;
  const isInError = grade === 'normal' && excessOhms > 0 && lowOhms === 0;
  const milli = (ohms: number) => `${sayNumber(ohms * 1000, 0)} mΩ`;
  return (
    <p className={classes('text-sm', grade === 'normal' ? 'text-ink-soft' : 'font-semibold text-heed')}>
      {grade === 'normal' ? '│' : '✕'} from {segment.from}:{' '}
      {conductorOhms === null ? '' : `conductor ${milli(conductorOhms)}, `}
      {milli(Math.max(0, excessOhms))} more, {sayNumber(watts)} W at this load
      {isInError && ', within the meter’s error'}: {GRADE_WORDS[grade]}
    </p>
  );
}
