import type { BoardBreaker } from '@phylaxon/core/board';
import {
  classes,
  familyMark,
  KIND_SHORT,
  KIND_WORDS,
  percentText,
  placeText,
  riseText,
} from '../shared/index.ts';
import { DecisionMark } from './DecisionMark.tsx';
import { Handle } from './Handle.tsx';
import { LoadBar } from './LoadBar.tsx';
import { Warmth } from './Warmth.tsx';

/** All that a cell shows, as one sentence for those who do not see it. */
export function spokenCell({ breaker, label, handle, load, heat, standing }: BoardBreaker): string {
  const place = breaker.space === null ? 'Main breaker' : `Space ${placeText(breaker)}`;
  return [
    place,
    breaker.space === null ? null : (label ?? 'no circuit named'),
    `${breaker.ratingAmps} A`,
    breaker.kind === 'standard' ? null : KIND_WORDS[breaker.kind],
    `handle ${handle}`,
    load && `load ${percentText(load.share)}${load.by === 'nameplates' ? ' by nameplate' : ''}`,
    heat && heat.grade !== 'normal' && `${riseText(heat.overPeersC ?? heat.riseC)} warm`,
    `decision: ${standing.stop ? 'Stop. ' : ''}${standing.headline}`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** What a breaker's cell shows: place, name, rating, load, warmth, the handle where it is, the decision. */
export function BreakerCell({ entry, mirrored }: { entry: BoardBreaker; mirrored: boolean }) {
  const { breaker, label, handle, load, heat, standing } = entry;
  const name = breaker.space === null ? 'Main' : (label ?? 'No circuit named');
  return (
    <span className={classes('flex h-full w-full items-center gap-2', mirrored && 'flex-row-reverse')}>
      <span
        className={classes(
          'figures w-5 shrink-0 text-center text-xs text-enamel-soft',
          breaker.space === null && 'hidden',
        )}
      >
        {breaker.space}
        {breaker.poles === 2 && <span className="block">{breaker.space! + 2}</span>}
      </span>
      <span className="@container min-w-0 flex-1">
        <span className="flex flex-wrap items-center gap-x-2 text-sm leading-tight font-medium">
          <span className="flex-1 @max-[12rem]:basis-full">{name}</span>
          {heat && <Warmth heat={heat} />}
          {handle !== 'on' && <span className="text-xs font-semibold text-heed-lit">{handle}</span>}
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
          <DecisionMark mark={familyMark(standing)} />
        </span>
      </span>
      <Handle
        position={handle}
        onDirection={breaker.onDirection}
        poles={breaker.space === null ? 1 : breaker.poles}
      />
    </span>
  );
}
