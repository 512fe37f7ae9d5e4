import { name } from '@phylaxon/core/quantities';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api } from '../api/index.ts';
import { PanelForm } from '../setup/index.ts';
import { FieldError } from '../shared/index.ts';

/** Draw a new panel: at a site that is on record, or at a new one. */
export function NewPanelPage() {
  const { siteId } = useParams();
  const navigate = useNavigate();
  const [siteName, setSiteName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  // A site that was made is kept, should its panel be refused.
  const [made, setMade] = useState<string | null>(null);

  const siteToUse = async (): Promise<string> => {
    const known = siteId ?? made;
    if (known) return known;
    const checked = name('The site’s name').safeParse(siteName);
    if (!checked.success) {
      const message = checked.error.issues[0]!.message;
      setProblem(message);
      throw new Error(message);
    }
    setProblem(null);
    const { id } = await api.addSite({ name: checked.data });
    setMade(id);
    return id;
  };

  return (
    <main className="mx-auto max-w-3xl space-y-5 px-4 py-6">
      <title>A new panel · Phylaxon</title>
      <h1 className="text-3xl font-bold">Draw a panel</h1>
      <p>
        Look at the panel with its cover on. What is printed on its label can be added later; its breakers
        come next, typed or one by one.
      </p>
      {!siteId && (
        <div>
          <label htmlFor="site-name" className="mb-1 block text-sm font-medium">
            Site
          </label>
          <input
            id="site-name"
            value={siteName}
            autoComplete="off"
            onChange={(event) => setSiteName(event.target.value)}
            aria-invalid={problem ? true : undefined}
            aria-describedby={problem ? 'site-name-error' : 'site-name-hint'}
            className="min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-3 py-2"
          />
          {!problem && (
            <p id="site-name-hint" className="mt-1 text-sm text-ink-soft">
              A house, a workshop.
            </p>
          )}
          <FieldError id="site-name-error" message={problem ?? undefined} />
        </div>
      )}
      <PanelForm
        siteId={siteId}
        onStore={async (input) => api.addPanel(await siteToUse(), input)}
        onStored={async ({ id }) => {
          await navigate(`/panels/${id}`);
        }}
      />
    </main>
  );
}
