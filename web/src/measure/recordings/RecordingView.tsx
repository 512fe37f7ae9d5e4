import { LOAD_LIMITS } from '@phylaxon/core/facts/limits';
import { sayPercent, sayQuantity } from '@phylaxon/core/facts/quantities';
import type { RecordingAbout, RecordingChannel } from '@phylaxon/core/record/panelEntries';
import type { Board, BreakerDetail } from '@phylaxon/core/views/board';
import { useQueries, type UseQueryResult } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { recordQueries } from '../../shared/queries/index.ts';
import { happeningsOf, type Happening } from './happenings.ts';
import { LogChart, within } from './LogChart.tsx';
import type { DrawnChannel, TimeRange } from './drawnChannel.ts';
import { recordingPlaceWords, ratingOf } from './recordingPlace.ts';
import type { Happened } from './recordingWorker.ts';
import type { RecordingWorker } from './useRecordingWorker.ts';
import { ChannelFigures } from './ChannelFigures.tsx';
import { HappeningList } from './HappeningList.tsx';
import type { RecordingViewProps } from './recordingViewProps.ts';
import * as messages from './messages.ts';

/** A recording: what was logged, drawn; what happened in it, told. */
export function RecordingView({ api, board, channels, about, isKept }: RecordingViewProps) {
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
          {!isKept && <p>{messages.saveTheRecordingFirstThenYou}</p>}
          <ChannelFigures
            channels={channels}
            about={about}
            board={board}
            happened={happened}
            isKept={isKept}
            details={details}
          />
          <HappeningList
            list={list}
            names={names}
            channels={channels}
            board={board}
            isKept={isKept}
            onShow={(atMs) => setShown(within(whole, atMs - 300_000, 600_000))}
          />
        </>
      ) : (
        <p role="status">{messages.findingEvents}</p>
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
          { value: ratingAmps, label: messages.rating(sayQuantity(ratingAmps, 'A')) },
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
