import { expect, test } from '@playwright/test';
import { say } from './say.ts';

const feedAt = (n: number) => `measured-${n}`;
const body = (value: number) =>
  JSON.stringify({
    instrument: 'clamp-meter',
    point: 'conductor',
    value,
    unit: 'A',
    time: new Date().toISOString(),
  });
/** As a device would, without what a browser’s tester adds to each request. */
const send = (baseURL: string | undefined, feed: string, value: number) =>
  fetch(`${baseURL}/api/v1/feeds/${feed}/samples`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/x-ndjson' },
    body: body(value),
  });

/** How long 20 devices send ten figures a second; five minutes with `LIVE_SECONDS=300`. */
const SECONDS = Number(process.env.LIVE_SECONDS ?? 20);
const DEVICES = 20;
const EVERY_MS = 100;

test('from a sample sent to the figure on screen; 20 devices at once', async ({ page, request, baseURL }) => {
  test.setTimeout((SECONDS + 60) * 1000);
  await send(baseURL, feedAt(0), 1);
  await page.goto('/live');
  await expect(page.getByRole('listitem').filter({ hasText: feedAt(0) })).toBeVisible();

  const times: number[] = [];
  for (let n = 0; n < 25; n++) {
    const value = 10 + n / 10;
    times.push(
      await page.evaluate(
        async ({ text, shown }) => {
          const start = performance.now();
          void fetch('/api/v1/feeds/measured-0/samples', {
            method: 'POST',
            headers: { 'Content-Type': 'application/x-ndjson' },
            body: text,
          });
          const isShown = () =>
            document.querySelector('ul[aria-label="Figures"]')!.textContent.includes(shown);
          while (!isShown()) await new Promise(requestAnimationFrame);
          return performance.now() - start;
        },
        { text: body(value), shown: `${value.toFixed(1)}A` },
      ),
    );
  }
  say('From a sample sent to the figure on screen', times, 'at most 300');

  // Every device by itself, ten a second, each figure another one.
  const until = Date.now() + SECONDS * 1000;
  const sent = Array<number>(DEVICES).fill(0);
  const asked: number[] = [];
  await Promise.all([
    ...sent.map(async (_none, n) => {
      for (let due = Date.now() + n * 5; due < until; due += EVERY_MS) {
        await new Promise((done) => setTimeout(done, Math.max(0, due - Date.now())));
        const { status } = await send(baseURL, feedAt(n), (sent[n]! % 150) / 10);
        // Not by `expect`, which keeps each of its steps.
        if (status !== 201) throw new Error(`refused with ${status}`);
        sent[n]!++;
      }
    }),
    (async () => {
      while (Date.now() < until) {
        const start = performance.now();
        await request.get('/api/v1/sites');
        asked.push(performance.now() - start);
        await new Promise((done) => setTimeout(done, 500));
      }
    })(),
  ]);
  const total = sent.reduce((a, b) => a + b, 0);
  const kept = await Promise.all(
    sent.map(async (_none, n) => {
      const answer = await request.get(`/api/v1/feeds/${feedAt(n)}/samples`);
      return ((await answer.json()) as { samples: unknown[] }).samples.length;
    }),
  );
  const lost = total + 26 - kept.reduce((a, b) => a + b, 0);
  say('The list of sites, asked for meanwhile', asked, 'stays quick');
  const frames = await page.evaluate(async () => {
    const taken: number[] = [];
    let before = performance.now();
    for (let n = 0; n < 60; n++) {
      await new Promise(requestAnimationFrame);
      taken.push(performance.now() - before);
      before = performance.now();
    }
    return taken;
  });
  say('A frame of the page after it', frames, 'stays quick');
  process.stdout.write(`  ${DEVICES} devices for ${SECONDS} s: ${total} figures sent, ${lost} lost\n`);
  for (let n = 0; n < DEVICES; n++) await request.delete(`/api/v1/feeds/${feedAt(n)}`);
});
