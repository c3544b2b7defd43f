import { gzipSync } from 'node:zlib';
import { expect, type Page, type Response, test } from '@playwright/test';
import { expectNothingSpills, expectSound, signIn } from './kitchen';

/** A desk, a tablet held upright, a telephone. */
const SIZES = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
] as const;

type Listed = { fish: { id: string } };

/** The address of every screen, with something of the demo on each. */
async function addresses(page: Page): Promise<string[]> {
  const ask = async (path: string) => (await page.request.get(`/api${path}`)).json();
  const first = async (stage: string): Promise<string[]> =>
    ((await ask(`/${stage}`)).fish as Listed[]).slice(0, 1).map((one) => `/${stage}/${one.fish.id}`);
  const portion = (await first('portion'))[0] ?? '';
  const { sources } = await ask(portion.replace('/portion/', '/portion/fish/'));
  return [
    '/audit',
    '/practise',
    `/practise/people/${(await ask('/practise')).people[3].id}`,
    '/receive',
    '/receive/deliveries',
    `/receive/deliveries/${(await ask('/receive/deliveries')).deliveries[0].delivery.id}`,
    `/receive/deliveries/${(await ask('/receive/deliveries')).deliveries[0].delivery.id}/claim`,
    '/receive/sourcing',
    '/receive/fish',
    '/receive/invoice',
    '/fish',
    `/fish/${(await ask('/fish')).species[0].id}`,
    '/breakdown',
    '/breakdown/trays',
    ...(await first('breakdown')),
    '/portion',
    '/portion/tonight',
    '/portion/servings',
    '/portion/trays',
    '/portion/dishes',
    '/portion/dishes/new',
    '/portion/shapes',
    portion,
    `${portion}/plan/${sources[0].piece}`,
    `${portion}/slices/${sources[0].piece}`,
    `${portion}/zones/${sources[0].piece}`,
    '/route',
    '/route/bins',
    '/route/bins/mince',
    '/route/batches',
    `/route/batches/${(await ask('/route/batches')).batches[0].id}`,
    '/route/house',
    '/route/recipes/new',
    ...(await first('route')),
    '/plan',
    '/plan/services',
    '/plan/order',
    '/hold',
    '/hold/kept',
    '/hold/treatments',
    `/hold/treatments/${(await ask('/hold/treatments')).treatments[0].id}`,
    '/hold/freezing',
    `/hold/freezing/${(await ask('/hold/freezing')).runs[0].id}`,
    '/hold/thaw',
    '/hold/places',
    '/hold/checks',
    '/cost',
    '/cost/plates',
    '/cost/prices',
    '/cost/ready-cut',
    '/cost/house',
    ...(await first('cost')),
    '/settings',
    '/people',
    '/me',
    '/log',
    '/log/recall',
    '/log?by=cutter',
    '/log/week',
    '/log/walk?from=2026-01-01&until=2027-12-31',
    '/log/walk/ends?from=2026-01-01&until=2027-12-31',
    '/log/effects',
    '/log/drift',
    '/log/suppliers',
    `/log/suppliers/${(await ask('/log/suppliers')).suppliers[0].supplier}`,
    '/log/cutters',
    `/log/cutters/${(await ask('/log/cutters')).cutters[0].person}`,
    '/log/season',
    `/log/origin?dish=${(await ask('/log/origin')).dishes[0].id}`,
    '/log/complaints',
    '/log/house',
    `/log/${((await ask('/log')).fish as Listed[])[0]?.fish.id}`,
  ];
}

// Nothing here changes the kitchen: the thirds go to whichever worker is free.
test.describe.configure({ mode: 'parallel' });

for (const third of [0, 1, 2]) {
  test(`every screen at three sizes: sound by WCAG 2.2 AA, no wider than it is (${third + 1} of 3)`, async ({
    page,
  }) => {
    test.setTimeout(300_000);
    await signIn(page);
    const all = await addresses(page);
    expect(all.length).toBeGreaterThan(35);
    for (const address of all.filter((_, i) => i % 3 === third)) {
      await test.step(address, async () => {
        await page.setViewportSize(SIZES[0]);
        await page.goto(address);
        await expect(page.locator('main h1').first()).toBeVisible();
        await expect(page).toHaveTitle(/ · Sectum$/);
        await page.waitForLoadState('networkidle', { timeout: 1_500 }).catch(() => undefined);
        for (const size of SIZES) {
          await page.setViewportSize(size);
          // What a tablet held upright shows is what a desk and a telephone show, in other widths.
          await (size.width === 820 ? expectNothingSpills(page) : expectSound(page));
          const wide = await page.locator('main').evaluate((main) => main.scrollWidth - main.clientWidth);
          expect(wide, `${address} at ${size.width} px`).toBeLessThanOrEqual(0);
        }
      });
    }
  });
}

test('what is fetched before anybody signs in is small, and all screens are few files', async ({ page }) => {
  const files: Response[] = [];
  page.on('response', (answer) => {
    if (/\.(?:js|css)$/.test(new URL(answer.url()).pathname)) {
      files.push(answer);
    }
  });
  const scripts = async () => {
    const bodies = await Promise.all(files.filter((one) => one.url().endsWith('.js')).map((one) => one.body()));
    return bodies.reduce((sum, body) => sum + gzipSync(body).length, 0);
  };
  await page.goto('/');
  await expect(page.locator('main h1').first()).toBeVisible();
  await page.waitForLoadState('networkidle');
  expect(await scripts(), 'bytes of script, packed').toBeLessThan(230_000);
  await signIn(page);
  await page.waitForLoadState('networkidle').catch(() => undefined);
  expect(files.length).toBeGreaterThan(15);
  expect(files.length).toBeLessThan(60);
});

test('the heading is read when the screen changes; a skip link leads past the stages', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Log' }).tap();
  await expect(page.getByRole('heading', { name: 'Every fish' })).toBeFocused();
  await expect(page).toHaveTitle('Every fish · Sectum');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Every fish' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the screen' })).toBeFocused();
});
