import { stepsOn } from '@phylaxon/core/facts/hazards';
import { LOAD_LIMITS, TIME_LIMITS } from '@phylaxon/core/facts/limits';
import { sayBreaker, type Leg } from '@phylaxon/core/panel/layout';
import type { SoakPlan } from '@phylaxon/core/diagnosis/soak';
import { suspensionOf, type Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import {
  ampsText,
  Button,
  classes,
  minutesAndSeconds,
  Notice,
  PageHead,
  Suspended,
  useNow,
} from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { ScanBoard } from './ScanBoard.tsx';
import { NOT_BEGUN, useScans, type Scan } from './scanStore.ts';
import { useBoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

interface StepProps {
  board: Board;
  plan: SoakPlan & { stopped: string[] };
  scan: Scan;
  change: (change: Partial<Scan>) => void;
}

/** Everything on, a clock, and then every joint measured on the board itself. */
export function ScanPage() {
  const { panelId = '' } = useParams();
  const { data: board } = useQuery(recordQueries.board(panelId));
  const { data: whole } = useQuery(recordQueries.soak(panelId));
  const { data: view } = useQuery(recordQueries.review(panelId));
  const scan = useScans((state) => state.scans[panelId]) ?? NOT_BEGUN;
  const changeScan = useScans((state) => state.change);
  const drop = useScans((state) => state.drop);
  const profile = useProfile((state) => state.profile);
  const change = (changed: Partial<Scan>) => changeScan(panelId, changed);
  const suspension = useMemo(() => suspensionOf(board?.breakers ?? []), [board]);
  const isSuspended = suspension.ofPanel('load-test');
  const isDanger = isSuspended || view?.review.soon === 'now';
  const plan = useMemo(() => (board && whole ? withoutStopped(whole, board) : undefined), [board, whole]);
  const layer = useMemo(
    () =>
      whole
        ? {
            title: messages.currentWithEverythingOn,
            marks: new Map(
              Object.entries(whole.ampsOf).map(([id, amps]): [string, BoardMark] => [
                id,
                { text: ampsText(amps), look: 'plain' },
              ]),
            ),
          }
        : null,
    [whole],
  );
  useBoardLayer(layer);
  const step = scan.soakedFrom === null ? 'on' : scan.scanning ? 'scan' : 'soak';
  return (
    <main className="max-w-5xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={messages.loadTestAndScan}
      >
        <ol className="mt-1 flex flex-wrap gap-x-5 text-sm">
          {(
            [
              ['on', messages.turnOn],
              ['soak', messages.loadTest],
              ['scan', messages.scanStep],
            ] as const
          ).map(([id, words]) => (
            <li
              key={id}
              aria-current={step === id ? 'step' : undefined}
              className={classes(
                'border-b-4 py-1',
                step === id ? 'border-ink font-bold' : 'border-transparent text-ink-soft',
              )}
            >
              {words}
            </li>
          ))}
        </ol>
      </PageHead>
      {isSuspended && <Suspended title={messages.doNotLoadThisPanelUntil} suspension={suspension} />}
      {isDanger && !isSuspended && (
        <Notice title={messages.doNotLoadThisPanelThe}>
          <Link
            to={`/panels/${panelId}/review`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            {messages.seeTheFindingAndWhatTo}
          </Link>
        </Notice>
      )}
      {board && plan && view && !isDanger && step === 'on' && (
        <SwitchOn board={board} plan={plan} scan={scan} change={change} />
      )}
      {board && plan && view && !isDanger && step === 'soak' && (
        <Soak
          board={board}
          plan={plan}
          scan={scan}
          change={change}
          isElectrician={profile === 'electrician'}
        />
      )}
      {board && plan && step === 'scan' && (
        <ScanBoard board={board} plan={plan} scan={scan} change={change} onDone={() => drop(panelId)} />
      )}
      {step !== 'on' && (
        <p className="border-t border-rule pt-3">
          <Button look="quiet" onClick={() => drop(panelId)}>
            {messages.startOver}
          </Button>
        </p>
      )}
    </main>
  );
}

function SwitchOn({ board, plan, scan, change }: StepProps) {
  const isOn = (loadId: string) => scan.on.includes(loadId);
  const toggle = (loadId: string) =>
    change({ on: isOn(loadId) ? scan.on.filter((one) => one !== loadId) : [...scan.on, loadId] });
  const next = plan.steps.find(({ loadId }) => !isOn(loadId))?.loadId ?? null;
  const legs = legsWith(plan, isOn);
  const main =
    board.breakers.find(({ breaker }) => breaker.role === 'main')?.breaker.ratingAmps ?? board.panel.busAmps;
  return (
    <section aria-label={messages.turnOnLabel} className="space-y-3">
      <p className="max-w-2xl">{messages.aBadConnectionHeatsUpOnly}</p>
      <div className="flex flex-wrap gap-x-8 gap-y-1">
        {(['A', 'B'] as const).map((leg) => (
          <p key={leg}>
            {messages.leg(
              leg,
              <strong className="figures text-xl">{ampsText(legs[leg])}</strong>,
              main !== null && <span className="text-ink-soft"> {messages.of(ampsText(main))}</span>,
            )}
          </p>
        ))}
      </div>
      {plan.steps.length === 0 && (
        <Notice title={messages.noLoadsAreListedForThis}>{messages.turnOnEveryApplianceYouCan}</Notice>
      )}
      <ul className="divide-y divide-rule border-y border-rule">
        {plan.steps.map((step) => (
          <li key={step.loadId}>
            <label
              className={classes(
                'flex min-h-12 items-center gap-3 py-1',
                next === step.loadId && 'font-bold',
              )}
            >
              <input
                type="checkbox"
                checked={isOn(step.loadId)}
                onChange={() => toggle(step.loadId)}
                className="size-6 shrink-0 accent-ink"
              />
              <span className="min-w-0 flex-1">
                {step.load}
                <span className="block text-sm font-normal text-ink-soft">
                  {step.place} {step.circuit}
                </span>
              </span>
              <span className="figures">{ampsText(step.amps)}</span>
            </label>
          </li>
        ))}
      </ul>
      {plan.stopped.length > 0 && (
        <Notice title={messages.leaveTheseOffAHazardIs}>
          <ul className="list-disc pl-5">
            {board.breakers
              .filter(({ breaker }) => plan.stopped.includes(breaker.id))
              .map(({ breaker, label, decision }) => (
                <li key={breaker.id}>
                  {sayBreaker(breaker, label)}: {decision.headline}
                </li>
              ))}
          </ul>
        </Notice>
      )}
      {plan.leftOff.length > 0 && (
        <div>
          <h2 className="font-bold">{messages.leaveTheseOff}</h2>
          <ul className="list-disc pl-5">
            {plan.leftOff.map(({ breakerId, place, load, amps, why }, i) => (
              <li key={`${breakerId} ${i}`}>
                {load}, {place}, {ampsText(amps)}:{' '}
                {why === 'breaker'
                  ? messages.withTheOtherLoadsOnIt
                  : messages.theLegWouldCarryMoreThan(100 * LOAD_LIMITS.continuousShare)}
                .
              </li>
            ))}
          </ul>
        </div>
      )}
      <Button onClick={() => change({ soakedFrom: new Date().toISOString() })}>
        {messages.allLoadsAreOnStartThe}
      </Button>
    </section>
  );
}

/** What each leg carries with what is on, A. */
function legsWith({ steps }: SoakPlan, isOn: (loadId: string) => boolean): Record<Leg, number> {
  const legs = { A: 0, B: 0 };
  for (const { loadId, amps, on } of steps) if (isOn(loadId)) for (const leg of on) legs[leg] += amps;
  return legs;
}

/** A plan without the circuits that are to be left off: what stops there is no load for a soak. */
function withoutStopped(plan: SoakPlan, board: Board): SoakPlan & { stopped: string[] } {
  const suspension = suspensionOf(board.breakers);
  const stopped = board.breakers
    .filter((one) => suspension.ofBreaker('load-test', one))
    .map(({ breaker }) => breaker.id);
  return { ...plan, steps: plan.steps.filter(({ breakerId }) => !stopped.includes(breakerId)), stopped };
}

/** The steps of a panel that sizzles or smells of hot plastic. */
const ON_SIZZLING = stepsOn('sound', 'sizzle-or-crackle');

function Soak({ plan, scan, change, isElectrician }: StepProps & { isElectrician: boolean }) {
  const now = useNow();
  const until = Date.parse(scan.soakedFrom!) + plan.minutes * 60_000;
  const left = until - now;
  return (
    <section aria-label={messages.loadTestLabel} className="space-y-3">
      <p className="figures text-6xl font-bold" role="timer" aria-label={messages.timeLeft}>
        {minutesAndSeconds(Math.max(0, Math.ceil(left / 1000)))}
      </p>
      <p aria-live="polite" className="text-lg font-semibold">
        {left > 0 ? messages.keepEverythingOnTheTimerKeeps : messages.theLoadTestIsDoneScan}
      </p>
      <p className="max-w-2xl text-ink-soft">
        {messages.minutesThreeTimeConstantsOfThe(
          plan.minutes,
          ampsText(plan.byRatingAmps),
          TIME_LIMITS.loadTestMinutes,
        )}
      </p>
      <Notice title={messages.listenAndSmellAtTheClosed}>
        <ol className="list-decimal pl-5">
          {ON_SIZZLING.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </Notice>
      {isElectrician ? (
        <>
          <Notice title={messages.theScanNeedsTheCoverOff}>{messages.measuringOnEnergizedPartsIs}</Notice>
          <Button look={left > 0 ? 'quiet' : 'primary'} onClick={() => change({ scanning: true })}>
            {left > 0 ? messages.scanNowAnyway : messages.scan}
          </Button>
        </>
      ) : (
        <Notice title={messages.theScanIsWorkForA}>{messages.haveAnElectricianPresentWhen}</Notice>
      )}
    </section>
  );
}
