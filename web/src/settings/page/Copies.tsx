import type { BackupState } from '@phylaxon/core/record/settings';
import { useEffect, useState } from 'react';
import { ask } from '../../shared/api/index.ts';
import { Button, FieldError, sayError, useUnits } from '../../shared/ui/index.ts';

const sizeText = (bytes: number) =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;

/** The server counts days as UTC does. */
const isToday = (at: string) => at.slice(0, 10) === new Date().toISOString().slice(0, 10);

/** Copies of the record: what the server keeps by itself, one now, and a look through the file. */
export function Copies() {
  const [state, setState] = useState<BackupState | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState<'copy' | 'check' | null>(null);
  const [said, setSaid] = useState('');
  useEffect(() => {
    ask('GET /backups').then(setState, (error: unknown) => setProblem(sayError(error)));
  }, []);
  const attempt = async (what: 'copy' | 'check', work: () => Promise<string>) => {
    setBusy(what);
    setSaid('');
    setProblem(null);
    try {
      setSaid(await work());
    } catch (error) {
      setProblem(sayError(error));
    }
    setBusy(null);
  };
  const copyNow = async () => {
    const now = await ask('POST /backups', { body: {} });
    setState(now);
    if (now.trouble) throw new Error(now.trouble);
    return '✓ Today’s copy is there.';
  };
  const check = async () => {
    const { sound, problems } = await ask('POST /record/check', { body: {} });
    if (!sound)
      throw new Error(`The record’s file is damaged: ${problems[0]}. Bring back the last good copy.`);
    return '✓ Looked through the whole file: it is sound.';
  };
  return (
    <section aria-label="Copies of the record" className="space-y-3 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">Copies of the record</h2>
      {state && <Kept state={state} />}
      <p className="flex flex-wrap gap-2">
        {state && state.keep > 0 && !(state.last && isToday(state.last.at)) && (
          <Button look="quiet" disabled={busy !== null} onClick={() => void attempt('copy', copyNow)}>
            {busy === 'copy' ? 'Copying …' : 'Make today’s copy now'}
          </Button>
        )}
        <Button look="quiet" disabled={busy !== null} onClick={() => void attempt('check', check)}>
          {busy === 'check' ? 'Looking …' : 'Look through the record’s file'}
        </Button>
      </p>
      <p role="status" className="text-good">
        {said}
      </p>
      <FieldError message={problem ?? undefined} />
      <p className="text-sm text-ink-soft">
        On the machine the server runs on:{' '}
        <code className="whitespace-nowrap">npm run backup -- FILE.zip</code> makes a copy anywhere,{' '}
        <code className="whitespace-nowrap">npm run restore -- FILE.zip</code> brings one back and keeps what
        was there. The server may run meanwhile.
      </p>
    </section>
  );
}

function Kept({ state: { keep, folder, last, trouble } }: { state: BackupState }) {
  const { timeText } = useUnits();
  if (keep === 0) return <p>No daily copies are kept here.</p>;
  return (
    <>
      <p>
        One a day, the newest <span className="figures">{keep}</span>, in{' '}
        <code className="wrap-anywhere">{folder}</code>.
      </p>
      <p>
        {last ? (
          <>
            <strong>Last good one: {timeText(last.at)}</strong>, {sizeText(last.bytes)}, opened again and
            found whole.
          </>
        ) : (
          'There is none yet: the first is made soon after the start.'
        )}
      </p>
      {trouble && (
        <p className="border-l-4 border-heed pl-3">
          <strong>The last attempt failed.</strong> {trouble}
        </p>
      )}
    </>
  );
}
