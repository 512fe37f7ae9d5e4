import { stepsOn } from '@phylaxon/core/facts/hazards';
import { TIME_LIMITS } from '@phylaxon/core/facts/limits';
import { sayBreaker, type Leg } from '@phylaxon/core/panel/layout';
import type { SoakPlan } from '@phylaxon/core/diagnosis/soak';
import { suspensionOf, type Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { ampsText, Button, classes, Notice, PageHead, Suspended } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { ScanBoard } from './ScanBoard.tsx';
import { NOT_BEGUN, useScans, type Scan } from './scanStore.ts';

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
  const step = scan.soakedFrom === null ? 'on' : scan.scanning ? 'scan' : 'soak';
  return (
    <main className="mx-auto max-w-4xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? 'The panel'}
        title="Load test and scan"
      >
        <ol className="mt-1 flex flex-wrap gap-x-5 text-sm">
          {(
            [
              ['on', '1 Turn on'],
              ['soak', '2 Load test'],
              ['scan', '3 Scan'],
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
      {isSuspended && (
        <Suspended
          title="Do not put this panel under load until the hazard is dealt with."
          suspension={suspension}
        />
      )}
      {isDanger && !isSuspended && (
        <Notice title="Do not put this panel under load: what was found is a danger as it stands.">
          <Link
            to={`/panels/${panelId}/review`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            See what, and what to do
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
            Start over
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
    <section aria-label="Switch on" className="space-y-3">
      <p className="max-w-2xl">
        A bad connection gets warm only under load. Keep the panel cover closed. Turn on these appliances in
        this order: largest first, and always on the leg that carries less.
      </p>
      <div className="flex flex-wrap gap-x-8 gap-y-1">
        {(['A', 'B'] as const).map((leg) => (
          <p key={leg}>
            Leg {leg} <strong className="figures text-xl">{ampsText(legs[leg])}</strong>
            {main !== null && <span className="text-ink-soft"> of {ampsText(main)}</span>}
          </p>
        ))}
      </div>
      {plan.steps.length === 0 && (
        <Notice title="No loads are drawn on this panel’s circuits.">
          Turn on every appliance you can find. If you enter the loads of each circuit first, this page gives
          the order and the current of each leg.
        </Notice>
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
        <Notice title="Leave these off: a hazard is still open.">
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
          <h2 className="font-bold">Leave these off</h2>
          <ul className="list-disc pl-5">
            {plan.leftOff.map(({ breakerId, place, load, amps, why }, i) => (
              <li key={`${breakerId} ${i}`}>
                {load}, {place}, {ampsText(amps)}:{' '}
                {why === 'breaker'
                  ? 'with what is on already it would be more than its breaker’s rating'
                  : 'the leg would carry more than four fifths of the main'}
                .
              </li>
            ))}
          </ul>
        </div>
      )}
      <Button onClick={() => change({ soakedFrom: new Date().toISOString() })}>
        All that can be on is on: start the clock
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

/** Minutes and seconds. */
const clock = (ms: number) => {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};

function Soak({ plan, scan, change, isElectrician }: StepProps & { isElectrician: boolean }) {
  const now = useNow();
  const until = Date.parse(scan.soakedFrom!) + plan.minutes * 60_000;
  const left = until - now;
  return (
    <section aria-label="Load test" className="space-y-3">
      <p className="figures text-6xl font-bold" role="timer" aria-label="Time left">
        {clock(left)}
      </p>
      <p aria-live="polite" className="text-lg font-semibold">
        {left > 0
          ? 'Keep everything on. The clock keeps running while you are away.'
          : 'The load test is done. Scan now, with everything still on.'}
      </p>
      <p className="max-w-2xl text-ink-soft">
        {plan.minutes} minutes: three time constants of the slowest breaker of {ampsText(plan.byRatingAmps)}{' '}
        (UL 489 type calibration), {TIME_LIMITS.loadTestMinutes} minutes at least.
      </p>
      <Notice title="Listen and smell at the closed panel. Stop the test if it sizzles or smells of hot plastic.">
        <ol className="list-decimal pl-5">
          {ON_SIZZLING.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </Notice>
      {isElectrician ? (
        <>
          <Notice title="The cover comes off for this, with the panel live.">
            Live measurement is diagnostic work for qualified people: voltage-rated gloves with leather
            protectors, arc-rated or non-melting clothing, face shield, nobody within 3 ft (1 m). Do not
            tighten, move or change anything.
          </Notice>
          <Button look={left > 0 ? 'quiet' : 'primary'} onClick={() => change({ scanning: true })}>
            {left > 0 ? 'Scan now anyway' : 'Scan'}
          </Button>
        </>
      ) : (
        <Notice title="The scan is for a qualified electrician: the cover comes off.">
          Have an electrician here when the clock runs out, or repeat the load test when they come.
        </Notice>
      )}
    </section>
  );
}

/** The time, every second. */
function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, []);
  return now;
}
