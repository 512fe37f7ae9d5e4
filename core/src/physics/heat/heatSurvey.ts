import { HEAT_LIMITS as LIMITS } from '../../facts/limits/index.ts';
import {
  atLeast,
  exceeds,
  median,
  sayPercent,
  sayRise,
  sayTemperature,
} from '../../facts/quantities/index.ts';
import { heatInput, type HeatInput, type HeatPoint, type HeatPointInput, type HeatSurvey } from './schema.ts';
import { HEAT_GRADES, type HeatGrade } from './grades.ts';
import * as messages from './messages.ts';

const share = (point: HeatPointInput) => point.amps / point.ratingAmps;

/**
 * Judge the temperatures of joints or breaker faces under load in three ways at once: over similar breakers
 * that carry a similar share of their rating, over ambient scaled to full load, and absolute.
 *
 * Source: ANSI/NETA MTS, thermographic survey (over similar parts); UL 489, 50 °C terminal rise.
 *
 * @param input ambient (°C) and points: surface (°C), current (A), rating (A), group for poles of one unit
 * @returns per point: rise, rise over the median of its peers and rise at full load (all °C, `null`
 *   where not to be had), the worst grade, and the reasons
 * @throws ZodError where a figure is impossible or an id stands twice
 * @example
 * heatSurvey({ ambientC: 22, points: [
 *   { id: '1', surfaceC: 30, amps: 10, ratingAmps: 20 }, { id: '3', surfaceC: 52, amps: 10, ratingAmps: 20 } ] })
 *   // the second point: riseC 30, overPeersC 22, grade 'urgent'
 */
export function heatSurvey(input: HeatInput): HeatSurvey {
  const { ambientC, points } = heatInput.parse(input);
  return { points: points.map((point) => heatOfPoint(point, points, ambientC)) };
}

/**
 * Judge one point of a survey by the others, which are its peers and not judged themselves.
 *
 * Source: as `heatSurvey`.
 *
 * @param point surface (°C), current (A), rating (A), as checked when they were stored: it is called for every breaker
 *   against all others of its panel, and does not check them again
 * @param all the points of the survey, the point itself among them or not
 * @param ambientC the air, °C
 * @returns what `heatSurvey` says of that point
 * @throws never
 * @example
 * heatOfPoint({ id: '1', surfaceC: 30, amps: 10, ratingAmps: 20 }, [], 22).riseC // 8
 */
export function heatOfPoint(
  point: HeatPointInput,
  all: readonly HeatPointInput[],
  ambientC: number,
): HeatPoint {
  const riseC = point.surfaceC - ambientC;
  const peerRise = median(peerRises(point, all, ambientC));
  const overPeersC = peerRise === null ? null : riseC - peerRise;
  const judgeable = atLeast(share(point), LIMITS.leastShareToJudge);
  const toFullLoad = judgeable ? share(point) ** -LIMITS.currentExponent : 1;
  const riseAtRatingC = judgeable ? riseC * toFullLoad : null;
  const cautiousRise = (riseC - LIMITS.instrumentErrorC) * toFullLoad;

  const findings = [
    gradeOverPeers(overPeersC),
    gradeAtFullLoad(cautiousRise, judgeable),
    gradeAbsolute(point.surfaceC),
  ].filter((finding) => finding !== null);
  findings.sort((x, y) => severity(y.grade) - severity(x.grade));
  const reasons = findings.map(({ code, text }) => ({ code, text }));
  if (!judgeable) {
    reasons.push({
      code: 'load-too-low',
      text: messages.atOfTheRatingTheLoad(sayPercent(share(point)), sayPercent(LIMITS.leastShareToJudge)),
    });
  }
  return { id: point.id, riseC, overPeersC, riseAtRatingC, grade: findings[0]?.grade ?? 'normal', reasons };
}

const severity = (grade: HeatGrade) => HEAT_GRADES.indexOf(grade);

/**
 * The rises of similar parts with a similar load, each taken to this point's share of rating where both carry enough to
 * scale. One pass without copies: each breaker of a panel is compared with all others.
 */
function peerRises(point: HeatPointInput, all: readonly HeatPointInput[], ambientC: number): number[] {
  const own = share(point);
  const mayScale = atLeast(own, LIMITS.leastShareToScalePeer);
  const rises: number[] = [];
  for (const other of all) {
    if (other.id === point.id || (point.group !== undefined && other.group === point.group)) continue;
    const theirs = share(other);
    if (!atLeast(LIMITS.peerShareBand, Math.abs(own - theirs))) continue;
    const rise = other.surfaceC - ambientC;
    const scales = mayScale && atLeast(theirs, LIMITS.leastShareToScalePeer);
    rises.push(scales ? rise * (own / theirs) ** LIMITS.currentExponent : rise);
  }
  return rises;
}

interface Finding {
  grade: HeatGrade;
  code: string;
  text: string;
}

function gradeOverPeers(over: number | null): Finding | null {
  if (over === null || !exceeds(over, LIMITS.overPeersRepairSoonC)) return null;
  const urgent = exceeds(over, LIMITS.overPeersUrgentC);
  return {
    grade: urgent ? 'urgent' : 'repair-soon',
    code: 'over-peers',
    text: urgent
      ? messages.aboveSimilarPartsWithASimilar(sayRise(over), sayRise(LIMITS.overPeersUrgentC))
      : messages.aboveSimilarPartsWithASimilarLoad(sayRise(over), sayRise(LIMITS.overPeersRepairSoonC)),
  };
}

function gradeAtFullLoad(cautiousRise: number, scaled: boolean): Finding | null {
  if (!exceeds(cautiousRise, LIMITS.riseAtRatingWatchC)) return null;
  const where = scaled ? messages.atFullLoad : messages.evenAtThisLowLoad;
  return {
    grade: exceeds(cautiousRise, LIMITS.riseAtRatingUrgentC) ? 'urgent' : 'watch',
    code: 'rise-at-rating',
    text: messages.theRiseWouldBeAtLeast(sayRise(cautiousRise), where, sayRise(LIMITS.riseAtRatingUrgentC)),
  };
}

function gradeAbsolute(surface: number): Finding | null {
  if (!atLeast(surface, LIMITS.surfaceUrgentC)) return null;
  return {
    grade: 'urgent',
    code: 'surface-limit',
    text: messages.theSurfaceIsAtMoreThan(sayTemperature(surface), sayTemperature(LIMITS.surfaceUrgentC)),
  };
}
