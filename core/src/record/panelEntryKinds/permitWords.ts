import type { PermitInspection, PermitNeed } from './permitStatus.ts';

export const PERMIT_NEED_WORDS: Record<PermitNeed, string> = {
  needed: 'Permit needed',
  'not-needed': 'No permit needed',
  unknown: 'Permit not clear yet',
};

export const PERMIT_INSPECTION_WORDS: Record<PermitInspection, string> = {
  'not-booked': 'Not booked',
  booked: 'Booked',
  passed: 'Passed',
  failed: 'Failed, with corrections',
};
