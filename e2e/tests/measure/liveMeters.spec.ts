import { expect, type APIRequestContext } from '@playwright/test';
import { asElectrician, ownBreaker, test } from '../../support/index.ts';

/** A clamp shows so many amperes. */
const send = async (request: APIRequestContext, feed: string, value: number, more: object = {}) => {
  const line = {
    instrument: 'clamp-meter',
    point: 'conductor',
    value,
    unit: 'A',
    time: new Date().toISOString(),
    ...more,
  };
  return request.post(`/api/v1/feeds/${feed}/samples`, {
    headers: { 'Content-Type': 'application/x-ndjson' },
    data: JSON.stringify(line),
  });
};

test('a clamp’s figure is taken from the live feed in three taps on a phone', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const feed = `clamp-${Date.now()}`;
  await send(request, feed, 14.2);
  await page.goto(await ownBreaker(request));
  await asElectrician(page);
  let taps = 0;
  const tap = async (role: 'link' | 'button', name: string | RegExp) => {
    await page.getByRole(role, { name }).filter({ visible: true }).first().click();
    taps++;
  };
  await tap('link', 'Take a live reading');
  const figure = page.getByRole('listitem').filter({ hasText: feed });
  await expect(figure).toContainText('14.2');
  // It lives: what comes in next is shown, and least and most with it.
  await send(request, feed, 14.9);
  await expect(figure.getByText(/min 14.2 A · max 14.9 A/)).toBeVisible();
  await figure.getByRole('button', { name: 'Save 14.9 A' }).click();
  taps++;
  await expect(figure.getByText('✓ 14.9 A logged')).toBeVisible();
  expect(taps).toBeLessThanOrEqual(3);
  await page.getByRole('link', { name: /Back to/ }).click();
  await expect(
    page
      .getByText(/14.9 A/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
  await request.delete(`/api/v1/feeds/${feed}`);
});

test('hold, zero and silence are told; a figure of the future is refused and shown nowhere', async ({
  page,
  request,
}) => {
  const feed = `clamp-${Date.now()}`;
  await send(request, feed, 0.3);
  await page.goto((await ownBreaker(request)).replace(/.*breakers\//, '/live?breaker='));
  await asElectrician(page);
  const figure = page.getByRole('listitem').filter({ hasText: feed });
  await figure.getByRole('button', { name: 'Zero' }).click();
  await send(request, feed, 12.3);
  await expect(figure.getByRole('button', { name: 'Save 12 A' })).toBeVisible();
  await figure.getByRole('button', { name: 'Hold' }).click();
  await send(request, feed, 3.3);
  await expect(figure.getByRole('button', { name: 'Save 12 A' })).toBeVisible();
  await figure.getByRole('button', { name: 'Release hold' }).click();
  await expect(figure.getByRole('button', { name: 'Save 3 A' })).toBeVisible();
  const future = await send(request, feed, 99, { time: '2199-01-01T00:00:00Z' });
  expect(future.status()).toBe(400);
  await expect(figure.getByRole('button', { name: 'Save 99 A' })).toHaveCount(0);
  await expect(figure.getByRole('button', { name: 'Save 3 A' })).toBeVisible();
  await expect(figure).toContainText(/No data for \d+ s/, { timeout: 8000 });
  await request.delete(`/api/v1/feeds/${feed}`);
});

test('a homeowner sees what lies behind the cover, and takes what is at the plug', async ({
  page,
  request,
}) => {
  const feed = `meters-${Date.now()}`;
  await send(request, feed, 14.2);
  await send(request, feed, 7.2, { instrument: 'plug-in-meter', point: 'plug' });
  await page.goto((await ownBreaker(request)).replace(/.*breakers\//, '/live?breaker='));
  const mine = page.getByRole('listitem').filter({ hasText: feed });
  await expect(mine.filter({ hasText: 'on its conductor' })).toContainText('behind the cover');
  await mine.getByRole('button', { name: 'Save 7.2 A' }).click();
  await expect(mine.getByText('✓ 7.2 A logged')).toBeVisible();
  await request.delete(`/api/v1/feeds/${feed}`);
});
