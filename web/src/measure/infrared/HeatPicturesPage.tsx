import { heatPicture, type PanelEntryOf, type ShownPanelEntry } from '@phylaxon/core/record/panelEntries';
import { correctedTemperature } from '@phylaxon/core/physics/thermalPicture';
import type { Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, FileField, PageHead, Problems, useUnits } from '../../shared/ui/index.ts';
import { BoardPhoto } from './BoardPhoto.tsx';
import { Compare } from './Compare.tsx';
import { KeptPhotos } from './KeptPhotos.tsx';
import { HeatThumbnail } from './HeatThumbnail.tsx';
import { HeatPictureEditor } from './HeatPictureEditor.tsx';
import type { Opened } from './openedPicture.ts';
import { scaledCorners } from './corners.ts';
import type { HeatPicture } from './heatWorker.ts';
import { theHeatWorker } from './theHeatWorker.ts';
import { useKeptPicture } from './useKeptPicture.ts';
import * as messages from './messages.ts';

type Kept = ShownPanelEntry & { entry: PanelEntryOf<'heat-picture'> };

/** What is open beside what is on record. */
type OnPage =
  | { kind: 'file'; file: File; picture: HeatPicture }
  | { kind: 'refused'; refused: string }
  | { kind: 'photo'; file: File }
  | { kind: 'kept'; id: string };

/** Another file of the same name is another file. */
const keyOf = ({ name, lastModified, size }: File) => `${name} ${lastModified} ${size}`;

/** Temperature pictures of a panel: those on record, another one, and two beside each other. */
export function HeatPicturesPage() {
  const { panelId = '' } = useParams();
  const { data: board } = useQuery(recordQueries.board(panelId));
  const { data } = useQuery(recordQueries.panelEntries(panelId, 'heat-picture'));
  const kept = ((data ?? []) as Kept[]).filter(({ entry }) => entry.struck === null);
  const [open, setOpen] = useState<OnPage | null>(null);
  const [beside, setBeside] = useState<string | null>(null);

  const read = async (file: File, unit?: 'C' | 'F') => {
    const outcome = await theHeatWorker().read(file, unit);
    setOpen('ok' in outcome ? { kind: 'file', file, picture: outcome.ok } : { kind: 'refused', ...outcome });
  };
  const chosen = open?.kind === 'kept' ? open.id : null;
  const current = kept.find(({ entry }) => entry.id === chosen) ?? null;
  const other = kept.find(({ entry }) => entry.id === beside) ?? null;
  return (
    <main className="max-w-5xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={messages.infraredImages}
      />
      <div className="flex flex-wrap items-center gap-3">
        <FileField
          label={messages.temperatureMatrix}
          accept=".csv,.tsv,.txt,.json,text/*,application/json"
          onFile={(one) => void read(one)}
        />
        <FileField
          label={messages.ordinaryPhoto}
          accept="image/jpeg"
          onFile={(file) => setOpen({ kind: 'photo', file })}
        />
        <p className="max-w-xl text-sm text-ink-soft">{messages.aCsvTsvOrJsonMatrix}</p>
      </div>
      <Problems
        title={messages.theFileCouldNotBeRead}
        problems={open?.kind === 'refused' ? [open.refused] : []}
      />
      {board && open?.kind === 'file' && (
        <HeatPictureEditor
          key={keyOf(open.file)}
          board={board}
          opened={openedOf(open.picture, kept[0])}
          onUnit={(unit) => void read(open.file, unit)}
          onKept={(id) => setOpen({ kind: 'kept', id })}
        />
      )}
      {board && open?.kind === 'photo' && (
        <BoardPhoto key={keyOf(open.file)} board={board} file={open.file} onDone={() => setOpen(null)} />
      )}
      {board && <List kept={kept} chosen={chosen} onChoose={(id) => setOpen({ kind: 'kept', id })} />}
      {board && current && <KeptPicture key={current.entry.id} board={board} kept={current} />}
      {board && current && kept.length > 1 && (
        <section aria-label={messages.beforeAndAfter} className="border-t border-rule-strong pt-3">
          <h2 className="text-xl font-bold">{messages.beforeAndAfter}</h2>
          <div className="mt-1 flex flex-wrap gap-2" role="group" aria-label={messages.compareWith}>
            {kept
              .filter(({ entry }) => entry.id !== current.entry.id)
              .map(({ entry, about }) => (
                <PictureChoice
                  key={entry.id}
                  entry={entry}
                  about={about}
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
function openedOf(picture: HeatPicture, latest: Kept | undefined): Opened {
  const before = latest?.entry.content;
  const about = latest?.about?.kind === 'heat-matrix' ? latest.about : null;
  return {
    picture,
    at: new Date().toISOString(),
    corners: before?.corners && about ? scaledCorners(before.corners, about, picture.matrix) : null,
    ambientC: null,
    camera: before?.camera ?? '',
    loadState: before?.loadState ?? 'everything-on',
    emissivity: before?.emissivity ?? null,
    keptId: null,
  };
}

function KeptPicture({ board, kept: { entry } }: { board: Board; kept: Kept }) {
  const { picture, problem } = useKeptPicture(entry.sha256);
  if (problem !== null) return <Problems title={messages.thisImageCannotBeOpened} problems={[problem]} />;
  if (!picture) return <p>{messages.loading}</p>;
  const { camera, loadState, ambientC, corners, emissivity } = entry.content;
  return (
    <HeatPictureEditor
      board={board}
      opened={{
        picture,
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
  if (kept.length === 0) return <p className="max-w-2xl">{messages.noInfraredImagesYetTakeOne}</p>;
  return (
    <section aria-label={messages.savedImages}>
      <h2 className="text-xl font-bold">{messages.savedImages}</h2>
      <div className="mt-1 flex flex-wrap gap-2">
        {kept.map(({ entry, about }) => (
          <PictureChoice
            key={entry.id}
            entry={entry}
            about={about}
            isChosen={entry.id === chosen}
            onPick={() => onChoose(entry.id)}
          />
        ))}
      </div>
    </section>
  );
}

interface PickProps extends Pick<Kept, 'entry' | 'about'> {
  isChosen: boolean;
  onPick: () => void;
}

function PictureChoice({ entry, about, isChosen, onPick }: PickProps) {
  const { timeText, say, temperatureText } = useUnits();
  const preview = about?.kind === 'heat-matrix' ? about.preview : undefined;
  return (
    <Button
      look={isChosen ? 'primary' : 'quiet'}
      aria-pressed={isChosen}
      onClick={onPick}
      className="text-left"
    >
      <span className="flex items-center gap-3">
        {preview && <HeatThumbnail preview={preview} />}
        <span>
          <span className="figures block">{timeText(entry.at)}</span>
          <span className="block text-sm font-normal">
            {messages.ambientAndCamera(
              say(heatPicture.say(entry.content)),
              temperatureText(entry.content.ambientC),
              entry.simulated && messages.simulated,
            )}
          </span>
          {preview && (
            <span className="block text-sm font-normal">
              {messages.hottest(
                temperatureText(correctedTemperature(preview.hottest.celsius, entry.content.emissivity)),
              )}
            </span>
          )}
        </span>
      </span>
    </Button>
  );
}
