import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { resolve } from 'node:path';
import { segment } from './acts';
import { App } from './app';

const demo = new App('demo');
const empty = new App('serve');
test.beforeAll(() => Promise.all([demo.start(), empty.start()]));
test.afterAll(() => Promise.all([demo.end(), empty.end()]));

const screens = [
  '/',
  '/log',
  '/rack',
  '/rack/s1121-3',
  '/weak-spots',
  '/weak-spots/weeks',
  '/weak-spots/grain',
  '/partners',
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

async function faultsOf(page: Page) {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target).join(', ')}`);
}

for (const mode of ['light', 'dark'] as const) {
  test.describe(`in ${mode}`, () => {
    test.use({ colorScheme: mode, viewport: { width: 1280, height: 800 } });
    for (const path of screens) {
      test(`${path} has no accessibility fault`, async ({ page }) => {
        await open(page, path);
        await expect(page.locator('html')).toHaveAttribute('data-mode', mode);
        expect(await faultsOf(page)).toEqual([]);
      });
    }

    test('telling with the film, the day, the mission and several rolls has no accessibility fault', async ({
      page,
    }) => {
      await open(page, '/log');
      await telling(page).fill(
        'First roll with Alder. [0:05] He swept me. Then with Rowanne. I got an armbar.',
      );
      await page.getByText('Day and mission').click();
      await page.getByLabel('Check 1', { exact: true }).fill('Elbows in');
      await page.getByRole('button', { name: 'Film' }).click();
      await page.getByLabel('Film beside it').setInputFiles(resolve(import.meta.dirname, 'film.webm'));
      await expect(page.getByRole('button', { name: 'Go to 0:05 in the film' })).toBeVisible();
      expect(await faultsOf(page)).toEqual([]);
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
      expect(await faultsOf(page)).toEqual([]);
      await page.getByRole('button', { name: 'About this roll' }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
      expect(await faultsOf(page)).toEqual([]);
    });

    test('a notch being put right has no accessibility fault', async ({ page }) => {
      await open(page, '/rack/s1121-3');
      await page.getByRole('button', { name: /americana/ }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
      expect(await faultsOf(page)).toEqual([]);
    });
  });
}

for (const mode of ['light', 'dark'] as const) {
  test.describe(`the tap board in ${mode}`, () => {
    test.use({ ...phone, colorScheme: mode });

    test('has no accessibility fault, fits, and its keys are large enough', async ({ page }) => {
      await page.goto(`${demo.url}/#/log`);
      await telling(page).fill('Started in my half guard. He got a kimura.');
      await segment(page, 'How to log', 'Board').tap();
      await expect(page.getByRole('group', { name: 'Mine' }).getByRole('button').first()).toBeVisible();
      await expect(page.getByRole('region', { name: 'Asked first' })).toBeVisible();
      expect(await faultsOf(page)).toEqual([]);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
      const heights = await page
        .getByRole('region', { name: 'Tap board' })
        .getByRole('button')
        .evaluateAll((all) => all.map((b) => b.getBoundingClientRect().height));
      expect(Math.min(...heights)).toBeGreaterThanOrEqual(43.5);
    });
  });
}

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

  test('a roll is logged by touch', async ({ page }) => {
    await page.goto(demo.url);
    await page.getByRole('link', { name: 'Log a roll' }).tap();
    await telling(page).fill(text);
    await page.getByRole('button', { name: /They landed the knee cut/ }).tap();
    await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).tap();
    await page.getByRole('button', { name: 'Save the roll' }).tap();
    await page.getByRole('button', { name: 'See it on the rack' }).tap();
    await expect(page.getByRole('heading', { name: 'With Someone' })).toBeVisible();
    await page.getByRole('link', { name: 'Back to the rack' }).tap();
    await expect(page.getByRole('heading', { name: 'Rack' })).toBeVisible();
  });

  test('choosing a weak spot goes to its reasons', async ({ page }) => {
    await page.goto(`${demo.url}/#/weak-spots`);
    await page.getByRole('button', { name: /^2 / }).tap();
    await expect(page.getByRole('heading', { name: 'Why number 2' })).toBeInViewport();
    await expect(page.getByRole('button', { name: 'Drill this' })).toBeInViewport();
  });
});

test('with nothing logged every screen says what to do', async ({ page }) => {
  for (const [path, words] of [
    ['/', 'Three things to do first'],
    ['/rack', 'No rolls yet.'],
    ['/weak-spots', 'Nothing to rank yet.'],
    ['/weak-spots/weeks', 'Nothing to follow yet.'],
    ['/weak-spots/grain', 'No grain yet'],
    ['/partners', 'No partners yet.'],
    ['/log', 'For example:'],
  ] as const) {
    await page.goto(`${empty.url}/#${path}`);
    await expect(page.getByText(words)).toBeVisible();
  }
  await page.getByRole('button', { name: 'Try it with this one' }).click();
  await expect(page.getByRole('button', { name: /They finished the americana/ })).toBeVisible();
});

test('letters typed into a field are letters, elsewhere they are keys', async ({ page }) => {
  await page.goto(`${demo.url}/#/log`);
  await telling(page).fill('');
  await telling(page).pressSequentially('1l?/');
  await expect(telling(page)).toHaveValue('1l?/');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('5');
  await expect(page.getByRole('heading', { name: 'Partners', level: 1 })).toBeVisible();
});

test('a day of another century is told at its field and the telling stays', async ({ page }) => {
  await page.goto(`${demo.url}/#/log`);
  await telling(page).fill(text);
  await page.getByLabel('Day', { exact: true }).fill('1826-03-02');
  await page.getByRole('button', { name: 'Save the roll' }).click();
  await expect(page.getByRole('main').getByRole('alert')).toContainText('check the year');
  await expect(page.getByLabel('Day', { exact: true })).toHaveAttribute('aria-invalid', 'true');
  await expect(telling(page)).toHaveValue(text);
});

test('what the log shows is text, whatever is written', async ({ page }) => {
  const complaints: string[] = [];
  page.on('pageerror', (error) => complaints.push(error.message));
  page.on('dialog', (dialog) => void dialog.dismiss().then(() => complaints.push('a dialog opened')));
  await page.goto(`${demo.url}/#/log`);
  await telling(page).fill('<img src=x onerror=alert(1)> I pulled guard. <b>He passed</b>.');
  await expect(page.getByRole('button', { name: /guard pass/ })).toBeVisible();
  await expect(page.locator('main img, main b')).toHaveCount(0);
  expect(complaints).toEqual([]);
});

test('an address that leads nowhere says so and the way back', async ({ page }) => {
  await page.goto(`${demo.url}/#/nowhere`);
  await expect(page.getByRole('main')).toContainText(/no (such )?page|not here|nothing here/i);
  await page.goto(`${demo.url}/#/rack/no-such-roll`);
  await expect(page.getByText(/no such roll/i).first()).toBeVisible();
});

test('the theme can be turned by hand and is remembered', async ({ page }) => {
  await page.goto(`${demo.url}/#/settings`);
  const html = page.locator('html');
  const before = await html.getAttribute('data-mode');
  const other = before === 'dark' ? 'light' : 'dark';
  await segment(page, 'Light or dark', other === 'dark' ? 'Dark' : 'Light').click();
  await expect(html).toHaveAttribute('data-mode', other);
  await page.reload();
  await expect(html).toHaveAttribute('data-mode', other);
});
