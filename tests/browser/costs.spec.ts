import { expect, test } from './fixtures';
import type { App } from './app';

let demo: App;
test.beforeAll(async ({ demo: shared }) => {
  demo = await shared();
});

test('a spot says how sure it is, against whom, and an equal changes the ranking', async ({ page }) => {
  await page.goto(`${demo.url}/#/weak-spots`);
  const why = page.getByRole('region', { name: 'Why number 1' });
  await expect(why).toContainText(/Likely between \d\.\d and \d\.\d points a roll/);
  await expect(why).toContainText('Against a partner who is your equal');
  await page.getByRole('button', { name: /Your guard recovery from their side control/ }).click();
  await expect(page.getByText(/A try, stopped or not, moves the roll by/)).toBeVisible();
  const answered = page.waitForResponse(/weak-spots\?.*against=even/);
  await page.getByRole('radiogroup', { name: 'Against whom' }).getByText('An equal').click();
  expect(((await (await answered).json()) as { against: string }).against).toBe('even');
  await page.getByLabel('Weeks').selectOption('4');
  await expect(page.getByText(/^From \d+ rolls/)).toBeVisible();
  await expect(page.getByText('From 121 rolls')).toBeHidden();
});

test('an opened spot shows its weeks and marks its notches on the sticks', async ({ page }) => {
  await page.goto(`${demo.url}/#/weak-spots`);
  const why = page.getByRole('region', { name: 'Why number 1' });
  await expect(why.getByText(/about as before|went|seen/).first()).toBeVisible();
  await expect(why.locator('circle').first()).toBeVisible();
  const stick = why.getByRole('link', { name: /^Roll with / }).first();
  await expect(stick.locator('svg .mark')).not.toHaveCount(0);
  // Marked beneath, where their notches are cut.
  const [mark, wood] = await Promise.all([
    stick.locator('svg .mark').first().boundingBox(),
    stick.locator('svg .wood').boundingBox(),
  ]);
  expect(mark!.y).toBeGreaterThan(wood!.y + wood!.height - 1);
});

test('good places tell reaching from converting, and what was seen once is named, not ranked', async ({
  page,
}) => {
  await page.goto(`${demo.url}/#/weak-spots`);
  const reach = page.getByRole('region', { name: 'Good places: getting there, and what comes then' });
  await expect(reach.getByRole('listitem').first()).toContainText(/You get to your .* times a roll/);
  await page.getByLabel('Weeks').selectOption('4');
  await expect(reach.getByRole('listitem').first()).toContainText('times a roll');
  await page.getByText(/exchanges? w(as|ere) seen only once, and not ranked/).click();
  await expect(page.getByText('Once says nothing, neither strong nor weak.')).toBeVisible();
  await expect(page.getByText(/the authors' judgement of what usually leads where/)).toBeVisible();
});

test('points are counted by the rules that are set', async ({ page }) => {
  await page.goto(`${demo.url}/#/settings`);
  await page.getByRole('combobox', { name: 'Rules' }).selectOption('submission-only');
  await expect(page.getByText(/Takedown 0, .* Tap 10/)).toBeVisible();
  await page.goto(`${demo.url}/#/weak-spots`);
  await expect(page.getByRole('link', { name: 'submission only' })).toBeVisible();
  await page.goto(`${demo.url}/#/settings`);
  await page.getByRole('combobox', { name: 'Rules' }).selectOption('federation');
  await expect(page.getByText(/Source: IBJJF rule book/)).toBeVisible();
});

test('the stick is knotted while it is told', async ({ page }) => {
  await page.goto(`${demo.url}/#/log`);
  await page
    .locator('textarea')
    .first()
    .fill('I pulled half guard. He cut his knee to side control. He took my back and choked me.');
  await expect(page.locator('svg .knot')).toHaveCount(1);
  await page.locator('textarea').first().fill('');
});

test('the weeks of one thing open with their counts, partners and rolls', async ({ page }) => {
  await page.goto(demo.url);
  await page.getByRole('region', { name: 'Over the weeks' }).getByRole('link', { name: 'Look' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Over weeks' })).toBeVisible();
  await page.getByRole('button', { name: /They pass your half guard with the knee cut/ }).click();
  const opened = page.getByRole('region', { name: /They pass your half guard with the knee cut/ });
  await expect(opened.getByRole('table').first().getByRole('row')).toHaveCount(6);
  await expect(opened.getByRole('cell', { name: 'Alder' })).toBeVisible();
  await expect(opened.getByRole('link', { name: /^Roll with / }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Ranking' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'What really costs you' })).toBeVisible();
});

test('a stick says where it turned', async ({ page }) => {
  await page.goto(`${demo.url}/#/rack/s1121-3`);
  await expect(page.getByRole('button', { name: /Here it turned$/ })).toHaveCount(1);
  await expect(page.locator('svg .knot').first()).toBeVisible();
});

test('a place of the grain shows what comes in and goes out, and what if', async ({ page }) => {
  await page.goto(`${demo.url}/#/weak-spots/grain`);
  await page.locator('svg g').filter({ hasText: 'your half guard' }).dispatchEvent('click');
  const place = page.getByRole('region', { name: 'your half guard' });
  await expect(place.getByRole('table')).toHaveCount(2);
  await expect(place.getByRole('row').filter({ hasText: 'their side control' }).first()).toContainText(
    /\d+ logged/,
  );
  const knee = place.getByRole('slider', { name: 'Their knee cut pass' });
  await knee.focus();
  for (let step = 0; step < 4; step++) await page.keyboard.press('ArrowLeft');
  await expect(place.getByRole('status')).toContainText(
    /After a roll you would be .* instead of \d\.\d points behind/,
  );
  await place.getByRole('button', { name: 'Drill this' }).click();
  await expect(page.getByText('Stop the knee cut pass from your half guard.')).toBeVisible();
  await expect(page.getByText(/After a roll you would be/)).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('the grain is drawn, and a place is chosen', async ({ page }) => {
    await page.goto(`${demo.url}/#/weak-spots/grain`);
    await page.getByLabel('Place').selectOption({ label: 'your mount' });
    await expect(page.getByRole('heading', { name: 'your mount' })).toBeVisible();
    await expect(page.locator('.map svg')).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  });
});
