import { execFileSync, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BrowserContext, chromium, expect, type Page, test } from '@playwright/test';

/** A house installed by its one command: a tablet trusts its authority, and works on while the house is off. */

const HTTPS = 8843;
const HTTP = 8880;
const root = mkdtempSync(join(tmpdir(), 'sectum-house-'));
const tablet = mkdtempSync(join(tmpdir(), 'sectum-tablet-'));
const checkout = join(import.meta.dirname, '../..');

/** `bin/house` as somebody types it: without what this checkout's own kitchen says in its environment. */
function house(...words: string[]) {
  const env = Object.fromEntries(
    Object.entries(process.env).filter(([name]) => !/^(APP|DB|SECTUM|CACHE|SESSION|QUEUE|LOG)_/.test(name)),
  );
  const ran = spawnSync(join(checkout, 'bin/house'), [`--root=${root}`, ...words], {
    cwd: checkout,
    env: { ...env, SECTUM_INSTALLED: '1', SECTUM_VERSION: 'walked' },
    encoding: 'utf8',
    timeout: 240_000,
  });
  expect(ran.status, ran.stdout + ran.stderr).toBe(0);
}

/** The second of the three steps on the first visit's page: the certificate goes to what this tablet trusts. */
async function trust() {
  const certificate = await (await fetch(`http://localhost:${HTTP}/root.crt`)).text();
  const store = `sql:${join(tablet, '.pki/nssdb')}`;
  mkdirSync(join(tablet, '.pki/nssdb'), { recursive: true });
  writeFileSync(join(tablet, 'kitchen.crt'), certificate);
  execFileSync('certutil', ['-N', '--empty-password', '-d', store]);
  execFileSync('certutil', ['-A', '-n', 'kitchen', '-t', 'C,,', '-d', store, '-i', join(tablet, 'kitchen.crt')]);
}

function open(): Promise<BrowserContext> {
  const { launchOptions, viewport, hasTouch, reducedMotion } = test.info().project.use;
  return chromium.launchPersistentContext(join(tablet, 'profile'), {
    ...launchOptions,
    viewport,
    hasTouch,
    reducedMotion: reducedMotion ?? null,
    baseURL: `https://localhost:${HTTPS}`,
    env: { ...process.env, HOME: tablet } as Record<string, string>,
  });
}

async function type(page: Page, mass: string) {
  await page.getByLabel('Weight, typed').fill(mass);
  await page.getByRole('button', { name: 'Record', exact: true }).tap();
}

test.afterAll(() => {
  house('--stop');
  rmSync(root, { recursive: true, force: true });
  rmSync(tablet, { recursive: true, force: true });
});

test('a tablet trusts the house, opens its page with the house off, and what was weighed is delivered', async () => {
  test.setTimeout(300_000);
  house('--name=localhost', '--name=127.0.0.1', `--https=${HTTPS}`, `--http=${HTTP}`);

  // Before it is trusted the tablet is not let in; afterwards without a word.
  let context = await open();
  const refused = await context.newPage();
  await expect(refused.goto('/')).rejects.toThrow(/ERR_CERT_AUTHORITY_INVALID/);
  // In a page of its own: the browser's page of the refusal still arrives in the one before.
  let page = await context.newPage();
  await page.goto(`http://localhost:${HTTP}/`);
  await expect(page.getByRole('listitem')).toHaveCount(3);
  await context.close();
  await trust();
  context = await open();
  page = context.pages()[0] ?? (await context.newPage());
  await page.goto('/');

  await page.getByLabel('Name of the kitchen').fill('The Long Room');
  await page.getByLabel('Your name').fill('Ada Brook');
  await page.getByLabel(/^Your PIN/).fill('739182');
  await page.getByRole('button', { name: 'Open the kitchen' }).tap();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
  await page.goto('/receive/fish');
  await page.getByRole('combobox', { name: 'Fish' }).fill('Hak');
  await page.getByRole('option', { name: 'Hake' }).tap();
  await page.getByRole('combobox', { name: 'Supplier' }).fill('Quayside');
  await page.keyboard.press('Escape');
  await type(page, '4210 g');
  await expect(page).toHaveURL(/\/breakdown\//);
  const worker = await page.evaluate(async () => (await navigator.serviceWorker.ready).active?.scriptURL);
  expect(worker).toBe(`https://localhost:${HTTPS}/sw.js`);
  await page.reload();
  await expect(page.getByTestId('todo')).toBeVisible();

  // The office computer is switched off. The page opens all the same, and a weight waits.
  house('--stop');
  await page.reload();
  await expect(page.getByTestId('todo')).toBeVisible();
  await type(page, '2650 g');
  await expect(page.locator('.readings .waits')).toHaveCount(1);
  await expect(page.locator('.readings .waits')).toContainText('2650 g');

  house();
  await expect(page.locator('.readings .waits')).toHaveCount(0, { timeout: 30_000 });
  await expect(page.locator('.readings li').first()).toContainText('2650 g');
  await page.reload();
  await expect(page.locator('.readings li')).toHaveCount(2);
  await context.close();
});
