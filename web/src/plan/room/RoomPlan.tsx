import { sayConductor, thinnestConductor } from '@phylaxon/core/code/sizing';
import { BREAKER_KIND_WORDS, type BreakerKind } from '@phylaxon/core/panel/layout';
import type { SpacePlan } from '@phylaxon/core/panel/spacePlan';
import type { Board } from '@phylaxon/core/views/board';
import { proposedSteps, roomSteps, type PlannedPanel } from '@phylaxon/core/views/planning';
import { classes } from '../../shared/ui/index.ts';
import { BeforeAndAfter, DeadFirst, KeepProposal, useMoveLayer, WorkSteps } from '../proposals/index.ts';
import { LegsWith } from './LegsWith.tsx';
import type { Wish } from './WantedCircuit.tsx';
import * as messages from './messages.ts';

const headline = ({ via, place, steps }: SpacePlan, poles: 1 | 2): string => {
  if (via === 'none') return messages.noRoomForThisCircuit;
  const at =
    poles === 2
      ? messages.spacesAnd(place!.space, place!.space + 2)
      : messages.spaceAndHalf(place!.space, place!.half ? messages.half(place!.half) : '');
  if (via === 'free') return messages.freeSpace(at);
  if (via === 'narrow') return messages.onlyAsATandem(at);
  if (via === 'quad') return messages.onlyAsAQuad(at);
  return messages.roomAtAfter(at, steps.length === 1 ? messages.oneStep : messages.steps(steps.length));
};

/** Where it goes, what moves for it, what that does to the legs. */
export function RoomPlan({
  board,
  planned,
  plan,
  wish,
  kind,
  reasons,
}: {
  board: Board;
  planned: PlannedPanel;
  plan: SpacePlan;
  wish: Wish;
  kind: BreakerKind;
  reasons: readonly { text: string }[];
}) {
  useMoveLayer(plan.steps, {
    place: plan.place,
    poles: wish.poles,
    title: wish.title.trim() || messages.unnamedBreaker(wish.ratingAmps),
  });
  const steps = roomSteps(plan, planned);
  const gauge = thinnestConductor('copper', wish.ratingAmps, 60);
  // Breakers of a gauge that no branch circuit has get no conductor here.
  const conductor =
    gauge !== null && !/^\d{3}$/.test(gauge)
      ? { gauge: gauge as '12', material: 'copper' as const, insulationC: 90 as const, cable: 'nm' as const }
      : null;
  return (
    <section aria-label={messages.plan} className="border-t border-rule-strong pt-3">
      <p role="status" className={classes('text-2xl font-bold', !plan.possible && 'text-danger')}>
        {plan.possible ? '✓' : '✕'} {headline(plan, wish.poles)}
      </p>
      {!plan.possible && (
        <p>
          {planned.panel.narrowSpaces === null
            ? messages.thePanelLabelHasNotBeen
            : messages.optionsASubpanelNextToThis}
        </p>
      )}
      {plan.possible && (
        <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-6 @2xl:grid-cols-[auto_minmax(0,1fr)]">
          <BeforeAndAfter board={board} steps={plan.steps} place={plan.place} poles={wish.poles} />
          <div className="space-y-4">
            <WorkSteps steps={steps} />
            <LegsWith planned={planned} plan={plan} wish={wish} panelId={board.panel.id} />
            <p>
              {messages.aBreaker(
                wish.ratingAmps,
                BREAKER_KIND_WORDS[kind],
                conductor && messages.conductorOfAtLeastByIts(sayConductor(conductor)),
              )}
            </p>
            {wish.isInlet && <p>{messages.theInterlockPlateIsMadeFor}</p>}
            {kind === 'surge' && <p>{messages.installSurgeProtectionAsClose}</p>}
            <DeadFirst />
            <KeepProposal
              panel={board.panel}
              missing={wish.title.trim() === '' ? messages.enterWhatTheCircuitIsFor : null}
              proposal={{
                title: wish.title.trim(),
                poles: wish.poles,
                ratingAmps: wish.ratingAmps,
                kind,
                place: plan.place,
                steps: proposedSteps(plan),
                conductor,
                reasons: reasons.map(({ text }) => text),
              }}
            />
          </div>
        </div>
      )}
    </section>
  );
}
