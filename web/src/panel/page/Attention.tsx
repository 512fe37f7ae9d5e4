import { attentionOf, type Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { CaseList } from '../../diagnose/caseList/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { DirectoryForm } from '../setup/index.ts';
import { asButton, classes, useUnits } from '../../shared/ui/index.ts';

/** Nothing is chosen: what is most pressing, and how to go on. */
export function Attention({ board }: { board: Board }) {
  const { say } = useUnits();
  const { panel, breakers } = board;
  const pressing = attentionOf(panel, breakers);
  const empty = breakers.every(({ breaker }) => breaker.role === 'main');
  const { data: open = [] } = useQuery(recordQueries.openCases());
  const cases = open.filter((one) => one.case.panelId === panel.id);
  return (
    <div className="max-w-2xl">
      <p className="mb-4">
        <Link to={`/cases/new?panel=${panel.id}`} className={asButton('primary', 'large')}>
          Something is wrong here
        </Link>
      </p>
      <Ways
        label="Measure"
        ways={[
          ['Supply and legs', `/legs/${panel.id}`],
          ['Logger recordings', `/panels/${panel.id}/recordings`],
          ['Load test and scan', `/panels/${panel.id}/scan`],
          ['Infrared images', `/panels/${panel.id}/heat-pictures`],
          ['Is the panel failing?', `/panels/${panel.id}/review`],
        ]}
      />
      <Ways
        label="Plan"
        ways={[
          ['Make room for a circuit', `/panels/${panel.id}/room`],
          ['What the service carries', `/panels/${panel.id}/service`],
          ['What to buy', `/sites/${board.site.id}/parts`],
          ['Visits', `/sites/${board.site.id}/visits`],
        ]}
      />
      <Ways
        label="Keep"
        ways={[
          ['Maintenance', `/panels/${panel.id}/upkeep`],
          ['Map the house', `/panels/${panel.id}/map`],
          ['The directory', `/panels/${panel.id}/directory`],
          ['Report', `/panels/${panel.id}/report`],
        ]}
      />
      {cases.length > 0 && (
        <section aria-label="Open cases" className="mb-6">
          <h2 className="text-xl font-bold">Open cases</h2>
          <CaseList cases={cases} />
        </section>
      )}
      <h2 className="text-2xl font-bold">{attentionTitle(pressing.length, empty)}</h2>
      <ol className="mt-2 divide-y divide-rule">
        {pressing.map(({ breakerId, space, label, headline, because, stop }) => (
          <li key={breakerId ?? `space ${space}`}>
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
        <summary className="min-h-11 py-2 text-xl font-bold">Type the directory</summary>
        <DirectoryForm board={board} />
      </details>
      <p className="mt-4 text-ink-soft">
        Choose a breaker on the board to log a reading, a trip or a reset, and see what to do.
      </p>
    </div>
  );
}

function attentionTitle(pressing: number, empty: boolean): string {
  if (empty) return 'An empty panel: enter what is in it';
  return pressing === 0 ? 'Nothing needs attention' : 'What needs attention, most pressing first';
}

/** What can be done with the panel as a whole. */
function Ways({ label, ways }: { label: string; ways: [words: string, to: string][] }) {
  return (
    <nav aria-label={`${label} this panel`} className="mb-2 grid grid-cols-[5rem_minmax(0,1fr)] items-start">
      <p className="py-2.5 text-sm font-semibold text-ink-soft">{label}</p>
      <p className="flex flex-wrap gap-x-5">
        {ways.map(([words, to]) => (
          <Link key={to} to={to} className="inline-flex min-h-11 items-center underline underline-offset-4">
            {words}
          </Link>
        ))}
      </p>
    </nav>
  );
}
