import type { HouseMap } from '@phylaxon/core/record/panelEntries';
import * as messages from './messages.ts';

/** Which round of a map this is; those of a second stage are counted by themselves. */
export function roundTitle({ rounds, secondStage }: HouseMap, round: number): string {
  if (secondStage === null) return messages.roundOf(round + 1, rounds.length);
  if (round < secondStage) return messages.roundOf(round + 1, secondStage);
  return messages.extraRoundOf(round - secondStage + 1, rounds.length - secondStage);
}
