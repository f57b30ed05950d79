import { test as base, type BrowserContext, type CDPSession, type Page } from '@playwright/test';
import { App } from './app';

export { expect, type Page } from '@playwright/test';

/** A window that stays open from test to test, and what has been opened in it. */
interface Window {
  context: BrowserContext;
  page: Page;
  devtools: CDPSession;
  origins: Set<string>;
}

const kept = 'cookies,local_storage,indexeddb,service_workers,cache_storage';

async function open(context: BrowserContext): Promise<Window> {
  const page = await context.newPage();
  const window = { context, page, devtools: await context.newCDPSession(page), origins: new Set<string>() };
  follow(window);
  return window;
}

/** A test may open several programs in one window. */
function follow({ page, origins }: Window) {
  page.on('framenavigated', (frame) => {
    if (frame.url().startsWith('http')) origins.add(new URL(frame.url()).origin);
  });
}

/** To an address without any script of the same program where it answers: from there to its pages no process need be started. */
async function leave(page: Page, at: string) {
  try {
    await page.goto(new URL('/icon.svg', at).href);
  } catch {
    await page.goto('about:blank');
  }
}

/** Makes the window as good as new: nothing of the tests before is open, kept, routed or listened to. */
async function wipe(window: Window) {
  const { context, page, devtools, origins } = window;
  for (const other of context.pages()) if (other !== page) await other.close();
  page.removeAllListeners();
  follow(window);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  const at = page.url();
  if (at.startsWith('http')) await page.evaluate(() => sessionStorage.clear());
  await leave(page, at);
  for (const origin of origins)
    await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: kept });
  await page.emulateMedia({ media: null, colorScheme: null, reducedMotion: null, forcedColors: null });
}

interface OfWorker {
  windows: Map<string, Window>;
  demo: () => Promise<App>;
}

/**
 * A test whose page scripts the window itself, which no wiping takes back, or that needs several: it opens its own.
 * The demo is one program for all files of a worker, put back to how it came at the beginning of each.
 */
export const inOwnWindow = base.extend<object, OfWorker>({
  windows: [
    async ({}, use) => {
      const windows = new Map<string, Window>();
      await use(windows);
      for (const { context } of windows.values()) await context.close();
    },
    { scope: 'worker' },
  ],
  demo: [
    async ({}, use) => {
      const app = new App('demo');
      await use(async () => {
        if (app.url === '') await app.start();
        else await app.asItCame();
        return app;
      });
      await app.end();
    },
    { scope: 'worker' },
  ],
});

/**
 * The tests of this project: a page is the same window again, wiped, since to open one anew costs a second and a half of
 * processor each time. A test that needs several opens its own by browser.newContext().
 */
export const test = inOwnWindow.extend({
  page: async ({ browser, windows, viewport, hasTouch, isMobile }, use, { file }) => {
    const sort = JSON.stringify([file, viewport, hasTouch, isMobile]);
    let window = windows.get(sort);
    if (window) {
      await wipe(window);
      if (viewport) await window.page.setViewportSize(viewport);
    } else {
      window = await open(await browser.newContext({ viewport, hasTouch, isMobile }));
      windows.set(sort, window);
    }
    await use(window.page);
  },
});
