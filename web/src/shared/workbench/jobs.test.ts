import { expect, test } from '@jest/globals';
import { electricianPages, isPanelPage, jobAt, jobsFor, PANEL_JOBS } from './jobs.ts';

const AT = { panelId: 'p1', siteId: 's1' };
const pathOf = (to: string) => new URL(to, 'http://phylaxon.test').pathname;

test('the address of each page leads back to that page', () => {
  for (const job of PANEL_JOBS)
    for (const page of job.pages) {
      const found = jobAt(pathOf(page.to(AT)));
      expect([found?.job.id, found?.page?.label]).toEqual([job.id, page.label]);
    }
});

test('no address is claimed by two pages', () => {
  const pages = PANEL_JOBS.flatMap((job) => job.pages);
  for (const page of pages) {
    const path = pathOf(page.to(AT));
    expect(pages.filter(({ at }) => at.test(path)).map(({ label }) => label)).toEqual([page.label]);
  }
});

test('a part of a page belongs to the page, and other addresses to none', () => {
  expect(jobAt('/cases/new')?.page?.saysUnheard).toBe(true);
  expect(jobAt('/cases/c1')?.job.id).toBe('diagnose');
  expect(jobAt('/visits/v1')?.job.id).toBe('visit');
  expect(jobAt('/visits/v1/report')?.job.id).toBe('maintain');
  expect(jobAt('/panels/p1/recordings/r1')?.job.id).toBe('measure');
  expect(jobAt('/live')?.job.id).toBe('measure');
  expect(jobAt('/panels/p1/breakers/b1/joints')).toMatchObject({ job: { id: 'measure' }, page: null });
  expect(jobAt('/panels/p1/breakers/b1/what-if')).toMatchObject({ job: { id: 'plan' }, page: null });
  expect(jobAt('/')).toBeNull();
  expect(jobAt('/settings')).toBeNull();
  expect(jobAt('/panels/p1/roomy')).toBeNull();
});

test('pages of the panel itself are its board, a breaker, a space and its set-up', () => {
  for (const path of ['', '/breakers/b1', '/spaces/12', '/setup'])
    expect([path, isPanelPage(`/panels/p1${path}`)]).toEqual([path, true]);
  for (const path of ['/panels/p1/scan', '/panels/p1/breakers/b1/joints', '/sites/s1', '/'])
    expect([path, isPanelPage(path)]).toEqual([path, false]);
});

test('a homeowner sees every job without an electrician’s pages, and those are listed with what they are for', () => {
  const labels = (jobs: ReturnType<typeof jobsFor>) =>
    jobs.flatMap(({ pages }) => pages.map(({ label }) => label));
  const all = labels(jobsFor('electrician'));
  const own = labels(jobsFor('homeowner'));
  const others = electricianPages();
  expect([...own, ...others.map(({ label }) => label)].sort()).toEqual([...all].sort());
  expect(others.every(({ purpose }) => purpose!.endsWith('.'))).toBe(true);
  expect(jobsFor('homeowner').every(({ pages }) => pages.length > 0)).toBe(true);
});
