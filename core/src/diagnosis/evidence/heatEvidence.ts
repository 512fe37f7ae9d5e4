import { keptPerObject } from '../../facts/kept/index.ts';
import {
  FACE_OUTCOMES,
  riseBand,
  TERMINAL_OUTCOMES,
  TIME_LIMITS,
  HEAT_LIMITS,
} from '../../facts/limits/index.ts';
import { BAND_OF_GRADE, heatOfPoint, type HeatPointInput } from '../../physics/heat/index.ts';
import { sayRise, sayTemperature } from '../../facts/quantities/index.ts';
import { TEMPERATURE_POINTS, type Reading } from '../../record/entities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import {
  type BreakerRecord,
  type EvidenceItem,
  type HeatFact,
  nearestTo,
  timed,
  type Timed,
  marked,
} from '../evidenceItems/index.ts';
import * as messages from './messages.ts';

/** A temperature with the current beside it, A; null: none was read near it in time. */
interface Measured extends Timed<Reading> {
  amps: number | null;
}

/** What a survey takes of a breaker’s readings, by point. */
type Surveyed = Record<(typeof TEMPERATURE_POINTS)[number], Measured[]>;

/** Sorted out once for each file: it is a peer of every other breaker of its panel. */
const surveyed = keptPerObject(({ entries }: BreakerRecord): Surveyed => sortedOut(entries.readings));

function sortedOut(readings: readonly Reading[]): Surveyed {
  const all = readings.filter((r) => r.quantity === 'current');
  const onConductor = all.filter((r) => r.point === 'conductor');
  // Those on the conductor, or, where there are none, all.
  const currents = timed(onConductor.length > 0 ? onConductor : all);
  const at = (point: string) =>
    timed(readings.filter((r) => r.quantity === 'temperature' && r.point === point)).map((one) => ({
      ...one,
      amps: nearestTo(currents, one.instant, TIME_LIMITS.currentHours)?.entry.value ?? null,
    }));
  return { face: at('face'), terminal: at('terminal') };
}

/**
 * The latest temperature of each point of a breaker, judged against the panel's other breakers
 * measured in the same survey. A point whose current is not known is judged without peers.
 */
export function heatFacts(file: BreakerRecord, others: readonly BreakerRecord[]): HeatFact[] {
  return TEMPERATURE_POINTS.flatMap((point) => {
    const latest = surveyed(file)[point].at(-1);
    if (latest === undefined) return [];
    const { entry: own, instant, amps } = latest;
    const { ambientC } = own;
    if (ambientC === null) return [];
    const ownHeatC = ownHeatOf(file, point, amps);
    const bare = { ...own, value: own.value - ownHeatC };
    const subject = surveyPoint(file, bare, ambientC, amps ?? 0);
    const peers = amps === null ? [] : peersOf(file, others, point, instant, ambientC);
    const result = heatOfPoint(subject, peers, ambientC);
    const { at, value: surfaceC, simulated } = own;
    return [{ point, at, surfaceC, ambientC, amps, ownHeatC, peers: peers.length, result, simulated }];
  });
}

/** The same point of the panel’s other branch breakers, measured in the same survey with their currents. */
function peersOf(
  file: BreakerRecord,
  others: readonly BreakerRecord[],
  point: (typeof TEMPERATURE_POINTS)[number],
  instant: number,
  ambientC: number,
): HeatPointInput[] {
  const peers: HeatPointInput[] = [];
  for (const other of others) {
    if (other.breaker.role !== 'branch' || other.breaker.id === file.breaker.id) continue;
    const theirs = nearestTo(surveyed(other)[point], instant, TIME_LIMITS.surveyHours);
    if (theirs && theirs.amps !== null) peers.push(surveyPoint(other, theirs.entry, ambientC, theirs.amps));
  }
  return peers;
}

/** What the electronics of an idle protected unit warm its face by, °C. */
const ownHeatOf = ({ breaker: { kind } }: BreakerRecord, point: string, amps: number | null): number =>
  point === 'face' && amps !== null && amps < HEAT_LIMITS.idleAmps && kind !== 'standard' && kind !== 'surge'
    ? HEAT_LIMITS.electronicsC
    : 0;

/** A reading as a survey point, taken to the subject's ambient: it is the rise that is compared. */
function surveyPoint(file: BreakerRecord, reading: Reading, ambientC: number, amps: number): HeatPointInput {
  const { id, ratingAmps } = file.breaker;
  return { id, surfaceC: reading.value - (reading.ambientC ?? ambientC) + ambientC, amps, ratingAmps };
}

/** Temperatures as test outcomes: over similar breakers where there are any, and a face too hot to hold. */
export function heatEvidence(facts: readonly HeatFact[]): EvidenceItem[] {
  return facts.flatMap((fact) =>
    [...overPeers(fact), ...hotFace(fact)].map((item) => ({ ...item, text: marked(fact, item.text) })),
  );
}

/** A loaded connection is never colder than ambient by more than the error of the thermometer. */
const isColdUnderLoad = (amps: number | null, surfaceC: number, ambientC: number) =>
  (amps ?? 0) >= HEAT_LIMITS.idleAmps && surfaceC < ambientC - HEAT_LIMITS.instrumentErrorC;

const where = { face: messages.breakerFace, terminal: messages.terminal } as const;

/** How grave a rise is by itself, where there are no similar breakers to compare with, or beside them. */

/** A temperature over similar breakers; without any, by its own rise and surface. */
function overPeers(fact: HeatFact): EvidenceItem[] {
  const { point, at, surfaceC, ambientC, amps, ownHeatC, result } = fact;
  const over = result.overPeersC;
  const byGrade = BAND_OF_GRADE[result.grade];
  // Without similar breakers a normal rise tells something only under enough load.
  if (over === null && byGrade === 0 && result.riseAtRatingC === null) return [];
  const byPeers = over === null ? 0 : riseBand(over);
  const band = byPeers === 2 || byGrade === 2 ? 2 : over === null ? byGrade : byPeers;
  const [note, urgent] = [HEAT_LIMITS.overPeersRepairSoonC, HEAT_LIMITS.overPeersUrgentC];
  const limit = byPeers === 2 ? urgent : note;
  const itsOwn = ownHeatC > 0 ? messages.ofItFromItsOwnElectronics(sayRise(ownHeatC)) : '';
  const sentence = messages.atAboveAmbient(
    where[point],
    sayTemperature(surfaceC),
    sayRise(surfaceC - ambientC),
  );
  const own = result.reasons.filter(({ code }) => code !== 'over-peers').map(({ text }) => text);
  const text = isColdUnderLoad(amps, surfaceC, ambientC)
    ? messages.aReadingBelowAmbientUnderLoad(sentence)
    : over === null || (band === 2 && byPeers < 2)
      ? `${sentence}${itsOwn}. ${own.length > 0 ? own.join(' ') : messages.thatIsLowForTheLoad}`
      : byPeers === 0
        ? messages.andNoHotterThanSimilarBreakers(sentence, itsOwn)
        : messages.andAboveSimilarBreakersWithA(sentence, itsOwn, sayRise(over), sayRise(limit));
  return [
    {
      test: point === 'face' ? 'face-temperature' : 'terminal-temperature',
      outcome: (point === 'face' ? FACE_OUTCOMES : TERMINAL_OUTCOMES)[band],
      at,
      text,
      figures: [
        { label: point, value: surfaceC, unit: '°C' },
        { label: 'ambient', value: ambientC, unit: '°C' },
        ...(over === null
          ? []
          : [{ label: messages.aboveSimilarBreakers, value: over, unit: 'Δ°C' as const, limit }]),
      ],
      source: CITATIONS.heatOverPeers,
      origin: 'reading',
    },
  ];
}

function hotFace({ point, at, surfaceC }: HeatFact): EvidenceItem[] {
  if (point !== 'face' || surfaceC < HEAT_LIMITS.faceDangerC) return [];
  return [
    {
      test: 'panel-touch',
      outcome: 'hot',
      at,
      text: messages.theBreakerFaceIsAtToo(sayTemperature(surfaceC)),
      figures: [{ label: 'face', value: surfaceC, unit: '°C', limit: HEAT_LIMITS.faceDangerC }],
      origin: 'reading',
    },
  ];
}
