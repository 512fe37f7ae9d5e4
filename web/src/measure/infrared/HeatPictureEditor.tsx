import { HEAT_LIMITS } from '@phylaxon/core/facts/limits';
import type { ThermalSpot } from '@phylaxon/core/physics/thermalPicture';
import type { Board } from '@phylaxon/core/views/board';
import { useState } from 'react';
import { uploads, entries, newId } from '../../shared/api/index.ts';
import { LOAD_STATE_OPTIONS, SelectInput, SendButton, useUnits } from '../../shared/ui/index.ts';
import { cornersOf } from './corners.ts';
import { PictureOnBoard } from './PictureOnBoard.tsx';
import { theHeatWorker } from './theHeatWorker.ts';
import { HeatSpots } from './HeatSpots.tsx';
import { HeatField, BareMetal, typedFigure } from './HeatFields.tsx';
import { useSpotLayer } from './useSpotLayer.ts';
import { useSpots } from './useSpots.ts';
import { ScaleBar } from './ScaleBar.tsx';
import type { Opened } from './openedPicture.ts';
import * as messages from './messages.ts';

interface Props {
  board: Board;
  opened: Opened;
  /** The file was of the other unit. */
  onUnit?: (unit: 'C' | 'F') => void;
  onKept?: (id: string) => void;
}

/** How much hotter than the picture a spot begins, °C, where nobody said so. */
const USUAL_OVER_C = HEAT_LIMITS.overPeersRepairSoonC;

/** While they are looked for. */
const NO_SPOTS: ThermalSpot[] = [];

/** What air a rise is counted from while it is not entered. */
const USUAL_AIR_C = HEAT_LIMITS.usualAmbientC;

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
  const ambientC = typedFigure(air, units.toCelsius);
  const overC = typedFigure(over, units.riseToCelsius) ?? USUAL_OVER_C;
  const outcome = useSpots(matrix, ambientC ?? USUAL_AIR_C, overC, metal, corners, board.panel.spaces);
  const spots = outcome && 'ok' in outcome ? outcome.ok : NO_SPOTS;
  useSpotLayer(board, spots);

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
      aria-label={messages.infraredImage}
      className="grid grid-cols-[minmax(0,1fr)] gap-6 border-t border-rule-strong pt-3 @4xl:grid-cols-2"
    >
      <div>
        <PictureOnBoard
          matrix={matrix}
          scale={scale}
          corners={corners}
          spaces={board.panel.spaces}
          spots={spots}
          onMove={isKept ? undefined : setCorners}
          title={messages.temperaturesFromToWithTheBoard(
            units.temperatureText(scale.from),
            units.temperatureText(scale.to),
          )}
        />
        <ScaleBar scale={scale} />
        {!isKept && <p className="text-sm text-ink-soft">{messages.dragTheFourCornersOntoThe}</p>}
      </div>
      <div className="min-w-0 space-y-4">
        <div className="grid grid-cols-2 gap-3">
          <HeatField
            label={messages.ambient(units.temperatureUnit)}
            value={air}
            onChange={setAir}
            isFixed={isKept}
          />
          <HeatField label={messages.camera} value={camera} onChange={setCamera} isFixed={isKept} isText />
          <SelectInput
            label={messages.load}
            options={LOAD_STATE_OPTIONS}
            value={loadState}
            onValue={setLoadState}
            isFixed={isKept}
          />
          <HeatField
            label={messages.hotSpotThresholdAboveThe(units.temperatureUnit)}
            value={over}
            onChange={setOver}
          />
        </div>
        <BareMetal metal={metal} onChange={setMetal} isFixed={isKept} />
        {!isKept && onUnit && (
          <p className="text-sm">
            {messages.theFileReadsToIfThat(
              units.temperatureText(scale.from),
              units.temperatureText(scale.to),
            )}{' '}
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
        {outcome === null && <p role="status">{messages.findingHotSpots}</p>}
        {outcome !== null && 'ok' in outcome && (
          <HeatSpots
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
            stored={messages.onRecord}
            waiting={messages.waitingForTheServerTheImage}
            entries={toKeep}
            onStored={() => onKept?.(id)}
          >
            {messages.saveImage}
          </SendButton>
        )}
        {opened.keptId !== null && (
          <SendButton
            once
            stored={messages.voidedYouCanUndoThis}
            entries={() => [entries.strike('panelEntries', opened.keptId!, messages.shouldNotCount)]}
          >
            {messages.voidThisImage}
          </SendButton>
        )}
      </div>
    </section>
  );
}
