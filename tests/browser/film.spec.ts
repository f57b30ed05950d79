import { expect, test, type Page } from './fixtures';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { segment } from './acts';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});
test.describe.configure({ mode: 'serial' });

// Ninety seconds of plain brown, made with: ffmpeg -f lavfi -i color=c=0x7a6a55:size=64x36:rate=2:duration=90 -c:v libvpx -b:v 2k -g 4
const clip = resolve(import.meta.dirname, 'film.webm');
const telling = (page: Page) => page.getByLabel('Tell the roll');
const film = (page: Page) => page.getByRole('region', { name: 'Film' });
const time = (page: Page) =>
  page.locator('video').evaluate((v: HTMLVideoElement) => Math.round(v.currentTime * 10) / 10);

async function open(page: Page) {
  await page.getByRole('button', { name: 'Film' }).click();
  await film(page).getByLabel('Film beside it').setInputFiles(clip);
  await expect.poll(() => page.locator('video').evaluate((v: HTMLVideoElement) => v.duration)).toBe(90);
}

let roll = '';

test('a film beside the log is played, slowed and jumped through; notches are marked by key and lead back', async ({
  page,
}) => {
  const sent: number[] = [];
  page.on('request', (r) => sent.push(r.postData()?.length ?? 0));
  await page.goto(`${app.url}/#/log`);
  await open(page);
  await telling(page).focus();
  await page.keyboard.press('Alt+Shift+Period');
  await page.keyboard.press('Alt+Period');
  expect(await time(page)).toBe(6);
  await page.keyboard.press('Alt+Comma');
  expect(await time(page)).toBe(5);
  await page.keyboard.press('Alt+m');
  await expect(telling(page)).toHaveValue('[0:05] ');
  await page.keyboard.type('I pulled guard to half guard.');
  for (let i = 0; i < 4; i++) await page.keyboard.press('Alt+Shift+Period');
  await page.keyboard.press('Alt+m');
  await page.keyboard.type('He knee cut to side control.');
  for (let i = 0; i < 3; i++) await page.keyboard.press('Alt+Shift+Period');
  await film(page)
    .getByRole('button', { name: /^Cut here/ })
    .click();
  await page.keyboard.type('He finished an americana.');
  await expect(telling(page)).toHaveValue(
    '[0:05] I pulled guard to half guard.\n[0:25] He knee cut to side control.\n[0:40] He finished an americana.',
  );
  await page.getByRole('button', { name: 'Go to 0:25 in the film' }).click();
  expect(await time(page)).toBe(25);

  await page.keyboard.press('Alt+p');
  await expect.poll(() => time(page)).toBeGreaterThan(25);
  await page.keyboard.press('Alt+s');
  expect(await page.locator('video').evaluate((v: HTMLVideoElement) => v.playbackRate)).toBe(0.5);
  await page.keyboard.press('Alt+p');
  await expect(film(page).getByRole('button', { name: 'Play' })).toBeVisible();

  await page.keyboard.press('Control+Enter');
  await page.getByRole('button', { name: 'See it on the rack' }).click();
  roll = page.url().split('/').at(-1)!;
  // Nothing as large as the film went anywhere.
  expect(Math.max(...sent)).toBeLessThan(readFileSync(clip).length);
});

test('a film may begin before the roll does', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('');
  await open(page);
  for (let i = 0; i < 2; i++) await page.keyboard.press('Alt+Shift+Period');
  await film(page).getByRole('button', { name: 'The roll begins here' }).click();
  await page.keyboard.press('Alt+Shift+Period');
  await page.keyboard.press('Alt+m');
  await expect(telling(page)).toHaveValue('[0:05] ');
});

test('a roll opens with its film, and a step goes to its time', async ({ page }) => {
  await page.goto(`${app.url}/#/rack/${roll}`);
  await open(page);
  await page.getByRole('button', { name: 'Go to 0:40 in the film' }).click();
  expect(await time(page)).toBe(40);
  await expect
    .poll(() => page.locator('video').evaluate((v: HTMLVideoElement) => v.textTracks[0]?.cues?.length))
    .toBe(3);
});

test('the tap board marks at the film’s time', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('');
  await open(page);
  await segment(page, 'How to log', 'Board').click();
  await page.keyboard.press('Alt+Shift+Period');
  await page.getByRole('button', { name: 'your half guard' }).click();
  await segment(page, 'How to log', 'Write').click();
  await expect(telling(page)).toHaveValue('[0:05] Started in my half guard.');
});

for (const [form, name] of [
  ['', 'roll.vtt'],
  ['srt', 'roll.srt'],
] as const) {
  test(`captions go out as ${name} and come back as the same notches`, async ({ page }) => {
    const captions = await (
      await page.request.get(`${app.url}/api/rolls/${roll}/captions?form=${form}`)
    ).text();
    await page.goto(`${app.url}/#/log`);
    await telling(page).fill('');
    await page
      .getByLabel('Captions')
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(captions) });
    await expect(telling(page)).toHaveValue(/^\[0:05\] /);
    const read = page.getByRole('region', { name: 'What was read' });
    await expect(read.locator('.notch')).toHaveText([
      /You landed the guard pull: standing to your half guard/,
      /They landed the knee cut pass: your half guard to their side control/,
      /They finished the americana, from their side control/,
    ]);
    await expect(read.locator('.at')).toHaveText(['0:05', '0:25', '0:40']);
  });
}

test('captions with broken times lose no word and say where', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('');
  await page.getByLabel('Captions').setInputFiles({
    name: 'broken.srt',
    mimeType: 'text/plain',
    buffer: Buffer.from(
      '1\n00:00:05,000 --> 00:00:08,000\ni pulled guard\n\n2\n00:99:10,500 --> soon\nhe swept me\n',
    ),
  });
  await expect(page.getByText('No word was lost, but 1 time could not be read: line 6')).toBeVisible();
  await expect(telling(page)).toHaveValue('[0:05] i pulled guard he swept me');
});

test('a file that holds no captions is refused in words and changes nothing', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('He swept me.');
  for (const [buffer, says] of [
    [readFileSync(clip), 'neither WebVTT nor SubRip'],
    [Buffer.alloc(5_000_001, 'x'), 'too large for captions'],
  ] as const) {
    await page.getByLabel('Captions').setInputFiles({ name: 'film.webm', mimeType: 'text/vtt', buffer });
    await expect(page.getByRole('alert')).toContainText(says);
    await expect(telling(page)).toHaveValue('He swept me.');
  }
});

test('captions pasted into the line are taken with their times', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('');
  await telling(page).evaluate((box) => {
    const data = new DataTransfer();
    data.setData('text', 'WEBVTT\n\n00:12.000 --> 00:15.000\nhe passed my guard\n');
    box.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  });
  await expect(telling(page)).toHaveValue('[0:12] he passed my guard');
});

test('chapters say where each exchange starts', async ({ page }) => {
  const chapters = await (
    await page.request.get(`${app.url}/api/rolls/${roll}/captions?form=chapters`)
  ).text();
  expect(chapters).toBe('WEBVTT\n\n1\n00:00:00.000 --> 00:06:00.000\nStarted standing.\n');
});
