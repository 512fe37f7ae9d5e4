import { HEAT_LIMITS } from '@phylaxon/core/facts/limits';
import { sayBreaker } from '@phylaxon/core/panel/layout';
import type { LOAD_STATES } from '@phylaxon/core/record/entities';
import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import { HEAT_STOPS, type HeatScale } from '@phylaxon/core/views/heatColors';
import type { BoardCorners, Emissivity, ThermalSpot } from '@phylaxon/core/physics/thermalPicture';
import type { Board } from '@phylaxon/core/views/board';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { uploads, entries, newId } from '../../shared/api/index.ts';
import { LOAD_STATE_OPTIONS, SelectInput, SendButton, toNumber, useUnits } from '../../shared/ui/index.ts';
import { breakerAt } from './breakerAt.ts';
import { cornersOf } from './corners.ts';
import type { HeatPicture, SpotsOutcome } from './heatWorker.ts';
import { PictureOnBoard } from './PictureOnBoard.tsx';
import { theHeatWorker } from './theHeatWorker.ts';

export interface Opened {
  picture: HeatPicture;
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

const FIELD = 'min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-3';
/** How much hotter than the picture a spot begins, °C, where nobody said so. */
const USUAL_OVER_C = HEAT_LIMITS.overPeersRepairSoonC;
/** What air a rise is counted from while it is not entered. */
const USUAL_AIR_C = HEAT_LIMITS.usualAmbientC;

/** What was typed, in the record’s unit; null: no figure. */
function figureOf(text: string, convert: (typed: number) => number): number | null {
  const typed = toNumber(text);
  return typeof typed === 'number' && Number.isFinite(typed) ? convert(typed) : null;
}

/** A temperature picture laid on the board: its corners, what it was taken with, its hot spots. */
export function HeatPictureEditor({ board, opened, onUnit, onKept }: Props) {
  const units = useUnits();
  const { matrix, scale } = opened.picture;
  const isKept = opened.keptId !== null;
  const [id] = useState(newId);
  const [corners, setCorners] = useState(opened.corners ?? cornersOf(matrix.width, matrix.height));
  const [air, setAir] = useState(opened.ambientC === null ? '' : String(units.fromCelsius(opened.ambientC)));
  const [camera, setCamera] = useState(opened.camera);
  const [loadState, setLoadState] = useState(opened.loadState);
  const [over, setOver] = useState(String(units.riseFromCelsius(USUAL_OVER_C)));
  const [metal, setMetal] = useState(opened.emissivity);
  const ambientC = figureOf(air, units.toCelsius);
  const overC = figureOf(over, units.riseToCelsius) ?? USUAL_OVER_C;
  const outcome = useSpots(matrix, ambientC ?? USUAL_AIR_C, overC, metal, corners, board.panel.spaces);
  const spots = outcome && 'ok' in outcome ? outcome.ok : [];

  const toKeep = async () => {
    const { sha256 } = await uploads.attachment(
      'heat-matrix',
      new Blob([(await theHeatWorker().pack(matrix)) as BlobPart]),
    );
    return [
      entries.panelEntry(board.panel.id, board.panel.name, {
        id,
        kind: 'heat-picture',
        at: opened.at,
        sha256,
        content: { camera, loadState, ambientC: ambientC!, corners, emissivity: metal },
      }),
    ];
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
          <SelectInput
            label="Load"
            options={LOAD_STATE_OPTIONS}
            value={loadState}
            onValue={setLoadState}
            isFixed={isKept}
          />
          <Field
            label={`Spot from, ${units.temperatureUnit} over the picture`}
            value={over}
            onChange={setOver}
          />
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
          <SendButton
            look="primary"
            once
            disabled={ambientC === null}
            stored="On record"
            waiting="It waits for the server: it is kept as soon as the server answers."
            entries={toKeep}
            onStored={() => onKept?.(id)}
          >
            Save the image
          </SendButton>
        )}
        {opened.keptId !== null && (
          <SendButton
            once
            stored="Voided. Undo restores it."
            entries={() => [entries.strike('panelEntries', opened.keptId!, 'Not to be counted')]}
          >
            Void this image
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
    const figure = figureOf(text, convert);
    if (figure !== null) onChange({ ...metal!, [field]: figure });
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

function ScaleBar({ scale }: { scale: HeatScale }) {
  const { temperatureText } = useUnits();
  return (
    <p className="mt-1 flex items-center gap-2 text-sm">
      <span className="figures">{temperatureText(scale.from)}</span>
      <svg viewBox="0 0 100 4" preserveAspectRatio="none" aria-hidden="true" className="h-3 flex-1">
        <defs>
          <linearGradient id="heat-scale">
            {HEAT_STOPS.map((color, i) => (
              <stop key={i} offset={i / (HEAT_STOPS.length - 1)} stopColor={`rgb(${color.join()})`} />
            ))}
          </linearGradient>
        </defs>
        <rect width="100" height="4" fill="url(#heat-scale)" />
      </svg>
      <span className="figures">{temperatureText(scale.to)}</span>
    </p>
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
            ? sayBreaker(found.breaker, found.label)
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
                        note: `From an infrared image${camera === '' ? '' : `, ${camera}`}.`,
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
