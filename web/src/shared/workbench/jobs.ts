import type { Profile } from '@phylaxon/core/facts/vocabulary';
import * as messages from './messages.ts';

/** A panel and its site, as addresses name them. */
export interface PanelAt {
  panelId: string;
  siteId: string;
}

/** A page of a job. */
export interface JobPage {
  label: string;
  to: (at: PanelAt) => string;
  /** The addresses at which this page, or a part of it, is shown. */
  at: RegExp;
  /** Of an electrician’s work: what the page is for. */
  purpose?: string;
  /** Whether the page itself says when the server is not heard, and what that means for the work on it. */
  saysUnheard?: true;
}

/** A job at a panel, with its pages; the first is where it begins. */
export interface Job {
  id: string;
  label: string;
  pages: readonly JobPage[];
  /** The addresses of a breaker’s own pages that are part of this job, reached from the breaker. */
  breakerPages?: RegExp;
}

const ofPanel = (page: string): Pick<JobPage, 'to' | 'at'> => ({
  to: ({ panelId }) => `/panels/${panelId}/${page}`,
  at: new RegExp(`^/panels/[^/]+/${page}(/|$)`),
});

/** What a page of a site shows beside its board: the panel from which it was opened. */
const ofSite = (page: string): Pick<JobPage, 'to' | 'at'> => ({
  to: ({ siteId, panelId }) => `/sites/${siteId}/${page}?panel=${panelId}`,
  at: new RegExp(`^/sites/[^/]+/${page}(/|$)`),
});

/** The addresses of the panel itself: its board, a breaker, a space, its set-up. */
const PANEL_PAGE = /^\/panels\/[^/]+(\/(breakers|spaces)\/[^/]+|\/setup)?$/;

/**
 * Whether an address is about the panel itself, not about a job at it.
 *
 * @param pathname of the address
 */
export const isPanelPage = (pathname: string): boolean => PANEL_PAGE.test(pathname);

/** The jobs at a panel in the order of the trade. */
export const PANEL_JOBS: readonly Job[] = [
  {
    id: 'diagnose',
    label: messages.diagnose,
    pages: [
      {
        label: messages.needsAttention,
        to: ({ panelId }) => `/panels/${panelId}`,
        at: PANEL_PAGE,
      },
      {
        label: messages.newCase,
        to: ({ panelId }) => `/cases/new?panel=${panelId}`,
        at: /^\/cases(\/|$)/,
        saysUnheard: true,
      },
      { label: messages.results, ...ofSite('outcomes'), purpose: messages.resultsPurpose },
    ],
  },
  {
    id: 'measure',
    label: messages.measure,
    breakerPages: /^\/panels\/[^/]+\/breakers\/[^/]+\/joints$/,
    pages: [
      { label: messages.loadTestAndScan, ...ofPanel('scan') },
      {
        label: messages.liveReadings,
        ...ofPanel('live'),
        at: /^(\/panels\/[^/]+)?\/live$/,
        saysUnheard: true,
      },
      { label: messages.supplyAndLegs, ...ofPanel('legs'), purpose: messages.supplyAndLegsPurpose },
      { label: messages.recordings, ...ofPanel('recordings'), purpose: messages.recordingsPurpose },
      {
        label: messages.infraredImages,
        ...ofPanel('heat-pictures'),
        purpose: messages.infraredImagesPurpose,
      },
    ],
  },
  {
    id: 'plan',
    label: messages.plan,
    breakerPages: /^\/panels\/[^/]+\/breakers\/[^/]+\/(what-if|two-wires)$/,
    pages: [
      { label: messages.roomForACircuit, ...ofPanel('room'), purpose: messages.roomForACircuitPurpose },
      { label: messages.serviceLoad, ...ofPanel('service'), purpose: messages.serviceLoadPurpose },
      {
        label: messages.panelReplacement,
        ...ofPanel('replacement'),
        purpose: messages.panelReplacementPurpose,
      },
      {
        label: messages.backupAndSources,
        ...ofPanel('sources'),
        purpose: messages.backupAndSourcesPurpose,
      },
      { label: messages.partsList, ...ofSite('parts'), purpose: messages.partsListPurpose },
    ],
  },
  {
    id: 'visit',
    label: messages.visit,
    pages: [
      {
        label: messages.visits,
        ...ofSite('visits'),
        at: /^\/(sites\/[^/]+\/visits|visits\/[^/]+)$/,
        saysUnheard: true,
      },
      { label: messages.inspection, ...ofPanel('inspection') },
    ],
  },
  {
    id: 'maintain',
    label: messages.maintainAndReport,
    pages: [
      { label: messages.maintenance, ...ofPanel('upkeep') },
      { label: messages.circuitMapping, ...ofPanel('map'), saysUnheard: true },
      { label: messages.circuitDirectory, ...ofPanel('directory') },
      { label: messages.panelEvaluation, ...ofPanel('review'), purpose: messages.panelEvaluationPurpose },
      { label: messages.report, ...ofPanel('report'), at: /\/report$/ },
    ],
  },
];

const isFor = (profile: Profile, { purpose }: JobPage) => profile === 'electrician' || purpose === undefined;

/**
 * The jobs of whoever is at work: a homeowner’s leave out what an electrician does.
 *
 * @param profile who is at work
 */
export const jobsFor = (profile: Profile): Job[] =>
  PANEL_JOBS.map((job) => ({ ...job, pages: job.pages.filter((page) => isFor(profile, page)) })).filter(
    ({ pages }) => pages.length > 0,
  );

/** The pages of an electrician’s work. */
export const electricianPages = (): JobPage[] =>
  PANEL_JOBS.flatMap(({ pages }) => pages.filter(({ purpose }) => purpose !== undefined));

/**
 * Where an address is among the jobs; the page is null at a page of a breaker.
 *
 * @param pathname of the address
 */
export function jobAt(pathname: string): { job: Job; page: JobPage | null } | null {
  for (const job of PANEL_JOBS) {
    const page = job.pages.find(({ at }) => at.test(pathname));
    if (page) return { job, page };
    if (job.breakerPages?.test(pathname)) return { job, page: null };
  }
  return null;
}
