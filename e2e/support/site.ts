import { expect, type APIRequestContext, type Page } from '@playwright/test';
import type { Board, SiteSummary } from '@phylaxon/core/views/board';

/** A panel of the demo as the server tells it. */
export async function demoBoard(request: APIRequestContext, name = 'Main panel'): Promise<Board> {
  const { sites } = (await (await request.get('/api/v1/sites')).json()) as { sites: SiteSummary[] };
  const demo = sites.find(({ site }) => site.name === 'Saltmarsh Sail Loft')!;
  const { panel } = demo.panels.find((one) => one.panel.name === name)!;
  return (await (await request.get(`/api/v1/panels/${panel.id}`)).json()) as Board;
}

/** The address of a breaker’s detail in the demo, by its circuit’s name. */
export async function detailPath(request: APIRequestContext, label: string, panel?: string): Promise<string> {
  const board = await demoBoard(request, panel);
  const entry = board.breakers.find((one) => one.label === label)!;
  return `/panels/${board.panel.id}/breakers/${entry.breaker.id}`;
}

/** A panel of the test’s own, with one 20 A breaker in space 1 feeding “Shed”. Returns the detail’s address. */
export async function ownBreaker(request: APIRequestContext, breaker: object = {}): Promise<string> {
  const post = async (path: string, data: object) => {
    const answer = await request.post(`/api/v1${path}`, { data });
    expect(answer.status()).toBe(201);
    return (await answer.json()) as { id: string };
  };
  const site = await post('/sites', { name: 'Boat shed' });
  const panel = await post(`/sites/${site.id}/panels`, { name: 'Shed panel', spaces: 8, mainAmps: 60 });
  const { id } = await post(`/panels/${panel.id}/breakers`, {
    space: 1,
    poles: 1,
    ratingAmps: 20,
    ...breaker,
  });
  await request.put(`/api/v1/breakers/${id}/circuit`, { data: { label: 'Shed' } });
  return `/panels/${panel.id}/breakers/${id}`;
}

/** Work as an electrician from here on. */
export async function asElectrician(page: Page) {
  // By its label, which is waited for until it stands still: the radio itself is one pixel.
  await page.locator('header label', { hasText: 'Electrician' }).click();
  await expect(page.getByRole('radio', { name: 'Electrician' })).toBeChecked();
}

export const decision = (page: Page) => page.getByRole('article', { name: 'Decision' });

/** A panel of the test’s own with a typed directory. Returns where it is. */
export async function ownPanel(
  request: APIRequestContext,
  directory: string[],
  siteName = 'Boat shed',
  drawn: object = {},
) {
  const post = async (path: string, data: object) => {
    const answer = await request.post(`/api/v1${path}`, { data });
    expect(answer.status()).toBe(201);
    return (await answer.json()) as { id: string };
  };
  const site = await post('/sites', { name: siteName });
  const panel = await post(`/sites/${site.id}/panels`, {
    name: 'Shed panel',
    spaces: 12,
    mainAmps: 60,
    ...drawn,
  });
  await post(`/panels/${panel.id}/directory`, { text: directory.join('\n') });
  return { siteId: site.id, panelId: panel.id, path: `/panels/${panel.id}` };
}

/** Open a page of a panel’s jobs: by the job bar at a desk, by the sheet of jobs on a phone. */
export async function openJobPage(page: Page, job: string, label: string) {
  const sheet = page.getByRole('button', { name: 'Jobs', exact: true });
  const bar = page.getByRole('navigation', { name: 'Jobs', exact: true });
  await expect(sheet.or(bar).first()).toBeVisible();
  if (await sheet.isVisible()) {
    await sheet.click();
    await page.getByRole('dialog').getByRole('link', { name: label, exact: true }).click();
    return;
  }
  await bar.getByRole('link', { name: job, exact: true }).click();
  const pages = page.getByRole('navigation', { name: `Pages: ${job}` });
  await pages.getByRole('link', { name: label, exact: true }).click();
}
