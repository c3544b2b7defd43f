import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { ulid } from 'ulid';

export const CHEF = { name: 'Maren Osk', pin: '2741' };
export const CUTTER = { name: 'Tobin Hale', pin: '1180' };

/** Signs in by touch, on the keys of the page, to wherever this person's day begins. */
export async function tapIn(page: Page, who = CHEF) {
  await page.goto('/');
  await page.getByRole('button', { name: new RegExp(who.name) }).tap();
  for (const digit of who.pin) {
    await page.getByRole('button', { name: digit, exact: true }).tap();
  }
  await page.getByRole('button', { name: 'Sign in' }).tap();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
}

/** Signed in, and at the door where most walks begin: the head chef's day begins in Plan. */
export async function signIn(page: Page, who = CHEF) {
  await tapIn(page, who);
  if (who === CHEF) {
    await page
      .getByRole('link', { name: /^Receive/ })
      .first()
      .tap();
  }
}

/** Lays a mass on the demo's pan and waits until it stands still. */
export async function putOnPan(page: Page, mass: string) {
  await page.getByLabel('Put on the scale').fill(mass);
  await page.getByRole('button', { name: 'Put on', exact: true }).tap();
  await expect(page.getByRole('button', { name: new RegExp(`^(Record|Receive|Weigh in) ${mass}`) })).toBeEnabled();
}

/** Weighs by touch: mass on the pan, the large button. */
export async function weigh(page: Page, mass: string) {
  await putOnPan(page, mass);
  await page.getByRole('button', { name: new RegExp(`^(Record|Receive|Weigh in) ${mass}`) }).tap();
}

/** Records what the scale asks about as it is; waits for neither where nothing is asked. */
export async function weighAnyway(page: Page, mass: string) {
  const before = await page.locator('.readings li:not(.waits)').count();
  await weigh(page, mass);
  const anyway = page.getByRole('button', { name: 'Record all the same' });
  const taken = page.locator('.readings li:not(.waits)').nth(before);
  await expect(anyway.or(taken).first()).toBeVisible();
  if (await anyway.isVisible()) {
    await anyway.tap();
    await expect(taken).toBeVisible();
  }
}

/** Nothing serious, and nothing wider than the screen. */
export async function expectSound(page: Page) {
  // A preview that was just asked for dims what it is about to replace.
  await page.waitForTimeout(200);
  await expect(page.locator('.asking')).toHaveCount(0);
  const found = await new AxeBuilder({ page })
    // One document without frames: no blank page is opened to put the results together.
    .setLegacyMode(true)
    // Of what is in order nothing is written together: that takes a third of the time.
    .options({
      resultTypes: ['violations'],
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
    })
    .analyze();
  const serious = found.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  expect(serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.target).join(' | ')}`)).toEqual([]);
  await expectNothingSpills(page);
}

/** Nothing wider than the screen, no table wider than what it stands in, and the weight legible. */
export async function expectNothingSpills(page: Page) {
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(wide).toBeLessThanOrEqual(0);
  const spilling = await page
    .locator('table:visible')
    .evaluateAll((all) =>
      all
        .filter((e) => e.getBoundingClientRect().right > (e.parentElement?.getBoundingClientRect().right ?? 0) + 1)
        .map((e) => e.className),
    );
  expect(spilling).toEqual([]);
  await expectLegible(page);
}

/** The weight on the scale is read from an arm away. */
async function expectLegible(page: Page) {
  const sizes = await page
    .getByTestId('live')
    .evaluateAll((all) => all.map((figure) => Number.parseFloat(getComputedStyle(figure).fontSize)));
  expect(sizes.filter((size) => size < 40)).toEqual([]);
}

/** A bench screen shows everything at 1280 × 800. */
export async function expectNoScroll(page: Page) {
  const over = await page.locator('.board, .pan').evaluateAll((all) => all.map((e) => e.scrollHeight - e.clientHeight));
  expect(Math.max(...over)).toBeLessThanOrEqual(1);
}

/** Sticks the demo's probe into a fish and waits until it has come to rest. */
export async function probe(page: Page, core: string) {
  await page.getByLabel('Stick the probe into').fill(core);
  await page.getByRole('button', { name: 'Stick in' }).tap();
  await expect(page.getByText('Core, steady')).toBeVisible();
  await expect(page.getByTestId('core')).toContainText(core);
  await page.getByRole('button', { name: 'Record core temperature' }).tap();
  await expect(page.getByRole('button', { name: `Taken: ${core} °C` })).toBeVisible();
}

/** Finishes a stage by touch; what is still open is answered when it is asked about. */
export async function finish(page: Page, label: string) {
  await page.getByRole('button', { name: label, exact: true }).tap();
  const open = page.getByRole('alertdialog', { name: 'Still open' });
  const asks = await open.isVisible();
  if (asks) {
    await open.getByRole('button', { name: 'Finish all the same' }).tap();
  }
}

/** The same by keyboard. */
export async function finishByKey(page: Page, label: string) {
  const button = page.getByRole('button', { name: label, exact: true });
  await expect(button).toBeEnabled();
  await button.focus();
  await page.keyboard.press('Enter');
  const all = page.getByRole('button', { name: 'Finish all the same' });
  if (await all.isVisible()) {
    await all.focus();
    await page.keyboard.press('Enter');
  }
}

/** From the door, without paper, straight onto the board; as usual when nobody says how it was bought. */
export async function receive(page: Page, fish: string, mass: string, state?: string) {
  await page.goto('/receive/fish');
  await page.getByRole('combobox', { name: 'Fish' }).fill(fish);
  await page.keyboard.press('Escape');
  await page.getByRole('combobox', { name: 'Supplier' }).fill('Harbourgate Fish');
  await page.keyboard.press('Escape');
  if (state) {
    await page.locator('.mantine-Chip-root', { hasText: new RegExp(`^${state}$`) }).tap();
  }
  await page.getByLabel('Weight, typed').fill(mass);
  await page.getByLabel('Weight, typed').press('Enter');
  await expect(page).toHaveURL(/\/breakdown\/[0-9a-zA-Z]{26}$/);
  await expect(page.locator('.readings li').first()).toBeVisible();
}

/** Chooses the method; its questions lie open then. */
export async function cutAs(page: Page, method: string) {
  await page.locator('.mantine-Chip-root', { hasText: /^Steps$/ }).tap();
  await page.getByRole('button', { name: new RegExp(`^${method}`) }).tap();
  await expect(page.getByRole('button', { name: new RegExp(`^${method}`) })).toHaveAttribute('aria-pressed', 'true');
}

/** Asks the kitchen as the page would: set-up that another test walks by hand. */
export async function ask<T>(page: Page, method: string, path: string, body?: unknown): Promise<T> {
  const answer = await page.evaluate(
    async ([verb, to, sent]) => {
      const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
      const got = await fetch(`/api${to}`, {
        method: verb,
        headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
        ...(sent === undefined ? {} : { body: JSON.stringify(sent) }),
      });
      return { ok: got.ok, body: await got.json() };
    },
    [method, path, body] as const,
  );
  expect(answer.ok, `${method} ${path}: ${JSON.stringify(answer.body)}`).toBe(true);
  return answer.body as T;
}

/** What a bench says of the fish on it, as far as a set-up needs it. */
export type OnBench = {
  fish: { version: number };
  bones: { piece: string; expected: number }[];
  sources: { piece: string }[];
};

/** Every side gone over twice, and on to portioning. */
export async function boned(page: Page, fish: string) {
  const { bones } = await ask<OnBench>(page, 'GET', `/breakdown/fish/${fish}`);
  for (const { piece, expected } of bones) {
    await ask(page, 'PUT', `/breakdown/fish/${fish}/bones/${ulid()}`, { piece, found: expected, second_pass: true });
  }
  const { fish: now } = await ask<OnBench>(page, 'GET', `/breakdown/fish/${fish}`);
  await ask(page, 'PUT', `/breakdown/fish/${fish}/done`, { version: now.version });
}

/** A kind of fish by its name. */
export async function speciesCalled(page: Page, name: string): Promise<string> {
  const { species } = await ask<{ species: { id: string; name: string }[] }>(page, 'GET', '/receive');
  return species.find((one) => one.name === name)?.id ?? '';
}

/** A fish out of the box. */
export async function received(page: Page, fish: string, species: string, weight: string) {
  await ask(page, 'PUT', `/receive/fish/${fish}`, {
    reading: ulid(),
    species,
    supplier: 'Harbourgate Fish',
    state: 'gutted',
    weight: { typed: weight },
  });
}

/** A fish whose fillets were weighed together and boned, on the portion bench for a dish. */
export async function filletsOf(page: Page, fish: string, species: string, dish: string) {
  await received(page, fish, species, '6200 g');
  await ask(page, 'PUT', `/breakdown/fish/${fish}/readings/${ulid()}`, {
    part: 'fillets',
    weight: { typed: '4100 g' },
    sure: true,
  });
  await boned(page, fish);
  const { fish: now } = await ask<OnBench>(page, 'GET', `/portion/fish/${fish}`);
  await ask(page, 'PUT', `/portion/fish/${fish}/dish`, { dish, version: now.version });
}

/** Small trout of which two make a plate, so many of them weighed one by one; the dish and its fish. */
export async function troutInPairs(page: Page, many: number) {
  const species = await speciesCalled(page, 'Rainbow trout');
  const [dish, fish] = [ulid(), ulid()];
  await ask(page, 'PUT', `/portion/dishes/${dish}`, {
    name: 'Trout, almond butter',
    target: '200 g',
    minus: '8 g',
    plus: '8 g',
    per_plate: 2,
    species,
    price: '24.50',
  });
  await filletsOf(page, fish, species, dish);
  for (let i = 0; i < many; i++) {
    await ask(page, 'PUT', `/portion/fish/${fish}/readings/${ulid()}`, {
      part: 'portion',
      weight: { typed: `${88 + ((i * 7) % 25)} g` },
      sure: true,
    });
  }
  return fish;
}

/** The newest fish of a kind, as it is said, that nothing is left to do at. */
export async function closedFish(page: Page, kind: string): Promise<{ id: string; number: number }> {
  type Listed = { fish: { id: string; number: number; stage: string } };
  const found = await ask<{ fish: Listed[] }>(page, 'GET', `/log?q=${encodeURIComponent(kind)}`);
  const closed = found.fish.find(({ fish }) => fish.stage === 'log');
  if (!closed) {
    throw new Error(`No ${kind} in the kitchen has been through every stage.`);
  }
  return closed.fish;
}
