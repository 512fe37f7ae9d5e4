import type { Breaker } from '@phylaxon/core/record/entities';
import { Camera } from 'lucide-react';
import { useEffect, useId, useState } from 'react';
import { entries } from '../api/index.ts';
import { Button, FieldError, FILE_BUTTON, useAction } from '../ui/index.ts';
import { sendPhoto } from '../stores/index.ts';
import { shrink } from './shrink.ts';
import * as messages from './messages.ts';

interface Taken {
  picture: Blob;
  address: string;
}

/** Add a photo: made smaller here, without what the camera wrote into it. It stays here until it is stored. */
export function PhotoForm({ breaker, where }: { breaker: Pick<Breaker, 'id'>; where: string }) {
  const id = useId();
  const [taken, setTaken] = useState<Taken | null>(null);
  const [note, setNote] = useState('');
  const { problem, busy, run } = useAction();
  useEffect(() => () => void (taken && URL.revokeObjectURL(taken.address)), [taken]);

  const choose = (file: File) =>
    run(async () => {
      const picture = await shrink(file);
      setTaken({ picture, address: URL.createObjectURL(picture) });
    });
  const store = () =>
    run(async () => {
      await sendPhoto(
        entries.photo(breaker.id, where, { at: new Date().toISOString(), note }),
        taken!.picture,
      );
      setTaken(null);
      setNote('');
    });

  return (
    <div className="self-end">
      {taken ? (
        <div className="flex flex-wrap items-end gap-2">
          <img src={taken.address} alt={messages.photoToSave} className="h-20 w-auto" />
          <div className="min-w-32 flex-1">
            <label htmlFor={id} className="mb-1 block text-sm font-medium">
              {messages.whatDoesThePhotoShow}
            </label>
            <input
              id={id}
              value={note}
              maxLength={2000}
              onChange={(event) => setNote(event.target.value)}
              className="min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-3 py-2"
            />
          </div>
          <Button disabled={busy} onClick={() => void store()}>
            {busy ? messages.saving : messages.savePhoto}
          </Button>
          <Button look="quiet" onClick={() => setTaken(null)}>
            {messages.cancel}
          </Button>
        </div>
      ) : (
        <label className={FILE_BUTTON}>
          <Camera aria-hidden="true" className="size-5" />
          {messages.addAPhoto}
          <input
            type="file"
            accept="image/*"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void choose(file);
              event.target.value = '';
            }}
          />
        </label>
      )}
      <FieldError message={problem ?? undefined} />
    </div>
  );
}
