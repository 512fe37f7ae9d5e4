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
import * as messages from './messages.ts';

type Volts = { unloaded: number | null; loaded: number | null };
const OUTLETS = Array.from({ length: 11 }, (_one, n) => ({ value: n + 1, label: String(n + 1) }));

const GRADE_WORDS: Record<SagSegment['grade'], string> = {
  normal: 'sound',
  watch: 'watch',
  'repair-soon': messages.repairSoon,
  urgent: messages.repairNow,
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
  const first = mayDo(2) ? messages.breakerSLoadTerminal : messages.outletNearestThePanel;
  const chain: ChainPoint[] = [
    first,
    ...Array.from({ length: outlets }, (_one, n) => messages.outlet(n + 1)),
  ].map((id, i) => {
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
  });
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
  if (!detail) return <main className="p-6">{messages.loading}</main>;
  const where = `${circuit?.label ?? messages.circuitNotNamed}, ${placeText(detail.breaker)}`;

  const observation = () => {
    const percent = last?.dropPercent ?? 0;
    const found = worst
      ? messages.highResistanceConnection(worst.from, worst.to, sayNumber(worst.wattsAtRating ?? worst.watts))
      : messages.noConnectionDropsMoreVoltage;
    return entries.observation(breakerId, where, {
      test: 'outlet-sag',
      outcome: sagOutcome(percent / 100),
      at: new Date().toISOString(),
      note: messages.voltageDropAtUnderA(sayNumber(percent), last?.id ?? '', sayNumber(amps ?? 0), found),
    });
  };

  return (
    <main className="max-w-5xl space-y-4 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${detail.panel.id}/breakers/${breakerId}`}
        back={where}
        title={messages.findABadConnection}
      >
        <p>{messages.measureTheVoltageAtEachPoint}</p>
      </PageHead>
      <div className="flex flex-wrap gap-4">
        <NumberInput
          label={messages.loadCurrentA(drawnAmps > 0 ? messages.defaultLabel(sayNumber(drawnAmps)) : '')}
          onValue={setAmps}
        />
        <NumberInput
          label={messages.lengthOfTheRun(
            lengthUnit,
            circuit?.lengthM ? messages.defaultLabel(sayNumber(fromMetres(circuit.lengthM))) : '',
          )}
          onValue={setLength}
        />
        <SelectInput
          label={messages.outletsOnTheRun}
          options={OUTLETS}
          value={outlets}
          onValue={setOutlets}
        />
      </div>
      {!usable && <p className="font-semibold">{messages.enterTheLoadCurrentFirst}</p>}
      {!isPossible && <p className="font-semibold text-danger">{messages.theVoltageUnderLoadCannotBe}</p>}
      {search && <NextStep search={search} />}
      <ol aria-label={messages.measuringPoints} className="border-l-4 border-rule-strong">
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
                {search?.next === id && (
                  <span className="block text-sm text-heed">{messages.measureThisNext}</span>
                )}
              </span>
              <NumberInput
                label={messages.noLoadV}
                onValue={(unloaded) =>
                  setRead((all) => ({ ...all, [id]: { loaded: null, ...all[id], unloaded } }))
                }
              />
              <NumberInput
                label={messages.underLoadV}
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
        <section aria-label={messages.result} className="border-l-8 border-heed bg-bone-raised px-4 py-3">
          <h2 className="text-xl font-bold">
            {messages.betweenAnd(worst.from, worst.to, GRADE_WORDS[worst.grade])}
          </h2>
          {worst.reasons.map(({ code, text }) => (
            <p key={code}>{say(text)}</p>
          ))}
          <p>{messages.deEnergizeTheCircuitAndVerify}</p>
        </section>
      )}
      {answer && last && (
        <p>
          <SendButton
            entries={() => [observation()]}
            stored={messages.savedAsEvidence}
            waiting={messages.keptUntilTheServerAnswers}
          >
            {messages.saveAsEvidence}
          </SendButton>
        </p>
      )}
      <p className="text-sm text-ink-soft">
        {messages.conductorDataNec2023Chapter9(
          CONNECTION_LIMITS.warmWatts,
          CONNECTION_LIMITS.hotWatts,
          CONNECTION_LIMITS.glowWatts,
        )}
      </p>
    </main>
  );
}

const dropText = (point: { dropVolts: number; dropPercent: number | null } | undefined) =>
  point
    ? `−${sayNumber(point.dropVolts)} V${point.dropPercent === null ? '' : ` (${sayNumber(point.dropPercent)}%)`}`
    : '';

function NextStep({ search }: { search: NonNullable<ReturnType<typeof nextPoint>> }) {
  const text = search.isSound
    ? messages.thisRunIsSoundTheVoltage
    : search.next !== null
      ? search.within
        ? messages.thereIsExtraVoltageDropBetween(search.within.from, search.within.to, search.next)
        : messages.measureAtNext(search.next)
      : messages.theBadConnectionIsBetweenAnd(search.within?.from, search.within?.to);
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
      {messages.fromExtraWAtThisLoad(
        grade === 'normal' ? '│' : '✕',
        segment.from,
        conductorOhms === null ? '' : messages.conductor(milli(conductorOhms)),
        milli(Math.max(0, excessOhms)),
        sayNumber(watts),
        isInError && messages.withinTheMeterError,
        GRADE_WORDS[grade],
      )}
    </p>
  );
}
