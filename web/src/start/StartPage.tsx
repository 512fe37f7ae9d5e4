import type { SiteSummary } from '@phylaxon/core/board';
import { useCallback, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api/index.ts';
import { PanelForm } from '../setup/index.ts';
import { Button, classes, Notice } from '../shared/index.ts';

/** Where one begins: every panel, what in it needs attention, and how to draw a new one. */
export function StartPage() {
  const [sites, setSites] = useState<SiteSummary[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  const load = useCallback(() => {
    api.sites().then(
      (answer) => {
        setSites(answer.sites);
        setProblem(null);
      },
      (error: Error) => setProblem(error.message),
    );
  }, []);
  useEffect(load, [load]);

  return (
    <main className="mx-auto max-w-3xl space-y-10 px-4 py-8">
      <title>Phylaxon</title>
      <h1 className="text-3xl font-bold text-balance">
        {sites?.length === 0 ? 'Draw your first panel' : 'Which panel are you at?'}
      </h1>
      {problem && (
        <Notice title={problem}>
          <Button look="quiet" className="mt-2" onClick={load}>
            Try again
          </Button>
        </Notice>
      )}
      {sites?.map((site) => (
        <Site key={site.site.id} summary={site} />
      ))}
      {sites && (
        <details open={sites.length === 0} className="border-t border-rule-strong pt-4">
          <summary className="min-h-11 py-2 text-xl font-bold">
            {sites.length === 0 ? 'A house, a workshop: any site' : 'Draw a panel at another site'}
          </summary>
          <PanelForm />
        </details>
      )}
    </main>
  );
}

function Site({ summary: { site, panels } }: { summary: SiteSummary }) {
  return (
    <section aria-label={site.name}>
      <h2 className="text-xl font-bold">{site.name}</h2>
      {site.note && <p className="text-ink-soft">{site.note}</p>}
      {panels.map(({ panel, breakers, attention }) => (
        <div key={panel.id} className="mt-3">
          <Link
            to={`/panels/${panel.id}`}
            className="on-enamel flex min-h-14 items-center justify-between rounded-xs bg-enamel px-4 py-3 text-enamel-text hover:bg-enamel-raised"
          >
            <span className="text-lg font-semibold">{panel.name}</span>
            <span className="figures text-sm text-enamel-soft">
              {breakers} breakers · {panel.spaces} spaces
            </span>
          </Link>
          {attention.length === 0 ? (
            <p className="py-2 text-ink-soft">Nothing here asks for attention.</p>
          ) : (
            <ul aria-label={`Needs attention in ${panel.name}`} className="divide-y divide-rule">
              {attention.map(({ breakerId, label, headline, stop }) => (
                <li key={breakerId}>
                  <Link
                    to={`/panels/${panel.id}/breakers/${breakerId}`}
                    className="flex min-h-11 flex-wrap items-baseline gap-x-3 px-1 py-2 hover:bg-bone-sunk"
                  >
                    <strong className={classes('min-w-60', stop && 'text-danger')}>{label}</strong>
                    <span>{headline}</span>
                  </Link>
                </li>
              ))}
            </ul>
          )}
        </div>
      ))}
      <details className="mt-2">
        <summary className="min-h-11 py-2 font-medium">Draw another panel here</summary>
        <PanelForm site={site} />
      </details>
    </section>
  );
}
