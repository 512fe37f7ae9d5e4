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

/** One site: find anything in it, its panels, its files, its name, its end. */
export function SitePage() {
  const { siteId = '' } = useParams();
  const { data: sites, error } = useQuery(recordQueries.sites());
  const summary = sites?.find(({ site }) => site.id === siteId);
  const problem = error?.message ?? (sites && !summary ? 'This site does not exist.' : null);

  return (
    <main className="mx-auto max-w-4xl space-y-8 px-4 py-6">
      <title>{summary ? `${summary.site.name} · Phylaxon` : 'Phylaxon'}</title>
      {problem && (
        <Notice title={problem}>
          <Link
            to="/"
            className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
          >
            To the start
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
          Undo: {steps.undo.label}
        </Button>
      )}
      {steps.redo && (
        <Button look="quiet" onClick={() => void step('redo')}>
          Redo: {steps.redo.label}
        </Button>
      )}
      <FieldError message={problem ?? undefined} />
    </div>
  );
}

function Panels({ summary: { site, panels } }: { summary: SiteSummary }) {
  return (
    <section aria-label="Panels" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">Panels</h2>
      <ul className="mt-2 grid gap-1 sm:grid-cols-2">
        {panels.map(({ panel, breakers }) => (
          <li key={panel.id}>
            <Link
              to={`/panels/${panel.id}`}
              className="on-enamel flex min-h-14 items-center justify-between gap-3 rounded-xs bg-enamel px-4 py-2 text-enamel-text hover:bg-enamel-raised"
            >
              <span className="text-lg font-semibold">{panel.name}</span>
              <span className="figures text-sm text-enamel-soft">{breakers} breakers</span>
            </Link>
          </li>
        ))}
      </ul>
      <Link to={`/sites/${site.id}/panels/new`} className={classes('mt-3', asButton('quiet'))}>
        Draw another panel here
      </Link>
      <Link to={`/sites/${site.id}/visits`} className={classes('mt-3 ml-3', asButton('quiet'))}>
        Visits: what is due
      </Link>
      <Link to={`/sites/${site.id}/report`} className={classes('mt-3 ml-3', asButton('quiet'))}>
        Report for the customer
      </Link>
    </section>
  );
}

const LINK = 'inline-flex min-h-11 items-center font-semibold underline underline-offset-4';

function Files({ summary: { site } }: { summary: SiteSummary }) {
  return (
    <section aria-label="Files" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">Take it elsewhere</h2>
      <ul>
        <li>
          <a href={fileAddresses.zip(site.id)} download className={LINK}>
            Everything, with photos (zip)
          </a>
        </li>
        <li>
          <a href={fileAddresses.json(site.id)} download className={LINK}>
            Everything but the photos (JSON)
          </a>
        </li>
        <li>
          <a href={fileAddresses.readings(site.id)} download className={LINK}>
            All readings as a table (CSV)
          </a>
        </li>
      </ul>
      <p className="text-sm text-ink-soft">
        The zip brings the site back whole, here or on another machine: import it from the start page.
      </p>
    </section>
  );
}

/** Time zones to pick from; one that goes by another name here stays among them. */
const zonesWith = (own: string) => [
  { value: '', label: 'As on this device' },
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
      aria-label="Name, note, time zone"
      className="space-y-3 border-t border-rule-strong pt-3"
    >
      <h2 className="text-xl font-bold">Name, note, time zone</h2>
      <DraftNote draft={draft} />
      <StaleNote versioned={versioned} />
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Site" registration={register('name')} error={formState.errors.name?.message} />
        <TextField label="Note" registration={register('note')} error={formState.errors.note?.message} />
        <SelectField
          label="Time zone"
          hint="Its days and clock changes are those of upkeep and its calendar."
          options={zones}
          registration={register('zone')}
          error={formState.errors.zone?.message}
        />
      </div>
      <FieldError message={formState.errors.root?.message} />
      <Button type="submit" look="quiet" disabled={formState.isSubmitting}>
        Store
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
      <summary className="min-h-11 py-2 font-semibold">Wipe this site</summary>
      <p>Everything on record of it is deleted, and no undo brings it back. Take the zip first: it does.</p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <div className="min-w-64 flex-1">
          <label htmlFor="wipe" className="mb-1 block text-sm font-medium">
            To wipe it, type its name: {site.name}
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
          Wipe it for good
        </Button>
      </div>
      <FieldError message={problem ?? undefined} />
    </details>
  );
}
