import { standsIn, type VisitWithPermit } from '@phylaxon/core/views/visit';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useParams } from 'react-router';
import { recordQueries, recordQuery, useSession } from '../../shared/queries/index.ts';
import { later, Notice, PageHead } from '../../shared/ui/index.ts';
import { useChanges, useProfile } from '../../shared/stores/index.ts';
import { BeforeVisit } from './BeforeVisit.tsx';
import { NextStep } from '../work/index.ts';
import { useVisit, VisitWorkProvider } from '../visitRecord/index.ts';
import { SharedShutdown } from './SharedShutdown.tsx';
import { useScreenAwake } from './useScreenAwake.ts';
import { WhereItStands } from './WhereItStands.tsx';
import * as messages from './messages.ts';

const VisitOwner = later(async () => (await import('./VisitOwner.tsx')).VisitOwner);
const HomeownerVisit = later(async () => (await import('./HomeownerVisit.tsx')).HomeownerVisit);
const StopHere = later(async () => (await import('./StopHere.tsx')).StopHere);
const PermitSection = later(async () => (await import('./PermitSection.tsx')).PermitSection);
const WhatHappened = later(async () => (await import('./WhatHappened.tsx')).WhatHappened);
const SimulatedHouse = later(async () => (await import('./SimulatedHouse.tsx')).SimulatedHouse);

/** A visit: what to prepare, then one step after the other, and what it came to. */
export function VisitPage() {
  const { visitId = '' } = useParams();
  // At hand before it is needed, should the server be gone by then.
  useEffect(() => [NextStep, StopHere, WhatHappened].forEach((part) => part.fetch()), []);
  const { data: told, error } = useQuery(recordQueries.visit(visitId));
  if (!told)
    return (
      <main className="max-w-5xl px-4 py-5 sm:px-6">
        <title>{messages.serviceVisitPhylaxon}</title>
        <h1 className="text-2xl font-bold">
          {error ? messages.theVisitCouldNotBeLoaded : messages.loadingTheVisit}
        </h1>
        {error && <Notice title={error.message} />}
      </main>
    );
  return <Visit key={visitId} told={told} />;
}

function Visit({ told }: { told: VisitWithPermit }) {
  const heard = useChanges(`/panels/${told.panel.id}`);
  const profile = useProfile((state) => state.profile);
  const work = useVisit(told);
  const { record, state, isWaiting } = work;
  const stands = standsIn(state, record.steps.length > 0);
  const { site, panel } = record;
  // What the inside is inspected by is at hand before the panel is open, should the server be gone by then.
  useQuery({
    ...recordQueries.inspection(panel.id),
    enabled: record.plan.tasks.some(({ work }) => work === 'inspect'),
  });
  const session = useSession();
  const hasAccounts = session.is === 'in' && session.name !== null;
  const { visitId } = record.plan;
  const { data: owner } = useQuery({
    ...recordQuery('GET /visits/:id/owner', { params: { id: visitId } }),
    enabled: hasAccounts,
  });
  const other = owner && !owner.isYou ? owner.name : null;
  const isOpen = stands === 'planned' || stands === 'under-way';
  useScreenAwake(stands === 'under-way' && profile === 'electrician');
  return (
    <VisitWorkProvider value={work}>
      <main className="max-w-5xl space-y-4 px-4 py-5 sm:px-6">
        <PageHead
          backTo={`/sites/${site.id}/visits`}
          back={messages.visits(site.name)}
          title={messages.visit(panel.name)}
        >
          <WhereItStands />
        </PageHead>
        <SharedShutdown />
        {(!heard || isWaiting) && <Notice title={messages.theServerIsNotAnsweringYou} />}
        {profile === 'homeowner' ? (
          <HomeownerVisit stands={stands} />
        ) : other !== null && isOpen ? (
          <VisitOwner visitId={visitId} name={other} />
        ) : (
          <>
            {stands === 'planned' && (
              <>
                <BeforeVisit />
                <PermitSection told={told} />
              </>
            )}
            <NextStep />
            {site.demo && isOpen && <SimulatedHouse />}
            {isOpen && <StopHere />}
          </>
        )}
        {(stands !== 'planned' || profile === 'homeowner') && <PermitSection told={told} />}
        <WhatHappened />
      </main>
    </VisitWorkProvider>
  );
}
