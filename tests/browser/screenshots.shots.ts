// Makes docs/screenshots from the demo data: npm run screenshots (SHOTS names another folder, ONLY some views).
import { test } from '@playwright/test';
import { resolve } from 'node:path';
import { choose, segment } from './acts';
import { App } from './app';

const folder = resolve(process.env.SHOTS ?? resolve(import.meta.dirname, '../../docs/screenshots'));
const only = process.env.ONLY ?? '';
const one =
  'Flow round with Alder, a purple belt of 85 kilos, five minutes. Started standing. I pulled guard to half guard. Alder flattened me out and cut the knee to side control because I was late. I escaped to half guard, then the old school sweep. Kimura from side control. Then the armbar, tap. Next time I need to get the underhook first.';
const wide = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };
const views: { name: string; path: string; width: number; height: number; mode: 'light' | 'dark' }[] = [
  { name: 'today', path: '/', ...wide, mode: 'light' },
  { name: 'today-phone', path: '/', ...phone, mode: 'light' },
  { name: 'log', path: '/log', ...wide, mode: 'light' },
  { name: 'log-phone', path: '/log', ...phone, mode: 'light' },
  { name: 'log-tap-phone', path: '/log', ...phone, mode: 'dark' },
  { name: 'rack', path: '/rack', ...wide, mode: 'light' },
  { name: 'roll', path: '/rack/s1024-1', ...wide, mode: 'light' },
  { name: 'weak-spots', path: '/weak-spots', ...wide, mode: 'light' },
  { name: 'weak-spots-phone', path: '/weak-spots', ...phone, mode: 'dark' },
  { name: 'moves', path: '/weak-spots/moves?by=me&move=armbar', ...wide, mode: 'light' },
  { name: 'grain', path: '/weak-spots/grain', ...wide, mode: 'light' },
  { name: 'plan', path: '/plan', ...wide, mode: 'light' },
  { name: 'mat-phone', path: '/plan/mat', ...phone, mode: 'dark' },
  { name: 'review-dark', path: '/plan', ...wide, mode: 'dark' },
  { name: 'match-day-dark', path: '/matches/day/autumn-open', ...wide, mode: 'dark' },
  { name: 'live-phone', path: '/matches/day/autumn-open/live?with=Red%20Tape', ...phone, mode: 'light' },
  { name: 'partner', path: '/partners/dogwood', ...wide, mode: 'light' },
  { name: 'partner-phone', path: '/partners/willow', ...phone, mode: 'dark' },
  { name: 'side-by-side-dark', path: '/partners/alder/side-by-side', ...wide, mode: 'dark' },
];

const send = (url: string, method: string, path: string, body: unknown) =>
  fetch(url + path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });

test('every main view', async ({ browser }) => {
  test.setTimeout(480_000);
  const app = new App('demo');
  await app.start();
  try {
    for (const [name, id] of [
      ['number seven', 'knee-cut-pass'],
      ['the crank', 'nothing'],
      ['the windmill', 'flower-sweep'],
    ])
      await send(app.url, 'POST', '/api/names', { name, id });
    for (const view of views.filter((v) => v.name.includes(only))) {
      const page = await browser.newPage({
        viewport: { width: view.width, height: view.height },
        colorScheme: view.mode,
      });
      await page.goto(`${app.url}/#${view.path}`);
      if (view.path === '/log') {
        const chips = page.locator('details').first();
        await chips.evaluate((d: HTMLDetailsElement) => (d.open = true));
        await choose(page, 'Partner', 'Alder');
        if (view.width < 700) await chips.evaluate((d: HTMLDetailsElement) => (d.open = false));
        const told = view.name === 'log-tap-phone' ? 'Started in my half guard.' : one;
        await page.getByLabel('Tell the roll').fill(told);
        await page.locator('.stick svg').first().waitFor();
        if (view.name === 'log-phone') {
          await page.getByRole('region', { name: 'What was read' }).locator('.notch').last().click();
          await page.getByText('Why it was read so').click();
        }
        if (view.name.includes('tap')) await segment(page, 'How to log', 'Board').click();
      }
      if (view.name === 'roll') {
        await page.getByRole('tab', { name: 'Score' }).click();
        await page.getByText(/^As it would stand/).waitFor();
      }
      if (view.name === 'live-phone') {
        const [you, they] = ['You', 'They'].map((name) => page.getByRole('group', { name, exact: true }));
        await they!.getByRole('button', { name: 'pulled guard' }).click();
        for (const key of ['pass', 'mount'])
          await you!.getByRole('button', { name: key, exact: true }).click();
        await they!.getByRole('button', { name: 'nearly a tap' }).click();
        await page.getByText(/Advantages 0:1/).waitFor();
      }
      if (view.name === 'grain') await page.getByLabel('Place').selectOption({ label: 'your half guard' });
      if (view.name === 'grain') {
        await page.getByRole('slider', { name: 'Their knee cut pass' }).focus();
        for (let step = 0; step < 4; step++) await page.keyboard.press('ArrowLeft');
        await page.getByRole('status').waitFor();
        await page.evaluate(() => scrollTo(0, 0));
      }
      if (view.name === 'mat-phone') {
        const keys = page.getByRole('button', { name: /^Kept/ });
        while ((await keys.count()) === 0)
          await page.getByRole('button', { name: 'Next round', exact: true }).click();
        for (let n = 0; n < 3; n++) await page.getByRole('button', { name: /^Kept/ }).first().click();
        await page
          .getByRole('button', { name: /: met$/ })
          .first()
          .click();
      }
      if (view.name === 'review-dark') {
        await page.getByRole('region', { name: 'Blocks before' }).locator('summary').last().click();
        await page.getByText(/^Drilled on/).waitFor();
        await page.getByRole('heading', { name: 'Blocks before' }).scrollIntoViewIfNeeded();
        await page.evaluate(() => scrollTo(0, document.body.scrollHeight));
      }
      await page.waitForLoadState('networkidle');
      await page.waitForTimeout(350);
      // Where this run keeps its data is of no interest.
      await page.evaluate(() =>
        document.querySelector('code')?.replaceChildren('~/.local/share/ash-notch/demo'),
      );
      await page.screenshot({ path: resolve(folder, `${view.name}.png`) });
      await page.close();
      // A roll half told in one picture is not offered in the next.
      const left = (await (await fetch(`${app.url}/api/drafts`)).json()) as { id: string }[];
      for (const { id } of left) await send(app.url, 'PUT', `/api/drafts/${id}`, { body: null });
    }
  } finally {
    await app.end();
  }
});
