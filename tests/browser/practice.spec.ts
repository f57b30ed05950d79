import type { App } from './app';
import { expect, test, type Page } from './fixtures';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});

const starts = (page: Page) => page.getByRole('group', { name: 'Starts' });

for (const { name, ...use } of [
  { name: 'on a phone', viewport: { width: 390, height: 844 }, hasTouch: true },
  { name: 'wide', viewport: { width: 1280, height: 800 }, hasTouch: false },
]) {
  test.describe(name, () => {
    test.use(use);

    test('a drilled round is counted start by start and stands apart from the ranking', async ({ page }) => {
      await page.goto(`${app.url}/#/log`);
      await page.getByLabel('Tell the roll').fill('From under mount. I elbow escaped to half guard.');
      const folded = page.getByText(/ · with /).first();
      if (await folded.isVisible()) await folded.click();
      await expect(starts(page)).toBeHidden();
      await page.getByRole('combobox', { name: 'Kind' }).selectOption('drill');
      const kept = starts(page).getByRole('button', { name: /^Kept: .*one more/ });
      for (let i = 0; i < 4; i++) await kept.click();
      await starts(page)
        .getByRole('button', { name: /^Lost: .*one more/ })
        .click();
      await starts(page).getByRole('button', { name: 'Kept: one less' }).click();
      await page.getByRole('button', { name: 'Save the roll' }).click();
      await page.getByRole('button', { name: 'See it on the rack' }).click();
      await expect(page.getByText(/One round of practice.*3 of 4 starts kept/)).toBeVisible();
      await page.goto(`${app.url}/#/weak-spots`);
      await expect(page.getByRole('region', { name: 'What you drilled' })).toContainText('starts kept');
      // The next roll is no drill that was counted before.
      await page.goto(`${app.url}/#/log`);
      await expect(starts(page)).toContainText(/Kept\s*0/);
    });
  });
}
