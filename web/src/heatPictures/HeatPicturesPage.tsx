import type { PanelEntryOf, ShownPanelEntry } from '@phylaxon/core/record/panelEntries';
import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import { sayPanelEntry } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { recordQueries } from '../queries/index.ts';
import { Button, FileField, Problems, useUnits } from '../shared/index.ts';
import { BoardPhoto } from './BoardPhoto.tsx';
import { Compare } from './Compare.tsx';
import { KeptPhotos } from './KeptPhotos.tsx';
import { HeatPictureEditor, type Opened } from './HeatPictureEditor.tsx';
import { scaledCorners } from './corners.ts';
import { theHeatWorker } from './theHeatWorker.ts';
import { useKeptPicture } from './useKeptPicture.ts';

type Kept = ShownPanelEntry & { entry: PanelEntryOf<'heat-picture'> };

/** Temperature pictures of a panel: those on record, another one, and two beside each other. */
export function HeatPicturesPage() {
  const { panelId = '' } = useParams();
  const { data: board } = useQuery(recordQueries.board(panelId));
  const { data } = useQuery(recordQueries.panelEntries(panelId, 'heat-picture'));
  const kept = ((data ?? []) as Kept[]).filter(({ entry }) => entry.struck === null);
  const [file, setFile] = useState<{ name: string; matrix: HeatMatrix } | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const [beside, setBeside] = useState<string | null>(null);
  const [photo, setPhoto] = useState<File | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [sent, setSent] = useState<File | null>(null);

  const read = async (one: File, unit?: 'C' | 'F') => {
    setProblem(null);
    setChosen(null);
    setPhoto(null);
    setSent(one);
    const outcome = await theHeatWorker().read(one, unit);
    if ('refused' in outcome) {
      setFile(null);
      setProblem(outcome.refused);
    } else setFile({ name: one.name, matrix: outcome.ok.matrix });
  };
  const latest = kept[0];
  const current = kept.find(({ entry }) => entry.id === chosen) ?? null;
  const other = kept.find(({ entry }) => entry.id === beside) ?? null;
  return (
    <main className="mx-auto max-w-6xl space-y-5 px-4 py-5 sm:px-6">
      <title>Heat pictures · Phylaxon</title>
      <div>
        <Link
          to={`/panels/${panelId}`}
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          ← {board?.panel.name ?? 'The panel'}
        </Link>
        <h1 className="text-2xl font-bold">Heat pictures</h1>
      </div>
      <div className="flex flex-wrap items-center gap-3">
        <FileField
          label="A temperature matrix"
          accept=".csv,.tsv,.txt,.json,text/*,application/json"
          onFile={(one) => void read(one)}
        />
        <FileField
          label="An ordinary photo"
          accept="image/jpeg"
          onFile={(one) => {
            setFile(null);
            setChosen(null);
            setPhoto(one);
          }}
        />
        <p className="max-w-xl text-sm text-ink-soft">
          A CSV, TSV or JSON matrix of up to 640 × 640 cells, as cameras and their programs write them.
        </p>
      </div>
      <Problems
        title="This file was not taken. Nothing was stored."
        problems={problem === null ? [] : [problem]}
      />
      {board && file && (
        <HeatPictureEditor
          key={file.name}
          board={board}
          opened={openedOf(file, latest)}
          onUnit={(unit) => sent && void read(sent, unit)}
          onKept={(id) => {
            setFile(null);
            setChosen(id);
          }}
        />
      )}
      {board && photo && (
        <BoardPhoto key={photo.name} board={board} file={photo} onDone={() => setPhoto(null)} />
      )}
      {board && <List kept={kept} chosen={chosen} onChoose={setChosen} />}
      {board && current && !file && <KeptPicture key={current.entry.id} board={board} kept={current} />}
      {board && current && kept.length > 1 && (
        <section aria-label="Before and after" className="border-t border-rule-strong pt-3">
          <h2 className="text-xl font-bold">Before and after</h2>
          <div className="mt-1 flex flex-wrap gap-2" role="group" aria-label="Compare with">
            {kept
              .filter(({ entry }) => entry.id !== current.entry.id)
              .map(({ entry }) => (
                <Pick
                  key={entry.id}
                  entry={entry}
                  isChosen={entry.id === beside}
                  onPick={() => setBeside(entry.id)}
                />
              ))}
          </div>
          {other && <Compare board={board} one={current.entry} other={other.entry} />}
        </section>
      )}
      {board && <KeptPhotos board={board} />}
    </main>
  );
}

/** What was last set for this panel holds for the next picture: where the board lies, camera, emissivity. */
function openedOf({ name, matrix }: { name: string; matrix: HeatMatrix }, latest: Kept | undefined): Opened {
  const before = latest?.entry.content;
  const about = latest?.about?.kind === 'heat-matrix' ? latest.about : null;
  return {
    name,
    matrix,
    at: new Date().toISOString(),
    corners: before?.corners && about ? scaledCorners(before.corners, about, matrix) : null,
    ambientC: null,
    camera: before?.camera ?? '',
    loadState: before?.loadState ?? 'everything-on',
    emissivity: before?.emissivity ?? null,
    keptId: null,
  };
}

function KeptPicture({ board, kept: { entry } }: { board: Board; kept: Kept }) {
  const { matrix, problem } = useKeptPicture(entry.sha256);
  if (problem !== null) return <Problems title="This picture cannot be opened." problems={[problem]} />;
  if (!matrix) return <p>Opening …</p>;
  const { camera, loadState, ambientC, corners, emissivity } = entry.content;
  return (
    <HeatPictureEditor
      board={board}
      opened={{
        name: camera,
        matrix,
        at: entry.at,
        corners,
        ambientC,
        camera,
        loadState,
        emissivity,
        keptId: entry.id,
      }}
    />
  );
}

function List({
  kept,
  chosen,
  onChoose,
}: {
  kept: readonly Kept[];
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  if (kept.length === 0)
    return (
      <p className="max-w-2xl">
        None is on record yet. Take one under load, with the whole board in it, and open its matrix here: the
        hot spots are found, and lie at their breakers.
      </p>
    );
  return (
    <section aria-label="On record">
      <h2 className="text-xl font-bold">On record</h2>
      <div className="mt-1 flex flex-wrap gap-2">
        {kept.map(({ entry }) => (
          <Pick
            key={entry.id}
            entry={entry}
            isChosen={entry.id === chosen}
            onPick={() => onChoose(entry.id)}
          />
        ))}
      </div>
    </section>
  );
}

function Pick({ entry, isChosen, onPick }: { entry: Kept['entry']; isChosen: boolean; onPick: () => void }) {
  const { timeText, say, temperatureText } = useUnits();
  return (
    <Button
      look={isChosen ? 'primary' : 'quiet'}
      aria-pressed={isChosen}
      onClick={onPick}
      className="text-left"
    >
      <span className="figures block">{timeText(entry.at)}</span>
      <span className="block text-sm font-normal">
        {say(sayPanelEntry(entry))}, air {temperatureText(entry.content.ambientC)}
        {entry.simulated && ', simulated'}
      </span>
    </Button>
  );
}
