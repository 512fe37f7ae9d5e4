import { placementProblem } from '@phylaxon/core/panel/layout';
import { GAUGES, isMade, MATERIALS } from '@phylaxon/core/facts/standards';
import { sayConductor, type Conductor } from '@phylaxon/core/code/sizing';
import { ratingForWire, WAY_WORDS } from '@phylaxon/core/views/visit';
import {
  troubleOf,
  type TaskState,
  type TroubleId,
  type VisitTask,
  type Way,
} from '@phylaxon/core/visit/work';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, FieldError, SelectInput, useAction } from '../../shared/ui/index.ts';
import { StepScreen, useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

/** Wires of branch circuits, the thinnest first. */
const WIRES = MATERIALS.flatMap((material) =>
  GAUGES.slice(0, 6)
    .filter((gauge) => isMade({ gauge, material }))
    .map((gauge) => ({ value: `${gauge} ${material}`, label: sayConductor({ gauge, material }) })),
);

interface Props {
  task: VisitTask;
  now: TaskState;
  trouble: TroubleId;
}

/** What was found changes the plan at this place: one of the ways that are open is chosen before anything else is done there. */
export function ChooseScreen({ task, now, trouble }: Props) {
  const { tell } = useVisitWork();
  const { busy, problem, run } = useAction();
  const free = useFreeSpaces(now);
  const [space, setSpace] = useState<number | null>(null);
  const [wire, setWire] = useState(WIRES[0]!.value);
  const [gauge, material] = wire.split(' ') as [Conductor['gauge'], Conductor['material']];
  const forWire = ratingForWire({ gauge, material }, task.receptacles);
  const to = {
    space: space ?? free[0] ?? null,
    ratingAmps: forWire.ratingAmps < now.ratingAmps ? forWire.ratingAmps : null,
  };
  const isOpen = (way: Way) =>
    way === 'other-space' ? to.space !== null : way !== 'put-back' || task.work === 'replace';
  const ways = (troubleOf(trouble).ways ?? []).filter(isOpen);
  return (
    <StepScreen title={messages.chooseHowToGoOn(task.label)}>
      <ul className="space-y-3">
        {ways.map((way, i) => (
          <li key={way} className="border-t border-rule pt-3">
            {way === 'other-space' && (
              <SelectInput
                label={messages.newSpace}
                options={free.map((one) => ({
                  value: one,
                  label: now.poles === 2 ? messages.and(one, one + 2) : `${one}`,
                }))}
                value={to.space!}
                onValue={setSpace}
              />
            )}
            {way === 'smaller' && (
              <>
                <SelectInput
                  label={messages.wireSizeFromItsJacket}
                  options={WIRES}
                  value={wire}
                  onValue={setWire}
                />
                <p className="mt-1 font-medium">
                  {to.ratingAmps === null
                    ? messages.thisWireMayKeepThePlanned(forWire.reason)
                    : forWire.reason}
                </p>
              </>
            )}
            <Button
              look={i === 0 ? 'primary' : 'quiet'}
              className="mt-2 min-h-12 w-full text-left sm:w-auto"
              disabled={busy || (way === 'smaller' && to.ratingAmps === null)}
              onClick={() =>
                void run(() =>
                  tell({
                    is: 'changed',
                    id: task.id,
                    way,
                    space: way === 'other-space' ? to.space : null,
                    ratingAmps: way === 'smaller' ? to.ratingAmps : null,
                  }),
                )
              }
            >
              {way === 'smaller' && to.ratingAmps !== null
                ? messages.installAABreaker(to.ratingAmps)
                : WAY_WORDS[way].label}
            </Button>
            <p className="mt-1 text-sm text-ink-soft">{WAY_WORDS[way].means}</p>
          </li>
        ))}
      </ul>
      <FieldError message={problem ?? undefined} />
    </StepScreen>
  );
}

/** Spaces of the panel where this part may sit. */
function useFreeSpaces(now: TaskState): number[] {
  const { record } = useVisitWork();
  const { data: board } = useQuery(recordQueries.board(record.panel.id));
  if (!board) return [];
  const { panel, breakers } = board;
  const placed = breakers.flatMap(({ breaker: { id, space, poles, half } }) =>
    space === null ? [] : [{ id, space, poles, half }],
  );
  return Array.from({ length: panel.spaces }, (_, i) => i + 1).filter(
    (space) =>
      space !== now.space &&
      placementProblem(panel, placed, { id: now.id, space, poles: now.poles, half: null }) === null,
  );
}
