import type { SiteSummary } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { CaseList } from '../../diagnose/caseList/index.ts';
import { invalidateRecord, recordQueries } from '../../shared/queries/index.ts';
import { asButton, Button, classes, Notice, useUnits } from '../../shared/ui/index.ts';
import { Due } from './Due.tsx';
import { ImportSite } from './ImportSite.tsx';
import { pressing, type Pressing } from './pressing.ts';
import * as messages from './messages.ts';

/** As many as fit a glance, on a desk and on a phone. */
const AT_A_GLANCE = 8;
const ON_A_PHONE = 3;
/** More open cases than this would push the panels off the screen. */
const CASES_AT_ONCE = 2;

/** Where one begins: what needs attention anywhere, most pressing first; every panel; how to add more. */
export function StartPage() {
  const { data: sites, error, refetch } = useQuery(recordQueries.sites());
  const { data: cases = [] } = useQuery(recordQueries.openCases());
  // It takes longer than the rest, and nothing waits for it.
  const { data: due } = useQuery({ ...recordQueries.due(), enabled: (sites?.length ?? 0) > 0 });
  const [allCases, setAllCases] = useState(false);

  return (
    <main className="mx-auto max-w-6xl px-4 py-6">
      <title>{messages.phylaxon}</title>
      <div
        className={classes(
          'grid gap-x-12 gap-y-8',
          sites?.length !== 0 && 'lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)] lg:grid-rows-[auto_1fr]',
        )}
      >
        <div>
          <h1 className="text-3xl font-bold text-balance">{messages.whatSTheProblem}</h1>
          {sites?.length === 0 && (
            <p className="mt-2 max-w-3xl text-lg">{messages.phylaxonHelpsYouFindOutWhy}</p>
          )}
          <p className="mt-3">
            <Link to="/cases/new" className={asButton('primary', 'largest')}>
              {messages.diagnoseAProblem}
            </Link>
          </p>
          <p className="mt-2">
            <Link to="/calculators" className="inline-flex min-h-11 items-center underline">
              {messages.calculators}
            </Link>
          </p>
          {cases.length > 0 && (
            <section aria-label={messages.openCases} className="mt-5 max-w-3xl">
              <h2 className="text-xl font-bold">
                {cases.length === 1 ? messages.openCase : messages.openCasesOf(cases.length)}
              </h2>
              <CaseList cases={allCases ? cases : cases.slice(0, CASES_AT_ONCE)} />
              {cases.length > CASES_AT_ONCE && (
                <Button look="quiet" className="mt-1" onClick={() => setAllCases(!allCases)}>
                  {allCases ? messages.showOnlyTheNewest : messages.showAll(cases.length)}
                </Button>
              )}
            </section>
          )}
          {error && (
            <Notice title={error.message}>
              <Button look="quiet" className="mt-2" onClick={() => void refetch()}>
                {messages.tryAgain}
              </Button>
            </Notice>
          )}
        </div>
        {sites && sites.length > 0 && (
          <div className="space-y-7 lg:col-start-2 lg:row-span-2 lg:row-start-1">
            <NeedsAttention list={pressing(sites)} />
            {due && <Due due={due} />}
          </div>
        )}
        {sites && (
          <div className="space-y-7">
            {sites.map((site, i) => (
              <Site key={site.site.id} summary={site} alike={alikeBefore(sites, i)} />
            ))}
            <div className={classes('space-y-3', sites.length > 0 && 'border-t border-rule-strong pt-4')}>
              <Link to="/sites/new" className={asButton('quiet')}>
                {sites.length === 0 ? messages.setUpAPanel : messages.setUpAPanelAtAnother}
              </Link>
              <ImportSite onImported={() => void invalidateRecord()} />
              {sites.length > 0 && (
                <p>
                  <Link
                    to="/outcomes"
                    className="inline-flex min-h-11 items-center underline underline-offset-4"
                  >
                    {messages.resultsOfEarlierCases}
                  </Link>
                </p>
              )}
            </div>
          </div>
        )}
      </div>
    </main>
  );
}

/** How many sites before this one have its name: a case handed over brings its site’s name along. */
const alikeBefore = (sites: readonly SiteSummary[], at: number) =>
  sites.slice(0, at).filter(({ site }) => site.name === sites[at]!.site.name).length;

function Site({ summary: { site, panels }, alike }: { summary: SiteSummary; alike: number }) {
  return (
    <section aria-label={alike === 0 ? site.name : `${site.name}, ${alike + 1}`}>
      <h2 className="text-xl font-bold">
        <Link
          to={`/sites/${site.id}`}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {site.name}
        </Link>
      </h2>
      {site.note && <p className="text-ink-soft">{site.note}</p>}
      <ul className="mt-2 space-y-1">
        {panels.map(({ panel, breakers, attention }) => (
          <li key={panel.id}>
            <Link
              to={`/panels/${panel.id}`}
              className="on-enamel flex min-h-14 items-center justify-between gap-3 rounded-xs bg-enamel px-4 py-2 text-enamel-text hover:bg-enamel-raised"
            >
              <span className="text-lg font-semibold">{panel.name}</span>
              <span className="text-right text-sm text-enamel-soft">
                {messages.breakers(
                  <span className="figures">{breakers}</span>,
                  attention.length > 0 && (
                    <span className="block font-semibold text-heed-lit">
                      {messages.attention(
                        <span className="figures">{attention.length}</span>,
                        attention.length === 1 ? 'needs' : 'need',
                      )}
                    </span>
                  ),
                )}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {panels.length === 0 && (
        <Link
          to={`/sites/${site.id}/panels/new`}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {messages.setUpItsFirstPanel}
        </Link>
      )}
    </section>
  );
}

function NeedsAttention({ list }: { list: Pressing[] }) {
  const { say } = useUnits();
  const [all, setAll] = useState(false);
  const shown = all ? list : list.slice(0, AT_A_GLANCE);
  return (
    <section aria-label={messages.whatNeedsAttention}>
      <h2 className="text-xl font-bold">
        {list.length === 0 ? messages.nothingNeedsAttention : messages.needsAttentionMostUrgentFirst}
      </h2>
      <ol className="mt-1 divide-y divide-rule">
        {shown.map(({ key, to, where, label, headline, because, stop, when }, i) => (
          <li key={key} className={classes(!all && i >= ON_A_PHONE && 'max-lg:hidden')}>
            <Link
              to={to}
              className="grid gap-x-4 px-1 py-2 hover:bg-bone-sunk sm:grid-cols-[5.5rem_minmax(0,1fr)]"
            >
              <span
                className={classes('pt-0.5 text-sm font-semibold', stop ? 'text-danger' : 'text-ink-soft')}
              >
                {when}
              </span>
              <span>
                <strong className={classes('block', stop && 'text-danger')}>
                  {label}: {headline}
                </strong>
                <span className="block">{say(because)}</span>
                <span className="block text-sm text-ink-soft">{where}</span>
              </span>
            </Link>
          </li>
        ))}
      </ol>
      {list.length > ON_A_PHONE && (
        <Button
          look="quiet"
          className={classes('mt-2', list.length <= AT_A_GLANCE && 'lg:hidden')}
          onClick={() => setAll(!all)}
        >
          {all ? messages.showOnlyTheMostUrgent : messages.showAll(list.length)}
        </Button>
      )}
    </section>
  );
}
