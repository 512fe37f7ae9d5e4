import { busRuleLines, type SecondSource } from '@phylaxon/core/code/secondSource';
import { SOURCE_LABEL_WORDS, type SourceAtPanel } from '@phylaxon/core/views/planning';
import { SOURCE_WORDS } from '@phylaxon/core/views/visit';
import { sayQuantity } from '@phylaxon/core/facts/quantities';
import { Link } from 'react-router';
import { ampsText, Button, classes } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** What the bus allows, rule by rule. */
export function BusVerdict({ bus }: { bus: SecondSource }) {
  return (
    <div>
      <p role="status" className={classes('text-2xl font-bold', !bus.ok && 'text-danger')}>
        {bus.ok ? messages.allowed : messages.notAllowed}
      </p>
      <ul className="list-disc pl-5">
        {busRuleLines(bus).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </div>
  );
}

const placeText = (
  { source, place, isOpposite, leastBreakerAmps }: SourceAtPanel,
  farSpaces: readonly number[],
) => {
  if (leastBreakerAmps === null) return messages.aboveTheLargest;
  const least = ampsText(leastBreakerAmps);
  if (place !== null)
    return source.connection === 'bus'
      ? messages.breakerAtSpace(place, isOpposite)
      : messages.breakerIs(place);
  return source.connection === 'bus'
    ? messages.noBreakerYet(least, farSpaces.join(', '))
    : messages.needsABreaker(least);
};

/** A source with its breaker, its labels, and how it is shut off. */
export function SourceCard({
  at,
  farSpaces,
  panelId,
  onRemove,
}: {
  at: SourceAtPanel;
  farSpaces: readonly number[];
  panelId: string;
  onRemove: () => void;
}) {
  const { source, labels, place, leastBreakerAmps } = at;
  const { name, how } = SOURCE_WORDS[source.kind];
  const poles = source.supply === '120' ? 1 : 2;
  const room = new URLSearchParams({
    title: messages.newSource(name),
    poles: `${poles}`,
    amps: `${leastBreakerAmps ?? ''}`,
    ...(source.connection === 'bus'
      ? { space: `${farSpaces.at(poles === 2 ? 0 : -1)}`, source: '1' }
      : { inlet: '1' }),
  });
  return (
    <li className="space-y-1 py-3">
      <p className="flex flex-wrap items-baseline justify-between gap-3">
        <strong className="text-lg">
          {messages.sourceIs(name, sayQuantity(source.watts, 'W', 0), messages.supplies[source.supply])}
        </strong>
        <Button look="quiet" onClick={onRemove} aria-label={messages.remove(name)}>
          {messages.removeLabel}
        </Button>
      </p>
      <p>{messages.connections[source.connection]}</p>
      <p>
        {placeText(at, farSpaces)}{' '}
        {place === null && leastBreakerAmps !== null && source.connection !== 'transfer-switch' && (
          <Link
            to={`/panels/${panelId}/room?${room}`}
            className="inline-flex min-h-11 items-center underline"
          >
            {messages.planItThere}
          </Link>
        )}
      </p>
      <p>
        <strong>{messages.toShutItOff}:</strong> {how}
      </p>
      <div>
        <strong>{messages.labelsToPost}</strong>
        <ul className="list-disc pl-5">
          {labels.map((label) => (
            <li key={label}>{SOURCE_LABEL_WORDS[label]}</li>
          ))}
        </ul>
      </div>
    </li>
  );
}
