import type { ReportedPanel } from '../views/report/index.ts';
import { aPanel } from './builders.ts';

/** A site as a report takes it. */
export const aReportedSite = (createdAt: string) => ({
  id: '00000000-0000-4000-8000-000000007001',
  name: 'Shed',
  note: '',
  zone: null,
  createdAt,
  demo: false,
  version: 0,
});

/** A panel as a report takes it, with nothing of it but breakers and evaluation. */
export const aReportedPanel = (
  parts: Pick<ReportedPanel, 'breakers' | 'review'> & Partial<ReportedPanel>,
): ReportedPanel => ({
  panel: aPanel(),
  upkeep: { suspended: [], duties: [], rounds: [], keepsPower: { breakerIds: [], isSaid: false } },
  visits: [],
  trends: [],
  prices: null,
  hangs: null,
  inspection: { inspections: [], known: [] },
  pictures: [],
  ...parts,
});
