import type { RecordingAbout, RecordingChannel } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import type { RecordingWorker } from './useRecordingWorker.ts';

export interface RecordingViewProps {
  api: RecordingWorker;
  board: Board;
  channels: readonly RecordingChannel[];
  about: Omit<RecordingAbout, 'kind'>;
  /** What happened can be put on record: the recording is. */
  isKept: boolean;
}
