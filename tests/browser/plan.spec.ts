import { expect, type Page, test } from '@playwright/test';
import ICAL from 'ical.js';
import { ulid } from 'ulid';
import { ask, CUTTER, expectSound, signIn, tapIn } from './kitchen';

/** A day on which the demo plans nothing itself: ten days from now, or the Wednesday before. */
const quiet = (): string => {
  const day = new Date(Date.now() + 10 * 86_400_000);
  while (day.getUTCDay() === 0 || day.getUTCDay() > 3) {
    day.setUTCDate(day.getUTCDate() - 1);
  }
  return day.toISOString().slice(0, 10);
};

async function plan(page: Page, name: string, guests: string) {
  await page.getByRole('button', { name: 'Add a service', exact: true }).tap();
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Day', { exact: true }).fill(quiet());
  await page.getByLabel(/^Guests/).fill(guests);
}

test('a banquet from its guests to the order, by touch; the guaranteed count changes what is cooked', async ({
  page,
}) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Plan', exact: true }).tap();
  await page.getByRole('link', { name: 'Services', exact: true }).tap();
  await plan(page, 'Harvest supper', '160');
  await page.getByText('Banquet', { exact: true }).tap();
  await page.getByLabel('Do not come, %').fill('5');
  await page.getByLabel('Spare plates, %').fill('5');
  await page.getByLabel('Zander, barley', { exact: true }).check();
  await page.getByLabel('Zander, barley: take it, %').fill('100');
  await page.getByRole('button', { name: 'Save the service' }).tap();
  const supper = page.getByRole('article', { name: /Harvest supper/ });
  await expect(supper).toContainText('cooked for 160');
  await expectSound(page);

  await supper.getByRole('button', { name: /^Edit Harvest supper/ }).tap();
  await page.getByLabel('Guaranteed count').fill('148');
  await page.getByRole('button', { name: 'Save the service' }).tap();
  await expect(supper).toContainText('148 guaranteed');
  await expect(supper).toContainText('cooked for 156');

  await page.getByRole('link', { name: 'Order', exact: true }).tap();
  await page.getByLabel('For services up to').fill(quiet());
  await page.getByText('Zander', { exact: true }).first().tap();
  const says = page.getByText(/^\d+ × Zander/);
  await expect(says).toBeVisible();
  const before = Number(((await says.textContent()) ?? '').match(/^\d+/)?.[0]);
  // Seldomer short takes more fish; one fish fewer says how often that is short.
  await page.getByRole('slider', { name: 'May run short' }).focus();
  await page.keyboard.press('Home');
  await expect
    .poll(async () => Number(((await says.textContent()) ?? '').match(/^\d+/)?.[0]))
    .toBeGreaterThanOrEqual(before);
  const offer = page.getByRole('listitem').filter({ hasText: 'Lakeside Fishery' }).first();
  const many = Number(await offer.locator('b').nth(1).textContent());
  await offer.getByRole('button', { name: /^One fewer/ }).tap();
  await expect(offer.locator('b').nth(1)).toHaveText(String(many - 1));
  await expectSound(page);

  await page.getByLabel('Note for the supplier').fill('By seven, please');
  await page.getByRole('button', { name: new RegExp(`^Order ${many - 1} from Lakeside`) }).tap();
  const placed = page.getByRole('region', { name: 'Orders' });
  await expect(placed).toContainText('Lakeside Fishery');
  await placed
    .getByText(/^Order \d+, Lakeside/)
    .first()
    .tap();
  await expect(placed.locator('pre').first()).toContainText(`${many - 1} × Zander`);
  const href = await placed.getByRole('link', { name: /UBL/ }).first().getAttribute('href');
  const xml = await page.evaluate(async (path) => (await fetch(path ?? '')).text(), href);
  expect(xml).toContain('<cbc:UBLVersionID>2.1</cbc:UBLVersionID>');
  await placed
    .getByRole('button', { name: /^Drop order/ })
    .first()
    .tap();
  await expect(placed).toContainText('dropped');

  // Nobody comes: the service goes, and leaves its day to others.
  await page.goto('/plan/services');
  await supper.getByRole('button', { name: /^Edit Harvest supper/ }).tap();
  await page.getByRole('button', { name: 'Drop the service' }).tap();
  await expect(supper).toHaveCount(0);
});

/** The Friday after the next: the demo's dining room is open on it. */
const friday = (): string => {
  const day = new Date(Date.now() + 4 * 86_400_000);
  while (day.getUTCDay() !== 5) {
    day.setUTCDate(day.getUTCDate() + 1);
  }
  return day.toISOString().slice(0, 10);
};

test('a Friday dining room: usual covers beside the book, what it wants of every dish, and the fish for it', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/plan/services');
  const name = new Date(`${friday()}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
  const dinner = page.getByRole('article', { name: new RegExp(`^Dinner, Fri ${name}`) });
  await expect(dinner).toContainText(/\d+ guests ± \d/);
  const wanted = async () =>
    Number(((await dinner.getByRole('listitem').first().locator('b').textContent()) ?? '').match(/\d+/)?.[0]);
  const before = await wanted();
  await dinner.getByRole('button', { name: /^Edit Dinner/ }).tap();
  await page.getByLabel(/^Guests/).fill('140');
  await page.getByRole('button', { name: 'Save the service' }).tap();
  await expect(dinner).toContainText('140 guests');
  // Nearly twice the guests want nearly twice the hake, with the share Fridays have taught.
  expect(await wanted()).toBeGreaterThan(1.4 * before);
  await expect(dinner.getByRole('listitem').first()).toContainText(/from \d+ services/);
  await expectSound(page);

  await page.getByRole('link', { name: 'Order', exact: true }).tap();
  await page.getByLabel('For services up to').fill(friday());
  await page.getByText('Hake', { exact: true }).first().tap();
  await expect(page.getByText(/^\d+ × Hake/)).toBeVisible();
  await expect(page.getByText(/^In the house by/).first()).toBeVisible();
  await expect(page.getByRole('complementary', { name: /^Season/ })).toContainText(/at the board/);
  await expectSound(page);
});

test('an event over two days, from its guests to the order, the prep lists, the calendar and its sheet', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/plan/services');
  for (const [name, hour, guests] of [
    ['Sailing supper', '18:30', '160'],
    ['Sailing lunch', '12:30', '90'],
  ] as const) {
    await plan(page, name, guests);
    await page.getByText('Banquet', { exact: true }).tap();
    if (name === 'Sailing lunch') {
      const next = new Date(`${quiet()}T12:00:00Z`);
      next.setUTCDate(next.getUTCDate() + 1);
      await page.getByLabel('Day', { exact: true }).fill(next.toISOString().slice(0, 10));
    }
    await page.getByLabel('Served at').fill(hour);
    await page.getByLabel('Event it belongs to').fill('The Sailing Club');
    await page.getByLabel('Quoted a guest').fill('44.00');
    await page.getByLabel('Zander, barley', { exact: true }).check();
    await page.getByLabel('Zander, barley: take it, %').fill('100');
    await page.getByRole('button', { name: 'Save the service' }).tap();
    await expect(page.getByRole('article', { name: new RegExp(name) })).toBeVisible();
  }
  const supper = page.getByRole('article', { name: /Sailing supper/ });
  await supper.getByRole('button', { name: /^Edit/ }).tap();
  await page.getByLabel('Guaranteed count').fill('140');
  await page.getByRole('button', { name: 'Save the service' }).tap();
  await supper.getByRole('link', { name: /^Money and production sheet/ }).tap();
  await expect(page.getByRole('heading', { name: 'The Sailing Club' })).toBeVisible();
  await expect(page.getByRole('status').first()).toContainText(/140 portions rather than 160.*−20 portions, −\d+ fish/);
  await expect(page.getByRole('row', { name: /Sailing lunch/ })).toContainText('€44.00 a guest');
  await expectSound(page);
  const sheet = await page.getByRole('link', { name: 'Print the production sheet' }).getAttribute('href');
  const pdf = await page.evaluate(async (path) => (await (await fetch(path ?? '')).blob()).type, sheet);
  expect(pdf).toBe('application/pdf');

  await page.getByRole('link', { name: 'Order', exact: true }).tap();
  await page.getByLabel('For services up to').fill(quiet());
  await page.getByText('Zander', { exact: true }).first().tap();
  await page.getByLabel('In the house by').fill(quiet());
  await page.getByRole('button', { name: /^Order \d+ from Lakeside/ }).tap();
  await expect(page.getByRole('region', { name: 'Orders' })).toContainText('Lakeside Fishery');

  // What was ordered is received, cut and packed for it, by whoever is down to cut.
  await page.goto(`/plan/prep?day=${quiet()}`);
  await expect(page.getByRole('button', { name: /Receive \d+ Zander/ })).toBeVisible({ timeout: 15_000 });
  await expect(page.getByRole('button', { name: /Pack and label 1\d\d × Zander/ })).toBeVisible();
  await expectSound(page);
  const lists = await page.getByRole('link', { name: 'Print the lists' }).getAttribute('href');
  const list = await page.evaluate(async (path) => (await (await fetch(path ?? '')).arrayBuffer()).byteLength, lists);
  expect(list).toBeGreaterThan(10_000);

  const address = await ask<{ address: string }>(page, 'PUT', `/plan/calendar/${ulid()}`);
  const ics = await page.evaluate(async (path) => (await fetch(path)).text(), address.address);
  const events = new ICAL.Component(ICAL.parse(ics)).getAllSubcomponents('vevent');
  const names = events.map((one) => String(one.getFirstPropertyValue('summary')));
  expect(names.filter((name) => name.startsWith('Sailing'))).toHaveLength(2);
  await ask(page, 'PUT', '/plan/calendar-ended');
});

test('an offer is listed, refused upside down, and changed; a cutter sees services and no prices', async ({
  page,
  browser,
}) => {
  await signIn(page);
  await page.goto('/plan/order');
  await page.getByRole('button', { name: 'Add an offer' }).tap();
  await page.getByRole('combobox', { name: 'Supplier' }).fill('Lakeside Fishery');
  await page.getByRole('combobox', { name: 'Kind of fish' }).selectOption({ label: 'European perch' });
  await page.getByLabel('Price per kg').fill('14.20');
  await page.getByLabel('Lightest').fill('600 g');
  await page.getByLabel('Heaviest').fill('400 g');
  await page.getByRole('button', { name: 'Save the offer' }).tap();
  await expect(page.getByText(/not lighter than its lightest/).first()).toBeVisible();
  await page.getByLabel('Heaviest').fill('900 g');
  await page.getByRole('button', { name: 'Save the offer' }).tap();
  await expect(page.getByRole('button', { name: 'Save the offer' })).toHaveCount(0);
  const start = await ask<{ offers: { fish: string }[] }>(page, 'GET', '/plan/order');
  expect(start.offers.filter((one) => one.fish === 'European perch')).toHaveLength(1);

  const other = await browser.newPage();
  await signIn(other, CUTTER);
  await other.goto('/plan/services');
  await expect(other.getByRole('heading', { name: 'Services' })).toBeVisible();
  await expect(other.getByRole('link', { name: 'Order', exact: true })).toHaveCount(0);
  await expect(other.getByRole('button', { name: 'Add a service', exact: true })).toHaveCount(0);
  await other.close();
});

test('what yesterday sold is typed, and teaches; the calendar fits a tablet held upright', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await signIn(page);
  await page.goto('/plan/services');
  const over = page.getByRole('region', { name: 'Just over' });
  await over
    .getByRole('button', { name: /^Type what/ })
    .first()
    .tap();
  await over.getByLabel('Guests who came').fill('71');
  await over.getByLabel('Hake, parsley sauce').fill('19');
  await over.getByRole('button', { name: 'Save what was sold' }).tap();
  await expect(over).toContainText('71 came');
  await expectSound(page);
  const services = await ask<{ over: { sold_covers: number }[] }>(page, 'GET', '/plan/services');
  expect(services.over[0]?.sold_covers).toBe(71);
});

test('the head chef begins with the day: its services over what there is, and what matters', async ({ page }) => {
  await tapIn(page);
  const matters = page.getByRole('region', { name: 'What matters today' });
  await expect(matters).toBeVisible();
  await expect(page).toHaveURL(/\/plan$/);
  const today = await ask<{ says: unknown[] }>(page, 'GET', '/plan/today');
  await expect(matters.getByRole('listitem')).toHaveCount(today.says.length);
  expect(today.says.length).toBeLessThanOrEqual(6);
  await expectSound(page);
});

test('covers come in from a calendar file, line by line; the services go out to another', async ({ page }) => {
  const day = quiet().replaceAll('-', '');
  const ics = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'BEGIN:VEVENT',
    'UID:supper-1',
    `DTSTART:${day}T120000Z`,
    'SUMMARY:Rowing club lunch, 64 guests',
    'END:VEVENT',
    'BEGIN:VEVENT',
    'UID:supper-2',
    `DTSTART:${day}T190000Z`,
    'SUMMARY:Tasting',
    'END:VEVENT',
    'END:VCALENDAR',
  ].join('\r\n');
  await signIn(page);
  await page.goto('/plan/services');
  await page.getByRole('button', { name: 'Import covers' }).tap();
  const importing = page.getByRole('region', { name: 'Import covers' });
  await importing
    .locator('input[type=file]')
    .setInputFiles({ name: 'book.ics', mimeType: 'text/calendar', buffer: Buffer.from(ics) });
  await expect(importing.getByRole('row', { name: /Tasting/ })).toContainText('how many come');
  await expectSound(page);
  await importing.getByRole('button', { name: 'Take over 1 service' }).tap();
  await expect(page.getByRole('article', { name: /Rowing club lunch/ })).toContainText('64 guests');

  const calendar = page.getByRole('region', { name: 'Calendar address' });
  await calendar.getByRole('button', { name: 'Make an address' }).tap();
  const address = await calendar.getByRole('link').getAttribute('href');
  const feed = await (await page.request.get(address ?? '')).text();
  const events = new ICAL.Component(ICAL.parse(feed)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  const lunch = events.find((one) => one.summary.startsWith('Rowing club lunch'));
  expect(lunch?.startDate.toJSDate().toISOString().slice(0, 16).replaceAll('-', '')).toBe(`${day}T12:00`);
  await calendar.getByRole('button', { name: 'Revoke', exact: true }).tap();
  await expect(calendar.getByRole('link')).toHaveCount(0);
  expect((await page.request.get(address ?? '')).status()).toBe(404);
});
