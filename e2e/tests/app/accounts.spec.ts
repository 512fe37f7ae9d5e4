import { expect, type Page } from '@playwright/test';
import { expectSound, ownServer, test, type OwnServer } from '../../support/index.ts';

let server: OwnServer;
let code: string;
const PASSWORD = 'correct horse battery';

test.beforeAll(async () => {
  server = await ownServer({ PHYLAXON_ACCOUNTS: 'on' }, /^Setup code/);
  code = server.said.at(-1)!.split(' ').at(-1)!;
});
test.afterAll(() => void server.process.kill());
test.describe.configure({ mode: 'serial' });

async function signIn(page: Page, name: string, password = PASSWORD) {
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill(name);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
}

test('the first account is made with the code of the console; the owner makes others', async ({ page }) => {
  await page.goto(server.base);
  await expect(page.getByRole('heading', { name: 'Create the owner’s account' })).toBeVisible();
  await expectSound(page, 'the first account');
  await page.getByLabel('Setup code').fill('NOTTHECODE99');
  await page.getByLabel('Name', { exact: true }).fill('Robin');
  await page.getByLabel('Password').fill('short');
  await page.getByRole('button', { name: 'Create account' }).click();
  await expect(page.getByText(/Use at least 12 characters/)).toBeVisible();
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Create account' }).click();
  await expect(page.getByText(/setup code is wrong/)).toBeVisible();
  await page.getByLabel('Setup code').fill(code);
  await page.getByRole('button', { name: 'Create account' }).click();
  await expect(page.getByRole('heading', { name: /problem/i })).toBeVisible();

  await page.goto(`${server.base}/accounts`);
  for (const [name, role] of [
    ['Ellis', 'electrician'],
    ['Vic', 'viewer'],
  ] as const) {
    await page.getByLabel('Name', { exact: true }).fill(name);
    await page.getByLabel('Password').fill(PASSWORD);
    await page.getByLabel('Role').selectOption(role);
    await page.getByRole('button', { name: 'Create account' }).click();
    await expect(page.getByText(`${name} can sign in now.`)).toBeVisible();
  }
  await expect(page.getByRole('cell', { name: 'Create an account' }).first()).toBeVisible();
  await expectSound(page, 'accounts');
  await page.getByRole('button', { name: 'Remove Robin' }).click();
  await page.getByRole('button', { name: 'Yes, remove' }).click();
  await expect(page.getByText(/last owner cannot be removed/)).toBeVisible();
});

test('a report is shared by a link that opens on a phone without an account, until it is withdrawn', async ({
  page,
  browser,
}) => {
  await page.goto(server.base);
  await signIn(page, 'Ellis');
  await expect(page.getByRole('heading', { name: /problem/i })).toBeVisible();
  const post = async (path: string, data: object) =>
    (await (await page.request.post(`${server.base}/api/v1${path}`, { data })).json()) as { id: string };
  const { id: siteId } = await post('/sites', { name: 'Ferry cottage' });
  const { id: panelId } = await post(`/sites/${siteId}/panels`, {
    name: 'Hall panel',
    spaces: 8,
    mainAmps: 60,
  });
  await page.goto(`${server.base}/panels/${panelId}/report`);
  await page.getByRole('button', { name: 'Share a link' }).click();
  await page.getByLabel('Expires after').selectOption('30 days');
  await page.getByRole('button', { name: 'Create the link' }).click();
  await expect(page.getByText(/The link is ready/)).toBeVisible();
  await expectSound(page, 'a shared link');
  const url = (await page.getByRole('link', { name: 'Address' }).getAttribute('href'))!;

  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  await phone.goto(url);
  await expect(phone.getByRole('heading', { name: 'Panel report: Hall panel' })).toBeVisible();
  await expect(phone.getByRole('link', { name: 'Settings' })).toHaveCount(0);
  await expectSound(phone, 'the shared page');
  expect((await phone.request.get(`${server.base}/api/v1/panels/${panelId}`)).status()).toBe(401);

  await page.getByRole('button', { name: 'Withdraw' }).first().click();
  await expect(page.getByRole('button', { name: 'Withdraw' })).toHaveCount(0);
  expect((await phone.reload())!.status()).toBe(404);
  await expect(phone.getByText('This link is not open')).toBeVisible();
  await context.close();
});

test('a viewer is a homeowner; a session that ended asks to sign in, and what was typed is still there', async ({
  page,
  context,
}) => {
  await page.goto(`${server.base}/cases/new`);
  await signIn(page, 'Vic', 'not the password');
  await expect(page.getByText(/name or the password is wrong/)).toBeVisible();
  await signIn(page, 'Vic');
  await expect(page.getByRole('heading', { name: 'Sign in' })).toHaveCount(0);
  await expect(page.getByLabel('Electrician')).toHaveCount(0);
  await page.goto(`${server.base}/settings`);
  await expect(page.getByText('Signed in as Vic (viewer).')).toBeVisible();

  await page.getByText('Add an instrument').click();
  await page.getByLabel('Instrument name').fill('Old clamp');
  await context.clearCookies();
  // Something is asked of the server.
  await page.getByRole('button', { name: 'Check the database' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await signIn(page, 'Vic');
  await expect(page.getByText('Signed in as Vic (viewer).')).toBeVisible();
  await expect(page.getByLabel('Instrument name')).toHaveValue('Old clamp');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  expect((await page.request.get(`${server.base}/api/v1/sites`)).status()).toBe(401);
});
