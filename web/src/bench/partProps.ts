import type { Sheet } from '@phylaxon/core/views/board';
import type { LogTab } from '../log/index.ts';

export interface PartProps {
  sheet: Sheet;
  /** Open a form of the log. */
  onLog: (form: LogTab) => void;
  /** Open the circuit's form. */
  onCircuit: () => void;
}
