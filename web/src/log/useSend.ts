import { useState } from 'react';
import { usePanel } from '../stores/index.ts';

/** Sends an entry, then asks for the board and the sheet again; tells for a moment that it is stored. */
export function useSend() {
  const refresh = usePanel((state) => state.refresh);
  const [stored, setStored] = useState(false);
  const send = async (store: () => Promise<unknown>, onStored: () => void) => {
    setStored(false);
    await store();
    // At once: a reload while the board is asked for again must not find the entry in the form.
    onStored();
    setStored(true);
    await refresh();
  };
  return { send, stored };
}
