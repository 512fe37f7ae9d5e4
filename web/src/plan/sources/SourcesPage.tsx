import { useParams } from 'react-router';
import { later, Notice, PageHead } from '../../shared/ui/index.ts';
import { usePlanned } from '../proposals/index.ts';
import * as messages from './messages.ts';

const Sources = later(async () => (await import('./Sources.tsx')).Sources);

/** Sources besides the utility, and what a backup carries of this panel. */
export function SourcesPage() {
  const { panelId = '' } = useParams();
  const { board, planning, planned, error } = usePlanned(panelId);
  return (
    <main className="max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={messages.title}
      />
      {error && <Notice title={error.message} />}
      {board && planning && planned && (
        <Sources key={panelId} board={board} planning={planning} planned={planned} />
      )}
    </main>
  );
}
