import { normal, type Random } from '../../facts/random/index.ts';
import { atAmbient, passThrough } from '../../physics/trip/index.ts';
import { heatOf } from './heat.ts';
import type { House, SimulatedMoment } from './house.ts';
import { energised } from './wiring.ts';

/** A GFCI opens at 5 mA, in a fraction of a second. */
const RESIDUAL_AMPS = 0.005;
/** A GFCI opens on a neutral that is grounded through less than this, with or without a load, Ω. */
const GROUNDED_NEUTRAL_OHMS = 4;
/** An AFCI hears arcs from this current on. */
const ARC_AMPS = 1;
/** The bimetal works up to this ambient; beyond it opens at once. */
const MOST_AMBIENT_C = 130;

/** What came of a breaker being switched on. */
export interface SwitchingOn {
  /** s until it opened; `null`: it held as long as was waited. */
  openedAfter: number | null;
  /** It would not stay on by itself, or was thrown off as it closed. */
  latched: boolean;
  /** What threw it, if it opened. */
  by: 'latch' | 'electronics' | 'magnet' | 'heat' | null;
  /** What flowed at the start and once it ran, A. */
  startAmps: number;
  amps: number;
}

/**
 * Switch a breaker on and wait: whether it latches, and when latch, electronics, magnet or bimetal open it. It is
 * worked from the current that the network gives; nothing here knows what the fault is called.
 *
 * @param seconds how long is waited
 * @example trial(soundHouse(seeded(1)), NOTHING_ON, 60, seeded(1)).openedAfter // null: it holds
 */
export function switchOn(
  house: House,
  moment: SimulatedMoment,
  seconds: number,
  random: Random,
): SwitchingOn {
  const { breaker } = house.subject;
  const on = withHandleOn(house);
  const start = energised(on, moment);
  // Where on the wave it starts decides how high a motor’s surge is.
  const startAmps =
    moment.starting.size > 0 ? start.subjectAmps * (0.72 + 0.33 * random()) : start.subjectAmps;
  const running = { ...moment, starting: new Set<string>() };
  const live = energised(on, running);
  const base = { startAmps, amps: live.subjectAmps };
  const opened = (by: SwitchingOn['by'], after: number): SwitchingOn => ({
    ...base,
    latched: true,
    by,
    openedAfter: after,
  });
  if (random() >= breaker.latches) return { ...base, latched: false, by: 'latch', openedAfter: 0 };
  if (breaker.welded || breaker.seized) return { ...base, latched: true, by: null, openedAfter: null };

  const times: [SwitchingOn['by'], number][] = [];
  if (breaker.kind === 'gfci' || breaker.kind === 'dual') {
    const seen = breaker.neutralElsewhere ? live.subjectAmps : live.residualAmps;
    // It puts a small voltage on its neutral, and feels any path from there to ground.
    if (house.subject.neutralGroundOhms < GROUNDED_NEUTRAL_OHMS)
      times.push(['electronics', 0.05 + 0.2 * random()]);
    if (seen > RESIDUAL_AMPS * (1 + 0.1 * normal(random))) times.push(['electronics', 0.05 + 0.5 * random()]);
  }
  const arcs = house.subject.arcsPerMinute;
  if ((breaker.kind === 'afci' || breaker.kind === 'dual') && arcs > 0 && live.subjectAmps > ARC_AMPS)
    times.push(['electronics', after(60 / arcs, random)]);
  if (breaker.kind === 'afci' && breaker.neutralElsewhere && live.subjectAmps > ARC_AMPS)
    times.push(['electronics', 0.2 + 3 * random()]);
  if (breaker.nuisancePerHour > 0) times.push(['electronics', after(3600 / breaker.nuisancePerHour, random)]);
  if (startAmps >= breaker.pickup * breaker.ratingAmps) times.push(['magnet', 0.02]);
  const aroundC = Math.min(MOST_AMBIENT_C, heatOf(on, running, live).aroundBimetal);
  const surge = surgeSeconds(house, moment);
  const { openedAfter } = passThrough(atAmbient(breaker, aroundC), [
    { multiple: startAmps / breaker.ratingAmps, seconds: surge },
    { multiple: live.subjectAmps / breaker.ratingAmps, seconds },
  ]);
  if (openedAfter !== null) times.push(['heat', openedAfter]);
  const [first] = times.sort((a, b) => a[1] - b[1]);
  return first && first[1] <= seconds
    ? opened(...first)
    : { ...base, latched: true, by: null, openedAfter: null };
}

/**
 * The house with the subject pushed fully off and on.
 *
 * @example withHandleOn(house).subject.unit.handle // 'on'
 */
export const withHandleOn = (house: House): House => ({
  ...house,
  subject: {
    ...house.subject,
    breaker: { ...house.subject.breaker, handle: 'on', halfReset: false, looks: 'on' },
  },
});

const after = (mean: number, random: Random) => -mean * Math.log(1 - random());

const surgeSeconds = ({ subject }: House, { starting }: SimulatedMoment) =>
  Math.max(
    0,
    ...subject.appliances.filter(({ name }) => starting.has(name)).map(({ surge }) => surge?.seconds ?? 0),
  );
