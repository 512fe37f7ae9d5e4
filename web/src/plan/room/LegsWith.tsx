import { LOAD_LIMITS } from '@phylaxon/core/facts/limits';
import type { SpacePlan } from '@phylaxon/core/panel/spacePlan';
import { ampsOf } from '@phylaxon/core/views/legs';
import { legsWith, type PlannedPanel } from '@phylaxon/core/views/planning';
import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { recordQueries } from '../../shared/queries/index.ts';
import { ampsText } from '../../shared/ui/index.ts';
import type { Wish } from './WantedCircuit.tsx';
import * as messages from './messages.ts';

/** What both legs carry, before and with the new circuit. */
export function LegsWith({
  planned,
  plan,
  wish,
  panelId,
}: {
  planned: PlannedPanel;
  plan: SpacePlan;
  wish: Wish;
  panelId: string;
}) {
  const captionId = useId();
  const { data: legs } = useQuery(recordQueries.legs(panelId));
  if (!legs) return null;
  const amps = new Map(legs.circuits.map((circuit) => [circuit.breakerId, ampsOf(circuit, 'latest') ?? 0]));
  // A new circuit is taken at four fifths of its breaker.
  const { before, after } = legsWith(plan, planned, amps, {
    poles: wish.poles,
    amps: LOAD_LIMITS.continuousShare * wish.ratingAmps,
  });
  return (
    <div>
      <p id={captionId} className="text-sm text-ink-soft">
        {messages.legCurrentsFromTheLatestClamp(100 * LOAD_LIMITS.continuousShare)}
      </p>
      <table className="text-left" aria-describedby={captionId}>
        <thead>
          <tr>
            <td />
            <th scope="col" className="pr-6 text-right">
              {messages.legA}
            </th>
            <th scope="col" className="text-right">
              {messages.legB}
            </th>
          </tr>
        </thead>
        <tbody>
          {(
            [
              [messages.before, before],
              [messages.after, after],
            ] as const
          ).map(([name, sums]) => (
            <tr key={name}>
              <th scope="row" className="pr-6 font-normal">
                {name}
              </th>
              <td className="figures pr-6 text-right">{ampsText(sums.A)}</td>
              <td className="figures text-right">{ampsText(sums.B)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
