import { HEAT_LIMITS } from '../../facts/limits/index.ts';
import { atLeast, exceeds, sayRise, sayTemperature } from '../../facts/quantities/index.ts';
import type { PanelSignId } from '../../facts/vocabulary/index.ts';
import type { FoundHeat, PanelFindings, SignFound } from './findings.ts';
import { isBranch, latest, LEAST_SCANNED, sign } from './sign.ts';
import * as messages from './messages.ts';

export function fromHeat({ heat }: PanelFindings): SignFound[] {
  const { overPeersUrgentC, overPeersRepairSoonC, surfaceUrgentC, leastShareToJudge } = HEAT_LIMITS;
  const over = (one: FoundHeat) => one.overPeersC ?? -Infinity;
  const isUrgent = (one: FoundHeat) =>
    exceeds(over(one), overPeersUrgentC) || (one.overPeersC === null && one.grade === 'urgent');
  const say = (list: readonly FoundHeat[]) =>
    list
      .map((one) =>
        one.overPeersC === null
          ? `${one.at.name} ${sayTemperature(one.surfaceC)}`
          : messages.aboveSimilarParts(one.at.name, sayRise(one.overPeersC)),
      )
      .join('; ');
  const branches = heat.filter((one) => isBranch(one.at));
  const urgent = branches.filter(isUrgent);
  const urgentBreakers = new Set(urgent.map(({ at }) => at.breakerId)).size;
  const main = heat.filter((one) => one.at.isMain && one.grade === 'urgent');
  // Contacts that weld are the hottest inside: a bad joint is hotter at its terminal than at the face.
  const welded = heat.filter(({ at, point, surfaceC }) => {
    const terminal = heat.find((one) => one.at.breakerId === at.breakerId && one.point === 'terminal');
    return (
      point === 'face' &&
      atLeast(surfaceC, surfaceUrgentC) &&
      terminal !== undefined &&
      terminal.surfaceC < surfaceC - HEAT_LIMITS.hotterInsideC
    );
  });
  const some = branches.filter((one) => exceeds(over(one), overPeersRepairSoonC) && !isUrgent(one));
  const places = (list: readonly FoundHeat[]) => list.map(({ at }) => at);
  const tell = (id: PanelSignId, list: readonly FoundHeat[]) =>
    list.length > 0 ? [sign(id, `${say(list)}.`, places(list), latest(list))] : [];
  const underLoad = branches.filter(
    (one) => one.overPeersC !== null && (one.share ?? 0) >= leastShareToJudge,
  );
  const isClear = urgent.length + some.length + main.length === 0 && underLoad.length >= LEAST_SCANNED;
  return [
    ...tell('very-hot-not-open', welded),
    ...tell('bus-or-lug-over-15', main),
    ...tell(urgentBreakers > 1 ? 'several-over-15' : 'one-joint-over-15', urgent),
    ...tell('some-3-to-15', some),
    ...(isClear
      ? [
          sign(
            'none-over-3',
            messages.connectionsMeasuredUnderLoad(underLoad.length, sayRise(overPeersRepairSoonC)),
            places(underLoad),
            latest(underLoad),
          ),
        ]
      : []),
  ];
}
