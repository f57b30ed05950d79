import { expect, test, type Page } from './fixtures';
import { choose, segment } from './acts';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});

const telling = (page: Page) => page.getByLabel('Tell the roll');
const notches = (page: Page) => page.getByRole('region', { name: 'What was read' }).locator('.notch');

/** Five rolls as somebody tired writes them after class, with how many notches each holds. */
const rolls: [partner: string, text: string, notches: number][] = [
  [
    'Alder, purple',
    'i pulled guard to half he knee cut to side control i shrimped to half guard got the underhook and hit the old school sweep he recovered guard i got a toreando to side and then the bell',
    7,
  ],
  [
    'Maple',
    'he shot a double i sprawled and took his back and finished the rear naked. reset. he pulled guard i opened his guard and passed with a knee slice to side control',
    7,
  ],
  [
    'Hazel',
    'she snapped me down and took my back i escaped to half guard she passed and got the armbar i tapped',
    5,
  ],
  [
    'Juniper',
    'i hit a single leg to half guard passed to mount he bridged and rolled i closed my guard and time',
    4,
  ],
  ['Cedar', 'let him work. he passed to side control and took mount i did an elbow escape to half guard', 3],
];

test('a class of five rolls is written with few keys and nothing to put right', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  let strokes = 0;
  for (const [partner, text, count] of rolls) {
    const name = partner.split(',')[0] ?? partner;
    await choose(page, 'Partner', name);
    await telling(page).click();
    await page.keyboard.type(text);
    strokes += text.length + 1;
    expect(text.length).toBeLessThanOrEqual(400);
    await expect(notches(page)).toHaveCount(count);
    await expect(page.getByRole('region', { name: 'Not sure' })).toHaveCount(0);
    await page.keyboard.press('Control+Enter');
    await expect(page.getByText('Saved. The next roll can follow.')).toBeVisible();
    await expect(telling(page)).toHaveValue('');
  }
  await page.goto(`${app.url}/#/rack`);
  await expect(page.getByText('126 rolls.')).toBeVisible();
  console.log(
    `${rolls.length} rolls, ${rolls.reduce((n, r) => n + r[2], 0)} notches, ${strokes} key strokes`,
  );
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a roll of eight notches is tapped in at most 25 taps, and finished by writing', async ({ page }) => {
    await page.goto(app.url);
    let taps = 0;
    const tap = async (name: string | RegExp, where = page.getByRole('main')) => {
      taps++;
      await where
        .getByRole('button', { name, exact: typeof name === 'string' })
        .first()
        .tap();
    };
    await page.getByRole('link', { name: 'Log a roll' }).tap();
    taps++;
    await segment(page, 'How to log', 'Board').tap();
    const board = page.getByRole('region', { name: 'Tap board' });
    const mine = board.getByRole('group', { name: 'Mine' });
    const theirs = board.getByRole('group', { name: 'Theirs' });
    const now = async (place: string) => expect(board.getByText('Now:')).toContainText(place);

    await tap('your half guard', board);
    await now('your half guard');
    await tap('old school sweep, stopped', mine);
    await tap('knee cut pass', theirs);
    await now('their side control');
    await tap(/^elbow escape|^escape$/, mine);
    await now('your half guard');
    await tap('knee cut pass, nearly', theirs);
    await tap('old school sweep', mine);
    await now('your side control');
    await tap('guard recovery', theirs);
    await tap('toreando pass', mine);
    await now('your side control');
    await tap(/^americana/, mine);
    await expect(page.locator('.stick svg .cut')).toHaveCount(8);
    await expect(board.getByText('Where does it start?')).toBeVisible();
    await tap('Time', board);
    await tap('Save the roll');
    await expect(page.getByText('Saved.')).toBeVisible();
    expect(taps).toBeLessThanOrEqual(25);
    console.log(`eight notches in ${taps} taps`);

    await tap('your half guard', board);
    await tap('Find', board);
    await board.getByLabel('Find a move').fill('berim');
    await tap('berimbolo', mine);
    await tap('Undo', board);
    await segment(page, 'How to log', 'Write').tap();
    await expect(telling(page)).toHaveValue('Started in my half guard.');
    await telling(page).press('End');
    await telling(page).pressSequentially(' He passed.');
    await expect(notches(page)).toHaveCount(1);
    await segment(page, 'How to log', 'Board').tap();
    await now('their side control');
  });
});

test('a doubt is one press away, by mouse or by keys, and can be taken back', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await segment(page, 'How to log', 'Write').click();
  await telling(page).fill('I had mount. I got an americana. Standing. He got a guillotine.');
  const doubts = page.getByRole('region', { name: 'Not sure' });
  await expect(doubts.getByRole('listitem')).toHaveCount(2);
  await doubts.getByRole('button', { name: 'Nearly' }).first().click();
  await expect(notches(page).first()).toContainText('You nearly had the americana');
  await expect(doubts.getByRole('listitem')).toHaveCount(1);
  await telling(page).focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect(doubts.getByRole('button').first()).toBeFocused();
  await page.keyboard.press('Alt+Enter');
  await expect(doubts).toHaveCount(0);
  await page.keyboard.press('Alt+z');
  await expect(doubts.getByRole('listitem')).toHaveCount(1);
  await page.keyboard.press('Alt+z');
  await expect(doubts.getByRole('listitem')).toHaveCount(2);
  await page.keyboard.press('Alt+Shift+z');
  await expect(doubts.getByRole('listitem')).toHaveCount(1);
});

test('names are offered while writing and never taken by Enter', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('');
  await telling(page).pressSequentially('I pulled revers');
  await expect(page.getByRole('button', { name: 'reverse de la Riva guard' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(telling(page)).toHaveValue('I pulled revers\n');
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Control+Space');
  await expect(telling(page)).toHaveValue(/^I pulled reverse /);
  await expect(telling(page)).toBeFocused();
});

test('ten thousand words, odd bytes and a hundred unknown words stay quick and whole', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  const unknown = Array.from({ length: 100 }, (_, i) => `zorb${i}q`).join(' ');
  for (const text of [
    `I pulled guard. ${unknown}. He passed.`,
    'I pulled guard. \u0001\u0002\ufffd🤼 שלום לך He passed.',
    'he passed my guard and i recovered guard '.repeat(1250),
  ]) {
    await telling(page).fill(text);
    await expect(notches(page).first()).toContainText('You landed the guard', { timeout: 10_000 });
    await expect(telling(page)).toHaveValue(text);
  }
});

test('the glossary finds by any spelling and takes names of one’s own, which the telling knows', async ({
  page,
}) => {
  await page.goto(`${app.url}/#/names`);
  await page.getByLabel('Find').fill('bullfighter');
  const entries = page.getByRole('list', { name: 'Entries' });
  await expect(entries.getByRole('heading')).toHaveText(['toreando pass']);
  await page.getByLabel('Find').fill('heel hook');
  await expect(entries.getByText('do damage before they hurt').first()).toBeVisible();
  const own = page.getByRole('region', { name: 'Your own names' });
  await own.getByRole('textbox', { name: 'Name' }).fill('the wozzle');
  await choose(own, 'It means', 'scissor sweep');
  await own.getByRole('button', { name: 'Add it' }).click();
  await expect(own.getByText('the wozzle')).toBeVisible();
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('I was in closed guard bottom. I hit the wozzle.');
  await expect(notches(page).first()).toContainText('You landed the scissor sweep');
});
