import { sendNow } from '../../shared/stores/index.ts';
import { useRef } from 'react';
import { useNavigate, useParams } from 'react-router';
import { drawing } from '../../shared/api/index.ts';
import { PanelForm } from '../setup/index.ts';
import * as messages from './messages.ts';

/** Draw a new panel: at a site that is on record, or at a new one. */
export function NewPanelPage() {
  const { siteId } = useParams();
  const navigate = useNavigate();
  // A site that was made is kept, should its panel be refused.
  const made = useRef<{ name: string; id: string } | null>(null);

  const siteToUse = async (name: string): Promise<string> => {
    if (siteId) return siteId;
    if (made.current?.name !== name)
      made.current = { name, id: (await sendNow(drawing.addSite({ name }))).id };
    return made.current.id;
  };

  return (
    <main className="mx-auto max-w-3xl space-y-5 px-4 py-6">
      <title>{messages.newPanelPhylaxon}</title>
      <h1 className="text-3xl font-bold">{messages.setUpAPanel}</h1>
      <p>{messages.enterWhatYouCanSeeWith}</p>
      <PanelForm
        siteId={siteId}
        onStore={async (input, siteName) => sendNow(drawing.addPanel(await siteToUse(siteName ?? ''), input))}
        onStored={async ({ id }) => {
          await navigate(`/panels/${id}`);
        }}
      />
    </main>
  );
}
