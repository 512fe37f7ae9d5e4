import { sendNow } from '../../shared/stores/index.ts';
import { useRef } from 'react';
import { useNavigate, useParams } from 'react-router';
import { drawing } from '../../shared/api/index.ts';
import { PanelForm } from '../setup/index.ts';

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
      <title>A new panel · Phylaxon</title>
      <h1 className="text-3xl font-bold">Draw a panel</h1>
      <p>
        Look at the panel with its cover on. What is printed on its label can be added later; its breakers
        come next, typed or one by one.
      </p>
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
