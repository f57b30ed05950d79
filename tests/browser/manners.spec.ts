import { expect, test, type Page } from './fixtures';
import { segment } from './acts';
import { App } from './app';

let demo: App;
test.beforeAll(async ({ demo: shared }) => {
  demo = await shared();
});

const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };
const telling = (page: Page) => page.getByLabel('Tell the roll');

test('an address typed or bookmarked opens its page', async ({ page }) => {
  for (const [path, heading] of [
    ['/rack', 'Rack'],
    ['/weak-spots', 'What really costs you'],
    ['/log', 'How did it go?'],
  ] as const) {
    await page.goto(demo.url + path);
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible();
  }
  await page.goto(`${demo.url}/rack/s1121-3`);
  await expect(page.getByRole('heading', { name: /^With / })).toBeVisible();
});

test('who goes to another section stands at its heading', async ({ page }) => {
  await page.goto(demo.url);
  await expect(page.getByRole('heading', { name: 'Today', exact: true })).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { level: 1, name: 'Rack' })).toBeFocused();
  await page.keyboard.press('7');
  await expect(page.getByRole('heading', { level: 1, name: 'Partners' })).toBeFocused();
});

test('a message goes when one leaves its page, one with a way back stays', async ({ page }) => {
  await page.goto(`${demo.url}/#/settings`);
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByText('Kept.')).toBeHidden();
  await page.goto(`${demo.url}/#/rack/s1109-1`);
  await page.getByRole('button', { name: 'Delete this roll' }).click();
  await page.keyboard.press('4');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: /^With / })).toBeVisible();
});

test('a row of the rack is a link with a short name', async ({ page }) => {
  await page.goto(`${demo.url}/#/rack`);
  const rows = page.locator('main a[href^="#/rack/"]');
  await expect(rows.nth(10)).toBeVisible();
  const names = await rows.evaluateAll((all) => all.map((a) => a.getAttribute('aria-label') ?? ''));
  expect(names.length).toBeGreaterThan(10);
  for (const name of names) expect(name).toMatch(/^Roll with .{2,20}, \w{3} \d+ \w{3}$/);
});

for (const width of [1280, 1000]) {
  test.describe(`at ${width}`, () => {
    test.use({ viewport: { width, height: 800 } });

    test('every named notch of the large stick carries its name, and no two touch', async ({ page }) => {
      await page.goto(`${demo.url}/#/log`);
      await telling(page).fill(
        'Started standing. I hit a single leg to half guard. He tried a kimura. I passed to side control. I went for a far side armbar. ' +
          'He escaped to half guard. He hit an old school sweep to side control. He switched to knee on belly. He took mount. ' +
          'I elbow escaped to half guard. He knee cut to side control. He took my back. He finished a rear naked choke.',
      );
      const names = page.getByRole('region', { name: 'What was read' }).locator('svg text');
      await expect(names.last()).toBeVisible();
      const boxes = await names.evaluateAll((all) =>
        all.map((text) => {
          const { left, right, top, bottom } = text.getBoundingClientRect();
          return { name: text.textContent, left, right, top, bottom };
        }),
      );
      expect(boxes.length).toBeGreaterThanOrEqual(10);
      for (const a of boxes)
        for (const b of boxes)
          if (a !== b && a.left < b.right && b.left < a.right)
            // Lines of text stand apart by their own height; their letters by less than the box says.
            expect(Math.abs(a.top - b.top), `${a.name} and ${b.name}`).toBeGreaterThanOrEqual(18);
    });
  });
}

test.describe('on a phone', () => {
  test.use(phone);

  test('the rail has five places and one that opens the rest', async ({ page }) => {
    await page.goto(demo.url);
    const rail = page.getByRole('navigation', { name: 'Sections' });
    const places = rail.locator('.place:visible');
    await expect(places).toHaveText(['Today', 'Log', 'Rack', 'Weak spots', 'Plan', 'More']);
    await rail.getByRole('button', { name: 'More' }).tap();
    await page.getByRole('menuitem', { name: 'Settings' }).tap();
    await expect(page.getByRole('heading', { level: 1, name: 'Settings' })).toBeVisible();
    await expect(rail.getByRole('button', { name: 'More' })).toHaveAttribute('aria-current', 'page');
  });

  test('what a notch of the large stick is shows on touch', async ({ page }) => {
    await page.goto(`${demo.url}/#/rack/s1121-3`);
    await expect(page.locator('.one svg text:not(.score)')).toHaveCount(0);
    await page.locator('.one svg .hit').first().tap();
    await expect(page.locator('.one .said')).toContainText(/^(You|They) /);
  });
});

test('what this browser kept in some other form is not believed, and nothing breaks', async ({ page }) => {
  const broken: string[] = [];
  page.on('pageerror', (error) => broken.push(error.message));
  await page.goto(demo.url);
  await page.evaluate(() => {
    localStorage.setItem('mode', '"purple"');
    localStorage.setItem('way', '{"not":"a way"}');
    localStorage.setItem('outbox', '[{"id":7},null]');
    localStorage.setItem(
      'draft',
      '{"text":"He swept me.","minutes":"six","mission":{"text":1},"sore":"left knee, neck","corrections":7}',
    );
  });
  await page.goto(`${demo.url}/#/log`);
  await page.reload();
  await expect(telling(page)).toHaveValue('He swept me.');
  await expect(page.getByRole('button', { name: /They landed the sweep/ })).toBeVisible();
  await page.getByText('Day and mission').click();
  await expect(page.getByRole('button', { name: 'Take out neck' })).toBeVisible();
  await expect(
    page.getByRole('radiogroup', { name: 'How to log' }).getByRole('radio', { name: 'Write' }),
  ).toBeChecked();
  await segment(page, 'How to log', 'Board').click();
  await expect(page.getByRole('region', { name: 'Tap board' })).toBeVisible();
  expect(broken).toEqual([]);
});

test('a day is picked from the month', async ({ page }) => {
  await page.goto(`${demo.url}/#/log`);
  const day = page.getByLabel('Day', { exact: true });
  const before = await day.inputValue();
  await page.getByRole('button', { name: 'Pick the day' }).click();
  await page.getByRole('button', { name: 'The month before' }).click();
  await page.getByRole('gridcell').getByText('15', { exact: true }).click();
  await expect(day).toHaveValue(/^\d{4}-\d\d-15$/);
  expect(await day.inputValue()).not.toBe(before);
});

test('a month opened while the page is still loading stays open', async ({ page }) => {
  let release = () => {};
  const held = new Promise<void>((done) => (release = done));
  await page.route('**/api/drafts', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(`${demo.url}/#/log`);
  await page.getByRole('button', { name: 'Pick the day' }).click();
  const back = page.getByRole('button', { name: 'The month before' });
  await expect(back).toBeVisible();
  const answered = page.waitForResponse('**/api/drafts');
  release();
  await answered;
  await expect(telling(page)).toBeEditable();
  await back.click();
  await page.getByRole('gridcell').getByText('15', { exact: true }).click();
  await expect(page.getByLabel('Day', { exact: true })).toHaveValue(/^\d{4}-\d\d-15$/);
});

test('what fails can be asked for again', async ({ page }) => {
  let answers = false;
  await page.route('**/api/weak-spots*', (route) =>
    answers
      ? route.continue()
      : route.fulfill({
          status: 500,
          contentType: 'application/problem+json',
          body: '{"detail":"Not now."}',
        }),
  );
  await page.goto(`${demo.url}/#/weak-spots`);
  await expect(page.getByRole('main').getByRole('alert')).toContainText('Not now.');
  answers = true;
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('heading', { name: 'Why number 1' })).toBeVisible();
});

test('the page is asked for each time, its hashed files are kept for good, and all come compressed', async ({
  page,
}) => {
  const assets: Record<string, string>[] = [];
  page.on('response', (answer) => {
    if (/\/assets\/.*\.(js|css)$/.test(answer.url())) assets.push(answer.headers());
  });
  const first = await page.goto(demo.url);
  await expect(page.getByRole('heading', { name: 'Today', exact: true })).toBeVisible();
  expect(first!.headers()['cache-control']).toBe('no-cache');
  expect(assets.length).toBeGreaterThan(2);
  for (const headers of assets) expect(headers['cache-control']).toBe('public, max-age=31536000, immutable');
  expect(assets.filter((headers) => headers['content-encoding']).length).toBeGreaterThan(2);
});

test("two copies' demos do not get in each other's way", async () => {
  const [one, other] = [new App('demo'), new App('demo')];
  try {
    await one.start(null);
    await other.start(null);
    expect(other.url).not.toBe(one.url);
    expect(other.said).toMatch(/Port \d+ is taken, so this demo takes a free one\./);
    for (const app of [one, other]) expect((await fetch(`${app.url}/api/today`)).status).toBe(200);
  } finally {
    await one.end();
    await other.end();
  }
});
