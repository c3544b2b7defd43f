import { expect, type Page, test } from '@playwright/test';
import { ask, expectSound, signIn } from './kitchen';

const ILSE = { name: 'Ilse Varga', pin: '5063' };

const NAMES: Record<string, string> = { en: 'English', es: 'Español', fr: 'Français' };

const choose = (page: Page, code: string) => page.getByText(NAMES[code] ?? '', { exact: true }).tap();

const speaks = (page: Page, code: string) => expect(page.locator('html')).toHaveAttribute('lang', code);

// A walk that breaks off leaves nobody in another language for the next.
test.afterEach(({ page }) => ask(page, 'PUT', '/me/language', { language: 'en' }));

for (const [code, words] of Object.entries({
  es: {
    stages: 'Etapas',
    fish: 'Pescado',
    hake: 'Merluza',
    supplier: 'Proveedor',
    typed: 'Peso, a mano',
    record: 'Anotar',
    asked: 'Escribe 1515 g o 1,515 kg',
    guide: 'Guía',
    heading: 'Despiezar',
  },
  fr: {
    stages: 'Étapes',
    fish: 'Poisson',
    hake: 'Merlu',
    supplier: 'Fournisseur',
    typed: 'Poids, tapé',
    record: 'Noter',
    asked: 'Écrivez 1515 g ou 1,515 kg',
    guide: 'Guide',
    heading: 'Lever',
  },
})) {
  test(`in ${code}: chosen once, read everywhere, a comma typed; the tablet keeps it at the door`, async ({ page }) => {
    await signIn(page, ILSE);
    await page.goto('/me');
    await choose(page, code);
    await speaks(page, code);
    // What a module says as it is read is said in that language too.
    const stages = page.getByRole('navigation', { name: words.stages });
    await expect(stages.getByRole('link', { name: new RegExp(`^${words.heading}`) })).toBeVisible();

    await page.goto('/receive/fish');
    await page.getByRole('combobox', { name: words.fish, exact: true }).fill(words.hake);
    await page.getByRole('option', { name: words.hake, exact: true }).tap();
    await page.getByRole('combobox', { name: words.supplier }).fill('Harbourgate Fish');
    await page.keyboard.press('Escape');
    const type = async (mass: string) => {
      await page.getByLabel(words.typed).fill(mass);
      await page.getByRole('button', { name: words.record, exact: true }).tap();
    };
    await type('4,21 kg');
    await expect(page).toHaveURL(/\/breakdown\//);
    await expect(page.locator('.readings li').first()).toContainText('4210 g');
    await type('1,515 g');
    await expect(page.getByText(words.asked, { exact: false }).first()).toBeVisible();
    await expect(page.locator('.readings li')).toHaveCount(1);
    await expectSound(page);

    await page.keyboard.press('Escape');
    await page.locator('main').first().press('?');
    const guide = page.getByRole('dialog', { name: words.guide });
    await expect(guide.getByRole('heading', { name: words.heading, level: 1 })).toBeVisible();
    await page.keyboard.press('Escape');

    await page.goto('/me');
    await choose(page, 'en');
    await speaks(page, 'en');
  });
}

test('at the door a tablet is put into another language, and whoever signs in reads in his own', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Français' }).tap();
  await speaks(page, 'fr');
  await page.getByRole('button', { name: /Ilse Varga/ }).tap();
  for (const digit of '9999') {
    await page.getByRole('button', { name: digit, exact: true }).tap();
  }
  await page.getByRole('button', { name: 'Entrer', exact: true }).tap();
  await expect(page.getByRole('alert')).toHaveText('Ce n’est pas le code de Ilse Varga.');
  for (const digit of ILSE.pin) {
    await page.getByRole('button', { name: digit, exact: true }).tap();
  }
  await page.getByRole('button', { name: 'Entrer', exact: true }).tap();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
  await speaks(page, 'en');
});
