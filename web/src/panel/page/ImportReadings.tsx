import { useState } from 'react';
import { uploads } from '../../shared/api/index.ts';
import type { ReadingsPreview } from '@phylaxon/core/api';
import { invalidateRecord } from '../../shared/queries/index.ts';
import { Button, FileField, Problems, problemsOf, useUnits } from '../../shared/ui/index.ts';
import { FileProgressBar, useFileWork } from '../../shared/transfer/index.ts';
import * as messages from './messages.ts';

/** Readings from a table: what it would do is shown before it is done. */
export function ImportReadings({ panelId }: { panelId: string }) {
  const { dateText } = useUnits();
  const [file, setFile] = useState<File | null>(null);
  const [preview, setPreview] = useState<ReadingsPreview | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const [done, setDone] = useState<string | null>(null);
  const work = useFileWork();

  const fail = (error: unknown) => {
    setPreview(null);
    setProblems(problemsOf(error));
  };
  const choose = async (chosen: File) => {
    setFile(chosen);
    setDone(null);
    setProblems([]);
    await work.run((job) => uploads.readingsPreview(panelId, chosen, job)).then(setPreview, fail);
  };
  const store = async () => {
    try {
      const { toLog } = await work.run((job) => uploads.readings(panelId, file!, job));
      setPreview(null);
      setDone(messages.nowOnRecordYouCanUndo(toLog === 1 ? messages.readingIs : messages.readingsAre(toLog)));
      void invalidateRecord();
    } catch (error) {
      fail(error);
    }
  };

  return (
    <div className="space-y-3">
      <FileField
        label={messages.readingsFromACsvTable}
        accept=".csv,text/csv"
        onFile={(chosen) => void choose(chosen)}
      />
      <p className="text-sm text-ink-soft">{messages.columnsTimeUtcPlaceMeasuredAt}</p>
      <FileProgressBar work={work} />
      {preview && (
        <div className="border-l-4 border-rule-strong pl-4">
          <p>
            <strong>{messages.toImport(preview.toLog, preview.toLog === 1 ? 'reading' : 'readings')}</strong>
            {preview.from && preview.to && messages.fromTo(dateText(preview.from), dateText(preview.to))}.
            {preview.known > 0 && messages.areAlreadyOnRecordAndAre(preview.known)}
            {preview.struck > 0 && messages.areVoidInTheTableAnd(preview.struck)}
          </p>
          <Button className="mt-2" disabled={preview.toLog === 0 || work.isBusy} onClick={() => void store()}>
            {messages.importReadings}
          </Button>
        </div>
      )}
      <Problems title={messages.theTableWasNotImported} problems={problems} />
      <p role="status" className="text-good">
        {done ?? ''}
      </p>
    </div>
  );
}
