import { useState } from 'react';
import { useNavigate } from 'react-router';
import { uploads } from '../../shared/api/index.ts';
import type { ImportMode, SitePreview } from '@phylaxon/core/api';
import { Button, FileField, Problems, problemsOf } from '../../shared/ui/index.ts';
import { FileProgressBar, useFileWork } from '../../shared/transfer/index.ts';
import * as messages from './messages.ts';

const MODE_WORDS: Record<ImportMode, string> = {
  new: messages.importLabel,
  replace: messages.replaceTheExistingSite,
  copy: messages.importAsACopy,
};

/** What is counted in a preview, in the order people think of it. */
const COUNTED = [
  'panels',
  'breakers',
  'circuits',
  'readings',
  'events',
  'observations',
  'inspections',
  'notes',
  'photos',
  'cases',
  'verdicts',
];

/** Lists are named in the plural: “1 panel, 3 breakers”. */
const counted = (n: number, list: string) => {
  const name = list === 'verdicts' ? 'decisions' : list;
  return `${n.toLocaleString('en-US')} ${n === 1 ? name.slice(0, -1) : name}`;
};

/** A hand-over names itself in its first line or two. */
const isHandOver = async (file: File) => (await file.slice(0, 200).text()).includes('"phylaxon-handover"');

/** A site from a file: what it would do is shown before it is done. A handed-over case is taken in and opened. */
export function ImportSite({ onImported }: { onImported: () => void }) {
  const navigate = useNavigate();
  const [file, setFile] = useState<File | null>(null);
  const [preview, setPreview] = useState<SitePreview | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const [isDone, setDone] = useState(false);
  const work = useFileWork();

  const fail = (error: unknown) => {
    setPreview(null);
    setProblems(problemsOf(error));
  };
  const choose = async (chosen: File) => {
    setFile(chosen);
    setPreview(null);
    setProblems([]);
    setDone(false);
    try {
      if (await isHandOver(chosen)) {
        const { caseId } = await work.run((job) => uploads.handOver(chosen, job));
        return await navigate(`/cases/${caseId}`);
      }
      setPreview(await work.run((job) => uploads.sitePreview(chosen, job)));
    } catch (error) {
      fail(error);
    }
  };
  const store = async (mode: ImportMode) => {
    try {
      await work.run((job) => uploads.site(file!, mode, job));
      setPreview(null);
      setDone(true);
      onImported();
    } catch (error) {
      fail(error);
    }
  };

  return (
    <div className="space-y-3">
      <FileField
        label={messages.importASiteOrAHanded}
        accept=".zip,.json,application/zip,application/json"
        onFile={(chosen) => void choose(chosen)}
      />
      <p role="status">{isDone && <span className="text-good">{messages.imported}</span>}</p>
      <FileProgressBar work={work} />
      {preview && (
        <div className="border-l-4 border-rule-strong pl-4">
          <p className="font-semibold">{preview.site.name}</p>
          <p>
            {COUNTED.filter((name) => (preview.counts[name] ?? 0) > 0)
              .map((name) => counted(preview.counts[name]!, name))
              .join(', ')}
            .
          </p>
          {preview.here && <p className="font-medium">{messages.isAlreadyHereReplacingIt(preview.here)}</p>}
          <p className="mt-2 flex flex-wrap gap-2">
            {preview.modes.map((mode) => (
              <Button
                key={mode}
                look={mode === 'replace' ? 'quiet' : 'primary'}
                disabled={work.isBusy}
                onClick={() => void store(mode)}
              >
                {MODE_WORDS[mode]}
              </Button>
            ))}
            <Button look="quiet" disabled={work.isBusy} onClick={() => setPreview(null)}>
              {messages.doNotImport}
            </Button>
          </p>
        </div>
      )}
      <Problems title={messages.theFileWasNotImported} problems={problems} />
    </div>
  );
}
