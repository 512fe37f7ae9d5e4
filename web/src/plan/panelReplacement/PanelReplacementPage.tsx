import { useParams } from 'react-router';
import { later, Notice, PageHead } from '../../shared/ui/index.ts';
import { usePlanned } from '../proposals/index.ts';
import * as messages from './messages.ts';

const PanelReplacement = later(async () => (await import('./PanelReplacement.tsx')).PanelReplacement);

/** A new service panel as a project: its size, what it needs, and the work as dated steps. */
export function PanelReplacementPage() {
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
      {planning && planned && <PanelReplacement planning={planning} planned={planned} />}
    </main>
  );
}
