import { COMPLAINT_WORDS } from '@phylaxon/core/facts/vocabulary';
import type { CaseSummary } from '@phylaxon/core/diagnosis/cases';
import { Link } from 'react-router';
import { useUnits } from '../../shared/ui/index.ts';
import { CASE_OUTCOME_WORDS } from './caseWords.ts';
import * as messages from './messages.ts';

/** A case by its circuit; while nobody knows which breaker it is, by the words it was told in. */
const titleOf = (about: CaseSummary['case'], where: string) =>
  about.breakerId === null && about.words !== '' ? `“${about.words}”` : where || about.words;

/** A case in a line: where it is, and the complaint. */
export const caseName = ({ case: about, where }: CaseSummary): string =>
  [titleOf(about, where), COMPLAINT_WORDS[about.complaint].toLowerCase()].filter(Boolean).join(': ');

/** Cases in a list: what they are about, since when, how far. */
export function CaseList({ cases }: { cases: readonly CaseSummary[] }) {
  const { timeText } = useUnits();
  return (
    <ul className="divide-y divide-rule">
      {cases.map((one) => {
        const { case: about, found } = one;
        return (
          <li key={about.id}>
            <Link to={`/cases/${about.id}`} className="block min-h-12 px-1 py-2 hover:bg-bone-sunk">
              <strong className="block">{caseName(one)}</strong>
              <span className="block text-sm text-ink-soft">
                {about.outcome === null
                  ? messages.opened(timeText(about.openedAt))
                  : messages.closed(CASE_OUTCOME_WORDS[about.outcome].toLowerCase())}
                {messages.findings(found)}
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
