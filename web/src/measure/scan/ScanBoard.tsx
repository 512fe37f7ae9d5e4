import { sayBreaker, sayPlace } from '@phylaxon/core/panel/layout';
import type { SoakPlan } from '@phylaxon/core/diagnosis/soak';
import type { PanelSignId } from '@phylaxon/core/facts/vocabulary';
import type { Board, BoardBreaker } from '@phylaxon/core/views/board';
import { useMemo, useRef, type KeyboardEvent } from 'react';
import { entries } from '../../shared/api/index.ts';
import { BoardFrame, boardGrid, boardItems, type BoardItem } from '../../panel/board/index.ts';
import { classes, SendButton, useUnits, type Units } from '../../shared/ui/index.ts';
import { scannedOf, type Measured, type Scanned } from './scanned.ts';
import type { Scan, Typed } from './scanStore.ts';
import { StoreScan } from './StoreScan.tsx';
import { SecondLook } from './SecondLook.tsx';
import { GRADES } from './grades.ts';
import * as messages from './messages.ts';

interface Props {
  board: Board;
  plan: SoakPlan;
  scan: Scan;
  change: (change: Partial<Scan>) => void;
  onDone: () => void;
}

const NOTHING: Typed = { temperature: '', amps: '' };

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
    <section aria-label={messages.scan} className="space-y-4">
      <p className="max-w-2xl">{messages.measureTheHottestSpotOfEach}</p>
      <Air scan={scan} change={change} wrong={scanned.ambientWrong} units={units} />
      <div className="on-enamel overflow-x-auto bg-enamel p-2 text-enamel-text">
        <BoardFrame board={board} grid={grid} items={items}>
          {cell}
        </BoardFrame>
      </div>
      <SecondLook board={board} scanned={scanned} units={units} />
      <Listen board={board} />
      <StoreScan board={board} plan={plan} scan={scan} scanned={scanned} onDone={onDone} />
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
          {messages.ambientInFrontOfThePanel(units.temperatureUnit)}
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
          aria-label={messages.terminal(name, units.temperatureUnit)}
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
          aria-label={messages.clampedCurrentA(name)}
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

const HEARD: [PanelSignId, string][] = [
  ['quiet-under-load', messages.quietNoSmell],
  ['sizzle-under-load', messages.itSizzlesOrCrackles],
  ['hot-plastic-smell', messages.itSmellsLikeHotPlastic],
];

/** Sounds and smells under load, a tap each. */
function Listen({ board }: { board: Board }) {
  return (
    <section aria-label={messages.soundsAndSmells}>
      <h2 className="text-lg font-bold">{messages.standStillWhatDoYouHear}</h2>
      <div className="mt-1 flex flex-wrap gap-3">
        {HEARD.map(([sign, words]) => (
          <SendButton
            key={sign}
            once
            stored={messages.onRecord}
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
