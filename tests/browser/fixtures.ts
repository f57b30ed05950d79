import { test as base, type BrowserContext, type CDPSession, type Page } from '@playwright/test';

export { expect, type Page } from '@playwright/test';

/** A test whose page scripts the window itself, which no wiping takes back: it gets one of its own. */
export const inOwnWindow = base;

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

/** Makes the window as good as new: nothing of the tests before is open, kept, routed or listened to. */
async function wipe(window: Window) {
  const { context, page, devtools, origins } = window;
  for (const other of context.pages()) if (other !== page) await other.close();
  page.removeAllListeners();
  follow(window);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  if (page.url().startsWith('http')) await page.evaluate(() => sessionStorage.clear());
  await page.goto('about:blank');
  for (const origin of origins)
    await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: kept });
  await page.emulateMedia({ media: null, colorScheme: null, reducedMotion: null, forcedColors: null });
}

/**
 * The tests of this project: a page is the same window again, wiped, since to open one anew costs a second and a half of
 * processor each time. A test that needs several opens its own by browser.newContext().
 */
export const test = base.extend<object, { windows: Map<string, Window> }>({
  windows: [
    async ({}, use) => {
      const windows = new Map<string, Window>();
      await use(windows);
      for (const { context } of windows.values()) await context.close();
    },
    { scope: 'worker' },
  ],
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
