import type { BoardBreaker } from '@phylaxon/core/views/board';
import { spacesOf } from '@phylaxon/core/panel/layout';
import { Link2 } from 'lucide-react';
import {
  classes,
  familyMark,
  KIND_SHORT,
  KIND_WORDS,
  percentText,
  placeText,
  type Units,
} from '../../shared/ui/index.ts';
import type { BoardMark } from '../../shared/workbench/index.ts';
import { DecisionMark } from './DecisionMark.tsx';
import { Handle } from './Handle.tsx';
import { JobMark } from './JobMark.tsx';
import { LoadBar } from './LoadBar.tsx';
import { Warmth } from './Warmth.tsx';
import * as messages from './messages.ts';

/** What a breaker is called on the board. */
export const cellName = ({ breaker, label }: BoardBreaker) =>
  breaker.space === null ? messages.main : (label ?? messages.circuitNotNamed);

/** All that a cell shows, as one sentence for those who do not see it. */
export function spokenCell(
  entry: BoardBreaker,
  shutsOff: boolean,
  { riseText }: Units,
  mark?: BoardMark | null,
): string {
  const { breaker, label, handle, load, heat, feeds, decision } = entry;
  const place = breaker.space === null ? messages.mainBreaker : messages.space(placeText(breaker));
  return [
    place,
    breaker.space === null ? null : (label ?? messages.circuitNotNamedInline),
    `${breaker.ratingAmps} A`,
    breaker.kind === 'standard' ? null : KIND_WORDS[breaker.kind],
    shutsOff && messages.oneOfTheHandlesThatShut,
    breaker.tiedWith !== null && messages.handleTieToItsNeighbor,
    feeds && messages.feeds(feeds.name),
    messages.handle(handle),
    load && messages.load(percentText(load.share), load.by === 'nameplates' ? messages.byNameplate : ''),
    heat && heat.grade !== 'normal' && messages.warm(riseText(heat.overPeersC ?? heat.riseC)),
    mark === undefined
      ? messages.decision(decision.stop ? messages.stopHeadline(decision.headline) : decision.headline)
      : mark?.text,
  ]
    .filter(Boolean)
    .join(', ');
}

interface Props {
  entry: BoardBreaker;
  /** On the far side of the bus: everything in the other order. */
  mirrored: boolean;
  onSide: boolean;
  shutsOff: boolean;
  /** What the open job writes here; null: nothing; undefined: the decision. */
  mark?: BoardMark | null | undefined;
}

/** What a breaker's cell shows: place, name, rating, load, warmth, the handle where it is, the decision. */
export function BreakerCell({ entry, mirrored, onSide, shutsOff, mark }: Props) {
  const { breaker, handle, load, heat, feeds, decision } = entry;
  const flow = onSide
    ? mirrored
      ? 'flex-col-reverse'
      : 'flex-col'
    : mirrored
      ? 'flex-row-reverse'
      : 'flex-row';
  const notes = [shutsOff && messages.shutsOff, feeds && `→ ${feeds.name}`, handle !== 'on' && handle].filter(
    Boolean,
  );
  return (
    <span className={classes('flex h-full w-full items-center gap-2', flow)}>
      {breaker.space !== null && (
        <span
          className={classes(
            'figures shrink-0 text-center text-xs text-enamel-soft',
            onSide ? 'flex gap-1.5' : 'w-5',
          )}
        >
          {spacesOf({ space: breaker.space, poles: breaker.poles }).map((space) => (
            <span key={space} className="block">
              {space}
            </span>
          ))}
        </span>
      )}
      <span className={classes('@container min-w-0', onSide ? 'w-full flex-auto' : 'flex-1')}>
        <span className="flex flex-wrap items-center gap-x-2 text-sm leading-tight font-medium">
          <span className="flex-1 wrap-anywhere @max-[12rem]:basis-full">
            {breaker.tiedWith !== null && (
              <Link2 aria-hidden="true" className="mr-1 inline size-3.5 text-enamel-soft" />
            )}
            {cellName(entry)}
          </span>
          {heat && <Warmth heat={heat} />}
          {notes.map((note) => (
            <span
              key={String(note)}
              className={classes(
                'text-xs font-semibold',
                note === handle ? 'text-heed-lit' : 'text-enamel-soft',
              )}
            >
              {note}
            </span>
          ))}
        </span>
        <span className="mt-0.5 flex flex-wrap items-center gap-x-2 gap-y-1">
          <span className="figures text-xs whitespace-nowrap">
            {[`${breaker.ratingAmps} A`, KIND_SHORT[breaker.kind], breaker.half].filter(Boolean).join(' ')}
          </span>
          {load ? (
            <>
              <LoadBar share={load.share} measured={load.by !== 'nameplates'} />
              <span
                className={classes(
                  'figures text-right text-xs whitespace-nowrap',
                  load.share > 1 && 'font-bold text-heed-lit',
                )}
              >
                {percentText(load.share)}
              </span>
            </>
          ) : (
            <span className="flex-1" />
          )}
          {/* A stop stays in sight, whatever job is open. */}
          {(mark === undefined || decision.stop) && <DecisionMark mark={familyMark(decision)} />}
          {mark && <JobMark mark={mark} />}
        </span>
      </span>
      <Handle
        position={handle}
        onDirection={breaker.onDirection}
        poles={breaker.space === null || breaker.half !== null ? 1 : breaker.poles}
      />
    </span>
  );
}
