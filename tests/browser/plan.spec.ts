import { expect, test } from './fixtures';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});

/** The demo as it comes, its running block ended. */
async function withoutBlock() {
  await fetch(`${app.url}/api/demo/reset`, { method: 'POST', headers: { origin: app.url } });
  await fetch(`${app.url}/api/plan/blocks/knee-cut`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: app.url },
    body: JSON.stringify({ verdict: 'keep' }),
  });
}

const sizes = [
  { name: 'wide', use: { viewport: { width: 1280, height: 800 } } },
  { name: 'on a phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } },
];

for (const { name, use } of sizes) {
  test.describe(name, () => {
    test.use(use);

    test('a week is set, a plan made and overridden, a session done by card, counter and timer', async ({
      page,
    }) => {
      await withoutBlock();
      await page.goto(`${app.url}/#/plan`);
      const week = page.getByRole('region', { name: 'My week' });
      for (const day of ['tuesday', 'thursday', 'friday', 'sunday'])
        await week.getByText(day, { exact: true }).click();
      await expect(week.getByLabel('Drilling, min')).toHaveCount(7);

      await page.getByRole('radio', { name: /Another first/ }).check();
      await page.getByLabel(/Why this one and not the first/).fill('my coach says so');
      await page.getByRole('button', { name: 'Begin this block' }).click();
      const next = page.getByRole('region', { name: 'Next session' });
      await expect(next.getByRole('heading', { name: /Today/ })).toBeVisible();
      await expect(page.getByText('Chosen because: my coach says so')).toBeVisible();

      await next.getByRole('link', { name: 'Take it to the mat' }).click();
      await expect(page.getByText(/Round 1 of \d/)).toBeVisible();
      const keys = page.getByRole('button', { name: /^Kept: 0/ });
      while ((await keys.count()) === 0)
        await page.getByRole('button', { name: 'Next round', exact: true }).click();
      const round = (await page.getByText(/^Round \d of \d$/).textContent()) ?? '';
      await page.getByRole('button', { name: 'Start', exact: true }).click();
      await page.getByRole('button', { name: /^Kept: 0/ }).click();
      await page.getByRole('button', { name: /^Kept: 1/ }).click();
      await page.getByRole('button', { name: /^Lost: 0/ }).click();
      await page
        .getByRole('button', { name: /: met$/ })
        .first()
        .click();
      await page
        .getByRole('button', { name: /: missed$/ })
        .first()
        .click();
      await expect(page.getByText('1 of 2')).toBeVisible();
      await expect(page.getByRole('timer')).toContainText(/\d:5\d/);

      // The clock runs on while the page is closed, and what was counted stays.
      await page.reload();
      await expect(page.getByText(round)).toBeVisible();
      await expect(page.getByRole('button', { name: /^Kept: 2/ })).toBeVisible();
      await expect(page.getByRole('timer')).toContainText(/\d:[0-5]\d/);
      await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
      await page.getByRole('button', { name: 'Pause' }).click();
      await page.getByRole('button', { name: 'Stop here' }).click();

      // The log opens with the mission set.
      await expect(page.getByRole('textbox', { name: 'Tell the roll' })).toBeVisible();
      await expect(page.getByText(/In live rolls:/)).toBeVisible();
      const plan = (await (await fetch(`${app.url}/api/plan`)).json()) as {
        done: { rounds: { starts?: { kept: number; lost: number } }[] }[];
      };
      expect(plan.done.at(-1)?.rounds[Number(round.split(' ')[1]) - 1]?.starts).toEqual({ kept: 2, lost: 1 });

      await page.goto(`${app.url}/#/`);
      await expect(page.getByText('Today is done.')).toBeVisible();
    });

    test('an area is rated beside what the record says, and stays rated', async ({ page }) => {
      await withoutBlock();
      await page.goto(`${app.url}/#/plan`);
      await expect(page.getByText(/^(Ranked by what an hour|Every hour of drilling)/)).toBeVisible();
      await page.getByText(/How do you rate yourself/).click();
      const mount = page.getByRole('listitem').filter({ has: page.getByRole('combobox', { name: 'mount' }) });
      await mount.getByRole('combobox').selectOption('7');
      await expect(mount.getByText(/^Since .* you \d+, they \d+/)).toBeVisible();
      await page.reload();
      await page.getByText(/How do you rate yourself/).click();
      await expect(mount.getByRole('combobox')).toHaveValue('7');
      // What could not be kept does not stand there as if it were.
      await page.route('**/api/plan/ratings', (route) => route.abort());
      await mount.getByRole('combobox').selectOption('2');
      await expect(mount.getByRole('combobox')).toHaveValue('7');
      const half = page
        .getByRole('listitem')
        .filter({ has: page.getByRole('combobox', { name: 'half guard' }) });
      await expect(half.getByText(/^Was 5 on .*, 6 on /)).toBeVisible();
    });

    test('a block that ran out is looked back on from Today, and decided', async ({ page }) => {
      await fetch(`${app.url}/api/demo/reset`, { method: 'POST', headers: { origin: app.url } });
      const yesterday = new Date(Date.now() - 86_400_000).toLocaleDateString('en-CA');
      await fetch(`${app.url}/api/plan/blocks/knee-cut`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', origin: app.url },
        body: JSON.stringify({ end: yesterday }),
      });
      await page.goto(`${app.url}/#/`);
      await page.getByRole('link', { name: 'Look back, and decide what becomes of it' }).click();
      const over = page.getByRole('region', { name: /^The block of .* is over$/ });
      await expect(over.getByText(/^Drilled on \d+ days? of/)).toBeVisible();
      await over.getByRole('button', { name: /Deepen/ }).click();
      await expect(over).toBeHidden();
      await expect(
        page.getByRole('region', { name: 'Blocks before' }).getByText('deepen', { exact: true }).first(),
      ).toBeVisible();
    });

    test('what is sore moves the plan, a blackout stops the day, and a block is ended with a word', async ({
      page,
    }) => {
      await withoutBlock();
      await page.goto(`${app.url}/#/plan`);
      await page.getByRole('button', { name: 'Begin this block' }).click();
      await page.getByLabel('What is sore').selectOption('knee');
      await expect(page.getByText(/Have injuries seen to/)).toBeVisible();
      await page.getByRole('button', { name: 'Cleared' }).click();
      await expect(page.getByText(/Have injuries seen to/)).toBeHidden();
      await page.getByRole('button', { name: 'I blacked out or was hit on the head today' }).click();
      await expect(page.getByText(/stop, and see a doctor before you train again/)).toBeVisible();
      await page.getByRole('button', { name: 'That was pressed by mistake' }).click();
      await expect(page.getByText(/stop, and see a doctor before you train again/)).toBeHidden();

      await page.getByRole('combobox', { name: 'Rung' }).first().selectOption('live');
      await expect(page.getByText('Moved.')).toBeVisible();
      await page.getByText('Did it change? Look back').click();
      // Whether today is one of the week's days or not.
      await expect(page.getByText(/^(Drilled on 0 days of 1|None of its days has come yet)/)).toBeVisible();
      await page.getByRole('button', { name: 'End this block' }).click();
      await page.getByRole('button', { name: /Rotate/ }).click();
      await expect(page.getByRole('button', { name: 'Begin this block' })).toBeVisible();
      const past = page.getByRole('region', { name: 'Blocks before' });
      await past.getByText('rotate', { exact: true }).first().click();
      await expect(past.getByText(/hardly drilled yet/).first()).toBeVisible();
    });
  });
}
