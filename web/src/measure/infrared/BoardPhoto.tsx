import type { BoardCorners } from '@phylaxon/core/physics/thermalPicture';
import type { Board } from '@phylaxon/core/views/board';
import { useEffect, useState } from 'react';
import { uploads, entries } from '../../shared/api/index.ts';
import { Button, Problems, SendButton } from '../../shared/ui/index.ts';
import { cornersOf } from './corners.ts';
import { PictureOnBoard } from './PictureOnBoard.tsx';
import * as messages from './messages.ts';

/** An ordinary photo laid on the board, the same way. */
export function BoardPhoto({ board, file, onDone }: { board: Board; file: File; onDone: () => void }) {
  const [photo, setPhoto] = useState<{ address: string; width: number; height: number } | null>(null);
  const [corners, setCorners] = useState<BoardCorners | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    const address = URL.createObjectURL(file);
    const image = new Image();
    image.onload = () => {
      setPhoto({ address, width: image.naturalWidth, height: image.naturalHeight });
      setCorners(cornersOf(image.naturalWidth, image.naturalHeight));
    };
    image.onerror = () => setProblem(messages.thisFileIsNotAnImage);
    image.src = address;
    return () => URL.revokeObjectURL(address);
  }, [file]);
  const toKeep = async () => {
    const { sha256 } = await uploads.attachment('photo', file);
    return [
      entries.panelEntry(board.panel.id, board.panel.name, {
        kind: 'board-photo',
        at: new Date().toISOString(),
        sha256,
        content: { corners },
      }),
    ];
  };
  return (
    <section
      aria-label={messages.panelPhoto}
      className="max-w-2xl space-y-3 border-t border-rule-strong pt-3"
    >
      {photo && corners && (
        <PictureOnBoard
          photo={photo}
          corners={corners}
          spaces={board.panel.spaces}
          onMove={setCorners}
          title={messages.photoOfTheBoardWithIts}
        />
      )}
      <Problems title={messages.thePhotoCouldNotBeRead} problems={problem === null ? [] : [problem]} />
      <div className="flex flex-wrap items-center gap-3">
        <SendButton
          look="primary"
          once
          disabled={!photo}
          stored={messages.onRecord}
          entries={toKeep}
          onStored={onDone}
        >
          {messages.savePhoto}
        </SendButton>
        <Button look="quiet" onClick={onDone}>
          {messages.discard}
        </Button>
      </div>
    </section>
  );
}
