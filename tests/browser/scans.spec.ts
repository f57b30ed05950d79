import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from './fixtures';
import { resolve } from 'node:path';
import { segment } from './acts';
import type { App } from './app';

let demo: App;
test.beforeAll(async ({ demo: shared }) => {
  demo = await shared();
});

const screens = [
  '/',
  '/log',
  '/rack',
  '/rack/s1121-3',
  '/weak-spots',
  '/weak-spots/weeks',
  '/weak-spots/grain',
  '/weak-spots/taps',
  '/weak-spots/lessons',
  '/weak-spots/moves',
  '/plan',
  '/plan/mat',
  '/matches',
  '/matches/day/autumn-open',
  '/matches/day/autumn-open/live',
  '/matches/points',
  '/matches/allowed',
  '/matches/rules',
  '/partners',
  '/partners/dogwood',
  '/partners/dogwood/side-by-side',
  '/partners/fears',
  '/settings',
  '/names',
];
const text = 'Standing. I pulled guard to half guard. He knee cut to side control. Wozzle the flibber.';
const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };
const telling = (page: Page) => page.getByLabel('Tell the roll');

async function open(page: Page, path: string) {
  await page.goto(`${demo.url}/#${path}`);
  if (path === '/log') {
    await telling(page).fill(text);
    await expect(page.getByRole('button', { name: /knee cut/ })).toBeVisible();
  }
  await page.waitForLoadState('networkidle');
}

/** Looks through the page as it stands, in light and in dark. */
async function expectNoFaults(page: Page) {
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    await expect(page.locator('html')).toHaveAttribute('data-mode', colorScheme);
    // No page here holds another, so what axe does for frames in a page of its own is left away: it takes as long again.
    const axe = new AxeBuilder({ page }).setLegacyMode();
    // The themes differ in colours alone.
    if (colorScheme === 'dark') axe.withRules(['color-contrast']);
    const { violations } = await axe.analyze();
    expect(
      violations.map((v) => `${colorScheme}: ${v.id}: ${v.nodes.map((n) => n.target).join(', ')}`),
    ).toEqual([]);
  }
}

test.describe('wide', () => {
  test.use({ viewport: { width: 1280, height: 800 } });
  for (const path of screens) {
    test(`${path} has no accessibility fault`, async ({ page }) => {
      await open(page, path);
      await expectNoFaults(page);
    });
  }

  test('telling with the film, the day, the mission and several rolls has no accessibility fault', async ({
    page,
  }) => {
    await open(page, '/log');
    await telling(page).fill(
      'First roll with Alder. [0:05] He swept me. Then with Rowanne. I got an armbar.',
    );
    // What is read moves what stands under it: a press begun before would end elsewhere.
    await expect(page.getByText(/Rowanne/).nth(1)).toBeVisible();
    await page.getByText('Day and mission').click();
    await page.getByLabel('Check 1', { exact: true }).fill('Elbows in');
    await page.getByRole('button', { name: 'Film' }).click();
    await page.getByLabel('Film beside it').setInputFiles(resolve(import.meta.dirname, 'film.webm'));
    await expect(page.getByRole('button', { name: 'Go to 0:05 in the film' })).toBeVisible();
    await expectNoFaults(page);
    await telling(page).fill(text);
  });

  test('the record around a roll and its earlier forms have no accessibility fault', async ({ page }) => {
    await open(page, '/rack/s1121-2');
    await page
      .getByRole('button', { name: /They landed/ })
      .first()
      .click();
    await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).click();
    await page.getByRole('tab', { name: /Earlier forms/ }).click();
    await expect(page.getByRole('button', { name: 'Put back' }).first()).toBeVisible();
    await expectNoFaults(page);
    await page.getByRole('button', { name: 'About this roll' }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await expectNoFaults(page);
  });

  test('the score of a roll has no accessibility fault', async ({ page }) => {
    await open(page, '/rack/s1121-3');
    await page.getByRole('tab', { name: 'Score' }).click();
    await expect(page.getByText(/^As it would stand/)).toBeVisible();
    await expectNoFaults(page);
  });

  test('a notch being put right has no accessibility fault', async ({ page }) => {
    await open(page, '/rack/s1121-3');
    await page.getByRole('button', { name: /americana/ }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await expectNoFaults(page);
  });
});

test.describe('on a phone', () => {
  test.use(phone);

  for (const path of screens) {
    test(`${path} fits, with targets large enough for a thumb`, async ({ page }) => {
      await open(page, path);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
      const small = await page.evaluate(() =>
        [...document.querySelectorAll<HTMLElement>('button, select, input:not([type=checkbox]), nav a')]
          // An input behind a control of ours is one pixel large and not what the thumb meets.
          .filter((e) => e.offsetParent !== null && e.getBoundingClientRect().width > 4)
          .filter((e) => e.getBoundingClientRect().height < 43.5)
          .map((e) => e.outerHTML.slice(0, 90)),
      );
      expect(small).toEqual([]);
    });
  }

  test('the tap board has no accessibility fault, fits, and its keys are large enough', async ({ page }) => {
    await page.goto(`${demo.url}/#/log`);
    await telling(page).fill('Started in my half guard. He got a kimura.');
    await segment(page, 'How to log', 'Board').tap();
    await expect(page.getByRole('group', { name: 'Mine' }).getByRole('button').first()).toBeVisible();
    await expect(page.getByRole('region', { name: 'Asked first' })).toBeVisible();
    await expectNoFaults(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const heights = await page
      .getByRole('region', { name: 'Tap board' })
      .getByRole('button')
      .evaluateAll((all) => all.map((b) => b.getBoundingClientRect().height));
    expect(Math.min(...heights)).toBeGreaterThanOrEqual(43.5);
  });
});
