import type { BackupPlan } from '@phylaxon/core/code/backup';
import { counted, sayQuantity } from '@phylaxon/core/facts/quantities';
import type { BackupChoice, BackupCircuit, NotCarried } from '@phylaxon/core/views/planning';
import { useMemo } from 'react';
import { classes } from '../../shared/ui/index.ts';
import { useBoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

const inWatts = (watts: number) => sayQuantity(watts, 'W', 0);

const headline = (carried: number, chosen: number) => {
  if (carried === 0) return messages.carriesNone;
  return carried === chosen
    ? messages.carriesAll(counted(chosen, 'circuit', 'circuits'))
    : messages.carriesSome(carried, chosen);
};

/** What the source carries, in the order in which to switch it on; the board shows the same. */
export function BackupAnswer({
  circuits,
  answer,
  refused,
  isOneLeg,
}: {
  circuits: readonly BackupCircuit[];
  answer: BackupPlan;
  refused: BackupChoice['refused'];
  isOneLeg: boolean;
}) {
  const { carried, runningWatts, limitWatts } = answer;
  const leftOut: { id: string; reason: NotCarried }[] = useMemo(
    () => [...answer.leftOut, ...refused.map(({ breakerId, reason }) => ({ id: breakerId, reason }))],
    [answer, refused],
  );
  useBoardLayer(
    useMemo(() => {
      const marks = new Map<string, BoardMark>([
        ...carried.map(({ id }, i): [string, BoardMark] => [
          id,
          { text: messages.carriedMark(i + 1), look: 'good' },
        ]),
        ...leftOut.map(({ id }): [string, BoardMark] => [id, { text: messages.leftOffMark, look: 'plain' }]),
      ]);
      return { title: messages.layer, marks };
    }, [carried, leftOut]),
  );
  const nameOf = (id: string) => {
    const found = circuits.find(({ breakerId }) => breakerId === id);
    return found ? `${found.place} ${found.label}` : '';
  };
  return (
    <div className="space-y-3">
      <p role="status" className={classes('text-2xl font-bold', leftOut.length > 0 && 'text-heed')}>
        {headline(carried.length, carried.length + leftOut.length)}
      </p>
      <p className="figures flex flex-wrap gap-x-6">
        {carried.length === 0 ? null : isOneLeg ? (
          <span>{messages.bothLegs(inWatts(runningWatts.a), inWatts(limitWatts.a))}</span>
        ) : (
          (['a', 'b'] as const).map((leg) => (
            <span key={leg}>
              {messages.legLoad(leg.toUpperCase(), inWatts(runningWatts[leg]), inWatts(limitWatts[leg]))}
            </span>
          ))
        )}
      </p>
      {carried.length > 0 && (
        <div>
          <h3 className="text-lg font-bold">{messages.switchOnInOrder}</h3>
          <ol className="list-decimal pl-6">
            {carried.map(({ id, peakWatts }) => (
              <li key={id}>
                <strong>{nameOf(id)}</strong>, {messages.peaksAt(inWatts(peakWatts))}
              </li>
            ))}
          </ol>
        </div>
      )}
      {leftOut.length > 0 && (
        <div>
          <h3 className="text-lg font-bold">{messages.leftOff}</h3>
          <ul className="list-disc pl-6">
            {leftOut.map(({ id, reason }) => (
              <li key={id}>
                <strong>{nameOf(id)}</strong>: {messages.reasons[reason]}
              </li>
            ))}
          </ul>
        </div>
      )}
      <p>{messages.theOthersStayOff}</p>
      <p className="text-sm text-ink-soft">{messages.howItIsChosen}</p>
    </div>
  );
}
