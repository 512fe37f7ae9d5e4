import type { OnDirection } from '@phylaxon/core/panel/layout';
import type { StepId } from '@phylaxon/core/visit/work';
import * as messages from './messages.ts';

/** What of a part a step is about. */
type About = 'lift' | 'seat' | 'screw' | 'stab' | 'handle' | 'neutral';
const ABOUT: Partial<Record<StepId, About>> = {
  free: 'screw',
  'rock-off': 'lift',
  stab: 'stab',
  click: 'handle',
  'hook-press': 'seat',
  'neutral-in': 'neutral',
  'conductor-in': 'screw',
};

const SIDE: Record<OnDirection, string> = {
  left: 'left',
  right: 'right',
  up: 'upper',
  down: 'lower',
};

const WORDS: Record<About, (side: string) => string> = {
  lift: (side) => messages.liftTheEndNearestTheCenter(side),
  seat: (side) => messages.hookAtTheEnd2Press(side),
  screw: (side) => messages.itsTerminalScrewIsAtThe(side),
  stab: () => messages.theBusStabIsOnThe,
  handle: () => messages.byHandOffOnOffLeave,
  neutral: (side) => messages.thePigtailGoesToTheNeutral(side),
};

interface Props {
  step: StepId;
  /** Where its hook is, as the panel hangs. */
  hook: OnDirection;
  poles: 1 | 2;
  pigtail: boolean;
}

/** The breaker seen from its side, with what this step moves; the words say it as well. */
export function PartDrawing({ step, hook, poles, pigtail }: Props) {
  const about = ABOUT[step];
  if (!about) return null;
  // Drawn with its hook to the left.
  const turn = {
    left: '',
    right: 'translate(260 0) scale(-1 1)',
    up: 'rotate(90 130 70)',
    down: 'rotate(-90 130 70)',
  }[hook];
  const lit = (of: About, otherwise = 'stroke-enamel-line') => (about === of ? 'stroke-heed-lit' : otherwise);
  return (
    <figure className="space-y-1">
      <svg viewBox="0 0 260 140" aria-hidden="true" className="w-full max-w-88 rounded-sm bg-enamel">
        <g transform={turn} fill="none" strokeWidth={3}>
          {/* Rail with the hook, and the bus with its stab. */}
          <path d="M 26 118 h 40 v -16" className="stroke-enamel-soft" />
          <rect x={182} y={112} width={66} height={10} className="fill-enamel-soft" stroke="none" />
          <path d="M 206 112 v -24" strokeWidth={6} className={lit('stab', 'stroke-enamel-soft')} />
          {/* The breaker: body, hook, jaw, handle, screw. */}
          <g transform={about === 'lift' ? 'rotate(-9 62 100)' : undefined}>
            <rect
              x={54}
              y={38}
              width={168}
              height={58}
              rx={4}
              className="fill-enamel-raised stroke-enamel-text"
            />
            {poles === 2 && <path d="M 60 44 h 156" className="stroke-enamel-soft" strokeDasharray="4 4" />}
            <path d="M 60 96 v 12 h 14" className={lit('seat', 'stroke-enamel-text')} />
            <path d="M 197 96 v 12 M 215 96 v 12" className={lit('seat', 'stroke-enamel-text')} />
            <path d="M 130 38 l 16 -18" strokeWidth={8} className={lit('handle', 'stroke-enamel-text')} />
            <circle cx={74} cy={58} r={9} className={lit('screw', 'stroke-enamel-text')} />
            <path d="M 68 58 h 12" className={lit('screw', 'stroke-enamel-text')} />
            <path d="M 54 78 h -30 v -50" strokeWidth={4} className={lit('screw', 'stroke-enamel-soft')} />
            {pigtail && (
              <path
                d="M 54 88 c -22 0 -8 12 -22 12 s -4 -14 -16 -14"
                strokeWidth={4}
                className={lit('neutral', 'stroke-enamel-text')}
              />
            )}
          </g>
          {about === 'lift' && (
            <path
              d="M 236 92 c 8 -22 4 -44 -10 -60 m -3 16 l 3 -16 l 14 6"
              className="stroke-heed-lit"
              strokeWidth={4}
            />
          )}
          {about === 'seat' && (
            <>
              <path
                d="M 96 20 l -30 0 l 0 14 m -6 -8 l 6 8 l 6 -8"
                className="stroke-heed-lit"
                strokeWidth={4}
              />
              <path d="M 206 6 v 26 m -8 -9 l 8 9 l 8 -9" className="stroke-heed-lit" strokeWidth={4} />
            </>
          )}
          {about === 'handle' && (
            <path d="M 118 16 h 44 m -8 -6 l 8 6 l -8 6 m -28 -12 l -8 6 l 8 6" className="stroke-heed-lit" />
          )}
        </g>
      </svg>
      <figcaption className="font-medium">{WORDS[about](SIDE[hook])}</figcaption>
    </figure>
  );
}
