import { HEAT_LIMITS } from '@phylaxon/core/facts/limits';
import { sayBreaker, sayPlace } from '@phylaxon/core/panel/layout';
import type { SoakPlan } from '@phylaxon/core/diagnosis/soak';
import type { PanelSignId } from '@phylaxon/core/facts/vocabulary';
import type { HeatGrade } from '@phylaxon/core/physics/heat';
import type { Board, BoardBreaker } from '@phylaxon/core/views/board';
import { useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Link } from 'react-router';
import { entries } from '../../shared/api/index.ts';
import { BoardFrame, boardGrid, boardItems, type BoardItem } from '../../panel/board/index.ts';
import {
  ampsText,
  Button,
  classes,
  SendButton,
  toNumber,
  useUnits,
  type Units,
  useAction,
} from '../../shared/ui/index.ts';
import { sendEntries } from '../../shared/stores/index.ts';
import { hardlyLoaded, scannedOf, worthALook, type Measured, type Scanned } from './scanned.ts';
import type { Scan, Typed } from './scanStore.ts';

interface Props {
  board: Board;
  plan: SoakPlan;
  scan: Scan;
  change: (change: Partial<Scan>) => void;
  onDone: () => void;
}

const NOTHING: Typed = { temperature: '', amps: '' };
const GRADES: Record<HeatGrade, { mark: string; words: string }> = {
  normal: { mark: '✓', words: 'cool' },
  watch: { mark: '◦', words: 'watch' },
  'repair-soon': { mark: '!', words: 'repair' },
  urgent: { mark: '✕', words: 'urgent' },
};

/** Temperatures go in on the board itself, place after place; their grades come up as they do. */
export function ScanBoard({ board, plan, scan, change, onDone }: Props) {
  const units = useUnits();
  const items = boardItems(board);
  const grid = boardGrid(board);
  const fields = useRef(new Map<string, HTMLInputElement>());
  const scanned = useMemo(
    () => scannedOf(scan, board, plan.ampsOf, units.toCelsius),
    [scan, board, plan.ampsOf, units],
  );
  const next = plan.walk.find((id) => (scan.typed[id]?.temperature ?? '') === '') ?? null;
  const set = (id: string, typed: Partial<Typed>) =>
    change({ typed: { ...scan.typed, [id]: { ...(scan.typed[id] ?? NOTHING), ...typed } } });
  /** Enter goes on: to the next place of the walk. */
  const onEnter = (event: KeyboardEvent, id: string) => {
    if (event.key !== 'Enter') return;
    event.preventDefault();
    const on = plan.walk[plan.walk.indexOf(id) + 1];
    if (on) fields.current.get(on)?.focus();
  };
  const cell = (item: BoardItem) => {
    const { entry } = item;
    if (!entry || item.echo)
      return (
        <span className="flex min-h-11 flex-1 items-center px-1.5 text-xs text-enamel-soft">
          {item.space}
        </span>
      );
    const { id } = entry.breaker;
    return (
      <Place
        entry={entry}
        typed={scan.typed[id] ?? NOTHING}
        drawnAmps={plan.ampsOf[id] ?? null}
        measured={scanned.measured.find(({ breakerId }) => breakerId === id) ?? null}
        wrong={scanned.wrong[id]}
        isNext={id === next}
        onChange={(typed) => set(id, typed)}
        onKeyDown={(event) => onEnter(event, id)}
        field={(element) => {
          if (element) fields.current.set(id, element);
          else fields.current.delete(id);
        }}
      />
    );
  };
  return (
    <section aria-label="Scan" className="space-y-4">
      <p className="max-w-2xl">
        The hottest spot of each terminal, from close by: a spot thermometer sees a twelfth of its distance.
        Bare metal reads falsely cold: aim at the insulation or the breaker beside it. Enter goes on to the
        next place.
      </p>
      <Air scan={scan} change={change} wrong={scanned.ambientWrong} units={units} />
      <div className="on-enamel overflow-x-auto bg-enamel p-2 text-enamel-text">
        <BoardFrame board={board} grid={grid} items={items}>
          {cell}
        </BoardFrame>
      </div>
      <SecondLook board={board} scanned={scanned} units={units} />
      <Listen board={board} />
      <Store board={board} plan={plan} scan={scan} scanned={scanned} onDone={onDone} />
    </section>
  );
}

function Air({
  scan,
  change,
  wrong,
  units,
}: Pick<Props, 'scan' | 'change'> & { wrong: string | null; units: Units }) {
  return (
    <div>
      <label className="block max-w-60">
        <span className="mb-1 block text-sm font-medium">
          Air in front of the panel, {units.temperatureUnit}
        </span>
        <input
          inputMode="decimal"
          value={scan.ambient}
          onChange={(event) => change({ ambient: event.target.value })}
          aria-invalid={wrong !== null || undefined}
          className="figures min-h-11 w-32 rounded-sm border border-rule-strong bg-bone-raised px-3 text-lg"
        />
      </label>
      {wrong !== null && (
        <p role="alert" className="text-sm font-medium text-danger">
          ✕ {units.say(wrong)}
        </p>
      )}
    </div>
  );
}

interface PlaceProps {
  entry: BoardBreaker;
  typed: Typed;
  drawnAmps: number | null;
  measured: Measured | null;
  wrong: Scanned['wrong'][string] | undefined;
  isNext: boolean;
  onChange: (typed: Partial<Typed>) => void;
  onKeyDown: (event: KeyboardEvent) => void;
  field: (element: HTMLInputElement | null) => void;
}

const CELL_INPUT =
  'figures min-h-11 w-full min-w-0 rounded-xs border border-enamel-line bg-enamel-sunk px-1.5 text-enamel-text placeholder:text-enamel-soft';

function Place({ entry, typed, drawnAmps, measured, wrong, isNext, onChange, onKeyDown, field }: PlaceProps) {
  const units = useUnits();
  const { breaker, label } = entry;
  const name = sayBreaker(breaker, label);
  const grade = measured?.grade ?? null;
  const problem = wrong?.temperature ?? wrong?.amps ?? null;
  return (
    <div
      className={classes('min-w-0 flex-1 rounded-xs bg-enamel-raised p-1', isNext && 'ring-2 ring-heed-lit')}
    >
      <p className="flex items-baseline justify-between gap-1 text-xs">
        <span className="truncate">
          <strong className="figures">{sayPlace(breaker)}</strong> {label}
        </span>
        {grade && (
          <span
            className={classes(
              'shrink-0 font-bold',
              grade.grade === 'urgent'
                ? 'text-danger-lit'
                : grade.grade === 'normal'
                  ? 'text-good-lit'
                  : 'text-heed-lit',
            )}
          >
            <span aria-hidden="true">{GRADES[grade.grade].mark} </span>
            {GRADES[grade.grade].words}
          </span>
        )}
      </p>
      <div className="mt-0.5 grid grid-cols-2 gap-1">
        <input
          ref={field}
          inputMode="decimal"
          enterKeyHint="next"
          autoComplete="off"
          placeholder={units.temperatureUnit}
          aria-label={`${name}: terminal, ${units.temperatureUnit}`}
          aria-invalid={wrong?.temperature !== undefined || undefined}
          value={typed.temperature}
          onChange={(event) => onChange({ temperature: event.target.value })}
          onKeyDown={onKeyDown}
          className={CELL_INPUT}
        />
        <input
          inputMode="decimal"
          enterKeyHint="next"
          autoComplete="off"
          placeholder={drawnAmps === null ? 'A' : `≈${drawnAmps.toFixed(0)} A`}
          aria-label={`${name}: clamped current, A`}
          aria-invalid={wrong?.amps !== undefined || undefined}
          value={typed.amps}
          onChange={(event) => onChange({ amps: event.target.value })}
          onKeyDown={onKeyDown}
          className={CELL_INPUT}
        />
      </div>
      {problem !== null && (
        <p role="alert" className="text-xs text-danger-lit">
          {units.say(problem)}
        </p>
      )}
    </div>
  );
}

function nameIn(board: Board, breakerId: string): string {
  const found = board.breakers.find(({ breaker }) => breaker.id === breakerId)!;
  return sayBreaker(found.breaker, found.label);
}

/** What is worth another look before the cover goes back. */
function SecondLook({ board, scanned, units }: { board: Board; scanned: Scanned; units: Units }) {
  const { measured, ambientC } = scanned;
  if (measured.length === 0) return null;
  if (ambientC === null)
    return <p className="font-medium">Give the temperature of the air: every rise is counted from it.</p>;
  const again = worthALook(measured);
  const idle = hardlyLoaded(measured);
  return (
    <section aria-label="Before the cover goes back" className="border-l-4 border-rule-strong pl-4">
      <h2 className="text-lg font-bold">Before the cover goes back</h2>
      {again.length === 0 ? (
        <p>No reading so far needs a repeat.</p>
      ) : (
        <ul className="divide-y divide-rule">
          {again.map(({ breakerId, surfaceC, amps, isClamped, grade }) => (
            <li key={breakerId} className="py-1">
              <p>
                <span aria-hidden="true" className={grade!.grade === 'urgent' ? 'text-danger' : 'text-heed'}>
                  {GRADES[grade!.grade].mark}{' '}
                </span>
                <strong>{nameIn(board, breakerId)}</strong>: {units.temperatureText(surfaceC)}
                {amps !== null && ` at ${ampsText(amps)}${isClamped ? '' : ' by its loads as drawn'}`}.
                Measure it once more{isClamped ? '' : ', and clamp its current'}; look at its color and its
                insulation.
              </p>
              {grade!.reasons.slice(0, 2).map(({ code, text }) => (
                <p key={code} className="text-sm text-ink-soft">
                  {units.say(text)}
                </p>
              ))}
            </li>
          ))}
        </ul>
      )}
      {idle.length > 0 && (
        <p className="mt-1 text-sm text-ink-soft">
          Below {100 * HEAT_LIMITS.leastShareToJudge} % of the rating, too little load to judge a connection:{' '}
          {idle.map(({ breakerId }) => nameIn(board, breakerId)).join(', ')}. Idle breakers are the reference.
        </p>
      )}
    </section>
  );
}

const HEARD: [PanelSignId, string][] = [
  ['quiet-under-load', 'Quiet, no smell'],
  ['sizzle-under-load', 'It sizzles or crackles'],
  ['hot-plastic-smell', 'It smells of hot plastic'],
];

/** Sounds and smells under load, a tap each. */
function Listen({ board }: { board: Board }) {
  return (
    <section aria-label="Listen and smell">
      <h2 className="text-lg font-bold">Stand still: what do you hear and smell?</h2>
      <div className="mt-1 flex flex-wrap gap-3">
        {HEARD.map(([sign, words]) => (
          <SendButton
            key={sign}
            once
            stored="On record"
            entries={() => [
              entries.panelEntry(board.panel.id, board.panel.name, {
                kind: 'sign',
                at: new Date().toISOString(),
                content: { sign },
              }),
            ]}
          >
            {words}
          </SendButton>
        ))}
      </div>
    </section>
  );
}

function Store({
  board,
  plan,
  scan,
  scanned,
  onDone,
}: Pick<Props, 'board' | 'plan' | 'scan' | 'onDone'> & { scanned: Scanned }) {
  const [became, setBecame] = useState<string | null>(null);
  const { problem, busy, run } = useAction();
  const { measured, ambientC, wrong } = scanned;
  const isReady = ambientC !== null && measured.length > 0 && Object.keys(wrong).length === 0;
  const store = async () => {
    const at = new Date();
    const taken = { at: at.toISOString(), loadState: 'everything-on' as const };
    const readings = measured.flatMap(({ breakerId, surfaceC }) => {
      const clamped = toNumber(scan.typed[breakerId]?.amps ?? '');
      return [
        {
          kind: 'reading' as const,
          breakerId,
          entry: {
            quantity: 'temperature' as const,
            point: 'terminal' as const,
            value: surfaceC,
            ambientC: ambientC!,
            instrument: 'spot-thermometer' as const,
            ...taken,
          },
        },
        ...(typeof clamped === 'number' && Number.isFinite(clamped)
          ? [
              {
                kind: 'reading' as const,
                breakerId,
                entry: {
                  quantity: 'current' as const,
                  point: 'conductor' as const,
                  value: clamped,
                  instrument: 'clamp-meter' as const,
                  ...taken,
                },
              },
            ]
          : []),
      ];
    });
    const names = plan.steps
      .filter(({ loadId }) => scan.on.includes(loadId))
      .map(({ load, place }) => `${place} ${load}`.slice(0, 120));
    await run(async () => {
      const is = await sendEntries(
        entries.together(board.panel.id, board.panel.name, readings),
        entries.panelEntry(board.panel.id, board.panel.name, {
          kind: 'heat-scan',
          at: at.toISOString(),
          content: {
            soakedFrom: scan.soakedFrom!,
            soakedMinutes: Math.min(1440, (at.getTime() - Date.parse(scan.soakedFrom!)) / 60_000),
            switchedOn: names,
            ambientC: ambientC!,
            scanned: measured.length,
          },
        }),
      );
      setBecame(is === 'stored' ? '✓ Saved. All decisions are updated.' : 'Waiting for the server.');
    });
  };
  return (
    <section aria-label="Keep the scan" className="border-t border-rule-strong pt-3">
      <div className="flex flex-wrap items-center gap-3">
        <Button disabled={busy || !isReady || became !== null} onClick={() => void store()}>
          {measured.length === 1 ? 'Log this place' : `Log all ${measured.length} places`}
        </Button>
        <span role="status" className={problem ? 'font-medium text-danger' : 'font-semibold text-good'}>
          {problem ?? became}
        </span>
      </div>
      {became !== null && (
        <p className="mt-2 flex flex-wrap gap-4">
          <Link
            to={`/panels/${board.panel.id}`}
            onClick={onDone}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            See the board
          </Link>
          <Link
            to={`/panels/${board.panel.id}/review`}
            onClick={onDone}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            Is the panel failing?
          </Link>
        </p>
      )}
    </section>
  );
}
