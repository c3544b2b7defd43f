import { expect, type Page, test } from '@playwright/test';
import { ask, CUTTER, expectSound, signIn } from './kitchen';

type Day = { day: string; tasks: { id: string; cutter: string | null; start: number; pinned: unknown }[] };

/** The next day of the demo that has something to cut and somebody to cut it. */
async function busy(page: Page): Promise<string> {
  await signIn(page);
  await page.goto('/plan/prep');
  await expect(page.getByRole('link', { name: 'Print the lists' })).toBeVisible({ timeout: 15_000 });
  return (await ask<Day>(page, 'GET', '/plan/prep')).day;
}

test('a task is dragged to another hand and hour: PHP says what it does, then it stays, then it is let go', async ({
  page,
}) => {
  const day = await busy(page);
  const task = page.locator('[data-cutter] [data-task^="break-down"]').first();
  const from = await task.boundingBox();
  const rows = page.locator('[data-cutter]');
  await expect(rows).toHaveCount(2);
  const boxes = [await rows.nth(0).boundingBox(), await rows.nth(1).boundingBox()];
  const other = boxes.find((box) => box && from && Math.abs(box.y - from.y) > 40);
  if (!from || !other) {
    throw new Error('Nothing to drag, or nowhere to drag it.');
  }
  const [x, y] = [from.x + 6, from.y + 20];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 30, y, { steps: 3 });
  await page.mouse.move(other.x + other.width * 0.6, other.y + 30, { steps: 6 });
  const says = page.getByRole('status').filter({ hasText: /All ready at|Then|Working/ });
  await expect(says).toContainText(/minutes? later|as before|Then|sooner/);
  // What only hangs is not kept.
  expect((await ask<Day>(page, 'GET', `/plan/prep?day=${day}`)).tasks.filter((one) => one.pinned)).toHaveLength(0);
  await page.mouse.up();
  await expect
    .poll(async () => (await ask<Day>(page, 'GET', `/plan/prep?day=${day}`)).tasks.filter((one) => one.pinned).length)
    .toBe(1);
  const kept = (await ask<Day>(page, 'GET', `/plan/prep?day=${day}`)).tasks.find((one) => one.pinned);
  expect(kept?.pinned).toEqual({ cutter: kept?.cutter, at: kept?.start });

  // The same without a mouse: the list says what is kept, and its panel lets it go.
  const line = page.getByRole('button', { name: /kept so$/ });
  await expect(line).toHaveCount(1);
  await line.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Begins at')).not.toHaveValue('');
  await expectSound(page);
  await page.getByRole('button', { name: 'Let it go' }).tap();
  await expect(page.getByRole('button', { name: 'Let it go' })).toHaveCount(0);
  expect((await ask<Day>(page, 'GET', `/plan/prep?day=${day}`)).tasks.filter((one) => one.pinned)).toHaveLength(0);
});

test('a shift too short says what will not be ready and what would help; the lists print; a cutter only looks', async ({
  page,
  browser,
}) => {
  const day = await busy(page);
  const names = page.locator('button').filter({ has: page.locator('b'), hasText: /\d\d:\d\d to \d\d:\d\d/ });
  await expect(names).toHaveCount(2);
  for (const i of [0, 1]) {
    await names.nth(i).tap();
    await page.getByLabel('Cuts from').fill('18:10');
    await page.getByLabel('until').fill('20:00');
    await page.getByRole('button', { name: 'Save the shift' }).tap();
    await expect(page.getByRole('button', { name: 'Save the shift' })).toHaveCount(0);
  }
  await expect(page.getByRole('status').first()).toContainText(/late for|no room for/);
  await expect(page.getByRole('status').first()).toContainText(/enough/);
  await expectSound(page);
  for (const i of [0, 1]) {
    await names.nth(i).tap();
    await page.getByLabel('Cuts from').fill(i === 0 ? '11:00' : '09:00');
    await page.getByLabel('until').fill(i === 0 ? '19:00' : '17:00');
    await page.getByRole('button', { name: 'Save the shift' }).tap();
    await expect(page.getByRole('button', { name: 'Save the shift' })).toHaveCount(0);
  }
  const size = await page.evaluate(
    async (path) => (await (await fetch(path)).arrayBuffer()).byteLength,
    `/api/plan/prep/${day}/list.pdf`,
  );
  expect(size).toBeGreaterThan(10_000);
  await page.setViewportSize({ width: 820, height: 1180 });
  await expectSound(page);

  const other = await browser.newPage();
  await signIn(other, CUTTER);
  await other.goto('/plan/prep');
  await other
    .getByRole('button', { name: /\d Break down/ })
    .first()
    .tap();
  await expect(other.getByRole('button', { name: 'Keep it so' })).toHaveCount(0);
  await expect(other.getByLabel('Who else cuts…')).toHaveCount(0);
  await other.close();
});
