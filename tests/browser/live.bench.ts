// How long after a letter the stick beneath is cut anew: npm run live. Prints figures; nothing is asserted.
import { test } from '@playwright/test';
import { App } from './app';

const words =
  'i pulled guard to half guard he knee cut to side control i shrimped to half guard got the underhook and hit the old school sweep he recovered guard i got a toreando to side control and finished the americana'.split(
    ' ',
  );

interface Watched {
  input?: number;
  cut?: number;
}

test('the stick while writing', async ({ page }) => {
  test.setTimeout(120_000);
  const app = new App('demo');
  await app.start();
  try {
    await page.goto(`${app.url}/#/log`);
    const line = page.getByLabel('Tell the roll');
    await line.fill('I had mount.');
    await page.locator('.stick svg').waitFor();
    await line.click();
    await page.keyboard.press('End');
    await page.evaluate(() => {
      const w = window as unknown as Watched;
      document.addEventListener('input', () => {
        w.input = performance.now();
        w.cut = undefined;
      });
      new MutationObserver((changes) => {
        const ofStick = changes.some((c) => (c.target as Element).closest?.('.stick'));
        if (ofStick) w.cut ??= performance.now();
      }).observe(document.querySelector('main')!, { subtree: true, childList: true, attributes: true });
    });
    const waits: number[] = [];
    for (const word of words) {
      await page.keyboard.insertText(` ${word}`);
      await page.waitForTimeout(300);
      const { input, cut } = await page.evaluate(() => {
        const w = window as unknown as Watched;
        return { input: w.input, cut: w.cut };
      });
      if (input !== undefined && cut !== undefined) waits.push(cut - input);
    }
    waits.sort((a, b) => a - b);
    const at = (share: number) => Math.round(waits[Math.floor(share * (waits.length - 1))] ?? NaN);
    console.log(
      `from letter to stick, ${waits.length} changes: median ${at(0.5)} ms, 9 in 10 within ${at(0.9)} ms, longest ${at(1)} ms`,
    );
  } finally {
    await app.end();
  }
});
