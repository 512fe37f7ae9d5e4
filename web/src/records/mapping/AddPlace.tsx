import { useState } from 'react';
import { Button, TypedInput } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** One place more, for who walks through the house with the phone: the room stays as it is. */
export function AddPlace({ onAdd }: { onAdd: (room: string, place: string) => void }) {
  const [room, setRoom] = useState('');
  const [place, setPlace] = useState('');
  const isWhole = room.trim() !== '' && place.trim() !== '';
  return (
    <form
      aria-label={messages.addAnOutletOrFixture}
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!isWhole) return;
        onAdd(room, place);
        setPlace('');
      }}
    >
      <TypedInput label={messages.room} value={room} onValue={setRoom} isFigure={false} className="w-36" />
      <TypedInput
        label={messages.outletOrFixture}
        value={place}
        onValue={setPlace}
        isFigure={false}
        className="w-44"
      />
      <Button look="quiet" type="submit" disabled={!isWhole}>
        {messages.add}
      </Button>
    </form>
  );
}
