import { LOAD_LIMITS, VOLTAGE_LIMITS } from '@phylaxon/core/facts/limits';
import { sayDuration, sayPercent, sayQuantity } from '@phylaxon/core/facts/quantities';
import { CITATIONS } from '@phylaxon/core/facts/standards';
import type { RecordingAbout, RecordingChannel } from '@phylaxon/core/record/panelEntries';
import type { Board, BreakerDetail } from '@phylaxon/core/views/board';
import { useQueries, type UseQueryResult } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, classes, useUnits } from '../../shared/ui/index.ts';
import { happeningsOf, sayHappening, tripOf, type Happening } from './happenings.ts';
import { LogChart, within, type DrawnChannel, type TimeRange } from './LogChart.tsx';
import { recordingPlaceWords, ratingOf } from './recordingPlace.ts';
import { Held, LogFound, UseTurns } from './PutOnRecord.tsx';
import type { Happened } from './recordingWorker.ts';
import type { RecordingWorker } from './useRecordingWorker.ts';

interface Props {
  api: RecordingWorker;
  board: Board;
  channels: readonly RecordingChannel[];
  about: Omit<RecordingAbout, 'kind'>;
  /** What happened can be put on record: the recording is. */
  isKept: boolean;
}

/** A recording: what was logged, drawn; what happened in it, told. */
export function RecordingView({ api, board, channels, about, isKept }: Props) {
  const details = useDetails(channels);
  // What happened takes a while to find: the drawing comes first.
  const [isDrawn, setDrawn] = useState(false);
  const onDrawn = useCallback(() => setDrawn(true), []);
  const happened = useHappened(isDrawn ? api : null, board, channels, details);
  const whole = useMemo<TimeRange>(
    () => ({ fromMs: about.fromMs, toMs: Math.max(about.toMs + about.intervalMs, about.fromMs + 2000) }),
    [about],
  );
  const [shown, setShown] = useState(whole);
  const names = useMemo(
    () =>
      new Map(
        [...details.values()].flatMap((detail) =>
          (detail.circuit?.loads ?? []).map(({ id, name }) => [id, name]),
        ),
      ),
    [details],
  );
  const list = useMemo(() => (happened ? happeningsOf(happened) : []), [happened]);
  const drawn = useMemo(
    () => channels.map((channel, i): DrawnChannel => drawnChannel(channel, i, about, board, list)),
    [channels, about, board, list],
  );
  return (
    <div className="space-y-5">
      <LogChart api={api} channels={drawn} whole={whole} shown={shown} onShow={setShown} onDrawn={onDrawn} />
      {happened ? (
        <>
          {!isKept && (
            <p>
              Keep the recording first: then a trip, a held overload or a load’s turns can go on record from
              it.
            </p>
          )}
          <Figures
            channels={channels}
            about={about}
            board={board}
            happened={happened}
            isKept={isKept}
            details={details}
          />
          <Happenings
            list={list}
            names={names}
            channels={channels}
            board={board}
            isKept={isKept}
            onShow={(atMs) => setShown(within(whole, atMs - 300_000, 600_000))}
          />
        </>
      ) : (
        <p role="status">Looking for what happened …</p>
      )}
    </div>
  );
}

/** The details of the breakers that channels are clipped to: their loads are known by their currents. */
function useDetails(channels: readonly RecordingChannel[]): ReadonlyMap<string, BreakerDetail> {
  const ids = [...new Set(channels.flatMap(({ at }) => (at.kind === 'breaker' ? at.breakerId : [])))];
  return useQueries({ queries: ids.map((id) => recordQueries.detail(id)), combine: byBreaker });
}

const byBreaker = (answers: readonly UseQueryResult<BreakerDetail>[]): ReadonlyMap<string, BreakerDetail> =>
  new Map(answers.flatMap(({ data }) => (data ? [[data.breaker.id, data]] : [])));

function useHappened(
  api: RecordingWorker | null,
  board: Board,
  channels: readonly RecordingChannel[],
  details: ReadonlyMap<string, BreakerDetail>,
): Happened | null {
  const [happened, setHappened] = useState<Happened | null>(null);
  const ratings = useMemo(
    () =>
      channels.map(({ at }) =>
        ratingOf(at, board, at.kind === 'breaker' ? (details.get(at.breakerId) ?? null) : null),
      ),
    [board, channels, details],
  );
  useEffect(() => {
    if (!api) return;
    let isWanted = true;
    void api.happened(ratings).then((found) => isWanted && setHappened(found));
    return () => {
      isWanted = false;
    };
  }, [api, ratings]);
  return happened;
}

function drawnChannel(
  { name, quantity, at }: RecordingChannel,
  i: number,
  about: Omit<RecordingAbout, 'kind'>,
  board: Board,
  list: readonly Happening[],
): DrawnChannel {
  const spread = about.channels[i]!.spread ?? { least: 0, mean: 0, most: 0 };
  const { ratingAmps } = quantity === 'current' ? ratingOf(at, board, null) : { ratingAmps: null };
  const place = recordingPlaceWords(at, board);
  const limits =
    ratingAmps === null
      ? []
      : [
          { value: ratingAmps, label: `Rating ${sayQuantity(ratingAmps, 'A')}` },
          {
            value: LOAD_LIMITS.continuousShare * ratingAmps,
            label: `${sayPercent(LOAD_LIMITS.continuousShare)}: ${sayQuantity(LOAD_LIMITS.continuousShare * ratingAmps, 'A')}`,
          },
        ];
  return {
    title:
      place === '' || name.toLowerCase().includes(place.toLowerCase())
        ? name || quantity
        : `${place} (${name})`,
    quantity,
    // A limit far above what flowed would press it flat.
    limits: limits.filter(({ value }) => value <= Math.max(1, spread.most) * 2.5),
    least: quantity === 'current' ? 0 : spread.least,
    most: Math.max(
      spread.most,
      ...limits.filter(({ value }) => value <= spread.most * 2.5).map(({ value }) => value * 1.05),
    ),
    marks: list.filter(({ channel }) => channel === i).map(({ atMs, mark }) => ({ atMs, kind: mark })),
  };
}

function Figures({
  channels,
  about,
  board,
  happened: { clock, currents },
  isKept,
  details,
}: Pick<Props, 'channels' | 'about' | 'board' | 'isKept'> & {
  happened: Happened;
  details: ReadonlyMap<string, BreakerDetail>;
}) {
  const { timeText, quantityText } = useUnits();
  const time = (ms: number) => timeText(new Date(ms).toISOString());
  return (
    <section aria-label="Figures" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">What it comes to</h2>
      <p>
        <span className="figures">{about.samples.toLocaleString('en-US')}</span> samples, one every{' '}
        <span className="figures">{sayDuration(about.intervalMs / 1000)}</span>.
        {clock.gapCount > 0 &&
          ` ${clock.gapCount} ${clock.gapCount === 1 ? 'gap' : 'gaps'} without samples, ${sayDuration(clock.missingMs / 1000)} in all; the longest from ${time(clock.gaps[0]!.fromMs)}, ${sayDuration((clock.gaps[0]!.toMs - clock.gaps[0]!.fromMs) / 1000)}.`}
        {clock.driftSecondsADay !== null &&
          ` Its clock runs ${clock.driftSecondsADay > 0 ? 'slow' : 'fast'} by about ${Math.round(Math.abs(clock.driftSecondsADay))} s a day, or it samples a little ${clock.driftSecondsADay > 0 ? 'later' : 'earlier'} than it was set to.`}
      </p>
      <div
        className="mt-2 overflow-x-auto"
        role="group"
        tabIndex={0}
        aria-label="Figures, channel by channel"
      >
        <table className="w-full text-left">
          <thead className="text-sm text-ink-soft">
            <tr>
              {[
                'Channel',
                'Least',
                'Mean',
                'Most',
                'Highest 15-minute demand',
                `Above ${sayPercent(LOAD_LIMITS.continuousShare)}`,
                'Above the rating',
              ].map((head) => (
                <th key={head} scope="col" className="py-1 pr-4 font-medium">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {channels.map(({ name, quantity, at }, i) => {
              const { spread, quarterHour } = about.channels[i]!;
              const unit = { current: 'A', voltage: 'V', temperature: '°C' }[quantity];
              const current = currents[i];
              const span = (ms: number | null | undefined) =>
                ms === null || ms === undefined ? '–' : ms === 0 ? 'never' : sayDuration(ms / 1000);
              return (
                <tr key={i} className="border-t border-rule align-top">
                  <th scope="row" className="py-1 pr-4 font-semibold">
                    {recordingPlaceWords(at, board) || name}
                  </th>
                  {spread ? (
                    [spread.least, spread.mean, spread.most].map((value, j) => (
                      <td key={j} className="figures py-1 pr-4 whitespace-nowrap">
                        {quantityText(value, unit)}
                      </td>
                    ))
                  ) : (
                    <td colSpan={3}>nothing but gaps</td>
                  )}
                  <td className="figures py-1 pr-4">
                    {quarterHour
                      ? `${quantityText(quarterHour.mean, 'A')}, from ${time(quarterHour.fromMs)}`
                      : '–'}
                  </td>
                  <td className="figures py-1 pr-4 whitespace-nowrap">{span(current?.above80Ms)}</td>
                  <td className="figures py-1 pr-4 whitespace-nowrap">{span(current?.aboveMs)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <p className="mt-1 text-sm text-ink-soft">
        Highest 15-minute demand: {CITATIONS.maximumDemand}. {sayPercent(LOAD_LIMITS.continuousShare)}:{' '}
        {CITATIONS.continuousLoad}. A sag or a swell is {sayPercent(VOLTAGE_LIMITS.loggedEvent)} off the usual
        voltage, on a scale of this program: lamps show it from there on.
      </p>
      {currents.map((current, i) => {
        const channel = channels[i]!;
        if (!current || channel.at.kind !== 'breaker') return null;
        const detail = details.get(channel.at.breakerId) ?? null;
        return (
          <div key={i}>
            {current.overload && (
              <Held
                overload={current.overload}
                breakerId={channel.at.breakerId}
                place={recordingPlaceWords(channel.at, board)}
                isKept={isKept}
              />
            )}
            {current.turns.length > 0 && detail && (
              <UseTurns
                turns={current.turns}
                detail={detail}
                place={recordingPlaceWords(channel.at, board)}
                isKept={isKept}
              />
            )}
          </div>
        );
      })}
    </section>
  );
}

const SHAPES = { on: '▲', off: '▽', trip: '✕', sag: '▼', restored: '○' } as const;
const KINDS = [
  { id: 'all', label: 'Everything', has: () => true },
  { id: 'trip', label: 'Trips', has: (one: Happening) => one.mark === 'trip' || one.mark === 'restored' },
  { id: 'switching', label: 'Switching', has: (one: Happening) => one.mark === 'on' || one.mark === 'off' },
  { id: 'sag', label: 'Sags and swells', has: (one: Happening) => one.mark === 'sag' },
] as const;
const A_PAGE = 50;

function Happenings({
  list,
  names,
  channels,
  board,
  isKept,
  onShow,
}: {
  list: readonly Happening[];
  /** Of loads. */
  names: ReadonlyMap<string, string>;
  channels: readonly RecordingChannel[];
  board: Board;
  isKept: boolean;
  onShow: (atMs: number) => void;
}) {
  const { timeText } = useUnits();
  const trips = list.some(({ mark }) => mark === 'trip');
  const [kind, setKind] = useState<(typeof KINDS)[number]['id']>(trips ? 'trip' : 'all');
  const [count, setCount] = useState(A_PAGE);
  const chosen = list.filter(KINDS.find(({ id }) => id === kind)!.has);
  return (
    <section aria-label="What happened" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">What happened</h2>
      <div role="group" aria-label="What is listed" className="flex flex-wrap gap-1">
        {KINDS.map(({ id, label, has }) => (
          <button
            key={id}
            type="button"
            aria-pressed={kind === id}
            onClick={() => {
              setKind(id);
              setCount(A_PAGE);
            }}
            className={classes(
              'min-h-11 border-b-4 px-3',
              kind === id ? 'border-ink font-bold' : 'border-transparent',
            )}
          >
            {label}{' '}
            <span className="figures text-sm">
              {list.filter((one) => has(one) && (id === 'all' || one.mark !== 'restored')).length}
            </span>
          </button>
        ))}
      </div>
      {chosen.length === 0 && <p className="mt-2">Nothing of the kind was found.</p>}
      <ol className="mt-1 divide-y divide-rule">
        {chosen.slice(0, count).map((one, i) => {
          const { at } = channels[one.channel]!;
          const { what, figures } = sayHappening(one, (id) => names.get(id) ?? null);
          const trip = tripOf(one);
          const place = recordingPlaceWords(at, board);
          return (
            <li
              key={`${one.channel} ${one.event.kind} ${one.atMs} ${i}`}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1"
            >
              <button
                type="button"
                className="flex min-h-11 min-w-0 flex-1 flex-wrap items-baseline gap-x-3 text-left hover:bg-bone-sunk"
                onClick={() => onShow(one.atMs)}
                aria-label={`Show ${what}, ${timeText(new Date(one.atMs).toISOString())}`}
              >
                <span aria-hidden="true" className={one.mark === 'trip' ? 'text-danger' : 'text-ink-soft'}>
                  {SHAPES[one.mark]}
                </span>
                <span className="figures text-sm">{clockText(one.atMs, timeText)}</span>
                <strong>{what}</strong>
                <span className="figures">{figures}</span>
                <span className="text-sm text-ink-soft">{place}</span>
              </button>
              {isKept && trip && at.kind === 'breaker' && (
                <LogFound
                  kind="trip"
                  found={trip}
                  preloadAmps={trip.preloadAmps}
                  breakerId={at.breakerId}
                  place={place}
                >
                  Log this trip
                </LogFound>
              )}
            </li>
          );
        })}
      </ol>
      {chosen.length > count && (
        <Button look="quiet" className="mt-2" onClick={() => setCount(count + A_PAGE)}>
          Show more of {chosen.length}
        </Button>
      )}
    </section>
  );
}

/** An instant with its seconds. */
function clockText(ms: number, timeText: (instant: string) => string): string {
  const date = new Date(ms);
  return `${timeText(date.toISOString())}:${String(date.getSeconds()).padStart(2, '0')}`;
}
