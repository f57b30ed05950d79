import { expect, test, type Page } from './fixtures';
import { App } from './app';

const app = new App('serve');
test.beforeAll(() => app.start());
test.afterAll(() => app.end());

// Each goes on with the log as the one before left it.
test.describe.configure({ mode: 'serial' });

const roll = (id: string, notes: string) => ({
  id,
  partner: 'p',
  notes,
  exchanges: [{ notches: [{ by: 'me', move: 'armbar', outcome: 'tap' }] }],
});

const file = (...rolls: object[]) => ({
  name: 'from-elsewhere.json',
  mimeType: 'application/json',
  buffer: Buffer.from(
    JSON.stringify({
      format: 'ash-notch-log',
      version: 1,
      partners: [{ id: 'p', name: 'Oak', belt: 'purple' }],
      sessions: [{ id: 's', date: '2026-03-02', kind: 'class', rolls }],
    }),
  ),
});

const region = (page: Page) => page.getByRole('region', { name: 'What the file would change' });
const choose = (page: Page, ...rolls: object[]) =>
  page
    .getByLabel('Take a file in', { exact: true })
    .first()
    .setInputFiles(file(...rolls));

async function notes(page: Page) {
  const log = (await (await page.request.get(`${app.url}/api/export`)).json()) as {
    sessions?: { rolls?: { notes: string }[] }[];
  };
  return (log.sessions ?? []).flatMap((s) => (s.rolls ?? []).map((r) => r.notes));
}

const edit = (page: Page, id: string, written: string) =>
  page.request.put(`${app.url}/api/rolls/${id}`, {
    data: { roll: { partner: 'p', notes: written, exchanges: [] } },
  });

test('a file is shown before it is taken in, decided on, taken in and taken back', async ({ page }) => {
  await page.goto(`${app.url}/#/settings`);
  await choose(page, roll('a', 'first'), roll('b', 'second'), roll('c', 'third'));
  await expect(region(page).getByText('3 rolls: 3 new.')).toBeVisible();
  expect(await notes(page)).toEqual([]);
  await region(page).getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByText('Taken in: 3 new rolls, 1 new partner, 1 new session.')).toBeVisible();
  expect(await notes(page)).toEqual(['first', 'second', 'third']);

  await edit(page, 'a', 'edited here');
  await page.request.delete(`${app.url}/api/rolls/c`);
  await choose(
    page,
    roll('a', 'edited there'),
    roll('b', 'changed there'),
    roll('c', 'third'),
    roll('d', 'new'),
  );
  await expect(
    region(page).getByText('4 rolls: 1 new, 1 changed in the file, 1 changed in both, 1 deleted here.'),
  ).toBeVisible();
  const row = (of: string) => region(page).locator('.row').filter({ hasText: of });
  await expect(row('changed in both').getByText('the notes, the notches')).toBeVisible();
  await row('changed in both').getByText('Take the file’s').click();
  await row('changed in the file').getByText('Take the file’s').click();
  await region(page).getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByText('Taken in: 1 new roll, 1 changed roll.')).toBeVisible();
  expect(await notes(page)).toEqual(['edited there', 'second', 'new']);

  await page.getByRole('button', { name: 'Take it back' }).first().click();
  await expect(page.getByText('Taken back as a whole.')).toBeVisible();
  expect(await notes(page)).toEqual(['edited here', 'second']);
});

test('a file that is in the log already, and one that is none, are said to be', async ({ page }) => {
  await page.goto(`${app.url}/#/settings`);
  await choose(page, roll('b', 'second'));
  await expect(region(page).getByText('Everything in it is in your log already.')).toBeVisible();
  await page
    .getByLabel('Take a file in', { exact: true })
    .first()
    .setInputFiles({
      name: 'list.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{ "shopping": ["tape", "soap"] }'),
    });
  await expect(page.getByRole('alert').filter({ hasText: 'this is some other file' })).toBeVisible();
  await expect(region(page)).toHaveCount(0);
});

test('a copy is made, looked into, downloaded, put back, and the way back is offered', async ({ page }) => {
  await page.goto(`${app.url}/#/settings`);
  await page.getByRole('button', { name: 'Make a copy now' }).click();
  const copies = page.getByRole('list', { name: 'Copies' });
  const made = copies.getByRole('listitem').filter({ hasText: 'made by you' });
  await expect(made).toHaveCount(1);
  await expect(page.getByText('A copy of everything is made.')).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    made.getByRole('link', { name: 'Download' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^ash-notch-.*-made\.db$/);
  await edit(page, 'b', 'spoilt since');
  await made.getByRole('button', { name: 'Look into it' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('2 rolls in 1 session, 1 partner')).toBeVisible();
  await dialog.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByText('Your log is as it was in that copy.')).toBeVisible();
  await expect(copies.getByText('before a restore')).toHaveCount(1);
  expect(await notes(page)).toEqual(['edited here', 'second']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => notes(page)).toEqual(['edited here', 'spoilt since']);
});
