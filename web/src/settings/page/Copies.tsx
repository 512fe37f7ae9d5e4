import type { BackupState } from '@phylaxon/core/record/settings';
import { useEffect, useState } from 'react';
import { ask } from '../../shared/api/index.ts';
import { Button, FieldError, sayError, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const sizeText = (bytes: number) =>
  bytes < 1e6 ? messages.kb(Math.max(1, Math.round(bytes / 1e3))) : messages.mb((bytes / 1e6).toFixed(1));

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
    return messages.todaySBackupIsDone;
  };
  const check = async () => {
    const { sound, problems } = await ask('POST /record/check', { body: {} });
    if (!sound) throw new Error(`The database is damaged: ${problems[0]}. Restore the last good backup.`);
    return messages.theWholeDatabaseWasCheckedNo;
  };
  return (
    <section aria-label={messages.backups} className="space-y-3 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.backups}</h2>
      {state && <Kept state={state} />}
      <p className="flex flex-wrap gap-2">
        {state && state.keep > 0 && !(state.last && isToday(state.last.at)) && (
          <Button look="quiet" disabled={busy !== null} onClick={() => void attempt('copy', copyNow)}>
            {busy === 'copy' ? messages.backingUp : messages.backUpNow}
          </Button>
        )}
        <Button look="quiet" disabled={busy !== null} onClick={() => void attempt('check', check)}>
          {busy === 'check' ? messages.checking : messages.checkTheDatabase}
        </Button>
      </p>
      <p role="status" className="text-good">
        {said}
      </p>
      <FieldError message={problem ?? undefined} />
      <p className="text-sm text-ink-soft">
        {messages.onTheComputerThatRunsThe(
          <code className="whitespace-nowrap">{messages.npmRunBackupFileZip}</code>,
          <code className="whitespace-nowrap">{messages.npmRunRestoreFileZip}</code>,
        )}
      </p>
    </section>
  );
}

function Kept({ state: { keep, folder, last, trouble } }: { state: BackupState }) {
  const { timeText } = useUnits();
  if (keep === 0) return <p>{messages.dailyBackupsAreTurnedOffHere}</p>;
  return (
    <>
      <p>
        {messages.oneBackupADayTheNewest(
          <span className="figures">{keep}</span>,
          <code className="wrap-anywhere">{folder}</code>,
        )}
      </p>
      <p>
        {last ? (
          <>
            {messages.openedAgainAndVerified(
              <strong>{messages.lastGoodBackup(timeText(last.at))}</strong>,
              sizeText(last.bytes),
            )}
          </>
        ) : (
          messages.noBackupYetTheFirstOne
        )}
      </p>
      {trouble && (
        <p className="border-l-4 border-heed pl-3">
          <strong>{messages.theLastBackupFailed}</strong> {trouble}
        </p>
      )}
    </>
  );
}
