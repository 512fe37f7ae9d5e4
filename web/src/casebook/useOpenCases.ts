import type { CaseSummary } from '@phylaxon/core/diagnosis/cases';
import { api } from '../api/index.ts';
import { useAsked } from '../shared/index.ts';

/** Cases that are open, anywhere, the newest first. */
export const useOpenCases = (): CaseSummary[] => useAsked(api.openCases).answer?.cases ?? [];
