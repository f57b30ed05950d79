import { expect, test, type Page } from './fixtures';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});

const telling = (page: Page) => page.getByLabel('Tell the roll');

test('rolls saved while nothing answers wait in the browser and go when it does', async ({ page }) => {
  await page.goto(`${app.url}/#/rack`);
  await expect(page.getByText('121 rolls.')).toBeVisible();
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('I pulled guard. He passed.');
  await expect(page.getByRole('button', { name: /guard pull/ })).toBeVisible();
  const port = Number(new URL(app.url).port);
  await app.kill();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('1 telling kept in this browser')).toBeVisible();
  await expect(telling(page)).toHaveValue('');
  await telling(page).fill('He swept me. I recovered guard.');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('2 tellings kept in this browser')).toBeVisible();
  await app.start(port);
  await expect(page.getByText('What waited is saved.')).toBeVisible({ timeout: 40_000 });
  await expect(page.getByText('kept in this browser until')).toHaveCount(0);
  await page.goto(`${app.url}/#/rack`);
  await expect(page.getByText('123 rolls.')).toBeVisible();
});

test('a roll that waits survives closing the page', async ({ browser }) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('I hit a scissor sweep.');
  await context.setOffline(true);
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('1 telling kept in this browser')).toBeVisible();
  await page.close();
  await context.setOffline(false);
  const again = await context.newPage();
  await again.goto(`${app.url}/#/log`);
  await expect(again.getByText('What waited is saved.')).toBeVisible({ timeout: 40_000 });
  await context.close();
});

test('two open tabs have a draft each, and one left behind is taken up again', async ({ browser }) => {
  const context = await browser.newContext();
  const first = await context.newPage();
  await first.goto(`${app.url}/#/log`);
  await telling(first).fill('The first tab tells of a guard pull.');
  const second = await context.newPage();
  await second.goto(`${app.url}/#/log`);
  await expect(telling(second)).toBeEditable();
  await expect(telling(second)).toHaveValue('');
  await expect(second.getByRole('button', { name: 'Go on with it' })).toHaveCount(0);
  await telling(second).fill('The second tab tells of a sweep.');
  await expect(second.getByText('Draft kept.')).toBeVisible();
  await first.reload();
  await expect(telling(first)).toHaveValue(/first tab/);
  await second.close();
  const third = await context.newPage();
  await third.goto(`${app.url}/#/log`);
  await expect(telling(third)).toHaveValue(/second tab/);
  await context.close();
});

test('a roll edited in two tabs is not overwritten in silence', async ({ browser }) => {
  const context = await browser.newContext();
  const [one, two] = [await context.newPage(), await context.newPage()];
  for (const page of [one, two]) await page.goto(`${app.url}/#/rack/s1121-3`);
  const change = async (page: Page, outcome: string) => {
    await page.getByRole('button', { name: /americana/ }).click();
    await page.getByRole('dialog').getByLabel('How it came out').selectOption(outcome);
    await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).click();
  };
  await change(one, 'near');
  await expect(one.getByRole('button', { name: /You nearly had the americana/ })).toBeVisible();
  await change(two, 'abandoned');
  await expect(two.getByText('Nothing was overwritten')).toBeVisible();
  await two.getByRole('button', { name: 'Leave as it was' }).click();
  await expect(two.getByRole('button', { name: /You nearly had the americana/ })).toBeVisible();
  await context.close();
});

test('a roll that waited and is refused can be put right, and holds up no other', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('I hit a scissor sweep.');
  await page.evaluate(() => {
    const roll = (id: string, date: string) => ({
      id,
      body: { text: `Told ${id}. I pulled guard.`, session: { date, kind: 'class', attire: 'gi' }, roll: {} },
    });
    localStorage.setItem('outbox', JSON.stringify([roll('wrong', '1826-03-02'), roll('fine', '2026-11-22')]));
  });
  await telling(page).fill('');
  await page.reload();
  await expect(page.getByRole('alert')).toContainText('check the year', { timeout: 40_000 });
  await expect(page.getByText('kept in this browser until')).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it right' }).click();
  await expect(telling(page)).toHaveValue('Told wrong. I pulled guard.');
  await page.getByLabel('Day', { exact: true }).fill('2026-11-22');
  await page.getByLabel('Day', { exact: true }).press('Enter');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Saved. The next roll can follow.')).toBeVisible();
  for (const id of ['wrong', 'fine'])
    expect((await page.request.get(`${app.url}/api/rolls/${id}`)).ok()).toBe(true);
});
