import { expect, type Page, test } from '@playwright/test';
import { CHEF, CUTTER, expectSound, putOnPan, receive, signIn, weigh, weighAnyway } from './kitchen';

/** What wet hands do: two taps, a lost answer, a slow network, a locked tablet. Each with the timing that once broke it. */

const SIGN_IN = 'Who is at the board?';

async function type(page: Page, mass: string) {
  await page.getByLabel('Weight, typed').fill(mass);
  await page.getByLabel('Weight, typed').press('Enter');
}

const readings = (page: Page) => page.locator('.readings li:not(.waits)');

test('signed out, by hand or by the kitchen computer: the sign-in page at once, nothing of the one before', async ({
  page,
  context,
}) => {
  for (const path of ['/cost/plates', '/settings', '/log', '/route/bins']) {
    await signIn(page);
    await page.goto(path);
    await expect(page.locator('.main h1')).toBeVisible();
    await page.getByRole('button', { name: 'Sign out' }).tap();
    await expect(page.getByText(SIGN_IN)).toBeVisible({ timeout: 1_000 });
    await expect(page.locator('body')).not.toContainText('€');
    // Nothing is kept but what the sign-in page itself asks for.
    const kept = await page.evaluate(async () =>
      (await (await caches.open('sectum-answers')).keys()).map((request) => new URL(request.url).pathname),
    );
    expect(kept.filter((path) => path !== '/api/kitchen')).toEqual([]);
  }
  // The session is ended elsewhere: this page learns of it by itself, and so does its other tab.
  await signIn(page);
  await page.goto('/cost/plates');
  const other = await context.newPage();
  await other.goto('/cost');
  await expect(other.locator('.main h1')).toBeVisible();
  await page.evaluate(async () => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
    await fetch('/api/session', { method: 'DELETE', headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' } });
  });
  // Whatever it asks for next says so; it may have asked already. A page behind another is not tapped.
  await page.bringToFront();
  await page
    .getByRole('link', { name: /^Log/ })
    .tap({ timeout: 2_000 })
    .catch(() => undefined);
  await expect(page.getByText(SIGN_IN)).toBeVisible();
  await expect(other.getByText(SIGN_IN)).toBeVisible();
});

test('a tablet is locked: the same name stands there, another is a tap away', async ({ page }) => {
  await signIn(page, CUTTER);
  await page.getByRole('button', { name: 'Lock' }).tap();
  await expect(page.getByText(`PIN of ${CUTTER.name}`)).toBeVisible();
  for (const digit of CUTTER.pin) {
    await page.getByRole('button', { name: digit, exact: true }).tap();
  }
  await page.getByRole('button', { name: 'Sign in' }).tap();
  await expect(page.locator('.who')).toContainText(CUTTER.name);
  await page.getByRole('button', { name: 'Lock' }).tap();
  await page.getByRole('button', { name: new RegExp(CHEF.name) }).tap();
  await expect(page.getByText(`PIN of ${CHEF.name}`)).toBeVisible();
});

test('two taps 450 ms apart finish one stage; what is open is asked about; there is a way back', async ({ page }) => {
  await signIn(page);
  await receive(page, 'Brill', '2400 g');
  await type(page, '1200 g');
  await expect(readings(page)).toHaveCount(2);
  await page.locator('.choice', { hasText: 'Bones' }).tap();
  await type(page, '1180 g');
  await expect(readings(page)).toHaveCount(3);
  const next = page.locator('.next-row').getByRole('button').last();
  await expect(next).toBeEnabled();
  const at = await next.boundingBox();
  const spot: [number, number] = [(at?.x ?? 0) + 60, (at?.y ?? 0) + 20];
  for (let tap = 0; tap < 4; tap++) {
    await page.touchscreen.tap(...spot);
    await page.waitForTimeout(450);
  }
  await expect(page).toHaveURL(/\/portion\//);
  await page.waitForTimeout(1_500);
  await expect(page).toHaveURL(/\/portion\//);
  // Nothing was portioned: that is asked about, with the flesh that is left, before the fish goes on.
  const finishing = page.getByRole('button', { name: 'Finish portioning' });
  if (await finishing.isVisible()) {
    await finishing.tap();
  }
  const open = page.getByRole('alertdialog', { name: 'Still open' });
  await expect(open).toContainText('No portion was weighed.');
  await expect(open).toContainText('1200 g of fillets is not portioned.');
  await expectSound(page);
  await open.getByRole('button', { name: 'Stay here' }).tap();
  await page.getByRole('button', { name: 'Back to Break down' }).tap();
  await expect(page).toHaveURL(/\/breakdown\//);
});

test('a weight is recorded once, however often it is tapped, until another lies there', async ({ page }) => {
  await signIn(page);
  await receive(page, 'Hake', '3900 g');
  await putOnPan(page, '2550 g');
  const take = page.locator('.take');
  await take.tap();
  await page.waitForTimeout(600);
  await take.tap({ force: true });
  await take.tap({ force: true });
  await expect(readings(page)).toHaveCount(2);
  await expect(take).toBeDisabled();
  await expect(take).toContainText('Recorded. Put the next thing on.');
  // The next thing may be as heavy as the one before.
  await page.locator('.choice', { hasText: 'Bones' }).tap();
  await weighAnyway(page, '2550 g');
  await expect(readings(page)).toHaveCount(3);
});

test('with a slow answer what was shown is what is stored, and the button waits', async ({ page }) => {
  await signIn(page);
  await receive(page, 'Hake', '3900 g');
  await putOnPan(page, '2550 g');
  await page.route('**/readings/*', async (route) => {
    await new Promise((after) => setTimeout(after, 2_000));
    await route.continue();
  });
  // A scale that is out of reach for a moment takes the weight off the button, and a tap then does nothing.
  await expect(async () => {
    await page.locator('.take').tap();
    await expect(page.locator('.take')).toContainText('Saving…', { timeout: 1_500 });
  }).toPass();
  await page.getByLabel('Put on the scale').fill('300 g');
  await page.getByRole('button', { name: 'Put on', exact: true }).tap();
  await page.locator('.take').tap({ force: true });
  await expect(readings(page)).toHaveCount(2);
  await expect(readings(page).first()).toContainText('2550 g Fillets');
  await expect(page.getByRole('button', { name: /^Record 300 g/ })).toBeEnabled();
});

test('bones: typed, kept over a reload, challenged when there are none, before the first portion', async ({ page }) => {
  await signIn(page);
  await receive(page, 'Hake', '3900 g');
  await type(page, '2550 g');
  await expect(readings(page)).toHaveCount(2);
  await page.locator('.mantine-Chip-root', { hasText: /^Bones/ }).tap();
  await expect(page.locator('.bones-said')).toContainText(/Not counted; expect \d+ to \d+/);
  await page.getByLabel('Bones found, typed').fill('7');
  await page.getByRole('button', { name: /^One more bone/ }).tap();
  await expect(page.locator('.bones-tap')).toContainText('8');
  await page.reload();
  await page.locator('.mantine-Chip-root', { hasText: /^Bones/ }).tap();
  await expect(page.locator('.bones-tap')).toContainText('8');
  await page.getByLabel('Bones found, typed').fill('0');
  await page.getByRole('button', { name: 'Second pass done' }).tap();
  await expect(page.locator('.bones-word')).toContainText(/0 found; \d+ to \d+ are usual/);
  await expect(page.getByRole('button', { name: 'Second pass done' })).toBeDisabled();
  await expectSound(page);
  await page.locator('.bones-word input').fill('cut out with the strip');
  await page.getByRole('button', { name: 'Second pass done' }).tap();
  await expect(page.locator('.bones-sides')).toContainText('boned and checked');
  await expect(page.locator('.bones-word')).toHaveCount(0);
});

test('an answer lost on Receive makes one fish; a form half filled in survives a reload', async ({ page }) => {
  await signIn(page);
  await page.goto('/receive/fish');
  await page.getByRole('combobox', { name: 'Fish' }).fill('Zander');
  await page.keyboard.press('Escape');
  await page.getByRole('combobox', { name: 'Supplier' }).fill('Lakeside Fishery');
  await page.keyboard.press('Escape');
  await page.getByLabel('Price per kg').fill('15.40');
  await page.reload();
  await expect(page.getByRole('combobox', { name: 'Fish' })).toHaveValue('Zander');
  await expect(page.getByLabel('Price per kg')).toHaveValue('15.40');
  let lost = 0;
  const asked = new Set<string>();
  await page.route('**/api/receive/fish/*', async (route) => {
    asked.add(route.request().url());
    if (lost++ < 2) {
      // Written down there, and the answer never comes back.
      await route.fetch();
      await route.abort();
    } else {
      await route.continue();
    }
  });
  await type(page, '1730 g');
  await expect(page.locator('.readings .waits')).toHaveCount(1);
  await page.locator('.take').tap({ force: true });
  await expect(page).toHaveURL(/\/breakdown\//, { timeout: 15_000 });
  expect(asked.size).toBe(1);
  await page.goto('/receive/fish');
  await expect(page.locator('.latest-row', { hasText: '1730 g' })).toHaveCount(1);
  await expect(page.getByRole('combobox', { name: 'Fish' })).toHaveValue('');
});

test('a weight typed at the door without a network waits, and says so', async ({ page, context }) => {
  await signIn(page);
  await page.goto('/receive/deliveries?new');
  await page.getByRole('combobox', { name: 'New delivery from' }).fill('Harbourgate Fish');
  await page.keyboard.press('Escape');
  await page.getByLabel('Number').fill('HG-7100');
  await page.getByRole('button', { name: 'Start' }).tap();
  for (const [fish, mass, count] of [
    ['Hake', '6400 g', '2'],
    ['Brill', '2300 g', '1'],
    ['Zander', '1500 g', '1'],
  ] as const) {
    if (fish !== 'Hake') {
      await page.getByRole('button', { name: 'Add a line' }).tap();
    }
    await page.getByRole('combobox', { name: 'Fish', exact: true }).fill(fish);
    await page.getByRole('option', { name: fish, exact: true }).tap();
    await page.getByLabel('Invoiced weight', { exact: true }).fill(mass);
    await page.getByLabel('How many', { exact: true }).fill(count);
    await page.getByRole('button', { name: 'Save line', exact: true }).tap();
    await expect(page.getByRole('article', { name: fish })).toBeVisible();
  }
  // From the last line back to the first that wants more, not on to the one after.
  await page.getByRole('article', { name: 'Zander' }).getByRole('button').first().tap();
  await type(page, '1500 g');
  await expect(page.getByTestId('todo')).toContainText('Put Hake 1 of 2');
  await expect(page.locator('.readings .waits')).toHaveCount(0);
  await context.setOffline(true);
  await type(page, '3180 g');
  await expect(page.locator('.readings .waits')).toHaveCount(1);
  await expect(page.getByText('Offline.')).toBeVisible();
  await page.waitForTimeout(8_000);
  await expect(page.locator('.readings .waits')).toContainText('3180 g');
  await expect(page.getByTestId('todo')).toContainText('Put Hake 2 of 2');
  await context.setOffline(false);
  await expect(page.locator('.readings .waits')).toHaveCount(0, { timeout: 15_000 });
  await expect(page.getByRole('article', { name: 'Hake' }).locator('.in-box li')).toHaveCount(1);
  await expect(page.getByText('Offline.')).toHaveCount(0);
});

test('readings wait for whoever took them: nobody else sends them', async ({ page, context }) => {
  await signIn(page, CUTTER);
  await receive(page, 'Hake', '3900 g');
  const url = page.url();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.reload();
  await expect(page.getByTestId('todo')).toBeVisible();
  await context.setOffline(true);
  await type(page, '2.55 kg');
  await expect(page.locator('.readings .waits')).toHaveCount(1);
  await page.getByRole('button', { name: 'Sign out' }).tap();
  await expect(page.getByRole('alertdialog', { name: 'Weights wait' })).toContainText('1 weight of yours waits');
  await page.getByRole('button', { name: 'Sign out all the same' }).tap();
  await expect(page.getByText(SIGN_IN)).toBeVisible();
  await expect(page.getByText(`A weight waits on this tablet for ${CUTTER.name}`)).toBeVisible();
  await context.setOffline(false);
  // Somebody who reads pounds signs in: the weight is neither theirs nor read in their units.
  await signIn(page, { name: 'Ilse Varga', pin: '5063' });
  await page.getByRole('button', { name: 'Switch to lb/oz' }).tap();
  await page.goto(url);
  await expect(readings(page)).toHaveCount(1);
  await page.waitForTimeout(2_500);
  await expect(readings(page)).toHaveCount(1);
  await page.getByRole('button', { name: 'Switch to grams' }).tap();
  await page.getByRole('button', { name: 'Sign out' }).tap();
  await signIn(page, CUTTER);
  await page.goto(url);
  await expect(readings(page)).toHaveCount(2);
  await expect(readings(page).first()).toContainText('2550 g Fillets');
  await expect(readings(page).first()).toContainText(CUTTER.name);
});

test('Enter stays on the stage, letters are for whoever wants them, Z asks', async ({ page }) => {
  await signIn(page);
  await receive(page, 'Hake', '3900 g');
  const url = page.url();
  await type(page, '2550 g');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(readings(page)).toHaveCount(2);
  await page.waitForTimeout(1_500);
  await page.keyboard.press('Enter');
  expect(page.url()).toBe(url);
  await page.keyboard.press('z');
  await expect(page.getByText('Undo 2550 g, fillets?')).toBeVisible();
  await page.getByRole('button', { name: 'Keep' }).tap();
  await expect(page.locator('.readings .back')).toHaveCount(0);
  await page.goto('/me');
  const letters = page.getByRole('radiogroup', { name: /Single letters/ });
  await letters.locator('.mantine-Chip-root', { hasText: /^Off$/ }).tap();
  await expect(letters.getByLabel('Off')).toBeChecked();
  await page.goto(url);
  await expect(readings(page)).toHaveCount(2);
  await page.keyboard.press('z');
  await page.keyboard.press('w');
  await page.keyboard.press('?');
  await expect(page.getByText('Undo 2550 g, fillets?')).toHaveCount(0);
  await expect(page.getByLabel('Weight, typed')).not.toBeFocused();
  await expect(page.locator('dialog[open]')).toHaveCount(0);
  await page.goto('/me');
  await letters.locator('.mantine-Chip-root', { hasText: /^On$/ }).tap();
  await expect(letters.getByLabel('On')).toBeChecked();
});

test('fast typing is no label: nothing of it is eaten', async ({ page }) => {
  await signIn(page);
  await page.goto('/receive/deliveries');
  await page.locator('.delivery-row', { hasText: 'at the door' }).first().tap();
  const field = page.getByLabel('Weight, typed');
  await expect(field).toBeVisible();
  await field.tap();
  await page.keyboard.type('1515 g', { delay: 35 });
  await expect(field).toHaveValue('1515 g');
  await field.fill('');
  await page.keyboard.type('3 lb 5.25 oz', { delay: 20 });
  await expect(field).toHaveValue('3 lb 5.25 oz');
});

test('a second tab on the same fish follows within two seconds', async ({ page, context }) => {
  await signIn(page);
  await receive(page, 'Hake', '3900 g');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(readings(other)).toHaveCount(1);
  await type(page, '2550 g');
  await expect(readings(page)).toHaveCount(2);
  await expect(readings(other)).toHaveCount(2, { timeout: 2_000 });
  // One closed, the other goes on where it is.
  await type(other, '140 g');
  await expect(readings(page)).toHaveCount(3, { timeout: 2_000 });
});

test.describe('without what the page keeps for a bad network', () => {
  test.use({ serviceWorkers: 'block' });

  test('an answer from before a weight was taken does not take it off the screen again', async ({ page, context }) => {
    await signIn(page);
    await receive(page, 'Hake', '3900 g');
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(readings(other)).toHaveCount(1);
    let release = () => {};
    const held = new Promise<void>((free) => {
      release = free;
    });
    let old = 0;
    await other.route('**/api/breakdown/fish/*', async (route) => {
      const answer = await route.fetch();
      old++;
      await held;
      await route.fulfill({ response: answer });
    });
    await type(page, '2550 g');
    await expect.poll(() => old).toBeGreaterThan(0);
    // The other tab hears of it twice: from its neighbour, and from the kitchen computer within a second.
    await other.waitForTimeout(1_500);
    const before = old;
    await type(other, '140 g');
    await expect(readings(other)).toHaveCount(3);
    release();
    await expect.poll(() => old).toBeGreaterThan(before);
    await other.waitForTimeout(500);
    await expect(readings(other)).toHaveCount(3);
  });
});

test('a weight that cannot be is asked about before it is recorded', async ({ page }) => {
  await signIn(page);
  await receive(page, 'Hake', '3900 g');
  await page.locator('.mantine-Chip-root', { hasText: 'Every part' }).tap();
  await page.locator('.choice', { has: page.locator('.name', { hasText: /^Head$/ }) }).tap();
  await putOnPan(page, '3900 g');
  await page.locator('.take').tap();
  await expect(page.locator('.remark.odd')).toContainText(/3900 g is much for head: \d+ g to \d+ g are usual/);
  await expect(readings(page)).toHaveCount(1);
  await expectSound(page);
  await page.getByRole('button', { name: 'Weigh again' }).tap();
  await weigh(page, '620 g');
  await expect(readings(page)).toHaveCount(2);
});

test('hands free: a certain weight records itself, lifted off at once it is asked about, an odd one waits', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/me');
  const itself = page.getByRole('radiogroup', { name: /records itself/ });
  await expect(itself.getByLabel('Off')).toBeChecked();
  await itself.locator('.mantine-Chip-root', { hasText: /^On$/ }).tap();
  await expect(itself.getByLabel('On')).toBeChecked();
  await receive(page, 'Hake', '4210 g');
  await page.locator('.mantine-Chip-root', { hasText: /^Every part$/ }).tap();
  const put = async (mass: string) => {
    await page.getByLabel('Put on the scale').fill(mass);
    await page.getByRole('button', { name: 'Put on', exact: true }).tap();
  };
  // Many parts may lie there: it waits.
  await put('620 g');
  await page.waitForTimeout(2_500);
  await expect(readings(page)).toHaveCount(1);
  // Chosen by hand, it is the head.
  await page.getByRole('button', { name: /^Head/ }).first().tap();
  await expect(readings(page)).toHaveCount(2);
  await expect(page.getByTestId('todo')).toHaveText('Recorded 620 g: Head.');
  await page.getByRole('button', { name: 'Off', exact: true }).tap();
  await page.getByRole('alert').getByRole('button', { name: 'Undo' }).tap();
  await expect(page.locator('.readings li').first()).toContainText('undone');
  // A frame as heavy as the fish is asked about, and waits for a hand.
  await page
    .getByRole('button', { name: /^Frame/ })
    .first()
    .tap();
  await put('3900 g');
  await expect(page.getByRole('button', { name: 'Record all the same' })).toBeVisible();
  await page.waitForTimeout(2_000);
  await expect(page.getByRole('button', { name: 'Record all the same' })).toBeVisible();
  await page.goto('/me');
  await itself.locator('.mantine-Chip-root', { hasText: /^Off$/ }).tap();
  await expect(itself.getByLabel('Off')).toBeChecked();
});

test('whoever has just signed in is who is kept for when the network is away, and not the door', async ({ page }) => {
  await signIn(page);
  await page.waitForFunction(async () => {
    const kept = await (await caches.open('sectum-answers')).match('/api/kitchen');
    return kept !== undefined && (await kept.json()).me?.name === 'Maren Osk';
  });
});
