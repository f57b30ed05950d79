import { expect, test, type Page } from './fixtures';
import { segment } from './acts';
import { App } from './app';

let demo: App;
const empty = new App('serve');
test.beforeAll(async ({ demo: shared }) => {
  demo = await shared();
  await empty.start();
});
test.afterAll(() => empty.end());

const text = 'Standing. I pulled guard to half guard. He knee cut to side control. Wozzle the flibber.';
const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };
const telling = (page: Page) => page.getByLabel('Tell the roll');

test.describe('on a phone', () => {
  test.use(phone);

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
  await page.keyboard.press('7');
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
