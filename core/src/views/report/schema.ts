import { z } from 'zod';
import { URGENCIES, type Urgency } from '../../facts/hazards/index.ts';
import { trend } from '../../diagnosis/trends/index.ts';
import { id, instant } from '../../record/entities/index.ts';
import { HALVES } from '../../panel/layout/index.ts';
import { CURRENCIES } from '../../record/panelEntries/index.ts';
import { VISIT_STANDS } from '../visit/index.ts';

export const REPORT_FORMAT = 'phylaxon-report';
export const REPORT_VERSION = 1;

export { URGENCIES, type Urgency };

/** A picture: a photo that is kept, or a drawing. */
export const reportPicture = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('photo'), sha256: z.string(), caption: z.string() }),
  z.object({ kind: z.literal('drawing'), svg: z.string(), caption: z.string() }),
]);
export type ReportPicture = z.infer<typeof reportPicture>;

export const reportFigure = z.object({
  label: z.string(),
  value: z.string().describe('with its unit'),
  limit: z.string().nullable().describe('with its unit; null if there is nothing to compare it with'),
  bar: z
    .object({ value: z.number(), limit: z.number() })
    .nullable()
    .describe('the same two in one unit, if they can be drawn on a scale from zero'),
});
export type ReportFigure = z.infer<typeof reportFigure>;

const money = z.object({ amount: z.number(), currency: z.enum(CURRENCIES) });
export type Money = z.infer<typeof money>;

export const reportFinding = z.object({
  key: z.string().describe('stays the same as long as the finding does'),
  urgency: z.enum(URGENCIES),
  panelId: id,
  panel: z.string(),
  where: z.string(),
  location: z
    .object({
      space: z.int().nullable(),
      poles: z.union([z.literal(1), z.literal(2)]),
      half: z.enum(HALVES).nullable(),
    })
    .nullable()
    .describe('its place in the panel, space null for the main; null if it concerns the whole panel'),
  headline: z.string().describe('what to do'),
  whom: z.string().describe('who does the work'),
  use: z.string().nullable().describe('what not to use until it is repaired; null if there is no limit'),
  because: z.array(z.string()),
  until: z.array(z.string()).describe('precautions until then'),
  figures: z.array(reportFigure),
  why: z.string(),
  waiting: z.string(),
  also: z.array(z.string()),
  sureness: z.string().nullable(),
  pictures: z.array(reportPicture),
  sources: z.array(z.string()),
  price: money.nullable(),
});
export type ReportFinding = z.infer<typeof reportFinding>;

const done = z.object({
  at: instant,
  panel: z.string(),
  where: z.string(),
  what: z.string(),
  isProved: z.boolean(),
  proofs: z.array(z.object({ what: z.string(), figure: z.string() })),
  simulated: z.boolean(),
});
export type ReportDone = z.infer<typeof done>;

const due = z.object({
  at: instant,
  isDue: z.boolean(),
  panel: z.string(),
  what: z.string(),
  how: z.string(),
});
export type ReportDue = z.infer<typeof due>;

const ahead = z.object({ panel: z.string(), where: z.string(), trend });
const notLookedAt = z.object({ panel: z.string(), what: z.string(), how: z.string() });
export type ReportGap = z.infer<typeof notLookedAt>;

/** A report for whoever pays: what was found, what was done, what comes, what nobody looked at. */
export const report = z.object({
  format: z.literal(REPORT_FORMAT),
  version: z.literal(REPORT_VERSION),
  about: z.object({
    kind: z.enum(['visit', 'panel', 'site']),
    id,
    name: z.string(),
    stands: z.enum(VISIT_STANDS).nullable().describe('for a visit: how it ended'),
  }),
  site: z.object({ id, name: z.string(), demo: z.boolean() }),
  panels: z.array(z.object({ id, name: z.string(), about: z.string() })),
  madeAt: instant,
  headline: z.string(),
  boards: z.array(reportPicture).describe('each panel as it hangs, with the numbers of its findings'),
  remarks: z.array(z.string()).describe('remark from the electrician to the customer'),
  findings: z.array(reportFinding).describe('most urgent first'),
  done: z.array(done).describe('latest first'),
  due: z.array(due).describe('most overdue first'),
  ahead: z.array(ahead).describe('yearly trends, soonest at the limit first'),
  notLookedAt: z.array(notLookedAt),
  pictures: z.array(reportPicture),
  totals: z.array(money).describe('total of the prices, one per currency'),
  standards: z.array(z.string()),
});
export type Report = z.infer<typeof report>;
