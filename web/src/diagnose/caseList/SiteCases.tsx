import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button } from '../../shared/ui/index.ts';
import { CaseList } from './CaseList.tsx';
import * as messages from './messages.ts';

/** As many as fit a glance. */
const AT_A_GLANCE = 5;

/** Every case of a site, those that are closed as well, the newest first. */
export function SiteCases({ siteId }: { siteId: string }) {
  const { data: cases = [] } = useQuery(recordQueries.cases(siteId));
  const [all, setAll] = useState(false);
  if (cases.length === 0) return null;
  return (
    <section aria-label={messages.cases} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.cases}</h2>
      <CaseList cases={all ? cases : cases.slice(0, AT_A_GLANCE)} />
      {cases.length > AT_A_GLANCE && (
        <Button look="quiet" className="mt-2" onClick={() => setAll(!all)}>
          {all ? messages.showOnlyTheNewest : messages.showAll(cases.length)}
        </Button>
      )}
      <p>
        <Link
          to={`/sites/${siteId}/outcomes`}
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          {messages.howCasesTurnedOut}
        </Link>
      </p>
    </section>
  );
}
