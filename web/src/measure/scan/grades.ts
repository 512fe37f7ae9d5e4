import type { HeatGrade } from '@phylaxon/core/physics/heat';
import * as messages from './messages.ts';

export const GRADES: Record<HeatGrade, { mark: string; words: string }> = {
  normal: { mark: '✓', words: messages.cool },
  watch: { mark: '◦', words: messages.watch },
  'repair-soon': { mark: '!', words: messages.repair },
  urgent: { mark: '✕', words: messages.urgent },
};
