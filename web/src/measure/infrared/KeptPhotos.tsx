import type { PanelEntryOf } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { attachment, entries } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { SendButton, useUnits } from '../../shared/ui/index.ts';
import { cornersOf } from './corners.ts';
import { PictureOnBoard } from './PictureOnBoard.tsx';
import * as messages from './messages.ts';

/** Ordinary photos that lie on the board. */
export function KeptPhotos({ board }: { board: Board }) {
  const { timeText } = useUnits();
  const { data } = useQuery(recordQueries.panelEntries(board.panel.id, 'board-photo'));
  const kept = (data ?? []).filter(({ entry }) => entry.struck === null);
  if (kept.length === 0) return null;
  return (
    <section aria-label={messages.panelPhotos} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.panelPhotos}</h2>
      <ul className="mt-2 grid gap-4 sm:grid-cols-2">
        {kept.map(({ entry, about }) => {
          const { id, at, sha256, content } = entry as PanelEntryOf<'board-photo'>;
          if (about?.kind !== 'photo' || sha256 === null) return null;
          return (
            <li key={id} className="min-w-0">
              <Photo
                sha256={sha256}
                width={about.width}
                height={about.height}
                corners={content.corners}
                spaces={board.panel.spaces}
                title={messages.photoOfTheBoard(timeText(at))}
              />
              <p className="mt-1 flex flex-wrap items-center gap-4">
                <span className="figures text-sm">{timeText(at)}</span>
                <SendButton
                  once
                  stored={messages.voidedYouCanUndoThis}
                  entries={() => [entries.strike('panelEntries', id, messages.shouldNotBeShown)]}
                >
                  {messages.voidLabel}
                </SendButton>
              </p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function Photo({
  sha256,
  width,
  height,
  corners,
  spaces,
  title,
}: {
  sha256: string;
  width: number;
  height: number;
  corners: PanelEntryOf<'board-photo'>['content']['corners'];
  spaces: number;
  title: string;
}) {
  const { data } = useQuery({
    queryKey: ['board-photo', sha256],
    queryFn: () => attachment(sha256),
    staleTime: Infinity,
  });
  const address = useAddress(data);
  if (address === null) return <p>{messages.loading}</p>;
  return (
    <PictureOnBoard
      photo={{ address, width, height }}
      corners={corners ?? cornersOf(width, height)}
      spaces={spaces}
      title={title}
    />
  );
}

/** An address of its own for what was fetched, given back with it. */
function useAddress(file: Blob | undefined): string | null {
  const address = useMemo(
    () => (file ? URL.createObjectURL(new Blob([file], { type: 'image/jpeg' })) : null),
    [file],
  );
  useEffect(
    () => () => {
      if (address !== null) URL.revokeObjectURL(address);
    },
    [address],
  );
  return address;
}
