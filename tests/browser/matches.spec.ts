import { expect, test, type Page } from './fixtures';
import { segment } from './acts';
import { App } from './app';

const app = new App('serve');
test.beforeAll(() => app.start());
test.afterAll(() => app.end());

const sizes = [
  ['wide', { viewport: { width: 1280, height: 800 } }],
  ['on a phone', { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }],
] as const;
const today = () => {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60000).toISOString().slice(0, 10);
};

async function day(page: Page, id: string, more: Record<string, unknown> = {}) {
  const data = {
    name: `Open ${id}`,
    date: today(),
    attire: 'gi',
    belt: 'blue',
    ageDivision: 'adult',
    opponents: [{ opponent: `Grey ${id}`, known: [{ text: 'pulls at once', from: 'coach' }] }],
    ...more,
  };
  expect((await page.request.put(`${app.url}/api/matches/${id}`, { data })).ok()).toBeTruthy();
}

for (const [name, size] of sizes) {
  test.describe(name, () => {
    test.use(size);

    test('a match is entered live, survives a reload and a program that does not answer, and is kept', async ({
      page,
    }) => {
      const id = `live-${name.length}`;
      await day(page, id);
      await page.goto(`${app.url}/#/matches/day/${id}`);
      await page.getByRole('link', { name: 'Enter it live' }).click();
      await expect(page.getByRole('heading', { name: `Against Grey ${id}` })).toBeVisible();
      const [you, they] = ['You', 'They'].map((side) => page.getByRole('group', { name: side, exact: true }));
      await page.getByRole('button', { name: 'Start the clock' }).click();
      await they.getByRole('button', { name: 'pulled guard' }).click();
      await you.getByRole('button', { name: 'pass', exact: true }).click();
      await expect(page.getByText('You lead 3-0.')).toBeVisible();
      await page.reload();
      await expect(page.getByText('You lead 3-0.')).toBeVisible();
      await page.route('**/live', (route) => route.abort());
      await you.getByRole('button', { name: 'mount', exact: true }).click();
      await expect(page.getByRole('alert')).toContainText('Not counted yet');
      await page.unroute('**/live');
      await page.getByRole('button', { name: 'Ask again' }).click();
      await expect(page.getByText('You lead 7-0.')).toBeVisible();
      await segment(page, 'How it came out', 'Not held').click();
      await they.getByRole('button', { name: 'sweep', exact: true }).click();
      await expect(page.getByText(/^\s*Advantages 0:1/)).toBeVisible();
      await they.getByRole('button', { name: 'penalty' }).click();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(page.getByText(/Penalties 0:0/)).toBeVisible();
      await page.getByRole('button', { name: 'It is over: keep it' }).click();
      await expect(page.getByText('7-0, 0-1 adv.')).toBeVisible();
      await expect(page.getByText('Won by points')).toBeVisible();
    });

    test('a match is told, and what the referee said stands beside what is computed', async ({ page }) => {
      const id = `told-${name.length}`;
      await day(page, id);
      await page.goto(`${app.url}/#/matches/day/${id}`);
      await page.getByRole('link', { name: 'Tell it' }).click();
      await expect(page.getByText(/A match of/)).toContainText(`Open ${id}`);
      await page
        .getByLabel('Tell the roll')
        .fill(
          'We started standing. He took me down with a double leg to half guard. I hit an old school sweep to half guard. I passed to side control. I lost 4-2.',
        );
      await expect(page.getByRole('button', { name: /old school sweep/ }).first()).toBeVisible();
      const kept = page.waitForResponse(/telling/);
      await page.getByRole('button', { name: /^Save/ }).click();
      expect((await kept).ok()).toBeTruthy();
      await page.goto(`${app.url}/#/matches/day/${id}`);
      const match = page.getByRole('article', { name: `Against Grey ${id}` });
      await expect(match).toContainText('Lost by points');
      await expect(match.getByText('5-2', { exact: true })).toBeVisible();
      await expect(match.getByText('2-4', { exact: true })).toBeVisible();
      await expect(match).toContainText('You got 2 points on the board, 5 by what is written');
      await expect(match).toContainText('the result hangs on it');
      await match.getByRole('link', { name: /not said to be held/ }).click();
      // Each place is asked, as the result hangs on them.
      const open = page.getByRole('region', { name: 'Still open' });
      const pass = open
        .getByRole('paragraph')
        .filter({ hasText: 'Your pass: was it held for three seconds?' });
      await pass.getByRole('button', { name: 'Not held' }).click();
      await expect(pass).toHaveCount(0);
      await page.getByRole('tab', { name: 'Score' }).click();
      await expect(page.getByText('Pass not held for 3 seconds: an advantage.')).toBeVisible();
      await expect(page.getByText(/on the board 2-4/)).toBeVisible();
    });
  });
}

test('a day is made with its division, says whether the weight is inside, and counts down on Today', async ({
  page,
}) => {
  await page.request.put(`${app.url}/api/rolls/first`, {
    data: {
      session: { date: today(), kind: 'class', attire: 'gi' },
      roll: { id: 'first', exchanges: [{ notches: [{ by: 'me', outcome: 'landed', to: 'mount/top' }] }] },
    },
  });
  await page.goto(`${app.url}/#/matches`);
  await page.getByRole('button', { name: 'A match day' }).first().click();
  const form = page.getByRole('form', { name: 'Match day' });
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form.getByRole('alert').first()).toBeVisible();
  await form.getByLabel('What it is called').fill('Spring cup');
  const later = new Date(Date.now() + 12 * 86_400_000).toISOString().slice(0, 10);
  await form.getByRole('textbox', { name: 'Day' }).fill(later);
  await form.getByLabel('Category').selectOption('women');
  await form.getByLabel('Belt').selectOption('purple');
  await form.getByLabel('Age division').selectOption('adult');
  await form.getByLabel('Weight class').selectOption('64');
  await form.getByLabel('I weigh, in kg').fill('64,9');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('heading', { name: 'Spring cup' })).toBeVisible();
  await expect(
    page.getByText('64.9 kg: 0.9 kg over 64 kg; the class you are inside goes to 69 kg.'),
  ).toBeVisible();
  await expect(page.getByText(/federation points, gi, 7 minutes/)).toBeVisible();
  await page.getByRole('button', { name: 'An opponent' }).click();
  const scout = page.getByRole('dialog');
  await scout.getByLabel('What they are called').fill('Blue Sleeve');
  await scout.getByLabel('Said of them 1').fill('stands up out of closed guard');
  await scout.getByLabel('By whom 1').fill('coach');
  await scout.getByLabel('Plan A').fill('Pull before they shoot');
  await scout.getByRole('button', { name: 'Keep' }).click();
  const card = page.getByRole('article', { name: 'Scouting of Blue Sleeve' });
  await expect(card).toContainText('stands up out of closed guard (coach says)');
  await expect(card.getByRole('link', { name: 'Enter it live' })).toHaveCount(0);
  await page.goto(`${app.url}/#/`);
  await expect(page.getByRole('heading', { name: /Next match day/ })).toBeVisible();
});

test('rules of ones own are made from a copy, a wrong value is told beside it, and a match is scored by them', async ({
  page,
}) => {
  await page.goto(`${app.url}/#/matches/rules`);
  await page.getByRole('button', { name: 'Copy and change' }).click();
  const form = page.getByRole('form', { name: 'Rules of your own' });
  await form.getByLabel('What they are called').fill('club rules');
  await form.getByLabel('Points for pass').fill('-3');
  await form.getByRole('button', { name: 'Keep the rules' }).click();
  await expect(form.getByRole('alert')).toContainText('between 0 and 100');
  await form.getByLabel('Points for pass').fill('6');
  await form.getByRole('button', { name: 'Take out mount' }).click();
  await form.getByRole('button', { name: 'Keep the rules' }).click();
  await expect(page.getByRole('row', { name: /pass 6/i })).toBeVisible();
  await expect(page.getByRole('row', { name: /^mount/i })).toHaveCount(0);
  const roll = {
    session: { date: today(), kind: 'class', attire: 'gi' },
    roll: {
      id: 'own-rules',
      exchanges: [
        {
          notches: [
            {
              by: 'me',
              move: 'knee-cut-pass',
              from: 'half-guard/top',
              to: 'side-control/top',
              outcome: 'landed',
            },
          ],
        },
      ],
    },
  };
  await page.request.put(`${app.url}/api/rolls/own-rules`, { data: roll });
  await page.goto(`${app.url}/#/rack/own-rules`);
  await page.getByRole('tab', { name: 'Score' }).click();
  await expect(page.getByText('You lead 3-0.')).toBeVisible();
  await page.getByRole('combobox', { name: /^By/ }).selectOption({ label: 'club rules' });
  await expect(page.getByText('You lead 6-0.')).toBeVisible();
  // A line is overruled, and taken back.
  await page.getByRole('button', { name: 'Overrule' }).click();
  const ruling = page.getByRole('form', { name: /Overrule/ });
  await ruling.getByLabel('Points').fill('0');
  await ruling.getByLabel('Advantages').fill('1');
  await ruling.getByLabel('Why').fill('never settled');
  await ruling.getByRole('button', { name: 'So it stands' }).click();
  await expect(page.getByText('Overruled: never settled')).toBeVisible();
  await expect(page.getByText(/By what is written \+6/)).toBeVisible();
  await page.getByRole('button', { name: 'Overrule' }).click();
  await page.getByRole('button', { name: 'As computed' }).click();
  await expect(page.getByText('Overruled: never settled')).toBeHidden();
  // Gone, they are missed by nobody.
  await page.goto(`${app.url}/#/matches/rules`);
  await page.getByRole('combobox', { name: /^Rules/ }).selectOption({ label: 'club rules (yours)' });
  await page.getByRole('button', { name: 'Delete them' }).click();
  await expect(page.getByRole('option', { name: /club rules/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('option', { name: /club rules/ })).toHaveCount(1);
});

test('what is allowed is said by belt, age and what is worn', async ({ page }) => {
  await page.goto(`${app.url}/#/matches/allowed`);
  await page.getByLabel('Belt').selectOption('brown');
  await page.getByLabel('Attire').selectOption('no-gi');
  const hook = page.getByRole('listitem').filter({ hasText: /^inside heel hook/i });
  await expect(page.getByRole('heading', { name: 'Allowed for you' })).toBeVisible();
  await expect(hook).toHaveClass(/allowed/);
  await expect(hook).toContainText(/Tap when caught/);
  await page.getByLabel('Belt').selectOption('purple');
  await expect(hook).toHaveClass(/barred/);
  await expect(page.getByText(/not known, which is not allowed/)).toBeVisible();
});

test('what each move does is listed, sorted, opened, and reached from a notch', async ({ page }) => {
  const data = {
    session: { date: today(), kind: 'class', attire: 'gi' },
    roll: {
      id: 'moves',
      exchanges: [
        {
          notches: [
            { by: 'me', move: 'armbar', from: 'mount/top', outcome: 'stopped' },
            { by: 'me', move: 'armbar', from: 'mount/top', outcome: 'tap' },
            { by: 'partner', move: 'kimura', from: 'mount/top', outcome: 'stopped' },
          ],
        },
      ],
    },
  };
  await page.request.put(`${app.url}/api/rolls/moves`, { data });
  await page.goto(`${app.url}/#/weak-spots/moves`);
  await page.getByLabel('Find a move').fill('armb');
  await page.getByRole('button', { name: /armbar/ }).click();
  const sheet = page.getByRole('region', { name: 'armbar' });
  await expect(sheet).toContainText('Came off once in 2 tries');
  await expect(sheet).toContainText('your mount');
  await segment(page, 'Whose', 'Theirs').click();
  await expect(page.getByRole('heading', { name: 'What is done to me' })).toBeVisible();
  await page.goto(`${app.url}/#/rack/moves`);
  await page
    .getByRole('button', { name: /finished the armbar/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'What yours does, over all rolls' }).click();
  await expect(page.getByRole('region', { name: 'armbar' })).toBeVisible();
});

test('training on points shows what was conceded', async ({ page }) => {
  await page.goto(`${app.url}/#/matches/points`);
  await expect(page.getByText(/On points your \d+ rolls? would have come to/)).toBeVisible();
  await segment(page, 'Counted by', 'Week').click();
  await expect(page.getByText(/Week of/)).toBeVisible();
});
