import type { Outcomes } from '@phylaxon/core/diagnosis/outcomes';
import { CAUSES } from '@phylaxon/core/facts/vocabulary';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { familyWord, Notice, percentText } from '../../shared/ui/index.ts';
import { CaseByCase } from './CaseByCase.tsx';
import { RightScale } from './RightScale.tsx';
import { WhatTheyTeach } from './WhatTheyTeach.tsx';
import * as messages from './messages.ts';

const cases = (n: number) => (n === 1 ? messages.caseLabel : messages.cases(n));

/** How the decisions turned out, at one site or at all of them, and what that teaches. */
export function OutcomesPage() {
  const { siteId = null } = useParams();
  const { data: answer, error } = useQuery(recordQueries.outcomes(siteId));
  const { data: sites = [] } = useQuery(recordQueries.sites());
  const name = sites.find(({ site }) => site.id === siteId)?.site.name;
  return (
    <main className="max-w-5xl space-y-8 px-4 py-5 sm:px-6">
      <title>{messages.resultsPhylaxon}</title>
      <header>
        <h1 className="text-3xl font-bold">{messages.howCasesTurnedOut}</h1>
        <p className="text-ink-soft">
          {siteId === null ? messages.atAllSites : `${name ?? ''}. `}
          {siteId === null ? (
            sites.length > 1 && <Sites sites={sites.map(({ site }) => site)} />
          ) : (
            <Link to="/outcomes" className={LINK}>
              {messages.allSites}
            </Link>
          )}
        </p>
      </header>
      {error && <Notice title={error.message} />}
      {answer &&
        (answer.cases.length === 0 ? <Nothing simulated={answer.simulated} /> : <Told told={answer} />)}
    </main>
  );
}

const LINK = 'inline-flex min-h-11 items-center underline underline-offset-4';

const Sites = ({ sites }: { sites: { id: string; name: string }[] }) => (
  <>
    {messages.oneSite}
    {sites.map(({ id, name }, i) => (
      <span key={id}>
        {i > 0 && ', '}
        <Link to={`/sites/${id}/outcomes`} className={LINK}>
          {name}
        </Link>
      </span>
    ))}
  </>
);

const Nothing = ({ simulated }: { simulated: number }) => (
  <Notice title={messages.noClosedCasesYet}>
    <p>
      {messages.whenACaseIsClosedAnd(simulated > 0 && messages.withSimulatedAnswersAreNot(cases(simulated)))}
    </p>
    <Link
      to="/cases/new"
      className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
    >
      {messages.openACase}
    </Link>
  </Notice>
);

function Told({ told }: { told: Outcomes }) {
  return (
    <>
      <Score told={told} />
      <div className="grid gap-x-10 gap-y-8 @2xl:grid-cols-[2fr_3fr]">
        {told.byFamily.length > 0 && <ByDecision told={told} />}
        {told.byCause.length > 0 && <ByCause told={told} />}
      </div>
      <WhatTheyTeach teaching={told.teaching} />
      <CaseByCase told={told} />
    </>
  );
}

/** The one figure, how far it can be trusted, and what it leaves out. */
function Score({ told: { decided, saidSure, leftOpen, confirmed, closed, simulated } }: { told: Outcomes }) {
  const unsaid = closed - confirmed;
  const left = [
    leftOpen > 0 && messages.closedBeforeADecisionWasMade(cases(leftOpen)),
    unsaid > 0 && messages.withoutAConfirmedCause(cases(unsaid)),
    simulated > 0 && messages.withSimulatedAnswers(cases(simulated)),
  ].filter((part) => part !== false);
  return (
    <section aria-label={messages.howOftenTheDecisionWasRight}>
      {decided && saidSure !== null ? (
        <>
          <p className="text-4xl font-bold">
            {messages.rightInOf(
              <span className="figures">{decided.right}</span>,
              <span className="figures">{decided.of}</span>,
              decided.of === 1 ? 'case' : 'cases',
            )}
          </p>
          <p className="max-w-2xl">
            {messages.withADecisionAndAConfirmed(
              cases(decided.of),
              decided.right,
              percentText(decided.from),
              percentText(decided.to),
            )}
          </p>
          <RightScale {...decided} said={saidSure} />
        </>
      ) : (
        <p className="text-2xl font-bold">{messages.noCaseHasAConfirmedCause}</p>
      )}
      {left.length > 0 && (
        <p className="mt-2 text-sm text-ink-soft">{messages.notCounted(left.join('; '))}</p>
      )}
    </section>
  );
}

const Table = ({ title, heads, children }: { title: string; heads: string[]; children: ReactNode }) => (
  <section aria-label={title} className="min-w-0 border-t border-rule-strong pt-3">
    <h2 className="text-xl font-bold">{title}</h2>
    <table className="mt-1 w-full">
      <thead>
        <tr className="text-sm text-ink-soft">
          {heads.map((head, i) => (
            <th
              key={head}
              scope="col"
              className={i === 0 ? 'py-1 pr-3 text-left font-medium' : 'py-1 pl-3 text-right font-medium'}
            >
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody className="divide-y divide-rule">{children}</tbody>
    </table>
  </section>
);
const FIRST = 'py-2 pr-3 text-left font-normal';
const FIGURE = 'figures py-2 pl-3 text-right whitespace-nowrap';

const ByDecision = ({ told: { byFamily } }: { told: Outcomes }) => (
  <Table title={messages.byDecision} heads={[messages.decision, messages.right]}>
    {byFamily.map(({ family, right, of }) => (
      <tr key={family}>
        <th scope="row" className={FIRST}>
          {familyWord(family)}
        </th>
        <td className={FIGURE}>
          {right} <span className="font-sans">{messages.of}</span> {of}
        </td>
      </tr>
    ))}
  </Table>
);

const ByCause = ({ told: { byCause } }: { told: Outcomes }) => (
  <Table title={messages.byCause} heads={[messages.causeLabel, messages.casesLabel, messages.rankedFirst]}>
    {byCause.map(({ cause, confirmed, named }) => (
      <tr key={cause}>
        <th scope="row" className={FIRST}>
          {CAUSES[cause]}
        </th>
        <td className={FIGURE}>{confirmed}</td>
        <td className={FIGURE}>{named}</td>
      </tr>
    ))}
  </Table>
);
