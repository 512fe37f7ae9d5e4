import { askAs, newId } from '../api/index.ts';
import { asOwnChange, invalidateRecord } from '../queries/index.ts';
import { useProfile } from './profileStore.ts';

/**
 * Take back the newest edit of a site, or do again what was taken back last; then what is shown is asked for again.
 *
 * @throws RequestError if the server refuses it
 */
export async function stepSite(siteId: string, direction: 'undo' | 'redo', editId: string): Promise<void> {
  const change = newId();
  try {
    await asOwnChange(change, () =>
      askAs(
        `POST /sites/:id/${direction}`,
        { params: { id: siteId }, body: { edit: editId } },
        { change, profile: useProfile.getState().profile },
      ),
    );
  } finally {
    await invalidateRecord();
  }
}
