import { sayConductor, thinnestConductor } from '@phylaxon/core/code/sizing';
import { BREAKER_KIND_WORDS, type BreakerKind } from '@phylaxon/core/panel/layout';
import type { SpacePlan } from '@phylaxon/core/panel/spacePlan';
import type { Board } from '@phylaxon/core/views/board';
import {
  loadFit,
  proposedSteps,
  roomSteps,
  type LoadFit,
  type PlannedPanel,
  type Planning,
} from '@phylaxon/core/views/planning';
import { useSettings } from '../../shared/queries/index.ts';
import { classes } from '../../shared/ui/index.ts';
import { BeforeAndAfter, DeadFirst, KeepProposal, useMoveLayer, WorkSteps } from '../proposals/index.ts';
import { LoadFitList } from './LoadFitList.tsx';
import { Subpanel } from './Subpanel.tsx';
import type { Wish } from './wish.ts';
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

/** The place, with what stands against the load; a tick needs both. */
function withLoad(text: string, { possible }: SpacePlan, fit: LoadFit | null): string {
  if (!possible || fit === null) return text;
  const over = fit.nodes.find(({ ok }) => !ok);
  if (over) return messages.theLoadDoesNotFit(text, over.label);
  return fit.unknown.length > 0 ? messages.asFarAsIsKnown(text) : text;
}

/** A wish in the address of another panel’s page. */
const searchOf = ({ title, poles, ratingAmps, amps, continuous }: Wish): string =>
  new URLSearchParams({
    ...{ title, poles: `${poles}`, amps: `${ratingAmps}`, load: amps },
    ...(continuous && { continuous: '1' }),
  }).toString();

/** Where it goes, what moves for it, and whether the load fits on its way. */
export function RoomPlan({
  board,
  planning,
  planned,
  plan,
  wish,
  amps,
  onAmps,
  kind,
  reasons,
}: {
  board: Board;
  planning: Planning;
  planned: PlannedPanel;
  plan: SpacePlan;
  wish: Wish;
  /** The load of the wish, A. */
  amps: number;
  onAmps: (amps: number) => void;
  kind: BreakerKind;
  reasons: readonly { text: string }[];
}) {
  useMoveLayer(plan.steps, {
    place: plan.place,
    poles: wish.poles,
    title: wish.title.trim() || messages.unnamedBreaker(wish.ratingAmps),
  });
  const { loading } = useSettings();
  const fit =
    wish.isSource || wish.isInlet
      ? null
      : loadFit(planning, {
          ...{ panelId: planned.panel.id, plan, amps, rules: loading },
          ...{ poles: wish.poles, continuous: wish.continuous, breakerAmps: wish.ratingAmps },
        });
  const steps = roomSteps(plan, planned);
  const isGood = plan.possible && fit?.fits !== false;
  const gauge = thinnestConductor('copper', wish.ratingAmps, 60);
  // Breakers of a gauge that no branch circuit has get no conductor here.
  const conductor =
    gauge !== null && !/^\d{3}$/.test(gauge)
      ? { gauge: gauge as '12', material: 'copper' as const, insulationC: 90 as const, cable: 'nm' as const }
      : null;
  return (
    <section aria-label={messages.plan} className="border-t border-rule-strong pt-3">
      <p role="status" className={classes('text-2xl font-bold', !isGood && 'text-danger')}>
        {isGood ? '✓' : '✕'} {withLoad(headline(plan, wish.poles), plan, fit)}
      </p>
      {!plan.possible && (
        <p>
          {planned.panel.narrowSpaces === null
            ? messages.thePanelLabelHasNotBeen
            : messages.optionsASubpanelNextToThis}
        </p>
      )}
      {!plan.possible && !wish.isInlet && !wish.isSource && (
        <Subpanel board={board} planned={planned} wish={wish} amps={amps} />
      )}
      {fit && (
        <LoadFitList
          fit={fit}
          onAmps={onAmps}
          roomOf={(panelId) => `/panels/${panelId}/room?${searchOf(wish)}`}
        />
      )}
      {plan.possible && (
        <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-6 @2xl:grid-cols-[auto_minmax(0,1fr)]">
          <BeforeAndAfter board={board} steps={plan.steps} place={plan.place} poles={wish.poles} />
          <div className="space-y-4">
            <WorkSteps steps={steps} />
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
              missing={
                fit && !fit.fits
                  ? messages.chooseAWayFirst
                  : wish.title.trim() === ''
                    ? messages.enterWhatTheCircuitIsFor
                    : null
              }
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
