import { sayConductor, thinnestConductor } from '@phylaxon/core/code/sizing';
import { BREAKER_KIND_WORDS, type BreakerKind } from '@phylaxon/core/panel/layout';
import type { SpacePlan } from '@phylaxon/core/panel/spacePlan';
import type { Board } from '@phylaxon/core/views/board';
import { roomSteps, type PlannedPanel } from '@phylaxon/core/views/planning';
import { classes } from '../../shared/ui/index.ts';
import { asProposed, BeforeAndAfter, DeadFirst, KeepProposal, WorkSteps } from '../proposals/index.ts';
import { LegsWith } from './LegsWith.tsx';
import type { Wish } from './WantedCircuit.tsx';

const headline = ({ via, place, steps }: SpacePlan, poles: 1 | 2): string => {
  if (via === 'none') return 'No room can be made here';
  const at =
    poles === 2
      ? `spaces ${place!.space} and ${place!.space + 2}`
      : `space ${place!.space}${place!.half ? `, ${place!.half} half` : ''}`;
  if (via === 'free') return `There is room: ${at}`;
  if (via === 'narrow') return `Only as a narrow unit: ${at}`;
  return `Room at ${at} after ${steps.length === 1 ? 'one step' : `${steps.length} steps`}`;
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
  const steps = roomSteps(plan, planned);
  const gauge = thinnestConductor('copper', wish.ratingAmps, 60);
  // Breakers of a gauge that no branch circuit has get no conductor here.
  const conductor =
    gauge !== null && !/^\d{3}$/.test(gauge)
      ? { gauge: gauge as '12', material: 'copper' as const, insulationC: 90 as const, cable: 'nm' as const }
      : null;
  return (
    <section aria-label="Plan" className="border-t border-rule-strong pt-3">
      <p role="status" className={classes('text-2xl font-bold', !plan.possible && 'text-danger')}>
        {plan.possible ? '✓' : '✕'} {headline(plan, wish.poles)}
      </p>
      {!plan.possible && (
        <p>
          {planned.panel.narrowSpaces === null
            ? 'The panel’s label was not read: where it allows narrow units there may be room after all. Read it, and set the panel up with it.'
            : 'What would do: a sub-panel beside it, fed by a two-pole breaker that takes the place of circuits that move there; or a panel with more spaces.'}
        </p>
      )}
      {plan.possible && (
        <div className="mt-3 grid gap-6 md:grid-cols-[auto_minmax(0,1fr)]">
          <BeforeAndAfter board={board} steps={plan.steps} place={plan.place} poles={wish.poles} />
          <div className="space-y-4">
            <WorkSteps steps={steps} />
            <LegsWith planned={planned} plan={plan} wish={wish} panelId={board.panel.id} />
            <p>
              {wish.ratingAmps} A {BREAKER_KIND_WORDS[kind]} breaker
              {conductor && `; conductor of at least ${sayConductor(conductor)} by its 60 °C column`}.
            </p>
            {wish.isInlet && (
              <p>
                The interlock’s plate is made for this panel and lets the main and this breaker never be on
                together: without it the generator feeds the street.
              </p>
            )}
            {kind === 'surge' && (
              <p>
                Surge protection sits as close to the main as it can, with the shortest leads: length costs
                protection.
              </p>
            )}
            <DeadFirst />
            <KeepProposal
              panel={board.panel}
              missing={wish.title.trim() === '' ? 'Say what it is for to keep it.' : null}
              proposal={{
                title: wish.title.trim(),
                poles: wish.poles,
                ratingAmps: wish.ratingAmps,
                kind,
                place: plan.place,
                steps: asProposed(plan.steps),
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
