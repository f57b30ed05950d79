import { expect, test, type Page } from './fixtures';
import { day } from '../../web/src/base/words';
import { choose } from './acts';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});

const story =
  'Started standing. I pulled guard to de la riva. He knee cut to side control. He finished an americana.';
const line = (page: Page) => page.getByLabel('Tell the roll in your own words');
const go = async (page: Page, section: string) =>
  page.getByRole('navigation').getByRole('link', { name: section, exact: true }).click();

test.describe.configure({ mode: 'serial' });

test('the whole path: log, correct, save, rack, weak spots, why, focus, Today', async ({ page }) => {
  const strangers: string[] = [];
  page.on('request', (request) => {
    if (!request.url().startsWith(app.url) && !request.url().startsWith('data:'))
      strangers.push(request.url());
  });
  const complaints: string[] = [];
  page.on('console', (message) => message.type() === 'error' && complaints.push(message.text()));

  await page.goto(app.url);
  await go(page, 'Rack');
  await expect(page.getByText('121 rolls.')).toBeVisible();
  // The demo is always fresh: its last session was yesterday.
  const yesterday = new Date(Date.now() - 24 * 3600 * 1000).toLocaleDateString('en-CA');
  await expect(page.getByRole('heading', { name: day(yesterday) })).toBeVisible();

  await go(page, 'Weak spots');
  await expect(page.getByText('From 121 rolls and 1039 notches.')).toBeVisible();

  await go(page, 'Log');
  await choose(page, 'Partner', 'Alder, purple');
  await line(page).fill(story);
  const read = page.getByRole('region', { name: 'What was read' });
  await expect(read.getByRole('button')).toHaveCount(3);
  await expect(read.getByRole('button').nth(1)).toHaveText(
    /They landed the knee cut pass: your de la Riva guard to their side control/,
  );
  await expect(read.locator('svg .cut.partner')).toHaveCount(2);

  await read.getByRole('button', { name: /americana/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(/release at once/)).toBeVisible();
  await expect(dialog.getByText('Read from “americana”.')).toBeVisible();
  await choose(dialog, 'Move', 'kimura');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(read.getByRole('button', { name: /They finished the kimura.*put right/ })).toBeVisible();

  await page.getByRole('button', { name: 'Save the roll' }).click();
  await page.getByRole('button', { name: 'See it on the rack' }).click();
  await expect(page.getByRole('heading', { name: 'With Alder' })).toBeVisible();
  await expect(page.getByRole('button', { name: /They finished the kimura/ })).toBeVisible();
  await expect(page.getByText('122 rolls.')).toBeVisible();

  await go(page, 'Weak spots');
  await expect(page.getByText('From 122 rolls and 1042 notches.')).toBeVisible();
  const first = page.getByRole('button', {
    name: /^1 They pass your half guard with the knee cut/,
  });
  await expect(first).toHaveAttribute('aria-pressed', 'true');
  const why = page.getByRole('region', { name: 'Why number 1' });
  for (const part of ['How often', 'How likely', 'How costly'])
    await expect(why.getByText(part)).toBeVisible();
  await expect(why.getByRole('link').first()).toBeVisible();
  await why.getByRole('button', { name: 'Drill this' }).click();
  // Told as the page was left, it stands on the one that follows.
  await expect(page.getByText('It is laid out in rounds.')).toBeVisible();
  await expect(page.getByText('Stop the knee cut pass from your half guard.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Stop the knee cut pass from your half guard.')).toBeVisible();

  expect(strangers).toEqual([]);
  expect(complaints).toEqual([]);
});

test('a roll is edited, deleted and taken back', async ({ page }) => {
  await page.goto(`${app.url}/#/rack/s1121-3`);
  await page.getByRole('button', { name: /You tried the americana, stopped/ }).click();
  await page.getByRole('dialog').getByLabel('How it came out').selectOption('near');
  await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('button', { name: /You nearly had the americana/ })).toBeVisible();
  await page.getByRole('button', { name: 'Delete this roll' }).click();
  await expect(page.getByText('121 rolls.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /You nearly had the americana/ })).toBeVisible();
  await expect(page.getByText('122 rolls.')).toBeVisible();
});

test('a partner is added and edited, and a bad weight is told at its field', async ({ page }) => {
  await page.goto(`${app.url}/#/partners`);
  await page.getByRole('button', { name: 'New partner' }).click();
  await page.getByLabel('Nickname').fill('Spruce');
  await page.getByRole('form', { name: 'New partner' }).getByLabel('Belt').selectOption('brown');
  await page.getByLabel('Weight in kg').fill('-5');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('alert')).toContainText('out of range');
  await page.getByLabel('Weight in kg').fill('88,5');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('brown · 88.5 kg')).toBeVisible();
  await page.getByRole('button', { name: 'Edit Spruce' }).click();
  await page.getByLabel('Stripes').fill('2');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('brown, 2 stripes · 88.5 kg')).toBeVisible();
  await page.getByRole('button', { name: 'Edit Spruce' }).click();
  await expect(page.getByRole('heading', { name: 'Earlier forms' })).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'until' })
    .last()
    .getByRole('button', { name: 'Put back' })
    .click();
  await expect(page.getByText('brown · 88.5 kg')).toBeVisible();
});

test('settings keep belt, weight and pounds', async ({ page }) => {
  await page.goto(`${app.url}/#/settings`);
  await page.getByLabel('Units').selectOption('lb');
  await expect(page.getByLabel('Weight in lb')).toHaveValue('163.1');
  await page.getByLabel('Belt').selectOption('purple');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Weight in lb')).toHaveValue('163.1');
  await expect(page.getByLabel('Belt')).toHaveValue('purple');
});

test('a draft survives a reload, a crash of the server, and another browser', async ({ page, browser }) => {
  await page.goto(`${app.url}/#/log`);
  await line(page).fill('I pulled guard and then the phone rang');
  await page.reload();
  await expect(line(page)).toHaveValue(/the phone rang/);
  await expect(page.getByText('Draft kept.')).toBeVisible();
  const port = Number(new URL(app.url).port);
  await app.kill();
  await line(page).fill('I pulled guard and then the server fell over');
  await expect(page.getByRole('alert')).toContainText('does not answer');
  await expect(line(page)).toHaveValue(/fell over/);
  await app.start(port);
  await page.reload();
  await expect(line(page)).toHaveValue(/fell over/);
  await expect(page.getByText('Draft kept.')).toBeVisible();
  const other = await browser.newContext();
  const elsewhere = await other.newPage();
  await elsewhere.goto(`${app.url}/#/log`);
  await elsewhere.getByRole('button', { name: 'Go on with it' }).click();
  await expect(line(elsewhere)).toHaveValue(/fell over/);
  await other.close();
});

test('keyboard only: log a roll, find it, choose a focus', async ({ page }) => {
  await page.goto(app.url);
  await expect(page.getByRole('heading', { name: 'Today', exact: true })).toBeVisible();
  await page.keyboard.press('l');
  await expect(line(page)).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Standing. I hit a single leg to half guard.');
  await expect(page.getByRole('button', { name: /You landed the single leg/ })).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('3');
  await expect(page.getByText('123 rolls.')).toBeVisible();
  await page.keyboard.press('/');
  await expect(page.getByRole('combobox', { name: 'Partner' })).toBeFocused();
  await page.keyboard.press('Escape');
  await page.locator('a[href^="#/rack/"]').first().focus();
  await page.keyboard.press('Enter');
  const stick = page.getByRole('group', {
    name: /arrows go from notch to notch/,
  });
  await stick.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('.said')).not.toBeEmpty();
  await page.keyboard.press('Escape');
  await page.keyboard.press('4');
  await page.getByRole('button', { name: /^2 / }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Why number 2' })).toBeVisible();
  await page.getByLabel('Why this one and not the first?').focus();
  await page.keyboard.type('my coach asked for it');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByText('my coach asked for it')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toBeVisible();
});

test('the stick is read out as an ordered list', async ({ page }) => {
  await page.goto(`${app.url}/#/rack/s1116-1`);
  const told = page.locator('.one .stick ol.sr-only li').first();
  await expect(told).toContainText('Starts: standing.');
  await expect(told).toContainText('They finished the arm triangle choke');
  await expect(told).toContainText('Ended by tap.');
});
