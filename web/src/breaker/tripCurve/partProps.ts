import type { BreakerDetail } from '@phylaxon/core/views/board';
import type { LogTab } from '../log/index.ts';

export interface PartProps {
  detail: BreakerDetail;
  /** Open a form of the log. */
  onLog: (form: LogTab) => void;
  /** Open the circuit's form. */
  onCircuit: () => void;
}
