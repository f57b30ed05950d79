import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { App } from './app';
import { expect, inOwnWindow, test, type Page } from './fixtures';

const app = new App('serve');
test.beforeAll(() => app.start());
test.afterAll(() => app.end());

const telling = (page: Page) => page.getByLabel('Tell the roll');
const offers = (page: Page) => page.getByRole('button', { name: 'Go on with it' });

async function told(page: Page, text: string) {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill(text);
}

/** What the log holds, as it was told, in no order. */
async function tellings(page: Page) {
  const log = (await (await page.request.get(`${app.url}/api/export`)).json()) as {
    sessions: { rolls: { retelling: string }[] }[];
  };
  return log.sessions.flatMap((s) => s.rolls.map((r) => r.retelling)).sort();
}

const draftsKept = async (page: Page) =>
  ((await (await page.request.get(`${app.url}/api/drafts`)).json()) as { body: string }[]).map(
    (d) => (JSON.parse(d.body) as { text: string }).text,
  );

test('letters typed while a save is under way belong to the next roll', async ({ page }) => {
  await told(page, 'I pulled guard. He passed.');
  await page.route('**/telling', async (route) => {
    await new Promise((soon) => setTimeout(soon, 800));
    await route.continue();
  });
  await page.keyboard.press('Control+Enter');
  const next = 'Then I swept him from half guard.';
  await page.keyboard.type(next, { delay: 15 });
  await expect(page.getByText('Saved. The next roll can follow.')).toBeVisible();
  await expect(telling(page)).toHaveValue(next);
  expect(await tellings(page)).toEqual(['I pulled guard. He passed.']);
  await page.keyboard.press('Control+Enter');
  await expect.poll(() => tellings(page)).toEqual(['I pulled guard. He passed.', next]);
  await expect.poll(() => draftsKept(page)).toEqual([]);
});

test('a refused roll comes back into the line, and waits beside it when the next is begun', async ({
  page,
}) => {
  await told(page, 'He swept me.');
  await page.getByLabel('Day', { exact: true }).fill('1826-03-02');
  await page.getByLabel('Day', { exact: true }).press('Enter');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('check the year')).toBeVisible();
  await expect(telling(page)).toHaveValue('He swept me.');
  await page.route('**/telling', async (route) => {
    await new Promise((soon) => setTimeout(soon, 800));
    await route.continue();
  });
  await page.keyboard.press('Control+Enter');
  await page.keyboard.type('The next is begun.');
  await expect(page.getByText(/“He swept me.” was refused: .*check the year/)).toBeVisible();
  await expect(telling(page)).toHaveValue('The next is begun.');
  await expect(page.getByRole('button', { name: 'Put it right' })).toBeDisabled();
  await telling(page).fill('');
  await page.getByRole('button', { name: 'Put it right' }).click();
  await expect(telling(page)).toHaveValue('He swept me.');
  await telling(page).fill('');
  await expect.poll(() => draftsKept(page)).toEqual([]);
});

inOwnWindow('where the browser is full the server has the draft, and the page says so', async ({ page }) => {
  await page.addInitScript(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await told(page, 'I hit a scissor sweep in a full browser.');
  await expect(page.getByText('Draft kept, though this browser stores nothing.')).toBeVisible();
  await page.reload();
  await expect(telling(page)).toHaveValue('');
  await offers(page).click();
  await expect(telling(page)).toHaveValue('I hit a scissor sweep in a full browser.');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Saved.')).toBeVisible();
  expect(await draftsKept(page)).toEqual([]);
});

inOwnWindow('where neither has it the page says that, until the server is back', async ({ page }) => {
  await page.addInitScript(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await page.goto(`${app.url}/#/log`);
  await expect(telling(page)).toBeEditable();
  const port = Number(new URL(app.url).port);
  await app.kill();
  await telling(page).fill('He kneed through my half guard.');
  await expect(page.getByText('This roll is kept nowhere yet')).toBeVisible();
  await app.start(port);
  await expect(page.getByText('Draft kept, though this browser stores nothing.')).toBeVisible({
    timeout: 40_000,
  });
  await expect(page.getByText('This roll is kept nowhere yet')).toBeHidden();
  await telling(page).fill('');
  await expect.poll(() => draftsKept(page)).toEqual([]);
});

test('a browser that denies all storage can log all the same', async () => {
  const profile = mkdtempSync(join(tmpdir(), 'ash-notch-denied-'));
  mkdirSync(join(profile, 'Default'));
  writeFileSync(
    join(profile, 'Default', 'Preferences'),
    JSON.stringify({ profile: { default_content_setting_values: { cookies: 2 } } }),
  );
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await context.newPage();
  await page.goto(`${app.url}/#/log`);
  expect(await page.evaluate(() => (() => { try { return typeof window.localStorage; } catch { return 'denied'; } })())).toBe('denied'); // prettier-ignore
  await telling(page).fill('I took the back and lost it.');
  await expect(page.getByText('Draft kept, though this browser stores nothing.')).toBeVisible();
  await page.reload();
  await offers(page).click();
  await expect(telling(page)).toHaveValue('I took the back and lost it.');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Saved.')).toBeVisible();
  expect(await tellings(page)).toContain('I took the back and lost it.');
  await context.close();
  rmSync(profile, { recursive: true, force: true });
});

test('what was changed about a roll stays in the dialog until it is kept', async ({ page }) => {
  await told(page, 'I hit a single leg to half guard.');
  await page.keyboard.press('Control+Enter');
  await page.getByRole('button', { name: 'See it on the rack' }).click();
  await page.getByRole('button', { name: 'About this roll' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Notes').fill('He posted on his left hand.');
  const port = Number(new URL(app.url).port);
  await app.kill();
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog.getByRole('alert')).toContainText('does not answer');
  await expect(dialog.getByLabel('Notes')).toHaveValue('He posted on his left hand.');
  await app.start(port);
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog).toHaveCount(0);
  await page.getByRole('tab', { name: 'As told' }).click();
  await expect(page.getByText('He posted on his left hand.')).toBeVisible();
});

test('two browsers that go on with one draft save two rolls', async ({ page, browser }) => {
  await told(page, 'The first browser swept from butterfly.');
  await expect(page.getByText('Draft kept.')).toBeVisible();
  const other = await (await browser.newContext()).newPage();
  await other.goto(`${app.url}/#/log`);
  await offers(other).click();
  await telling(other).fill('The second browser passed half guard.');
  await other.keyboard.press('Control+Enter');
  await expect(other.getByText('Saved.')).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Saved.')).toBeVisible();
  const all = await tellings(page);
  expect(all).toContain('The first browser swept from butterfly.');
  expect(all).toContain('The second browser passed half guard.');
  await other.context().close();
});

test('what was told in a private window is offered when that window is gone', async ({ browser }) => {
  const closed = await browser.newContext();
  const [first, second] = [await closed.newPage(), await closed.newPage()];
  await told(first, 'The first tab tells of a guard pull.');
  await told(second, 'The second tab tells of a sweep.');
  for (const page of [first, second]) await expect(page.getByText('Draft kept.')).toBeVisible();
  await closed.close();
  const page = await (await browser.newContext()).newPage();
  await page.goto(`${app.url}/#/log`);
  await expect(offers(page)).toHaveCount(2);
  await expect(page.getByText('The first tab tells of a guard pull.')).toBeVisible();
  await page.getByRole('button', { name: 'Throw it away' }).first().click();
  await expect(offers(page)).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(offers(page)).toHaveCount(2);
  for (let left = 2; left > 0; left--) {
    await page.getByRole('button', { name: 'Throw it away' }).first().click();
    await expect(offers(page)).toHaveCount(left - 1);
  }
  expect(await draftsKept(page)).toEqual([]);
  await page.context().close();
});

test('the last letters before a window closes are kept', async ({ browser }) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`${app.url}/#/log`);
  await expect(telling(page)).toBeEditable();
  await telling(page).fill('I was caught in an armbar');
  await page.close({ runBeforeUnload: true });
  const again = await (await browser.newContext()).newPage();
  await expect.poll(() => draftsKept(again)).toEqual(['I was caught in an armbar']);
  await context.close();
  await again.goto(`${app.url}/#/log`);
  await again.getByRole('button', { name: 'Throw it away' }).click();
  await expect(offers(again)).toHaveCount(0);
  await again.context().close();
});

inOwnWindow('what is written as the reading of the last words arrives is read next', async ({ page }) => {
  // The next letters come in the moment between an answer and its being taken.
  await page.addInitScript(() => {
    const ask = window.fetch.bind(window);
    let first = true;
    window.fetch = async (...asked: Parameters<typeof fetch>) => {
      const answer = await ask(...asked);
      const url = asked[0] instanceof Request ? asked[0].url : String(asked[0]);
      const box = document.querySelector('textarea');
      if (url.endsWith('/api/read') && first && box) {
        first = false;
        box.value += ' I recovered guard.';
        box.dispatchEvent(new Event('input', { bubbles: true }));
      }
      return answer;
    };
  });
  await told(page, 'He swept me.');
  await expect(telling(page)).toHaveValue('He swept me. I recovered guard.');
  await expect(page.getByRole('region', { name: 'What was read' }).getByRole('button')).toHaveCount(2);
  await telling(page).fill('');
  await expect.poll(() => draftsKept(page)).toEqual([]);
});

test('that nothing answers is said only as long as it is so', async ({ page }) => {
  await told(page, 'He swept me.');
  await expect(page.getByRole('button', { name: /They landed the sweep/ })).toBeVisible();
  const port = Number(new URL(app.url).port);
  await app.kill();
  await telling(page).pressSequentially(' I recovered guard.');
  await expect(page.getByRole('alert')).toContainText('does not answer');
  await app.start(port);
  await expect(page.getByRole('alert')).toHaveCount(0, { timeout: 30_000 });
  await expect(page.getByText('Draft kept.')).toBeVisible();
  await telling(page).fill('');
});
