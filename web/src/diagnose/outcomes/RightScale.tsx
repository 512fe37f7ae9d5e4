import { percentText } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  right: number;
  of: number;
  from: number;
  to: number;
  said: number;
}

const at = (share: number) => `${share * 100}%`;

/** From never to always: the share that was right, where the true one lies, and what the decisions had said. */
export function RightScale({ right, of, from, to, said }: Props) {
  return (
    <figure className="mt-4 max-w-2xl">
      <div aria-hidden="true" className="relative mx-1 h-10">
        <span className="absolute inset-x-0 top-4 h-px bg-rule-strong" />
        {[0, 0.25, 0.5, 0.75, 1].map((tick) => (
          <span key={tick} className="absolute top-3 h-2 w-px bg-rule-strong" style={{ left: at(tick) }} />
        ))}
        <span
          className="absolute top-3 h-2 bg-ink-soft/40"
          style={{ left: at(from), width: at(to - from) }}
        />
        <span className="absolute top-0 h-8 w-1 -translate-x-1/2 bg-ink" style={{ left: at(right / of) }} />
        <span
          className="absolute top-2 size-4 -translate-x-1/2 rounded-full border-2 border-ink bg-bone"
          style={{ left: at(said) }}
        />
      </div>
      <div aria-hidden="true" className="flex justify-between text-sm text-ink-soft">
        <span>0%</span>
        <span>100%</span>
      </div>
      <figcaption className="mt-1 flex flex-wrap gap-x-5 text-sm text-ink-soft">
        <span>{messages.wasRight(<span aria-hidden="true">▌</span>, percentText(right / of))}</span>
        <span>{messages.predictedSure(<span aria-hidden="true">○</span>, percentText(said))}</span>
        <span>
          {messages.trueRateTo(<span aria-hidden="true">▬</span>, percentText(from), percentText(to))}
        </span>
      </figcaption>
    </figure>
  );
}
