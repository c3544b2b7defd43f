import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { ask, CUTTER, expectSound, signIn } from './kitchen';

type Mass = { mg: number };
type Walk = { bought: Mass; steps: { step: string; mass: Mass }[] };
type StepOf = { mass: Mass; kinds: { mass: Mass; species: string }[]; fish: { mass: Mass; fish: string }[] };

const sum = (list: { mass: Mass }[]) => list.reduce((all, one) => all + one.mass.mg, 0);

/** The week of the day before yesterday: some of the demo's fish were cut in it, whatever the day. */
const DAY = new Date(Date.now() - 2 * 86_400_000).toISOString().slice(0, 10);

test('from the page of the week to a single fish in three taps, each figure the sum of those beneath', async ({
  page,
}) => {
  await signIn(page);
  await page.goto(`/log/week?day=${DAY}`);
  await expect(page.getByRole('heading', { name: /^The week, / })).toBeVisible({ timeout: 15_000 });
  await expectSound(page);
  const { walk } = await ask<{ walk: Walk }>(page, 'GET', `/log/week?day=${DAY}`);
  expect(sum(walk.steps)).toBe(walk.bought.mg);

  const ends = walk.steps.find((one) => one.step === 'ends');
  await page.getByRole('link', { name: /^Ends/ }).first().tap();
  await expect(page.getByRole('heading', { name: 'Ends' })).toBeVisible();
  const period = new URL(page.url()).search;
  const step = await ask<StepOf>(page, 'GET', `/log/walk/ends${period}`);
  expect(step.mass.mg).toBe(ends?.mass.mg);
  expect(sum(step.kinds)).toBe(step.mass.mg);

  await page
    .getByRole('main')
    .getByRole('link', { name: /\d fish, / })
    .first()
    .tap();
  await expect(page.getByRole('heading', { name: /^Ends: / })).toBeVisible();
  const kind = await ask<StepOf>(page, 'GET', `/log/walk/ends${new URL(page.url()).search}`);
  expect(kind.mass.mg).toBe(step.kinds[0]?.mass.mg);
  expect(sum(kind.fish)).toBe(kind.mass.mg);

  await page
    .getByRole('main')
    .getByRole('link', { name: /no\. \d+/ })
    .first()
    .tap();
  await expect(page).toHaveURL(new RegExp(`/log/${kind.fish[0]?.fish}$`));
  await expect(page.getByRole('heading', { name: 'Yield', exact: true })).toBeVisible();
});

test('fish are found as they are said, by choice, laid side by side, saved under a name and handed over', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/log');
  const field = page.getByRole('searchbox', { name: 'Search the log' });
  await field.fill('hake by Ilse over 2 kg');
  await expect(page.getByText(/fish: Hake · Ilse Varga · over 2000 g/)).toBeVisible();
  const rows = page.getByRole('link', { name: /^Hake no\. / });
  await expect(rows.first()).toBeVisible();
  await page.getByText('Most below expected').tap();
  await expect(page).toHaveURL(/sort=below/);
  await page.getByRole('button', { name: 'Save this view' }).tap();
  await page.getByRole('textbox', { name: 'Name of the view' }).fill('Ilse, large hake');
  await page.getByRole('button', { name: 'Save', exact: true }).tap();
  await expect(page.getByRole('link', { name: 'Ilse, large hake' })).toBeVisible();
  const csv = page.waitForEvent('download');
  await page.getByRole('link', { name: /as CSV$/ }).tap();
  expect((await csv).suggestedFilename()).toBe('fish.csv');

  await field.fill('nothing of the kind');
  await expect(page.getByRole('heading', { name: 'No fish found' })).toBeVisible();
  await page.getByRole('button', { name: 'Show every fish' }).tap();
  await page.getByRole('combobox', { name: 'Side by side by …' }).click();
  await page.getByRole('option', { name: 'by cutter' }).click();
  const laid = page.getByRole('list', { name: 'Side by side by …' });
  await expect(laid.getByRole('listitem')).toHaveCount(2);
  await expectSound(page);
  await page.goto('/log');
  await page.getByRole('link', { name: 'Ilse, large hake' }).tap();
  await expect(page.getByText(/fish: Hake · Ilse Varga · over 2000 g/)).toBeVisible();
  await page.getByRole('button', { name: 'Remove this view' }).tap();
  await expect(page.getByRole('link', { name: 'Ilse, large hake' })).toHaveCount(0);
});

test('hands are told apart, and two touched say their difference', async ({ page }) => {
  await signIn(page);
  await page.goto('/log/effects');
  const hands = page.getByRole('region', { name: 'Hand' });
  await expect(hands).toBeVisible({ timeout: 20_000 });
  await expect(hands.getByText(/^If all were as with .+ a year/)).toBeVisible();
  await hands.getByRole('button', { name: /Ilse Varga/ }).tap();
  await hands.getByRole('button', { name: /Tobin Hale/ }).tap();
  await expect(hands.getByRole('status')).toContainText(/Ilse Varga .*Tobin Hale.* in 100/, { timeout: 15_000 });
  await expectSound(page);
});

test('a complaint finds the fish, its checks and its siblings, which are held until somebody lets them go', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/log/complaints');
  await page.getByRole('button', { name: 'Write down a complaint' }).tap();
  await page.getByLabel('What the guest said').fill('A bone in the middle');
  await page.getByRole('button', { name: 'Save the complaint' }).tap();
  await expect(page.getByRole('alert')).toContainText('Say which tray, fish or dish');
  await page.getByRole('combobox', { name: 'Tray' }).click();
  await page
    .getByRole('option', { name: /Brill, leek|Bream, fennel/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Save the complaint' }).tap();
  await expect(page.getByRole('heading', { name: /^Complaint \d+: bone/ })).toBeVisible();
  await expect(page.getByText(/^held: complaint \d+/).first()).toBeVisible();
  await expect(page.getByText(/Inspected by/).first()).toBeVisible();
  await expectSound(page);
  await page.getByRole('textbox', { name: 'Why they may be served (required)' }).fill('All gone over again');
  await page.getByRole('button', { name: 'Let them go' }).tap();
  await expect(page.getByText('may be served').first()).toBeVisible();
  await page.getByLabel('Answer or note').fill('The chef spoke with the guest');
  await page.getByRole('button', { name: 'Save as the answer to the guest' }).tap();
  await expect(page.getByText(/answered: The chef spoke with the guest/)).toBeVisible();
});

test('a cutter sees himself and no money; rooms of the head chef are not offered', async ({ page }) => {
  await signIn(page, CUTTER);
  await page.goto('/log/cutters');
  await expect(page.getByRole('link', { name: new RegExp(CUTTER.name) })).toBeVisible({ timeout: 15_000 });
  await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(1);
  for (const room of ['Week', 'Suppliers', 'Complaints', 'All data']) {
    await expect(page.getByRole('navigation', { name: 'Log' }).getByRole('link', { name: room })).toHaveCount(0);
  }
  for (const path of ['/log/effects', '/log/drift', '/log/walk?from=2026-01-01&until=2027-12-31', '/log/season']) {
    await page.goto(path);
    await expect(page.getByRole('main').getByText(/\d/).first()).toBeVisible({ timeout: 15_000 });
    await expect(page.getByRole('main')).not.toContainText('€');
  }
});

test('yields of an old notebook are looked at, taken over and taken back; all data goes out', async ({ page }) => {
  await signIn(page);
  await page.goto('/log/house');
  await page.locator('input[type=file]').setInputFiles({
    name: 'notebook.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Fish,Weight,Yield\nHake,2100,58.9\nMoonfish,900,40\n'),
  });
  await expect(page.getByText('No fish here is called “Moonfish”.')).toBeVisible();
  await page.getByRole('button', { name: 'Take over 1 row' }).tap();
  await expect(page.getByText(/notebook\.csv: 1 row/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).tap();
  await expect(page.getByText(/notebook\.csv: 1 row/)).toHaveCount(0);
  const lines = page.waitForEvent('download');
  await page.getByRole('button', { name: 'All of it (JSON lines)' }).tap();
  expect((await lines).suggestedFilename()).toBe('house.jsonl');
});

test('a guest reads from which sea, by whom and when; the page stands alone', async ({ page }) => {
  await signIn(page);
  await page.goto('/log/origin');
  await page.getByRole('combobox', { name: 'Dishes of a table or a menu' }).click();
  await page.getByRole('option', { name: 'Hake, parsley sauce' }).click();
  await page.keyboard.press('Escape');
  const card = page.getByRole('article').filter({ hasText: 'Merluccius merluccius' });
  await expect(card).toContainText(/Wild, .*(Sea|Channel|Atlantic) \(FAO 27\.[0-9.a-z]+\)/);
  const file = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Page for guests (HTML)' }).tap();
  const whole = await readFile(await (await file).path(), 'utf8');
  expect(whole).toContain('Merluccius merluccius');
  expect(whole).not.toMatch(/€|<script|src=/);
});
