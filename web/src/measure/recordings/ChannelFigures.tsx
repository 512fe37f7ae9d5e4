import { LOAD_LIMITS, VOLTAGE_LIMITS } from '@phylaxon/core/facts/limits';
import { sayDuration, sayPercent } from '@phylaxon/core/facts/quantities';
import { CITATIONS } from '@phylaxon/core/facts/standards';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import { useUnits } from '../../shared/ui/index.ts';
import { recordingPlaceWords } from './recordingPlace.ts';
import { Held, UseTurns } from './PutOnRecord.tsx';
import type { Happened } from './recordingWorker.ts';
import * as messages from './messages.ts';
import type { RecordingViewProps } from './recordingViewProps.ts';

export function ChannelFigures({
  channels,
  about,
  board,
  happened: { clock, currents },
  isKept,
  details,
}: Pick<RecordingViewProps, 'channels' | 'about' | 'board' | 'isKept'> & {
  happened: Happened;
  details: ReadonlyMap<string, BreakerDetail>;
}) {
  const { timeText, quantityText } = useUnits();
  const time = (ms: number) => timeText(new Date(ms).toISOString());
  return (
    <section aria-label={messages.values} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.summary}</h2>
      <p>
        {messages.samplesOneEvery(
          <span className="figures">{about.samples.toLocaleString('en-US')}</span>,
          <span className="figures">{sayDuration(about.intervalMs / 1000)}</span>,
          clock.gapCount > 0 &&
            messages.withoutSamplesInTotalThe(
              clock.gapCount,
              clock.gapCount === 1 ? 'gap' : 'gaps',
              sayDuration(clock.missingMs / 1000),
              time(clock.gaps[0]!.fromMs),
              sayDuration((clock.gaps[0]!.toMs - clock.gaps[0]!.fromMs) / 1000),
            ),
          clock.driftSecondsADay !== null &&
            messages.theLoggerClockRunsByAbout(
              clock.driftSecondsADay > 0 ? 'slow' : 'fast',
              Math.round(Math.abs(clock.driftSecondsADay)),
              clock.driftSecondsADay > 0 ? 'later' : 'earlier',
            ),
        )}
      </p>
      <div className="mt-2 overflow-x-auto" role="group" tabIndex={0} aria-label={messages.valuesByChannel}>
        <table className="w-full text-left">
          <thead className="text-sm text-ink-soft">
            <tr>
              {[
                messages.channel,
                messages.minimum,
                messages.mean,
                messages.maximum,
                messages.highest15MinuteDemand,
                messages.above(sayPercent(LOAD_LIMITS.continuousShare)),
                messages.aboveTheRating,
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
                    <td colSpan={3}>{messages.noSamples}</td>
                  )}
                  <td className="figures py-1 pr-4">
                    {quarterHour
                      ? messages.from(quantityText(quarterHour.mean, 'A'), time(quarterHour.fromMs))
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
        {messages.highest15MinuteDemandASag(
          CITATIONS.maximumDemand,
          sayPercent(LOAD_LIMITS.continuousShare),
          CITATIONS.continuousLoad,
          sayPercent(VOLTAGE_LIMITS.loggedEvent),
        )}
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
