import type { SiteSummary } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link, useNavigate, useParams } from 'react-router';
import { ask, fileAddresses, drawing } from '../../shared/api/index.ts';
import { SiteCases } from '../../diagnose/caseList/index.ts';
import { invalidateRecord, recordQueries } from '../../shared/queries/index.ts';
import { SearchBox } from '../../records/search/index.ts';
import {
  Button,
  DraftNote,
  FieldError,
  Notice,
  StaleNote,
  SelectField,
  TextField,
  asButton,
  classes,
  showErrors,
  useDraft,
  useVersioned,
  withDraft,
  useAction,
} from '../../shared/ui/index.ts';
import { sendNow, stepSite } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

/** One site: find anything in it, its panels, its files, its name, its end. */
export function SitePage() {
  const { siteId = '' } = useParams();
  const { data: sites, error } = useQuery(recordQueries.sites());
  const summary = sites?.find(({ site }) => site.id === siteId);
  const problem = error?.message ?? (sites && !summary ? messages.thisSiteDoesNotExist : null);

  return (
    <main className="mx-auto max-w-4xl space-y-8 px-4 py-6">
      <title>{summary ? messages.phylaxon(summary.site.name) : messages.phylaxonLabel}</title>
      {problem && (
        <Notice title={problem}>
          <Link
            to="/"
            className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
          >
            {messages.goToTheStartPage}
          </Link>
        </Notice>
      )}
      {summary && (
        <>
          <header>
            <h1 className="text-3xl font-bold">{summary.site.name}</h1>
            {summary.site.note && <p className="text-ink-soft">{summary.site.note}</p>}
            <Steps summary={summary} />
          </header>
          <SearchBox siteId={siteId} />
          <Panels summary={summary} />
          <SiteCases siteId={siteId} />
          <Files summary={summary} />
          <NameAndNote key={summary.site.name} summary={summary} />
          <Wipe summary={summary} />
        </>
      )}
    </main>
  );
}

/** Undo and redo where no panel need be open: a panel may have been taken off the site by mistake. */
function Steps({ summary: { site, steps } }: { summary: SiteSummary }) {
  const { problem, run } = useAction();
  const step = (direction: 'undo' | 'redo') => run(() => stepSite(site.id, direction, steps[direction]!.id));
  if (!steps.undo && !steps.redo) return null;
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      {steps.undo && (
        <Button look="quiet" onClick={() => void step('undo')}>
          {messages.undo(steps.undo.label)}
        </Button>
      )}
      {steps.redo && (
        <Button look="quiet" onClick={() => void step('redo')}>
          {messages.redo(steps.redo.label)}
        </Button>
      )}
      <FieldError message={problem ?? undefined} />
    </div>
  );
}

function Panels({ summary: { site, panels } }: { summary: SiteSummary }) {
  return (
    <section aria-label={messages.panels} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.panels}</h2>
      <ul className="mt-2 grid gap-1 sm:grid-cols-2">
        {panels.map(({ panel, breakers }) => (
          <li key={panel.id}>
            <Link
              to={`/panels/${panel.id}`}
              className="on-enamel flex min-h-14 items-center justify-between gap-3 rounded-xs bg-enamel px-4 py-2 text-enamel-text hover:bg-enamel-raised"
            >
              <span className="text-lg font-semibold">{panel.name}</span>
              <span className="figures text-sm text-enamel-soft">{messages.breakers(breakers)}</span>
            </Link>
          </li>
        ))}
      </ul>
      <Link to={`/sites/${site.id}/panels/new`} className={classes('mt-3', asButton('quiet'))}>
        {messages.setUpAnotherPanelHere}
      </Link>
      <Link to={`/sites/${site.id}/visits`} className={classes('mt-3 ml-3', asButton('quiet'))}>
        {messages.visits}
      </Link>
      <Link to={`/sites/${site.id}/report`} className={classes('mt-3 ml-3', asButton('quiet'))}>
        {messages.reportForTheCustomer}
      </Link>
    </section>
  );
}

const LINK = 'inline-flex min-h-11 items-center font-semibold underline underline-offset-4';

function Files({ summary: { site } }: { summary: SiteSummary }) {
  return (
    <section aria-label={messages.files} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.exportLabel}</h2>
      <ul>
        <li>
          <a href={fileAddresses.zip(site.id)} download className={LINK}>
            {messages.everythingWithPhotosZip}
          </a>
        </li>
        <li>
          <a href={fileAddresses.json(site.id)} download className={LINK}>
            {messages.everythingWithoutPhotosJson}
          </a>
        </li>
        <li>
          <a href={fileAddresses.readings(site.id)} download className={LINK}>
            {messages.allReadingsAsATableCsv}
          </a>
        </li>
      </ul>
      <p className="text-sm text-ink-soft">{messages.theZipFileRestoresTheWhole}</p>
    </section>
  );
}

/** Time zones to pick from; one that goes by another name here stays among them. */
const zonesWith = (own: string) => [
  { value: '', label: messages.sameAsThisDevice },
  ...[...new Set([...(own === '' ? [] : [own]), ...Intl.supportedValuesOf('timeZone')])].map((value) => ({
    value,
    label: value.replaceAll('_', ' '),
  })),
];

function NameAndNote({ summary: { site } }: { summary: SiteSummary }) {
  const draftName = `site-${site.id}`;
  const start = () => ({ name: site.name, note: site.note, zone: site.zone ?? '' });
  const zones = useMemo(() => zonesWith(site.zone ?? ''), [site.zone]);
  const form = useForm({ defaultValues: withDraft(draftName, start()) });
  const { register, handleSubmit, formState } = form;
  const draft = useDraft(draftName, form, start);
  const versioned = useVersioned(form, site.version, start, draft);
  const onSubmit = async (values: ReturnType<typeof start>) => {
    try {
      await sendNow(
        drawing.changeSite(site.id, { ...values, zone: values.zone || null, version: versioned.version }),
      );
      form.reset(values);
      draft.forget();
    } catch (error) {
      showErrors(form, error);
    }
  };
  return (
    <form
      noValidate
      onSubmit={handleSubmit(onSubmit)}
      aria-label={messages.nameNoteAndTimeZone}
      className="space-y-3 border-t border-rule-strong pt-3"
    >
      <h2 className="text-xl font-bold">{messages.nameNoteAndTimeZone}</h2>
      <DraftNote draft={draft} />
      <StaleNote versioned={versioned} />
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label={messages.site}
          registration={register('name')}
          error={formState.errors.name?.message}
        />
        <TextField
          label={messages.note}
          registration={register('note')}
          error={formState.errors.note?.message}
        />
        <SelectField
          label={messages.timeZone}
          hint={messages.maintenanceDatesAndTheCalendar}
          options={zones}
          registration={register('zone')}
          error={formState.errors.zone?.message}
        />
      </div>
      <FieldError message={formState.errors.root?.message} />
      <Button type="submit" look="quiet" disabled={formState.isSubmitting}>
        {messages.save}
      </Button>
    </form>
  );
}

/** The one thing that cannot be undone, so it is asked for in full. */
function Wipe({ summary: { site } }: { summary: SiteSummary }) {
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const { problem, busy, leave } = useAction();
  const wipe = () =>
    leave(async () => {
      await ask('DELETE /sites/:id', { params: { id: site.id } });
      void invalidateRecord();
      await navigate('/');
    });
  return (
    <details className="border-t border-rule-strong pt-2">
      <summary className="min-h-11 py-2 font-semibold">{messages.deleteThisSite}</summary>
      <p>{messages.thisDeletesTheWholeRecordOf}</p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <div className="min-w-64 flex-1">
          <label htmlFor="wipe" className="mb-1 block text-sm font-medium">
            {messages.toConfirmTypeTheSiteS(site.name)}
          </label>
          <input
            id="wipe"
            value={typed}
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
            className="min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-3 py-2"
          />
        </div>
        <Button disabled={busy || typed.trim() !== site.name} onClick={() => void wipe()}>
          {messages.deletePermanently}
        </Button>
      </div>
      <FieldError message={problem ?? undefined} />
    </details>
  );
}
