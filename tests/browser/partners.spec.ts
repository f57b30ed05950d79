import { expect, test } from './fixtures';
import { choose } from './acts';
import type { App } from './app';

let demo: App;
test.beforeAll(async ({ demo: shared }) => {
  demo = await shared();
});

const sizes = [
  ['wide', { viewport: { width: 1280, height: 800 } }],
  ['on a phone', { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }],
] as const;

for (const [name, size] of sizes) {
  test.describe(name, () => {
    test.use(size);

    test('before class the likely are named, and each opens their page with what was learned', async ({
      page,
    }) => {
      await page.goto(`${demo.url}/#/`);
      await expect(page.getByRole('heading', { name: /Before class/ })).toBeVisible();
      await expect(page.getByText(/there, about \d+ in 10/).first()).toBeVisible();
      await page.goto(`${demo.url}/#/partners`);
      await page.getByRole('searchbox', { name: 'Find a partner' }).fill('dogw');
      await expect(page.getByText('1 of 13')).toBeVisible();
      await page.getByRole('list').getByRole('link', { name: 'Dogwood', exact: true }).last().click();
      await expect(page.getByRole('heading', { name: 'Dogwood', exact: true })).toBeVisible();
      await expect(page.getByText(/^Dogwood may have learned your hip bump sweep/)).toBeVisible();
      await expect(page.getByText(/seldom comes off with Dogwood/)).toBeVisible();
      await page.getByText(/^Your hip bump sweep from your closed guard$/).click();
      await expect(page.getByText(/8 of 24 came off, likely/)).toBeVisible();
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
        size.viewport.width,
      );
    });

    test('no stick is asked for before it is on screen', async ({ page }) => {
      const asked: string[] = [];
      page.on('request', (r) => r.url().includes('/api/rolls?') && asked.push(r.url()));
      await page.goto(`${demo.url}/#/partners/alder`);
      await expect(page.getByRole('heading', { name: 'Alder', exact: true })).toBeVisible();
      await page.waitForLoadState('networkidle');
      const before = asked.length;
      await page.getByRole('heading', { name: 'The sticks between us' }).scrollIntoViewIfNeeded();
      await expect(page.getByRole('link', { name: /^Roll of .* with Alder/ }).first()).toBeVisible();
      expect(asked.length).toBe(before + 1);
    });

    test('rolls are laid side by side, two at first and others as chosen', async ({ page }) => {
      await page.goto(`${demo.url}/#/partners/alder`);
      await page.getByRole('link', { name: 'Lay rolls side by side' }).click();
      await expect(page.getByRole('heading', { name: 'Side by side' })).toBeVisible();
      const columns = page.locator('section[aria-labelledby^="roll-"]');
      await expect(columns).toHaveCount(2);
      await expect(page.getByRole('heading', { name: 'The same places' })).toBeVisible();
      await page.getByText(/^Which rolls/).click();
      await page.locator('.choose').getByRole('button', { pressed: false }).first().click();
      await expect(columns).toHaveCount(3);
      await expect(page.getByText(/Under pressure/).first()).toBeVisible();
    });

    test('a fear is written once, read, held against the rolls, and taken away', async ({ page }) => {
      await page.goto(`${demo.url}/#/partners/fears`);
      await expect(page.getByText('So far the record does not bear it out.')).toBeVisible();
      await page.getByRole('button', { name: 'Write one down' }).click();
      const words = `Alder's knee cut when I shoot a double leg ${name.length}`;
      await page.getByLabel('In your words').fill(words);
      await page.getByLabel('In your words').blur();
      await expect(page.getByRole('combobox', { name: 'What they do' })).toHaveValue(/knee cut/i);
      await expect(page.getByRole('combobox', { name: 'When I try' })).toHaveValue(/double leg/i);
      await choose(page, 'When I try', 'nothing of mine');
      await page.getByRole('button', { name: 'Keep', exact: true }).click();
      const kept = page.getByRole('region', { name: words });
      await expect(kept.getByText(/^It came \d+ times in 13 rolls/)).toBeVisible();
      await expect(kept.getByText('With Alder')).toBeVisible();
      await page.getByRole('button', { name: `Take away ${words}` }).click();
      await expect(kept).toHaveCount(0);
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(kept).toBeVisible();
      await page.getByRole('button', { name: `Take away ${words}` }).click();
      await expect(kept).toHaveCount(0);
    });

    test('what was promised stands before class until it is given', async ({ page }) => {
      await page.goto(`${demo.url}/#/partners/alder`);
      const words = page.getByLabel('Promised to tell or show them');
      await words.fill(`the step ${name}`);
      await page.getByRole('button', { name: 'Note it' }).click();
      await expect(page.getByText(/^since /)).toBeVisible();
      await page.goto(`${demo.url}/#/partners`);
      await expect(page.getByText(`You owe them: the step ${name}.`)).toBeVisible();
      await page.goto(`${demo.url}/#/partners/alder`);
      await page.getByRole('button', { name: `Given: the step ${name}` }).click();
      await expect(page.getByText('Given.', { exact: true })).toBeVisible();
      await expect(page.getByRole('button', { name: `Given: the step ${name}` })).toHaveCount(0);
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.getByRole('button', { name: `Strike out: the step ${name}` }).click();
      await expect(page.getByRole('button', { name: `Strike out: the step ${name}` })).toHaveCount(0);
    });

    test('with names hidden every page counts partners, and logging waits until they are shown', async ({
      page,
    }) => {
      await page.goto(`${demo.url}/#/settings`);
      await page.getByRole('button', { name: "Hide partners' names" }).click();
      await expect(page.getByText('Names are hidden.')).toBeVisible();
      for (const path of ['/', '/partners', '/partners/dogwood', '/rack', '/plan', '/weak-spots']) {
        await page.goto(`${demo.url}/#${path}`);
        await page.waitForLoadState('networkidle');
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        expect(await page.locator('body').innerText()).not.toMatch(/Dogwood|Alder|Willow|Juniper|Hazel/);
      }
      await page.goto(`${demo.url}/#/log`);
      await expect(page.getByLabel('Tell the roll')).toHaveCount(0);
      await page.getByRole('button', { name: 'Show names' }).click();
      await expect(page.getByLabel('Tell the roll')).toBeVisible();
      await page.goto(`${demo.url}/#/partners/dogwood`);
      await expect(page.getByRole('heading', { name: 'Dogwood', exact: true })).toBeVisible();
    });

    test('a partner is forgotten in the log, in what is begun and in the copies', async ({ page }) => {
      const own = `Quill${name.length}`;
      const id = `q${name.length}`;
      const put = await page.request.put(`${demo.url}/api/partners/${id}`, {
        data: { name: own, notes: 'a bad shoulder' },
      });
      expect(put.ok()).toBeTruthy();
      expect((await page.request.post(`${demo.url}/api/backups`)).ok()).toBeTruthy();
      await page.goto(`${demo.url}/#/log`);
      await page.getByLabel('Tell the roll').fill(`Rolled with ${own}. ${own} swept me from half guard.`);
      await expect(page.getByText(/swe/).first()).toBeVisible();
      await page.goto(`${demo.url}/#/partners/${id}`);
      await page.getByRole('button', { name: `Edit ${own}` }).click();
      await page.getByRole('button', { name: `Forget ${own}` }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Forget', exact: true }).click();
      await expect(page.getByText('Forgotten here.')).toBeVisible();
      const copies = page.getByRole('dialog').getByRole('listitem');
      await expect(copies.first()).toBeVisible();
      let held = await copies.count();
      await copies.first().getByRole('button', { name: 'Write it anew' }).click();
      await expect(copies).toHaveCount(--held);
      while (held > 0) {
        await copies.first().getByRole('button', { name: 'Delete it' }).click();
        await expect(copies).toHaveCount(--held);
      }
      await expect(page.getByText(/^Forgotten;/)).toBeVisible();
      expect(await page.evaluate(() => JSON.stringify(localStorage))).not.toContain(own);
      await page.goto(`${demo.url}/#/log`);
      await page.reload();
      await expect(page.getByLabel('Tell the roll')).toHaveValue(/^Rolled with someone\. someone swept me/);
      await page.goto(`${demo.url}/#/partners/${id}`);
      await expect(page.getByText('They may have been merged with another, or forgotten.')).toBeVisible();
    });
  });
}
