import { mostSensitive } from '../trip/index.ts';
import { firstAtOrAfter, holdOf, usualInterval, type Samples } from './samples.ts';
import { partsOf, sizesOf, type KnownLoad, type Size } from './sizes.ts';
import { currentSteps, type CurrentStep } from './steps.ts';
import type { VoltageEvent } from './voltageEvents.ts';
import { historyBefore, meanBetween } from './loadHistory.ts';
import type { LoadEvent, SwitchedEvent, TripEvent } from './loadEventTypes.ts';

/** Samples so far apart hardly show a start. */
const COARSE_MS = 7000;

/** A switch off is that of the load that came on with this much, so near. */
const SAME_SWITCHING = { share: 0.15, amps: 0.35 };

/** All is off: less than this, in A and in ratings. */
const OFF = { amps: 0.3, share: 0.015 };

/** By so much a current rose where something came on just before. */
const ROSE = 1.08;

/** So many loads do not go off in one moment by chance. */
const SEVERAL = 3;

/** What starts draws so many times what it runs at, at least. */
const LEAST_START = 1.12;

/** After a trip it stays off at least so long, s: nobody is back at the panel before. */
const STAYS_OFF_SECONDS = 45;

/** A breaker past its best opens below its rating, and with less heat than the standard lets the most sensitive one hold. */
const WEAK = { share: 0.9, heat: 0.78 };

/**
 * What happened on a circuit, by its current: loads switched on and off, with how they started and which known load it is; trips,
 * with what led up to them; and what came back afterwards. Everything going off at once is taken for a trip; a handle that was
 * worked by hand looks the same.
 *
 * @param samples A
 * @param ratingAmps the breaker’s rating, A; null: not known, and nothing is over it
 * @param known loads of the circuit, A each
 * @param sags what the voltage did meanwhile: what a sag does to the current is no switching
 * @returns events in their order
 * @example loadEvents({ times, values }, 20, [{ id: 'heater', amps: 12.5 }])
 *   // [{ kind: 'switched-on', atMs: …, amps: 12.4, loadId: 'heater', start: null }]
 */
export function loadEvents(
  samples: Samples,
  ratingAmps: number | null,
  known: readonly KnownLoad[],
  sags: readonly VoltageEvent[] = [],
): LoadEvent[] {
  const usualMs = usualInterval(samples.times);
  const steps = withoutSupply(currentSteps(samples), sags, usualMs);
  const sizes = sizesOf(steps, known);
  const isOff = (amps: number) => amps < Math.max(OFF.amps, OFF.share * (ratingAmps ?? 0));
  const heat = ratingAmps === null ? () => 0 : heatUpTo(samples, ratingAmps);
  const events: LoadEvent[] = [];
  /** What is on. */
  let on: Size[] = [];
  const before = steps[0]?.fromAmps ?? 0;
  if (!isOff(before)) on.push(...partsOf(stepTo(before), sizes, []));
  let trippedAt: number | null = null;

  steps.forEach((step, i) => {
    const change = step.toAmps - step.fromAmps;
    if (change > 0 && trippedAt !== null) {
      const offSeconds = (step.atMs - trippedAt) / 1000;
      events.push({ kind: 'restored', atMs: step.atMs, amps: change, offSeconds });
      trippedAt = null;
      on = partsOf(stepTo(change), sizes, []);
      return;
    }
    const parts = partsOf(step, sizes, on, usualMs > COARSE_MS);
    if (isOff(step.toAmps) && staysOff(samples, step, steps[i + 1])) {
      const drop = lastDrop(samples, step);
      const heatShare = heat(drop.sample);
      // One load by itself: none of the others, and none that came on just before.
      const isAlone =
        parts.length === 1 &&
        (known.length > 0 ? parts[0]!.loadId !== null : parts[0]!.isKnown) &&
        drop.amps < ROSE * step.fromAmps;
      const share = drop.amps / (ratingAmps ?? Infinity);
      const isOverload = isAlone
        ? heatShare >= 1
        : share > 1 || (share > WEAK.share && heatShare >= WEAK.heat);
      const allOn = on.reduce((sum, { amps }) => sum + amps, 0);
      const several = !isAlone && on.length >= SEVERAL && drop.amps > 0.9 * allOn;
      if (isOverload || several) {
        events.push({
          kind: 'trip',
          atMs: samples.times[drop.sample]!,
          ...beforeTrip(samples, steps, i, drop.sample),
          isOverload,
        });
        trippedAt = step.atMs;
        on = [];
        return;
      }
    }
    const switchedOn = parts.reduce((sum, part) => sum + Math.max(0, part.amps), 0);
    const largest = Math.max(...parts.map((part) => part.amps));
    for (const { amps, loadId, isKnown } of parts) {
      if (amps > 0) {
        on.push({ amps, loadId, isKnown });
        const start = amps === largest ? startOf(step, switchedOn, amps) : null;
        events.push({ kind: 'switched-on', atMs: step.atMs, amps, loadId, start });
      } else {
        const was = nearest(-amps, on);
        events.push({
          kind: 'switched-off',
          atMs: step.atMs,
          amps: -amps,
          loadId: was?.loadId ?? loadId,
          start: null,
        });
        on = on.filter((one) => one !== was);
      }
    }
    if (isOff(step.toAmps)) on = [];
  });
  return events;
}

/** From nothing to a level. */
const stepTo = (toAmps: number): CurrentStep => ({
  atMs: 0,
  sample: 0,
  fromAmps: 0,
  toAmps,
  peakAmps: null,
  dipAmps: null,
  settledMs: 0,
});

/** Where the current last fell to nothing: from how much, and at which sample. */
function lastDrop({ times, values }: Samples, step: CurrentStep): { amps: number; sample: number } {
  const until = firstAtOrAfter(times, step.atMs + step.settledMs);
  // It fell somewhere within a sample, which then shows a part of what flowed before.
  const [last, before] = [values[until - 1] ?? 0, values[until - 2] ?? 0];
  const amps = Math.max(last, before);
  return { amps, sample: Math.max(1, last > 0.9 * amps ? until : until - 1) };
}

/** What is on draws less in a sag and more in a swell: nobody switched anything. */
function withoutSupply(
  steps: readonly CurrentStep[],
  events: readonly VoltageEvent[],
  usualMs: number,
): CurrentStep[] {
  const slack = 2 * usualMs;
  return steps.filter((step) => {
    const event = events.find(
      ({ atMs, seconds }) =>
        Math.abs(step.atMs - atMs) <= slack || Math.abs(step.atMs - atMs - seconds * 1000) <= slack,
    );
    if (!event) return true;
    const level = Math.max(step.fromAmps, step.toAmps);
    const share = Math.abs(event.volts / event.usualVolts - 1);
    return Math.abs(step.toAmps - step.fromAmps) > 1.4 * share * level;
  });
}

/** What started last drew more than all that was on and came on explains: it, or the largest of what came on at once. */
function startOf(
  { peakAmps, fromAmps, settledMs }: CurrentStep,
  switchedOn: number,
  amps: number,
): SwitchedEvent['start'] {
  if (peakAmps === null) return null;
  const others = fromAmps + switchedOn - amps;
  const multiple = (peakAmps - others) / amps;
  if (multiple < LEAST_START || peakAmps - others - amps < OFF.amps) return null;
  return { peakAmps: peakAmps - others, multiple, seconds: settledMs / 1000 };
}

function nearest<T extends { amps: number }>(amps: number, on: readonly T[]): T | null {
  const near = on
    .map((one) => ({ one, off: Math.abs(one.amps - amps) }))
    .filter(({ off }) => off <= Math.max(SAME_SWITCHING.amps, SAME_SWITCHING.share * amps))
    .sort((a, b) => a.off - b.off);
  return near[0]?.one ?? null;
}

function staysOff({ times }: Samples, step: CurrentStep, next: CurrentStep | undefined): boolean {
  const until = next?.atMs ?? times[times.length - 1]!;
  return (until - step.atMs) / 1000 >= STAYS_OFF_SECONDS;
}

/** Heat of the most sensitive breaker in order before each sample, as a share of what opens it, the worst of the last few samples. */
function heatUpTo({ times, values }: Samples, ratingAmps: number): (sample: number) => number {
  const { thresholdSquared, tauSeconds } = mostSensitive(ratingAmps);
  const hold = holdOf(times, usualInterval(times));
  const heats = new Float32Array(times.length + 1);
  let heat = 0;
  for (let i = 0; i < times.length; i += 1) {
    const multiple = Number.isNaN(values[i]!) ? 0 : values[i]! / ratingAmps;
    const final = multiple * multiple;
    heat = final + (heat - final) * Math.exp(-hold(i) / 1000 / tauSeconds);
    heats[i + 1] = heat / thresholdSquared;
  }
  return (sample) => Math.max(heats[sample]!, heats[Math.max(0, sample - 1)]!);
}

function beforeTrip(
  samples: Samples,
  steps: readonly CurrentStep[],
  i: number,
  sample: number,
): Pick<TripEvent, 'amps' | 'seconds' | 'preloadAmps' | 'history'> {
  const { times } = samples;
  const own = steps[i]!;
  const atMs = times[sample]!;
  // What came on within the last samples before it opened is a change of its own.
  const rose = sample > own.sample + 1;
  const since = steps[i - 1];
  const fromMs = rose ? own.atMs : (since?.atMs ?? times[0]!);
  const from = rose ? own.sample : since ? firstAtOrAfter(times, since.atMs + since.settledMs) : 0;
  return {
    amps: meanBetween(samples, Math.min(from, sample - 1), sample),
    seconds: (atMs - fromMs) / 1000,
    preloadAmps: meanBetween(samples, firstAtOrAfter(times, fromMs - 900_000), firstAtOrAfter(times, fromMs)),
    history: historyBefore(samples, atMs),
  };
}
