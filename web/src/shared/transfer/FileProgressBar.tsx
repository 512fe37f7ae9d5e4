import { ProgressBar } from '../ui/index.ts';
import type { FileWork } from './useFileWork.ts';
import * as messages from './messages.ts';

const STEPS = { reading: messages.readingTheFile, storing: messages.saving } as const;

/** How far the work on a file is, and a way to give it up; nothing while it takes but a moment. */
export const FileProgressBar = ({ work: { progress, cancel } }: { work: FileWork }) =>
  progress && <ProgressBar words={STEPS[progress.step]} share={progress.share} onCancel={cancel} />;
