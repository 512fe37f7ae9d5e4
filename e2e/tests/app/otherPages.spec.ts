import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { chromium as browsers, expect, type Browser, type Page } from '@playwright/test';
import { chromium, test } from '../../support/index.ts';

/** A name of somebody else’s that leads to this machine, as a hostile name server would have it. */
const ELSEWHERE = 'elsewhere.test';

let browser: Browser;
let elsewhere: Server;
let port: number;

test.beforeAll(async () => {
  browser = await browsers.launch({
    ...chromium,
    args: [...chromium.args, `--host-resolver-rules=MAP ${ELSEWHERE} 127.0.0.1`],
  });
  elsewhere = createServer((_request, response) => {
    response.writeHead(200, { 'Content-Type': 'text/html' }).end('<!doctype html><title>Elsewhere</title>');
  });
  await new Promise<void>((done) => elsewhere.listen(0, '127.0.0.1', done));
  port = (elsewhere.address() as AddressInfo).port;
});

test.afterAll(async () => {
  await browser.close();
  elsewhere.close();
});

const ours = (baseURL: string | undefined, name: string) => `http://${name}:${new URL(baseURL!).port}`;

/** A page of another site, by its own name or on another port of this machine. */
async function pageElsewhere(name = ELSEWHERE): Promise<Page> {
  const page = await browser.newPage();
  await page.goto(`http://${name}:${port}/`);
  return page;
}

test('our pages and our API are not there under a name of somebody else’s', async ({ baseURL }) => {
  const page = await browser.newPage();
  const address = ours(baseURL, ELSEWHERE);
  for (const path of ['/', '/settings', '/api/v1/sites', '/api/v1/health']) {
    const answer = await page.goto(address + path);
    expect(answer!.status()).toBe(403);
    expect(((await answer!.json()) as { error: { code: string } }).error.code).toBe('foreign_host');
  }
  await page.close();
});

for (const name of [ELSEWHERE, 'localhost']) {
  test(`a page on ${name} reads nothing and changes nothing`, async ({ baseURL, request }) => {
    const target = ours(baseURL, '127.0.0.1');
    const sites = async () => (await (await request.get('/api/v1/sites')).text()).length;
    const before = await sites();
    const page = await pageElsewhere(name);

    const fetched = await page.evaluate(async (address) => {
      const attempt = (init: RequestInit) =>
        fetch(`${address}/api/v1/sites`, init).then(
          (answer) => `${answer.type} ${answer.status}`,
          () => 'refused',
        );
      const body = JSON.stringify({ name: 'Not asked for' });
      return {
        read: await attempt({}),
        blind: await attempt({ mode: 'no-cors' }),
        post: await attempt({ method: 'POST', body, headers: { 'Content-Type': 'application/json' } }),
        plainPost: await attempt({ method: 'POST', mode: 'no-cors', body }),
        stream: await new Promise<string>((done) => {
          const source = new EventSource(`${address}/api/v1/sites`);
          source.onopen = () => done('open');
          source.onerror = () => done('refused');
        }),
        picture: await new Promise<string>((done) => {
          const image = new Image();
          image.onload = () => done('shown');
          image.onerror = () => done('refused');
          image.src = `${address}/icon.svg`;
        }),
      };
    }, target);
    expect(fetched).toEqual({
      read: 'refused',
      blind: 'refused',
      post: 'refused',
      plainPost: 'refused',
      stream: 'refused',
      picture: 'refused',
    });

    // A form is sent without a preflight, and its answer shown.
    const [answer] = await Promise.all([
      page.waitForResponse((response) => response.url().startsWith(target)),
      page.evaluate((address) => {
        const form = document.createElement('form');
        Object.assign(form, { method: 'post', action: `${address}/api/v1/sites`, enctype: 'text/plain' });
        const field = document.createElement('input');
        Object.assign(field, { name: '{"name":"Not asked for","note":"', value: '"}' });
        form.append(field);
        document.body.append(form);
        form.submit();
      }, target),
    ]);
    expect(answer.status()).toBe(403);
    expect(await sites()).toBe(before);
    await page.close();
  });
}

test('a link from elsewhere to the start page is followed, and the interface works', async ({ baseURL }) => {
  const page = await pageElsewhere();
  await page.evaluate(
    (address) => {
      const link = document.createElement('a');
      link.href = address;
      document.body.append(link);
      link.click();
    },
    `${ours(baseURL, 'localhost')}/`,
  );
  await expect(page.getByText('Saltmarsh Sail Loft').first()).toBeVisible();
  await page.close();
});
