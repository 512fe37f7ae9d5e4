import { BUS_LEGS } from '@phylaxon/core/code/addedLoad';
import type { LoadFit, WayToFit } from '@phylaxon/core/views/planning';
import { Link } from 'react-router';
import { ampsText, Button, classes } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Every node that the new load passes, before and after, and the ways that make it fit. */
export function LoadFitList({
  fit,
  onAmps,
  roomOf,
}: {
  fit: LoadFit;
  onAmps: (amps: number) => void;
  /** The address of the same wish in another panel. */
  roomOf: (panelId: string) => string;
}) {
  return (
    <section aria-label={messages.loadOnTheWay} className="mt-3 space-y-3 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.loadOnTheWay}</h2>
      <p className="text-sm text-ink-soft">{messages.howTheLoadCounts}</p>
      <ul className="divide-y divide-rule">
        {fit.nodes.map(({ id, label, basis, before, after, limitAmps, headroomAmps, ok }) => (
          <li key={id} className="py-2">
            <p className={classes('flex justify-between gap-3 font-bold', !ok && 'text-danger')}>
              <span>
                {ok ? messages.within : messages.over} {label}
              </span>
              <span className="figures whitespace-nowrap">
                {ok ? messages.headroom(ampsText(headroomAmps)) : messages.overBy(ampsText(-headroomAmps))}
              </span>
            </p>
            <p className="flex flex-wrap gap-x-4 text-sm">
              {BUS_LEGS.map((leg) => (
                <span key={leg} className="figures whitespace-nowrap">
                  {messages.legBeforeAfter(leg.toUpperCase(), ampsText(before[leg]), ampsText(after[leg]))}
                </span>
              ))}
              <span className="figures whitespace-nowrap">{messages.limitIs(ampsText(limitAmps))}</span>
            </p>
            {basis !== '' && <p className="text-sm text-ink-soft">{messages.presentLoad(basis)}</p>}
          </li>
        ))}
      </ul>
      {fit.unknown.length > 0 && (
        <details>
          <summary className="min-h-11 py-2">{messages.circuitsUnknown(fit.unknown.length)}</summary>
          <ul className="list-disc pl-5">
            {fit.unknown.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </details>
      )}
      {!fit.fits && (
        <div>
          <h3 className="text-lg font-bold">{messages.waysThatFit}</h3>
          {fit.ways.length === 0 && <p>{messages.noWayFits}</p>}
          <ol className="list-decimal space-y-2 pl-5">
            {fit.ways.map((way) => (
              <li key={way.code + (way.panelId ?? '')}>
                {way.text} <WayLink way={way} onAmps={onAmps} roomOf={roomOf} />
              </li>
            ))}
          </ol>
        </div>
      )}
    </section>
  );
}

function WayLink({
  way,
  onAmps,
  roomOf,
}: {
  way: WayToFit;
  onAmps: (amps: number) => void;
  roomOf: (panelId: string) => string;
}) {
  const { amps, panelId } = way;
  if (amps !== undefined)
    return (
      <Button onClick={() => onAmps(amps)} className="mt-1">
        {messages.planWith(ampsText(amps))}
      </Button>
    );
  return panelId === undefined ? null : (
    <Link to={roomOf(panelId)} className="inline-flex min-h-11 items-center underline">
      {messages.planItThere}
    </Link>
  );
}
