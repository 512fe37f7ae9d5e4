import { attentionOf, type Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { CaseList } from '../../diagnose/caseList/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { electricianPages, type PanelAt } from '../../shared/workbench/index.ts';
import { DirectoryForm } from '../setup/index.ts';
import { asButton, classes, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Nothing is chosen: what is most pressing, and how to go on. */
export function Attention({ board }: { board: Board }) {
  const { say } = useUnits();
  const profile = useProfile((state) => state.profile);
  const { panel, breakers } = board;
  const pressing = attentionOf(panel, breakers);
  const empty = breakers.every(({ breaker }) => breaker.role === 'main');
  const { data: open = [] } = useQuery(recordQueries.openCases());
  const cases = open.filter((one) => one.case.panelId === panel.id);
  return (
    <div className="max-w-2xl">
      <p className="mb-4">
        <Link to={`/cases/new?panel=${panel.id}`} className={asButton('primary', 'large')}>
          {messages.diagnoseAProblem}
        </Link>
      </p>
      {cases.length > 0 && (
        <section aria-label={messages.openCases} className="mb-6">
          <h2 className="text-xl font-bold">{messages.openCases}</h2>
          <CaseList cases={cases} />
        </section>
      )}
      <h2 className="text-2xl font-bold">{attentionTitle(pressing.length, empty)}</h2>
      <ol className="mt-2 divide-y divide-rule">
        {pressing.map(({ breakerId, space, label, headline, because, stop }) => (
          <li key={breakerId ?? messages.space(space)}>
            <Link
              to={`/panels/${panel.id}/${breakerId ? `breakers/${breakerId}` : `spaces/${space}`}`}
              className="block min-h-11 py-2 hover:bg-bone-sunk"
            >
              <strong className={classes('block', stop && 'text-danger')}>
                {label}: {headline}
              </strong>
              <span className="text-ink-soft">{say(because)}</span>
            </Link>
          </li>
        ))}
      </ol>
      <details open={empty} className="mt-6 border-t border-rule-strong pt-2">
        <summary className="min-h-11 py-2 text-xl font-bold">{messages.typeTheDirectory}</summary>
        <DirectoryForm board={board} />
      </details>
      <p className="mt-4 text-ink-soft">{messages.selectABreakerOnTheBoard}</p>
      {profile === 'homeowner' && <ElectriciansWork at={{ panelId: panel.id, siteId: board.site.id }} />}
    </div>
  );
}

function attentionTitle(pressing: number, empty: boolean): string {
  if (empty) return messages.emptyPanelEnterItsBreakers;
  return pressing === 0 ? messages.nothingNeedsAttention : messages.needsAttentionMostUrgentFirst;
}

/** What an electrician does at this panel, for a homeowner: named, and what each is for. */
function ElectriciansWork({ at }: { at: PanelAt }) {
  return (
    <details className="mt-6 border-t border-rule-strong pt-2">
      <summary className="min-h-11 py-2 text-xl font-bold">{messages.workForAnElectrician}</summary>
      <p className="text-ink-soft">{messages.thesePagesAreForAQualified}</p>
      <ul>
        {electricianPages().map(({ label, purpose, to }) => (
          <li key={label}>
            <Link to={to(at)} className="block min-h-11 py-2 hover:bg-bone-sunk">
              <strong className="underline underline-offset-4">{label}</strong>
              <span className="block text-ink-soft">{purpose}</span>
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}
