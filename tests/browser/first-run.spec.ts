import { type ChildProcess, spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { expectNoScroll, expectSound, finish } from './kitchen';

/** A checkout without a kitchen: bin/serve makes what is missing, and the first evening goes by on it. */

const index = Number(process.env.TEST_PARALLEL_INDEX ?? 0);
const port = 8476 + index;
const database = join(tmpdir(), `sectum-first-run-${process.pid}-${index}.sqlite`);
let house: ChildProcess;

test.beforeAll(async () => {
  house = spawn('bash', ['bin/serve', String(port), String(8486 + 2 * index)], {
    cwd: join(import.meta.dirname, '../..'),
    env: { ...process.env, DB_DATABASE: database, SECTUM_DEMO: 'false', SECTUM_INSTALLED: '1' },
    stdio: 'ignore',
    detached: true,
  });
  await expect
    .poll(
      () =>
        fetch(`http://127.0.0.1:${port}/api/kitchen`).then(
          (answer) => answer.status,
          () => 0,
        ),
      { timeout: 60_000 },
    )
    .toBe(200);
});

test.afterAll(() => {
  if (house.pid) {
    process.kill(-house.pid, 'SIGTERM');
  }
  for (const end of ['', '-wal', '-shm']) {
    rmSync(database + end, { force: true });
  }
});

async function pin(page: Page, name: string, digits: string) {
  await page.getByRole('button', { name: new RegExp(name) }).tap();
  for (const digit of digits) {
    await page.getByRole('button', { name: digit, exact: true }).tap();
  }
  await page.getByRole('button', { name: 'Sign in' }).tap();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
}

async function type(page: Page, mass: string) {
  await expect(page.locator('.readings li').first()).toBeVisible();
  const count = await page.locator('.readings li').count();
  await page.getByLabel('Weight, typed').fill(mass);
  await page.getByRole('button', { name: 'Record', exact: true }).tap();
  await expect(page.locator('.readings li:not(.waits)')).toHaveCount(count + 1);
}

test('first run, two people, one fish to its plate cost, by touch', async ({ browser }) => {
  test.setTimeout(120_000);
  const context = await browser.newContext({
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    hasTouch: true,
    reducedMotion: 'reduce',
    timezoneId: 'America/Los_Angeles',
  });
  const page = await context.newPage();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'A new kitchen' })).toBeVisible();
  await expect(page.getByRole('combobox', { name: 'Time zone' })).toHaveValue('America/Los_Angeles');
  await expectSound(page);
  await page.getByLabel('Name of the kitchen').fill('The Long Room');
  await page.getByLabel('Your name').fill('Ada Brook');
  await page.getByLabel(/^Your PIN/).fill('1234');
  await page.getByRole('button', { name: 'Open the kitchen' }).tap();
  await expect(page.getByText('among the first anybody would try')).toBeVisible();
  await page.getByLabel(/^Your PIN/).fill('739182');
  await page.reload();
  await expect(page.getByLabel('Name of the kitchen')).toHaveValue('The Long Room');
  await page.getByLabel(/^Your PIN/).fill('739182');
  await page.getByRole('button', { name: 'Open the kitchen' }).tap();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();

  await page.getByRole('link', { name: 'Settings' }).tap();
  await expect(page.getByRole('button', { name: /^Time zone: America\/Los_Angeles/ })).toBeVisible();
  await page.getByRole('button', { name: /^Labour an hour/ }).tap();
  await page.getByLabel('Labour an hour').fill('a lot');
  await page.getByRole('button', { name: 'Save' }).tap();
  await expect(page.locator('.rule-form')).toContainText(/not an amount|Write/);
  await page.getByLabel('Labour an hour').fill('21.40');
  await page.getByRole('button', { name: 'Save' }).tap();
  await expect(page.getByRole('button', { name: /^Labour an hour: €21.40/ })).toContainText('Ada Brook');
  await expectSound(page);

  await page.getByRole('link', { name: 'People' }).tap();
  for (const [name, digits] of [
    ['Ben Holt', '485736'],
    ['Cleo Marsh', '906142'],
  ] as const) {
    await page.getByRole('button', { name: 'Add a person' }).tap();
    await page.getByLabel('Name', { exact: true }).fill(name);
    await page.getByLabel(/^First PIN/).fill(digits);
    await page.getByRole('button', { name: 'Save' }).tap();
    await expect(page.locator('.person-row', { hasText: name })).toBeVisible();
  }
  await expectSound(page);
  await page.getByRole('button', { name: 'Disable Ada Brook' }).tap();
  await expect(page.getByText('is the only head chef')).toBeVisible();

  // A cutter receives and breaks down; there is no scale yet, and that is calm.
  await page.getByRole('button', { name: 'Sign out' }).tap();
  await pin(page, 'Ben Holt', '485736');
  await page.goto('/receive/fish');
  await expect(page.getByText('No scale: type the weight')).toBeVisible();
  await page.getByRole('combobox', { name: 'Fish' }).fill('Hak');
  await page.getByRole('option', { name: 'Hake' }).tap();
  await page.getByRole('combobox', { name: 'Supplier' }).fill('Quayside');
  await page.keyboard.press('Escape');
  await page.getByLabel('Weight, typed').fill('4210 g');
  await page.getByRole('button', { name: 'Record', exact: true }).tap();
  await expect(page).toHaveURL(/\/breakdown\//);
  const fish = page.url().split('/').at(-1) ?? '';
  await type(page, '2650 g');
  await type(page, '140 g');
  await type(page, '1390 g');
  await expectNoScroll(page);
  await page
    .getByRole('button', { name: /^Bones/ })
    .first()
    .tap();
  await page.locator('.mantine-Chip-root', { hasText: /^Bones/ }).tap();
  await page.getByLabel('Bones found, typed').fill('17');
  await page.getByRole('button', { name: 'Second pass done' }).tap();
  await expect(page.locator('.bones-sides')).toContainText('boned and checked');
  await finish(page, 'Done, go to Portion');
  await expect(page.getByRole('button', { name: 'Finish portioning' })).toBeVisible();
  for (let piece = 0; piece < 14; piece++) {
    await type(page, '180 g');
  }
  await page.getByRole('button', { name: 'Sign out' }).tap();

  // The head chef writes the dish down, and follows the fish to its plate.
  await pin(page, 'Ada Brook', '739182');
  await page.goto(`/portion/${fish}`);
  await page.getByLabel('Dish', { exact: true }).fill('Hake, lemon');
  await page.getByLabel('Portion', { exact: true }).fill('180 g');
  await page.getByLabel('May be lighter by').fill('6 g');
  await page.getByLabel('May be heavier by').fill('8 g');
  await page.getByLabel('Menu price').fill('24.50');
  await page.getByRole('button', { name: 'Save dish' }).tap();
  await page.locator('.mantine-Chip-root', { hasText: 'Hake, lemon' }).tap();
  await expect(page.locator('.figures')).toContainText('14');
  await finish(page, 'Finish portioning');
  await expect(page).toHaveURL(/\/route\//);
  await finish(page, 'Confirm bins, go to Cost');
  await expect(page).toHaveURL(/\/cost\//);
  await page.getByLabel('Price per kg').fill('13.90');
  await page.getByLabel('Labour, minutes').fill('14');
  await page.getByRole('button', { name: 'Save cost' }).tap();
  await expect(page.locator('.plate-figures .figure')).toContainText('€');
  await finish(page, 'Close the fish');
  await expect(page).toHaveURL(/\/log\//);
  await expect(page.getByRole('heading', { level: 1, name: /Hake/ })).toBeVisible();
  await context.close();
});
