import { sayPlace, slotsOf } from '@phylaxon/core/panel/layout';
import { LOAD_STATES } from '@phylaxon/core/record/entities';
import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import type { BoardCorners, Emissivity, ThermalSpot } from '@phylaxon/core/physics/thermalPicture';
import type { Board, BoardBreaker } from '@phylaxon/core/views/board';
import { useEffect, useId, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { api as server, entries } from '../api/index.ts';
import { Button, SendButton, sayError, toNumber, useUnits } from '../shared/index.ts';
import { sendEntries } from '../stores/index.ts';
import { cornersOf } from './corners.ts';
import type { SpotsOutcome } from './heatWorker.ts';
import { PictureOnBoard, type Scale } from './PictureOnBoard.tsx';
import { theHeatWorker } from './theHeatWorker.ts';

export interface Opened {
  name: string;
  matrix: HeatMatrix;
  at: string;
  corners: BoardCorners | null;
  ambientC: number | null;
  camera: string;
  loadState: (typeof LOAD_STATES)[number];
  emissivity: Emissivity | null;
  /** On record already; null: not yet. */
  keptId: string | null;
}

interface Props {
  board: Board;
  opened: Opened;
  /** The file was of the other unit. */
  onUnit?: (unit: 'C' | 'F') => void;
  onKept?: (id: string) => void;
}

const LOAD_WORDS: Record<(typeof LOAD_STATES)[number], string> = {
  unknown: 'Load not known',
  'no-load': 'Nothing on',
  normal: 'Usual load',
  'everything-on': 'Everything on',
};
const FIELD = 'min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-3';

/** The least and the most that are drawn: a cell or two of a glint do not press the rest flat. */
export function scaleOf({ celsius }: HeatMatrix): Scale {
  const sorted = Float32Array.from(celsius).sort();
  return { from: sorted[Math.floor(sorted.length * 0.01)]!, to: sorted[sorted.length - 1]! };
}

/** A temperature picture laid on the board: its corners, what it was taken with, its hot spots. */
export function HeatPictureEditor({ board, opened, onUnit, onKept }: Props) {
  const units = useUnits();
  const { matrix } = opened;
  const isKept = opened.keptId !== null;
  const [corners, setCorners] = useState(opened.corners ?? cornersOf(matrix.width, matrix.height));
  const [air, setAir] = useState(opened.ambientC === null ? '' : String(units.fromCelsius(opened.ambientC)));
  const [camera, setCamera] = useState(opened.camera);
  const [loadState, setLoadState] = useState(opened.loadState);
  const [over, setOver] = useState('3');
  const [metal, setMetal] = useState(opened.emissivity);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const scale = useMemo(() => scaleOf(matrix), [matrix]);
  const typed = toNumber(air);
  const ambientC = typeof typed === 'number' && Number.isFinite(typed) ? units.toCelsius(typed) : null;
  const outcome = useSpots(matrix, ambientC ?? 20, Number(over) || 3, metal, corners, board.panel.spaces);
  const spots = outcome && 'ok' in outcome ? outcome.ok.spots.spots : [];

  const keep = async () => {
    setBusy(true);
    setProblem(null);
    try {
      const { sha256 } = await server.keepAttachment(
        'heat-matrix',
        new Blob([(await theHeatWorker().pack(matrix)) as BlobPart]),
      );
      const entry = entries.panelEntry(board.panel.id, board.panel.name, {
        kind: 'heat-picture',
        at: opened.at,
        sha256,
        content: { camera, loadState, ambientC: ambientC!, corners, emissivity: metal },
      });
      const is = await sendEntries(entry);
      if (is === 'stored') onKept?.((entry.body as { id: string }).id);
      else setProblem('It waits for the server: it is kept as soon as the server answers.');
    } catch (error) {
      setProblem(sayError(error));
    } finally {
      setBusy(false);
    }
  };

  return (
    <section
      aria-label="The picture"
      className="grid grid-cols-[minmax(0,1fr)] gap-6 border-t border-rule-strong pt-3 lg:grid-cols-2"
    >
      <div>
        <PictureOnBoard
          matrix={matrix}
          scale={scale}
          corners={corners}
          spaces={board.panel.spaces}
          spots={spots}
          onMove={isKept ? undefined : setCorners}
          title={`Temperatures from ${units.temperatureText(scale.from)} to ${units.temperatureText(scale.to)}; the board and its hot spots are marked`}
        />
        <ScaleBar scale={scale} />
        {!isKept && (
          <p className="text-sm text-ink-soft">
            Drag the four corners onto the corners of the board; or choose one and use the arrow keys.
          </p>
        )}
      </div>
      <div className="min-w-0 space-y-4">
        <div className="grid grid-cols-2 gap-3">
          <Field label={`Air, ${units.temperatureUnit}`} value={air} onChange={setAir} isFixed={isKept} />
          <Field label="Camera" value={camera} onChange={setCamera} isFixed={isKept} isText />
          <Select label="Load" value={loadState} onChange={setLoadState} isFixed={isKept} />
          <Field label="Spot from, °C over the picture" value={over} onChange={setOver} />
        </div>
        <Metal metal={metal} onChange={setMetal} isFixed={isKept} />
        {!isKept && onUnit && (
          <p className="text-sm">
            It reads {units.temperatureText(scale.from)} to {units.temperatureText(scale.to)}. If that is
            wrong, the file’s unit is:{' '}
            <button
              type="button"
              className="min-h-11 px-2 underline underline-offset-4"
              onClick={() => onUnit('C')}
            >
              °C
            </button>
            <button
              type="button"
              className="min-h-11 px-2 underline underline-offset-4"
              onClick={() => onUnit('F')}
            >
              °F
            </button>
          </p>
        )}
        {outcome && 'refused' in outcome && (
          <p role="alert" className="font-medium text-danger">
            ✕ {outcome.refused}
          </p>
        )}
        {outcome === null && <p role="status">Looking for hot spots …</p>}
        {outcome !== null && 'ok' in outcome && (
          <Spots
            board={board}
            spots={spots}
            ambientC={ambientC}
            camera={camera}
            loadState={loadState}
            at={opened.at}
            isAsked={ambientC === null}
          />
        )}
        {!isKept && (
          <div className="flex flex-wrap items-center gap-3">
            <Button disabled={busy || ambientC === null} onClick={() => void keep()}>
              Keep the picture on record
            </Button>
            <span role="status" className="font-medium text-danger">
              {problem}
            </span>
          </div>
        )}
        {opened.keptId !== null && (
          <SendButton
            once
            stored="Struck; undo brings it back"
            waiting="Waits for the server"
            entries={() => [entries.strike('panelEntries', opened.keptId!, 'Not to be counted')]}
          >
            Strike this picture
          </SendButton>
        )}
      </div>
    </section>
  );
}

const SETTLED_MS = 120;

function useSpots(
  matrix: HeatMatrix,
  ambientC: number,
  minOverC: number,
  emissivity: Emissivity | null,
  corners: BoardCorners,
  spaces: number,
): SpotsOutcome | null {
  const [outcome, setOutcome] = useState<SpotsOutcome | null>(null);
  const question = useMemo(
    () => ({ matrix, ambientC, minOverC, emissivity, corners, spaces }),
    [matrix, ambientC, minOverC, emissivity, corners, spaces],
  );
  useEffect(() => {
    let isWanted = true;
    // While a corner is dragged nothing is looked for.
    const timer = setTimeout(() => {
      void theHeatWorker()
        .spots(question)
        .then((found) => isWanted && setOutcome(found));
    }, SETTLED_MS);
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
  }, [question]);
  return outcome;
}

interface FieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  isFixed?: boolean;
  isText?: boolean;
}

function Field({ label, value, onChange, isFixed = false, isText = false }: FieldProps) {
  return (
    <label className="block">
      <span className="mb-1 block text-sm font-medium">{label}</span>
      <input
        inputMode={isText ? 'text' : 'decimal'}
        value={value}
        readOnly={isFixed}
        onChange={(event) => onChange(event.target.value)}
        className={isText ? FIELD : `figures ${FIELD}`}
      />
    </label>
  );
}

function Select({
  label,
  value,
  onChange,
  isFixed,
}: {
  label: string;
  value: Opened['loadState'];
  onChange: (value: Opened['loadState']) => void;
  isFixed: boolean;
}) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm font-medium">
        {label}
      </label>
      <select
        id={id}
        value={value}
        disabled={isFixed}
        className={FIELD}
        onChange={(event) => onChange(event.target.value as Opened['loadState'])}
      >
        {LOAD_STATES.map((state) => (
          <option key={state} value={state}>
            {LOAD_WORDS[state]}
          </option>
        ))}
      </select>
    </div>
  );
}

const BARE: Emissivity = { measured: 0.95, actual: 0.2, reflectedC: 22 };

/** Bare metal mirrors the room and reads falsely cold. */
function Metal({
  metal,
  onChange,
  isFixed,
}: {
  metal: Emissivity | null;
  onChange: (metal: Emissivity | null) => void;
  isFixed: boolean;
}) {
  const units = useUnits();
  const set = (field: keyof Emissivity, convert: (typed: number) => number) => (text: string) => {
    const typed = toNumber(text);
    if (typeof typed === 'number' && Number.isFinite(typed)) onChange({ ...metal!, [field]: convert(typed) });
  };
  const same = (typed: number) => typed;
  return (
    <div>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          checked={metal !== null}
          disabled={isFixed}
          onChange={(event) => onChange(event.target.checked ? BARE : null)}
          className="size-5 accent-ink"
        />
        Read bare metal truly
      </label>
      {metal && (
        <div className="grid grid-cols-3 gap-3">
          <Field
            label="Set in the camera"
            value={String(metal.measured)}
            onChange={set('measured', same)}
            isFixed={isFixed}
          />
          <Field
            label="The metal’s own"
            value={String(metal.actual)}
            onChange={set('actual', same)}
            isFixed={isFixed}
          />
          <Field
            label={`It mirrors, ${units.temperatureUnit}`}
            value={String(Math.round(units.fromCelsius(metal.reflectedC) * 10) / 10)}
            onChange={set('reflectedC', units.toCelsius)}
            isFixed={isFixed}
          />
        </div>
      )}
    </div>
  );
}

function ScaleBar({ scale }: { scale: Scale }) {
  const { temperatureText } = useUnits();
  return (
    <p className="mt-1 flex items-center gap-2 text-sm">
      <span className="figures">{temperatureText(scale.from)}</span>
      <svg viewBox="0 0 100 4" preserveAspectRatio="none" aria-hidden="true" className="h-3 flex-1">
        <defs>
          <linearGradient id="heat-scale">
            <stop offset="0" stopColor="#0d1612" />
            <stop offset="0.25" stopColor="#1c4a3e" />
            <stop offset="0.5" stopColor="#846416" />
            <stop offset="0.75" stopColor="#d6562c" />
            <stop offset="1" stopColor="#faf0d6" />
          </linearGradient>
        </defs>
        <rect width="100" height="4" fill="url(#heat-scale)" />
      </svg>
      <span className="figures">{temperatureText(scale.to)}</span>
    </p>
  );
}

/** The breaker that sits in a space. */
function breakerAt(board: Board, space: number): BoardBreaker | null {
  return (
    board.breakers.find(
      ({ breaker }) =>
        breaker.space !== null &&
        slotsOf({ ...breaker, space: breaker.space }).some((slot) => slot.space === space),
    ) ?? null
  );
}

/** Terminals lie to the outside of a breaker, its face in the middle of the column. */
const pointOf = ({ board }: ThermalSpot): 'terminal' | 'face' =>
  board && Math.abs(board.u - 0.5) > 0.25 ? 'terminal' : 'face';

function Spots({
  board,
  spots,
  ambientC,
  camera,
  loadState,
  at,
  isAsked,
}: {
  board: Board;
  spots: readonly ThermalSpot[];
  ambientC: number | null;
  camera: string;
  loadState: Opened['loadState'];
  at: string;
  isAsked: boolean;
}) {
  const { temperatureText, riseText } = useUnits();
  return (
    <section aria-label="Hot spots">
      <h3 className="text-lg font-bold">
        {spots.length === 0
          ? 'No hot spot'
          : spots.length === 1
            ? 'One hot spot'
            : `${spots.length} hot spots`}
      </h3>
      {isAsked && <p>Give the temperature of the air: a rise is counted from it.</p>}
      <ol className="divide-y divide-rule">
        {spots.slice(0, 12).map((spot, i) => {
          const found = spot.space === null ? null : breakerAt(board, spot.space);
          const point = pointOf(spot);
          const name = found
            ? `${sayPlace(found.breaker)} ${found.label ?? ''}`.trim()
            : spot.space === null
              ? 'beside the board'
              : `space ${spot.space}, no breaker in it`;
          return (
            <li key={i} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
              <span className="min-w-0 flex-1">
                <strong className="figures">{i + 1}</strong>{' '}
                <strong className="figures text-lg">{temperatureText(spot.maxC)}</strong>{' '}
                {found ? (
                  <Link
                    to={`/panels/${board.panel.id}/breakers/${found.breaker.id}`}
                    className="underline underline-offset-4"
                  >
                    {name}
                  </Link>
                ) : (
                  name
                )}
                <span className="block text-sm text-ink-soft">
                  {riseText(spot.overBackgroundC)} over the picture
                  {ambientC !== null && `, ${riseText(spot.maxC - ambientC)} over the air`}, {spot.cells}{' '}
                  cells
                </span>
              </span>
              {found && ambientC !== null && (
                <SendButton
                  key={`${spot.hottest.x} ${spot.hottest.y} ${spot.maxC}`}
                  once
                  stored="On record"
                  waiting="Waits for the server"
                  entries={() => [
                    entries.readings(found.breaker.id, name, [
                      {
                        quantity: 'temperature',
                        point,
                        value: Math.round(spot.maxC * 10) / 10,
                        ambientC,
                        instrument: 'thermal-camera',
                        loadState,
                        at,
                        note: `From a heat picture${camera === '' ? '' : `, ${camera}`}.`,
                      },
                    ]),
                  ]}
                >
                  {point === 'terminal' ? 'Log it at its terminal' : 'Log it at its face'}
                </SendButton>
              )}
            </li>
          );
        })}
      </ol>
      {spots.length > 12 && (
        <p className="text-sm text-ink-soft">
          {spots.length - 12} cooler ones are not listed: raise what a spot begins at.
        </p>
      )}
    </section>
  );
}
