import type { BreakerDetail } from '@phylaxon/core/views/board';
import { sayInspection } from '@phylaxon/core/record/entities';
import { sayPercent } from '@phylaxon/core/facts/quantities';
import { ampsText, classes, type Units, SimulatedMark, voltsText, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Measured {
  what: string;
  figure: string;
  beside: string;
  at: string | null;
  simulated: boolean;
  heed: boolean;
}

const POINTS = { 'load-terminal': messages.atTheLoadTerminal, outlet: messages.atTheOutlet } as const;

function lastVoltage({ lastVoltage: last }: BreakerDetail): Measured | null {
  if (!last) return null;
  const { point, value, at, simulated } = last;
  return { what: POINTS[point], figure: voltsText(value), beside: '', at, simulated, heed: false };
}

function lastLoad({ load }: BreakerDetail): Measured | null {
  if (!load) return null;
  const what = {
    conductor: messages.current,
    plug: messages.plugInMeter,
    nameplates: messages.connectedLoadByNameplate,
  }[load.by];
  return {
    what,
    figure: ampsText(load.amps),
    beside: sayPercent(load.share),
    at: load.at,
    simulated: load.simulated,
    heed: load.share > 1,
  };
}

function lastHeat({ heat }: BreakerDetail, { temperatureText, riseText }: Units): Measured[] {
  return heat.map(({ point, surfaceC, overPeersC, riseC, grade, at, simulated }) => ({
    what: point === 'face' ? messages.breakerFace : messages.terminal,
    figure: temperatureText(surfaceC),
    beside:
      overPeersC === null
        ? messages.aboveAmbient(riseText(riseC))
        : messages.aboveSimilarBreakers(riseText(overPeersC)),
    at,
    simulated,
    heed: grade !== 'normal',
  }));
}

/** The latest at a glance: what comes out, what it carries, how warm it is, what was inspected. */
export function LastMeasured({ detail }: { detail: BreakerDetail }) {
  const units = useUnits();
  const { timeText } = units;
  const inspected = detail.inspections.map((one) => ({ ...sayInspection(one), at: one.at }));
  const figures = [lastVoltage(detail), lastLoad(detail), ...lastHeat(detail, units)].filter(
    (one) => one !== null,
  );
  if (figures.length + inspected.length === 0) return null;
  return (
    <dl className="flex flex-wrap gap-x-8 gap-y-3 border-y border-rule-strong py-3">
      {figures.map(({ what, figure, beside, at, simulated, heed }) => (
        <div key={what}>
          <dt className="text-sm text-ink-soft">{what}</dt>
          <dd>
            <span className="figures mr-2 text-2xl font-semibold">{figure}</span>
            {beside && <span className={classes('figures', heed && 'font-bold text-heed')}>{beside}</span>}
            {simulated && <SimulatedMark />}
            {at && <span className="figures block text-xs text-ink-soft">{timeText(at)}</span>}
          </dd>
        </div>
      ))}
      {inspected.map(({ name, found, concern, at }) => (
        <div key={name} className="max-w-md">
          <dt className="text-sm text-ink-soft">{name}</dt>
          <dd>
            <span className="text-lg font-semibold">{units.say(found)}</span>
            {concern && (
              <span className="block text-sm">
                <strong className="text-heed">{units.say(concern.text)}</strong>{' '}
                <span className="text-ink-soft">{concern.source}</span>
              </span>
            )}
            <span className="figures block text-xs text-ink-soft">{timeText(at)}</span>
          </dd>
        </div>
      ))}
    </dl>
  );
}
