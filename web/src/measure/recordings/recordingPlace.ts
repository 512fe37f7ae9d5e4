import { sayBreaker, sayPlace } from '@phylaxon/core/panel/layout';
import { loadAmps } from '@phylaxon/core/record/entities';
import type { ChannelPlace } from '@phylaxon/core/record/panelEntries';
import type { LoggedPlace } from '@phylaxon/core/record/loggerTable';
import type { Board, BreakerDetail } from '@phylaxon/core/views/board';
import type { Option } from '../../shared/ui/index.ts';
import type { ChannelRating } from './recordingWorker.ts';
import * as messages from './messages.ts';

/** What a channel may be clipped to, as it is picked. */
export function placeOptions(board: Board): Option[] {
  return [
    ...board.breakers.map(({ breaker, label }) => ({
      value: breaker.id,
      label: sayBreaker(breaker, label ?? (breaker.role === 'main' ? null : `${breaker.ratingAmps} A`)),
    })),
    { value: 'leg:A', label: messages.legAOfThisPanel },
    { value: 'leg:B', label: messages.legBOfThisPanel },
    { value: 'air', label: messages.ambient },
    { value: 'other', label: messages.other },
  ];
}

/** As a place is picked in a list. */
export const placeValue = (at: ChannelPlace): string =>
  at.kind === 'breaker' ? at.breakerId : at.kind === 'leg' ? `leg:${at.leg}` : at.kind;

/** What was picked in a list, as a place. */
export function recordingPlace(value: string): ChannelPlace {
  if (value === 'leg:A') return { kind: 'leg', leg: 'A' };
  if (value === 'leg:B') return { kind: 'leg', leg: 'B' };
  if (value === 'air' || value === 'other') return { kind: value };
  return { kind: 'breaker', breakerId: value, pole: null };
}

/** What breakers a heading may name. */
export const loggedPlaces = (board: Board): LoggedPlace[] =>
  board.breakers.map(({ breaker, label }) => ({
    breakerId: breaker.id,
    place: sayPlace(breaker),
    label: label ?? '',
  }));

/** Where a channel was, in words. */
export function recordingPlaceWords(at: ChannelPlace, board: Board): string {
  if (at.kind === 'leg') return messages.legTitle(at.leg);
  if (at.kind === 'air') return messages.ambient;
  if (at.kind === 'other') return '';
  const found = board.breakers.find(({ breaker }) => breaker.id === at.breakerId);
  if (!found) return messages.aBreakerThatWasRemoved;
  return sayBreaker(found.breaker, found.label);
}

/** What a channel’s current is held against: its breaker’s rating and loads, or a leg’s main. */
export function ratingOf(at: ChannelPlace, board: Board, detail: BreakerDetail | null): ChannelRating {
  if (at.kind === 'leg') {
    const main = board.breakers.find(({ breaker }) => breaker.role === 'main');
    return { ratingAmps: main?.breaker.ratingAmps ?? board.panel.busAmps, loads: [] };
  }
  if (at.kind !== 'breaker') return { ratingAmps: null, loads: [] };
  const found = board.breakers.find(({ breaker }) => breaker.id === at.breakerId);
  return {
    ratingAmps: found?.breaker.ratingAmps ?? null,
    loads: (detail?.circuit?.loads ?? []).map((load) => ({ id: load.id, amps: loadAmps(load) })),
  };
}
