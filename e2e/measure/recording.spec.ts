import { execFileSync } from 'node:child_process';
import { createWriteStream, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { once } from 'node:events';
import { expect, test } from '@playwright/test';
import { asElectrician, ownPanel } from '../support/index.ts';
import { say } from './say.ts';

const SAMPLES = 1_000_000;
const FROM = Date.UTC(2026, 0, 5);

/** Data logger file of a million samples: a current that goes on and off, and volts. */
async function writeLog(path: string): Promise<void> {
  const out = createWriteStream(path);
  out.write('Time,Oven (A),Leg A (V)\n');
  let text = '';
  for (let i = 0; i < SAMPLES; i += 1) {
    const at = new Date(FROM + i * 1000).toISOString().slice(0, 19).replace('T', ' ');
    const amps = i % 700 < 300 ? 12.4 + ((i * 7) % 9) / 50 : 0.4 + ((i * 3) % 5) / 100;
    text += `${at},${amps.toFixed(2)},${(119.5 + ((i * 11) % 13) / 20).toFixed(1)}\n`;
    if (text.length > 1_000_000) {
      if (!out.write(text)) await once(out, 'drain');
      text = '';
    }
  }
  out.end(text);
  await once(out, 'finish');
}

/** What the largest of the browser’s pages holds with its workers, MB of memory in use. */
function memory(): number {
  const pages = execFileSync('ps', ['-eo', 'rss,args'], { encoding: 'utf8' })
    .split('\n')
    .filter((line) => line.includes('--type=renderer'))
    .map((line) => Number(line.trim().split(/\s+/)[0]));
  return Math.max(...pages) / 1024;
}

test('a million samples, from choosing the file to the chart', async ({ page, request }) => {
  test.setTimeout(240_000);
  const folder = mkdtempSync(join(tmpdir(), 'phylaxon-log-'));
  const path = join(folder, 'million.csv');
  try {
    await writeLog(path);
    const { path: panel } = await ownPanel(request, ['1 Oven 20']);
    await page.goto(`${panel}/recordings`);
    await asElectrician(page);
    const times: number[] = [];
    for (let n = 0; n < 3; n += 1) {
      const start = Date.now();
      await page.getByLabel('Data logger file').setInputFiles(path);
      await page.getByRole('button', { name: 'Read file' }).click();
      await page.locator('figure path').first().waitFor();
      times.push(Date.now() - start);
      await page.getByRole('heading', { name: 'Events' }).waitFor();
      if (n < 2) await page.getByRole('button', { name: 'Discard' }).click();
    }
    say('A million samples, from choosing the file to the chart', times, 'at most 5000');
    process.stdout.write(
      `  Memory of the page with its worker                    ${memory().toFixed(0).padStart(6)} MB (wanted: at most 600)\n`,
    );
    const drawing = page.getByRole('group', { name: 'Recorded values over time' });
    await drawing.focus();
    const frames: number[] = [];
    // So close that every stretch looks different.
    for (let n = 0; n < 7; n += 1) {
      await page.keyboard.press('+');
      await page.waitForTimeout(100);
    }
    for (let n = 0; n < 20; n += 1) {
      frames.push(
        await page.evaluate(
          (key) =>
            new Promise<number>((done) => {
              const start = performance.now();
              // The path of the samples is drawn anew for every stretch.
              const watch = new MutationObserver(() => {
                watch.disconnect();
                done(performance.now() - start);
              });
              const drawings = [...document.querySelectorAll('figure path[transform]')];
              for (const drawing of drawings)
                watch.observe(drawing, { attributes: true, attributeFilter: ['d'] });
              document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
            }),
          n % 2 === 0 ? 'ArrowLeft' : 'ArrowRight',
        ),
      );
    }
    say('Another stretch, redrawn', frames, 'at most 17, a frame');
    await page.getByRole('button', { name: 'Save recording' }).click();
    await expect(page.getByRole('heading', { name: /^Recording of/ })).toBeVisible({ timeout: 30_000 });
    // Given up while it is read: its worker is gone, and what it held.
    await page.goto(`${panel}/recordings`);
    await page.getByLabel('Data logger file').setInputFiles(path);
    await page.getByRole('button', { name: 'Read file' }).click();
    await page.getByRole('button', { name: 'Cancel' }).click();
    await expect
      .poll(() => page.workers().filter((worker) => worker.url().includes('recordingWorker')).length)
      .toBe(0);
  } finally {
    rmSync(folder, { recursive: true });
  }
});
