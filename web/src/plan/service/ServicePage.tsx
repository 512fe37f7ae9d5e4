import type { ServiceSheet } from '@phylaxon/core/record/panelEntries';
import { drawnSheet, servicePartsOf, type PlannedPanel, type Planning } from '@phylaxon/core/views/planning';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { ampsText, later, Notice, PageHead } from '../../shared/ui/index.ts';
import { usePlanned } from '../proposals/index.ts';
import { SERVICE_PART_NAMES } from './words.ts';
import * as messages from './messages.ts';

const Answers = later(async () => (await import('./Answers.tsx')).Answers);
const SheetForm = later(async () => (await import('./SheetForm.tsx')).ServiceSheetForm);
const Feeders = later(async () => (await import('./Feeders.tsx')).Feeders);

/** The load of a dwelling on its service, and whether something can be added to it. */
export function ServicePage() {
  const { panelId = '' } = useParams();
  const { board, planning, planned, error } = usePlanned(panelId);
  return (
    <main className="max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={messages.serviceLoad}
      />
      {error && <Notice title={error.message} />}
      {planning && planned && (
        <Sheet key={planned.sheet?.entryId ?? 'drawn'} planning={planning} planned={planned} />
      )}
    </main>
  );
}

function Sheet({ planning, planned }: { planning: Planning; planned: PlannedPanel }) {
  const begun = useMemo(() => planned.sheet?.content ?? drawnSheet(planning, planned), [planning, planned]);
  const [sheet, setSheet] = useState<ServiceSheet>(begun);
  const parts = servicePartsOf(sheet);
  // The smallest part of the service is what counts.
  const counted = { ...sheet, serviceAmps: parts[0]!.amps };
  return (
    <>
      <Smallest parts={parts} />
      <Answers sheet={counted} panelId={planned.panel.id} />
      <Feeders planning={planning} planned={planned} />
      <SheetForm begun={begun} planned={planned} onRead={setSheet} />
    </>
  );
}

function Smallest({ parts }: { parts: ReturnType<typeof servicePartsOf> }) {
  const [smallest, ...rest] = parts;
  const larger = rest.filter(({ amps }) => amps > smallest!.amps);
  return (
    <p className="text-lg">
      {messages.theServiceIsRated(
        <strong className="figures">{ampsText(smallest!.amps)}</strong>,
        larger.length > 0 ? (
          <>
            {messages.theTheSmallest(
              <strong>{SERVICE_PART_NAMES[smallest!.part].toLowerCase()}</strong>,
              smallest!.part === 'conductors' ? 'are' : 'is',
              larger
                .map(({ part, amps }) => `${SERVICE_PART_NAMES[part].toLowerCase()} ${ampsText(amps)}`)
                .join(', '),
            )}
          </>
        ) : (
          messages.limitedByItsMain
        ),
      )}
    </p>
  );
}
