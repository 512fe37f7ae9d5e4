import type { ServiceSheet } from '@phylaxon/core/record/panelEntries';
import {
  drawnSheet,
  schoolsOf,
  servicePartsOf,
  type PlannedPanel,
  type Planning,
} from '@phylaxon/core/views/planning';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useParams } from 'react-router';
import { entries } from '../../shared/api/index.ts';
import { ampsText, Notice, PageHead, SendButton, useUnits, later } from '../../shared/ui/index.ts';
import { SheetFields } from './SheetFields.tsx';
import { readSheetForm, toSheetForm, type SheetForm } from './sheetForm.ts';
import { usePlanned } from '../proposals/index.ts';
import { SERVICE_PART_NAMES } from './words.ts';

const Schools = later(async () => (await import('./Schools.tsx')).Schools);
const CanAdd = later(async () => (await import('./CanAdd.tsx')).CanAdd);
const Feeders = later(async () => (await import('./Feeders.tsx')).Feeders);

/** The load of a dwelling on its service, and whether something can be added to it. */
export function ServicePage() {
  const { panelId = '' } = useParams();
  const { board, planning, planned, error } = usePlanned(panelId);
  return (
    <main className="mx-auto max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? 'The panel'}
        title="What the service carries"
      />
      {error && <Notice title={error.message} />}
      {planning && planned && (
        <Sheet key={planned.sheet?.entryId ?? 'drawn'} planning={planning} planned={planned} />
      )}
    </main>
  );
}

function Sheet({ planning, planned }: { planning: Planning; planned: PlannedPanel }) {
  const { dateText } = useUnits();
  const begun = useMemo(() => planned.sheet?.content ?? drawnSheet(planning, planned), [planning, planned]);
  const form = useForm<SheetForm>({ defaultValues: toSheetForm(begun) });
  // All fields have a value from the beginning.
  const typed = useWatch({ control: form.control }) as SheetForm;
  const read = readSheetForm(typed);
  const errors = new Map((read.error?.issues ?? []).map(({ path, message }) => [path.join('.'), message]));
  const [last, setLast] = useState<ServiceSheet>(begun);
  if (read.success && JSON.stringify(read.data) !== JSON.stringify(last)) setLast(read.data);
  const parts = servicePartsOf(last);
  // The smallest part of the service is what counts.
  const counted = { ...last, serviceAmps: parts[0]!.amps };
  const answers = schoolsOf(counted);
  const able = answers.flatMap((one) => ('load' in one ? [one.method] : []));
  return (
    <>
      {errors.size > 0 && (
        <Notice title="Something below is not right yet: the figures are those before it." />
      )}
      <Smallest parts={parts} />
      {able.length > 0 ? (
        <>
          <Schools answers={answers} serviceAmps={counted.serviceAmps} />
          <CanAdd sheet={counted} able={able} panelId={planned.panel.id} />
        </>
      ) : (
        <p>
          Fill in the floor area, or the highest quarter hour that a logger saw: then this page tells what the
          load counts as, and what can be added.
        </p>
      )}
      <Feeders planning={planning} planned={planned} />
      <section aria-label="What it is made of" className="space-y-4 border-t border-rule-strong pt-3">
        <h2 className="text-xl font-bold">What it is made of</h2>
        <p className="text-ink-soft">
          {planned.sheet
            ? `As it was kept on ${dateText(planned.sheet.at)}.`
            : 'Filled in from what is drawn and measured at this site: look at each line.'}
        </p>
        <form noValidate onSubmit={(event) => event.preventDefault()}>
          <SheetFields form={form} errors={errors} />
        </form>
        <SendButton
          look="primary"
          disabled={!read.success}
          stored="Kept"
          entries={() => [
            entries.panelEntry(planned.panel.id, planned.panel.name, {
              kind: 'service-sheet',
              at: new Date().toISOString(),
              content: last,
            }),
          ]}
        >
          Keep these figures
        </SendButton>
      </section>
    </>
  );
}

function Smallest({ parts }: { parts: ReturnType<typeof servicePartsOf> }) {
  const [smallest, ...rest] = parts;
  const larger = rest.filter(({ amps }) => amps > smallest!.amps);
  return (
    <p className="text-lg">
      The service is <strong className="figures">{ampsText(smallest!.amps)}</strong>
      {larger.length > 0 ? (
        <>
          : its <strong>{SERVICE_PART_NAMES[smallest!.part].toLowerCase()}</strong>{' '}
          {smallest!.part === 'conductors' ? 'are' : 'is'} the smallest (
          {larger
            .map(({ part, amps }) => `${SERVICE_PART_NAMES[part].toLowerCase()} ${ampsText(amps)}`)
            .join(', ')}
          ).
        </>
      ) : (
        ', by its main.'
      )}
    </p>
  );
}
