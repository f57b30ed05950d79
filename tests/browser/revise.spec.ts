import { expect, test, type Page } from './fixtures';
import { choose, segment } from './acts';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});

const telling = (page: Page) => page.getByLabel('Tell the roll');
const steps = (page: Page) => page.getByRole('tabpanel').getByRole('listitem');
const sizes = [
  { name: 'on a phone', viewport: { width: 390, height: 844 }, hasTouch: true },
  { name: 'wide', viewport: { width: 1280, height: 800 }, hasTouch: false },
];

async function save(page: Page, text: string) {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill(text);
  await expect(page.getByRole('region', { name: 'What was read' })).toBeVisible();
  await page.getByRole('button', { name: 'Save the roll' }).click();
  await page.getByRole('button', { name: 'See it on the rack' }).click();
  await expect(page.getByRole('heading', { name: /^With / })).toBeVisible();
}

for (const { name, ...use } of sizes) {
  test.describe(name, () => {
    test.use(use);

    test('a kept roll says how it would stand by which rules, and where each line was cut', async ({
      page,
    }) => {
      await save(
        page,
        'I was in his open guard. I knee cut to side control and took mount. He escaped to half guard.',
      );
      await page.getByRole('tab', { name: 'Score' }).click();
      const score = page.getByRole('tabpanel');
      await expect(score.getByText('You lead 7-0.')).toBeVisible();
      await expect(score.getByText(/^7-0, or 0-0 if nothing was held/)).toBeVisible();
      await score.getByRole('button', { name: 'Where' }).first().click();
      // Not held after all: said on the notch, and scored anew.
      await page.getByRole('tab', { name: 'Steps' }).click();
      await page
        .getByRole('button', { name: /They moved on: .* to your half guard|You moved on: .* to your mount/ })
        .first()
        .click();
      const editor = page.getByRole('dialog');
      await editor.getByRole('combobox', { name: 'Held three seconds' }).selectOption('held');
      await editor.getByRole('button', { name: 'Keep' }).click();
      await page.getByRole('tab', { name: 'Score' }).click();
      await expect(score.getByText('You lead 7-0.')).toBeVisible();
      await expect(score.getByText(/or 0-0 if nothing was held/)).toBeHidden();
      await score.getByRole('combobox', { name: 'By' }).selectOption('submission-grappling');
      await expect(score.getByText('You lead 5-0.')).toBeVisible();
      await score.getByRole('combobox', { name: 'By' }).selectOption('submission-only');
      await expect(score.getByText('Level, 0-0.')).toBeVisible();
    });

    test('the words of a kept roll are changed, what changes is shown, and what was put right stays', async ({
      page,
    }) => {
      await save(page, 'He knee cut to side control. I escaped to half guard.');
      await page.getByRole('button', { name: /They landed the knee cut/ }).click();
      const editor = page.getByRole('dialog');
      await choose(editor, 'Move', 'smash pass');
      await editor.getByRole('button', { name: 'Keep' }).click();
      await expect(page.getByRole('button', { name: /They landed the smash pass/ })).toBeVisible();
      await page.getByRole('tab', { name: 'As told' }).click();
      await page.getByRole('button', { name: 'Change the words' }).click();
      const words = page.getByLabel('The words, as they should be');
      await words.fill('He knee cut to side control. I escaped to half guard. I hit the old school sweep.');
      await page.getByRole('button', { name: 'Read it anew' }).click();
      const change = page.getByRole('region', { name: 'What would change' });
      await expect(change.getByRole('listitem').filter({ hasText: 'yours' })).toContainText('smash pass');
      await expect(change.getByRole('listitem').filter({ hasText: 'comes in' })).toContainText(
        'old school sweep',
      );
      await change.getByRole('button', { name: 'Keep it so' }).click();
      await page.getByRole('tab', { name: 'Steps' }).click();
      await expect(steps(page)).toHaveCount(3);
      await expect(page.getByRole('tab', { name: /Earlier forms/ })).toBeVisible();
    });

    test('a kept roll is split, joined again, and all of it is undone', async ({ page }) => {
      await save(page, 'He swept me. I recovered guard. Then she knee cut to side control. I escaped.');
      await page.getByRole('button', { name: 'Split in two' }).click();
      const where = page.getByRole('dialog', { name: 'Where does the second roll begin?' });
      await expect(where.getByRole('button', { name: 'Make it two rolls' })).toBeDisabled();
      await where.getByRole('button', { name: /knee cut/ }).click();
      await choose(where, 'The second was with', 'Maple');
      await where.getByRole('button', { name: 'Make it two rolls' }).click();
      await expect(steps(page)).toHaveCount(2);
      const join = page.getByRole('button', { name: 'Join with the next, Maple' });
      await expect(join).toBeVisible();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(steps(page)).toHaveCount(4);
      await expect(join).toBeHidden();
      await page.getByRole('tab', { name: 'As told' }).click();
      await expect(page.getByText('I recovered guard. Then she knee cut')).toBeVisible();
    });

    test('a kept roll goes to another day, alone or with its session, and back', async ({ page }) => {
      await save(page, 'He swept me. I recovered guard.');
      await page.getByRole('button', { name: 'About this roll' }).click();
      const about = page.getByRole('dialog', { name: 'About this roll' });
      await about.getByLabel('Day', { exact: true }).fill('2026-01-05');
      await about.getByLabel('Gi or no-gi').selectOption('no-gi');
      const alone = about.getByText(/for this roll alone/);
      if (await alone.isVisible()) await alone.click();
      await about.getByRole('button', { name: 'Keep' }).click();
      await expect(page.getByText(/5 Jan · class · no-gi/)).toBeVisible();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(page.getByText(/5 Jan · class · no-gi/)).toBeHidden();
      // The message that it is changed back, under the pointer, would stay over the button.
      await page.getByRole('button', { name: 'Close the message' }).last().click();
      await page.getByRole('button', { name: 'About this roll' }).click();
      await about.getByLabel('Day', { exact: true }).fill('2099-01-05');
      await about.getByRole('button', { name: 'Keep' }).click();
      await expect(about.getByRole('alert')).toContainText('still to come');
      await about.getByRole('button', { name: 'Leave as it was' }).click();
    });

    test('a side put right moves the place, and a near move is two presses away', async ({ page }) => {
      await page.goto(`${app.url}/#/log`);
      await telling(page).fill('He passed to side control. Then he finished the americana.');
      await page.getByRole('button', { name: /They finished the americana/ }).click();
      const editor = page.getByRole('dialog');
      await editor.getByLabel('Whose').selectOption('me');
      await editor.getByRole('button', { name: 'Keep' }).click();
      await expect(
        page.getByRole('button', {
          name: /You finished the americana, from your side control \(put right\)/,
        }),
      ).toBeVisible();
      await telling(page).fill('I got the front headlock. I went behind.');
      await page.getByRole('button', { name: /You landed the go behind/ }).click();
      await editor.getByRole('button', { name: /You landed the back take/ }).click();
      await expect(page.getByRole('button', { name: /back take.*to your back control/ })).toBeVisible();
      await telling(page).fill('');
    });

    test('what was not read is seen, and said with a press', async ({ page }) => {
      await page.goto(`${app.url}/#/log`);
      await telling(page).fill('He passed to side control. He wozzled my arm. I escaped to half guard.');
      const missed = page.getByRole('region', { name: 'Not read' });
      await missed.getByRole('button', { name: 'He wozzled my arm' }).click();
      const editor = page.getByRole('dialog');
      await choose(editor, 'Move', 'kimura');
      await editor.getByLabel('How it came out').selectOption('near');
      await editor.getByRole('button', { name: 'Keep' }).click();
      await expect(
        page.getByRole('button', { name: /They nearly had the kimura, from their side control/ }),
      ).toBeVisible();
      await expect(missed).toBeHidden();
      await page.keyboard.press('Alt+z');
      await expect(missed).toBeVisible();
      await telling(page).fill('');
    });

    test('taps are counted by submission, place, partner and week', async ({ page }) => {
      await page.goto(`${app.url}/#/`);
      await page.getByRole('link', { name: 'Who tapped whom' }).click();
      await expect(page.getByText(/^You finished \d+ times, they finished you \d+ times/)).toBeVisible();
      for (const [way, row] of [
        ['Place', /their back control/],
        ['Partner', /you \d+, they \d+ in \d+ rolls/],
        ['Week', /week of \d+ \w+ 20\d\d/],
      ] as const) {
        await segment(page, 'Counted by', way).click();
        await expect(page.getByRole('main').getByRole('button', { name: row }).first()).toBeVisible();
      }
      await page.goto(`${app.url}/#/partners`);
      // The page before names them too, and is left only when the next one stands.
      await expect(page.getByRole('heading', { name: 'Partners', level: 1 })).toBeVisible();
      await page.getByRole('link', { name: 'Juniper', exact: true }).first().click();
      await page.getByRole('link', { name: 'Who tapped whom' }).click();
      await expect(page.getByRole('combobox', { name: 'Partner' })).toHaveValue(/Juniper/);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
        use.viewport.width,
      );
    });
  });
}
