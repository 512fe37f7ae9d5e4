import { useState } from 'react';
import { uploads } from '../../shared/api/index.ts';
import type { ReadingsPreview } from '@phylaxon/core/api';
import { invalidateRecord } from '../../shared/queries/index.ts';
import { Button, FileField, Problems, problemsOf, useUnits } from '../../shared/ui/index.ts';
import { FileProgressBar, useFileWork } from '../../shared/transfer/index.ts';

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
      setDone(`✓ ${toLog === 1 ? '1 reading is' : `${toLog} readings are`} on record. Undo takes them back.`);
      void invalidateRecord();
    } catch (error) {
      fail(error);
    }
  };

  return (
    <div className="space-y-3">
      <FileField
        label="Readings from a CSV table"
        accept=".csv,text/csv"
        onFile={(chosen) => void choose(chosen)}
      />
      <p className="text-sm text-ink-soft">
        Columns: time (UTC), place, measured at, value, unit; with temperatures also air (°C). A table
        exported from a site has them.
      </p>
      <FileProgressBar work={work} />
      {preview && (
        <div className="border-l-4 border-rule-strong pl-4">
          <p>
            <strong>
              {preview.toLog} {preview.toLog === 1 ? 'reading' : 'readings'} would be logged
            </strong>
            {preview.from && preview.to && `, from ${dateText(preview.from)} to ${dateText(preview.to)}`}.
            {preview.known > 0 && ` ${preview.known} are on record already and are left out.`}
            {preview.struck > 0 && ` ${preview.struck} are struck in the table and are left out.`}
          </p>
          <Button className="mt-2" disabled={preview.toLog === 0 || work.isBusy} onClick={() => void store()}>
            Log them
          </Button>
        </div>
      )}
      <Problems title="Nothing from this table was imported:" problems={problems} />
      <p role="status" className="text-good">
        {done ?? ''}
      </p>
    </div>
  );
}
