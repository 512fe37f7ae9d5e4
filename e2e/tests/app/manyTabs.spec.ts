import { expect, type APIRequestContext } from '@playwright/test';
import { ownBreaker, test } from '../../support/index.ts';

/** Name a breaker’s circuit anew, as somebody else would. */
async function rename(request: APIRequestContext, path: string, label: string) {
  const at = `/api/v1/breakers/${path.split('/').at(-1)}`;
  const { circuit } = (await (await request.get(at)).json()) as { circuit: { version: number } };
  const answer = await request.put(`${at}/circuit`, { data: { label, version: circuit.version } });
  expect(answer.ok()).toBe(true);
}

/** A browser opens only six connections to one server. */
const TABS = 9;

test('many tabs share one stream: each loads, and each hears what is changed in its panel', async ({
  context,
  request,
}) => {
  const breakers = [await ownBreaker(request), await ownBreaker(request), await ownBreaker(request)];
  const paths = Array.from({ length: TABS }, (_, i) => breakers[i % 3]!);
  const tabs = [];
  for (const path of paths) {
    const page = await context.newPage();
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Shed');
    tabs.push(page);
  }
  const live = await context.newPage();
  await live.goto('/live');
  await expect(live.getByRole('heading', { level: 1 })).toBeVisible();

  await rename(request, breakers[1]!, 'Forge');
  for (const [i, tab] of tabs.entries())
    await expect(tab.getByRole('heading', { level: 1 })).toContainText(i % 3 === 1 ? 'Forge' : 'Shed');

  // A tab that is closed takes nothing from the others.
  await tabs[1]!.close();
  await rename(request, breakers[1]!, 'Lathe');
  await expect(tabs[4]!.getByRole('heading', { level: 1 })).toContainText('Lathe');

  const time = new Date().toISOString();
  await request.post('/api/v1/feeds/tabs/samples', {
    data: JSON.stringify({ instrument: 'clamp-meter', point: 'conductor', unit: 'A', value: 12.5, time }),
    headers: { 'Content-Type': 'application/x-ndjson' },
  });
  await expect(live.getByText('12.5').first()).toBeVisible();
});

test('without shared workers each tab listens by itself', async ({ page, request }) => {
  await page.addInitScript(() => delete (globalThis as { SharedWorker?: unknown }).SharedWorker);
  const path = await ownBreaker(request);
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Shed');
  await rename(request, path, 'Forge');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Forge');
});
