import { expect, inOwnWindow, test, type Page } from './fixtures';
import { choose } from './acts';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});

const telling = (page: Page) => page.getByLabel('Tell the roll');
const finishes = (page: Page, partner = '') =>
  page.getByRole('group', { name: partner ? `Finishes, ${partner}` : 'Finishes' });
const iso = (days: number) => new Date(Date.now() + days * 86_400_000).toLocaleDateString('en-CA');

const sizes = [
  { name: 'on a phone', guest: 'Hornbeam', viewport: { width: 390, height: 844 }, hasTouch: true },
  { name: 'wide', guest: 'Wisteria', viewport: { width: 1280, height: 800 }, hasTouch: false },
];
/** The head of the telling is folded away on a phone. */
const unfold = async (page: Page) => {
  const folded = page.getByText(/ · with /).first();
  if (await folded.isVisible()) await folded.click();
};

for (const { name, guest, ...use } of sizes) {
  test.describe(name, () => {
    test.use(use);

    test('whose finishes are counted stands beside Save, with plus and minus', async ({ page }) => {
      await page.goto(`${app.url}/#/log`);
      await telling(page).fill('Rolled with Alder. I passed and he tapped to the armbar.');
      const line = finishes(page);
      await expect(line).toContainText(/You(?: finished)?:\s*armbar/);
      await expect(line).toContainText(/They(?: finished)?:\s*nothing/);
      await line.getByRole('button', { name: 'They finished one more' }).click();
      const adding = page.getByRole('dialog', { name: 'They finished' });
      await choose(adding, 'With what', 'triangle choke');
      await adding.getByRole('button', { name: 'Count it' }).click();
      await expect(line).toContainText(/They(?: finished)?:\s*triangle choke/);
      await line.getByRole('button', { name: 'Not my finish: armbar' }).click();
      await expect(line).toContainText(/You(?: finished)?:\s*nothing/);
      await page.keyboard.press('Alt+z');
      await expect(line).toContainText(/You(?: finished)?:\s*armbar/);
      await page.getByRole('button', { name: 'Save the roll' }).click();
      await page.getByRole('button', { name: 'See it on the rack' }).click();
      await expect(page.getByRole('button', { name: /You finished the armbar/ })).toBeVisible();
      await expect(page.getByRole('button', { name: /They finished the triangle choke/ })).toBeVisible();
    });

    test('a bare pair is asked once: taps or points', async ({ page }) => {
      await page.goto(`${app.url}/#/log`);
      await telling(page).fill('Arm triangle, then ezekiel from mount. 0-2');
      const line = finishes(page);
      await expect(line).toContainText('“0-2”: taps or points?');
      await line.getByRole('button', { name: 'Taps' }).click();
      await expect(line).toContainText(/They(?: finished)?:\s*arm triangle choke.*ezekiel choke/);
      await expect(line).not.toContainText('taps or points?');
      await page.keyboard.press('Alt+z');
      await line.getByRole('button', { name: 'Points' }).click();
      await expect(line).toContainText(/They(?: finished)?:\s*nothing/);
      await expect(line).not.toContainText('taps or points?');
      await telling(page).fill('');
    });

    test('a class is cut into its rolls, and a cut is made and taken away by hand', async ({ page }) => {
      await page.goto(`${app.url}/#/log`);
      await telling(page).fill(
        'Evening class. First was Alder. He passed my guard. I escaped to half guard. Next was Maple. I swept her.',
      );
      await expect(page.getByRole('button', { name: 'Save the 2 rolls' })).toBeVisible();
      await expect(finishes(page, 'Maple')).toBeVisible();
      const second = page.getByRole('region', { name: 'Roll 2' });
      await second.getByText('Cut it otherwise').click();
      await second.getByRole('button', { name: 'Join it to the roll before' }).click();
      await expect(page.getByRole('button', { name: 'Save the roll' })).toBeVisible();
      await page.keyboard.press('Alt+z');
      const first = page.getByRole('region', { name: 'Roll 1' });
      await first.getByText('Cut it otherwise').click();
      await first.getByRole('button', { name: /^I escaped to half/ }).click();
      await expect(page.getByRole('button', { name: 'Save the 3 rolls' })).toBeVisible();
      await page.getByRole('button', { name: 'Undo all corrections' }).click();
      await expect(page.getByRole('button', { name: 'Save the 2 rolls' })).toBeVisible();
      await telling(page).fill('');
    });

    test('what the telling leaves open stays with the roll until it is answered', async ({ page }) => {
      await page.goto(`${app.url}/#/log`);
      await telling(page).fill('Kimura from side control, tapped.');
      await page.keyboard.press('Control+Enter');
      await page.getByRole('button', { name: 'See it on the rack' }).click();
      const open = page.getByRole('region', { name: 'Still open' });
      await expect(open).toContainText('Who finished the kimura?');
      await page.goto(`${app.url}/#/`);
      await page.getByRole('region', { name: 'Still open' }).getByRole('link').first().click();
      await open.getByRole('button', { name: 'They did' }).first().click();
      await expect(page.getByRole('button', { name: /They finished the kimura/ })).toBeVisible();
      await expect(open).toHaveCount(0);
    });

    test('a day that is not today is said, and one to come is refused in words', async ({ page }) => {
      await page.goto(`${app.url}/#/log`);
      const day = page.getByLabel('Day', { exact: true });
      await unfold(page);
      await day.fill(iso(-2));
      await day.press('Enter');
      await telling(page).fill('I swept him.');
      await expect(page.getByText('not for today.')).toBeVisible();
      await page.keyboard.press('Control+Enter');
      await expect(page.getByText('This one is for today; the one before was for')).toBeVisible();
      await page.getByRole('button', { name: 'Same day as that' }).click();
      await expect(day).toHaveValue(iso(-2));
      await unfold(page);
      await day.fill(iso(3));
      await day.press('Enter');
      await telling(page).fill('He swept me.');
      await expect(page.getByText('is still to come')).toBeVisible();
      await expect(page.getByRole('button', { name: 'Save the roll' })).toBeDisabled();
      await page.getByRole('button', { name: 'Make it today' }).click();
      await expect(page.getByRole('button', { name: 'Save the roll' })).toBeEnabled();
      await telling(page).fill('');
    });

    test('a name that nobody has, written as the partner, makes one', async ({ page }) => {
      await page.goto(`${app.url}/#/log`);
      await unfold(page);
      const partner = page.getByRole('combobox', { name: 'Partner', exact: true });
      await partner.fill(guest);
      await expect(page.getByText(`${guest} will be new.`)).toBeVisible();
      await telling(page).click();
      await expect(page.getByText(`${guest} is among your partners now.`)).toBeVisible();
      await unfold(page);
      await expect(partner).toHaveValue(new RegExp(guest));
    });

    test('weak spots stand in two lists, and what was seen seldom is worth finding out', async ({ page }) => {
      await page.goto(`${app.url}/#/weak-spots`);
      const costs = page.getByRole('region', { name: 'What they get' });
      const pays = page.getByRole('region', { name: 'What would pay' });
      await expect(costs.getByRole('button', { name: /Half of those stopped: about/ }).first()).toBeVisible();
      await expect(pays.getByRole('button', { name: /Twice as many: about/ }).first()).toBeVisible();
      await expect(
        page
          .getByRole('region', { name: 'Worth finding out' })
          .getByText(/Seen only/)
          .first(),
      ).toBeVisible();
      await expect(page.getByText('odds')).toHaveCount(0);
    });
  });
}

test('where the clock of the browser is ahead, the day is refused in words and in sight', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const page = await context.newPage();
  await page.clock.setSystemTime(new Date(Date.now() + 3 * 86_400_000));
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('He swept me.');
  await expect(finishes(page)).toBeVisible();
  await page.getByRole('button', { name: 'Save the roll' }).tap();
  await expect(page.getByRole('alert')).toHaveText(/^20\d\d-\d\d-\d\d is still to come/);
  await expect(page.getByLabel('Day', { exact: true })).toBeInViewport();
  await expect(telling(page)).toHaveValue('He swept me.');
  await telling(page).fill('');
  await context.close();
});

test.describe('on a phone with its keyboard open', () => {
  test.use({ viewport: { width: 390, height: 480 }, hasTouch: true, isMobile: true });

  test('of several rolls none is out of sight with its finishes', async ({ page }) => {
    await page.goto(`${app.url}/#/log`);
    await telling(page).fill(
      'Rolled with Alder. I passed and he tapped to the armbar.\nThen Juniper. She choked me.\nThen Rowanne. I armbarred her.',
    );
    const all = page.getByRole('group', { name: 'Finishes of all rolls, yours and theirs' });
    await expect(all.getByRole('button')).toHaveText([/Alder\s*1–0/, /Juniper\s*0–1/, /Rowanne\s*1–0/]);
    await expect(page.getByRole('button', { name: 'Save the 3 rolls' })).toBeInViewport({ ratio: 1 });
    await expect(finishes(page, 'Alder')).not.toBeInViewport();
    await all.getByRole('button', { name: /Alder/ }).tap();
    await expect(finishes(page, 'Alder').getByRole('button', { name: /Not my finish/ })).toBeInViewport();
    await telling(page).fill('');
  });

  test('Save, the finishes and the first question are in sight', async ({ page }) => {
    await page.goto(`${app.url}/#/log`);
    await telling(page).fill('Kimura from side control, tapped.');
    const inSight = async (what: ReturnType<Page['getByRole']>) => {
      await expect(what).toBeVisible();
      const box = (await what.boundingBox())!;
      expect(box.y).toBeGreaterThanOrEqual(0);
      expect(box.y + box.height).toBeLessThanOrEqual(480);
    };
    await inSight(page.getByRole('button', { name: 'Save the roll' }));
    await inSight(finishes(page));
    await inSight(page.getByRole('region', { name: 'Asked first' }));
    await telling(page).fill('');
  });
});

inOwnWindow(
  'a page that stayed open is for today when another day comes, unless something is told',
  async ({ page }) => {
    const at = (days: number) => new Date(Date.now() + days * 86_400_000);
    await page.clock.install({ time: at(-3) });
    await page.goto(`${app.url}/#/log`);
    const day = page.getByLabel('Day', { exact: true });
    await expect(day).toHaveValue(iso(-3));
    await day.fill(iso(-5));
    await day.press('Enter');
    await page.clock.setSystemTime(at(-1));
    await page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await expect(day).toHaveValue(iso(-1));
    await telling(page).fill('I swept him.');
    await page.clock.setSystemTime(at(0));
    await page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await expect(page.getByText('not for today.')).toBeVisible();
    await expect(day).toHaveValue(iso(-1));
  },
);
