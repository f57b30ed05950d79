// Makes docs/screenshots from the demo data: npm run screenshots (SHOTS names another folder, ONLY some views).
import { test } from '@playwright/test';
import { resolve } from 'node:path';
import { choose, segment } from './acts';
import { App } from './app';

const folder = resolve(process.env.SHOTS ?? resolve(import.meta.dirname, '../../docs/screenshots'));
const only = process.env.ONLY ?? '';
const one =
  'Flow round with Alder, a purple belt of 85 kilos, five minutes. Started standing. I pulled guard to half guard. Alder flattened me out and cut the knee to side control because I was late. I escaped to half guard, then the old school sweep. Kimura from side control. Then the armbar, tap. Next time I need to get the underhook first.';
const filmed =
  '[0:05] Started standing. I pulled guard to half guard.\n[0:21] He knee cut to side control.\n[0:34] I escaped to half guard.\n[0:48] I hit the old school sweep.';

const views: {
  name: string;
  path: string;
  width: number;
  height: number;
  mode: 'light' | 'dark';
}[] = [];
for (const [name, path] of [
  ['today', '/'],
  ['log', '/log'],
  ['rack', '/rack'],
  ['roll', '/rack/s1121-3'],
  ['weak-spots', '/weak-spots'],
  ['taps', '/weak-spots/taps'],
  ['weeks', '/weak-spots/weeks'],
  ['grain', '/weak-spots/grain'],
  ['plan', '/plan'],
  ['lessons', '/weak-spots/lessons'],
] as const) {
  views.push({ name, path, width: 1280, height: 800, mode: 'light' });
  if (!['rack', 'roll', 'weeks', 'taps', 'lessons', 'plan'].includes(name))
    views.push({
      name: `${name}-phone`,
      path,
      width: 390,
      height: 844,
      mode: ['log', 'weak-spots', 'today', 'grain'].includes(name) ? 'light' : 'dark',
    });
  if (name === 'weak-spots')
    views.push({
      name: `${name}-dark`,
      path,
      width: 1280,
      height: 800,
      mode: 'dark',
    });
}
views.push(
  { name: 'log-tap-phone', path: '/log', width: 390, height: 844, mode: 'dark' },
  { name: 'log-film', path: '/log', width: 1280, height: 800, mode: 'light' },
  { name: 'mat-phone', path: '/plan/mat', width: 390, height: 844, mode: 'dark' },
  { name: 'review-dark', path: '/plan', width: 1280, height: 800, mode: 'dark' },
);

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
        const told = {
          'log-tap-phone': 'Started in my half guard.',
          'log-film': filmed,
        };
        await page.getByLabel('Tell the roll').fill(told[view.name as keyof typeof told] ?? one);
        await page.locator('.stick svg').first().waitFor();
        if (view.name === 'log-film') {
          await page.getByRole('button', { name: 'Film' }).click();
          await page.getByLabel('Film beside it').setInputFiles(resolve(import.meta.dirname, 'film.webm'));
          await page.getByRole('button', { name: 'Go to 0:21 in the film' }).click();
          await page.evaluate(() => scrollTo(0, 0));
        }
        if (view.name === 'log-phone') {
          await page.getByRole('region', { name: 'What was read' }).locator('.notch').last().click();
          await page.getByText('Why it was read so').click();
        }
        if (view.name.includes('tap')) await segment(page, 'How to log', 'Board').click();
      }
      if (view.path.startsWith('/weak-spots/')) {
        if (view.name === 'taps') await segment(page, 'Counted by', 'Place').click();
        else if (view.name === 'weeks')
          await page.getByRole('button', { name: /They pass your half guard/ }).click();
        else if (view.name !== 'lessons')
          await page.getByLabel('Place').selectOption({ label: 'your half guard' });
      }
      if (view.name === 'grain-phone') await page.evaluate(() => scrollTo(0, 330));
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
