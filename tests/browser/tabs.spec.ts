import type { BrowserContext } from '@playwright/test';
import { expect, test, type Page } from './fixtures';
import { App } from './app';

const app = new App('serve');
test.beforeAll(() => app.start());
test.afterAll(() => app.end());

const roll = (notches: object[], more: object = {}) => ({
  roll: { exchanges: [{ start: 'standing/neutral', notches }], ...more },
  session: { date: '2026-03-02', kind: 'class', attire: 'gi' },
});
const sweep = { by: 'me', move: 'scissor-sweep', from: 'closed-guard/bottom', outcome: 'landed' };
const pass = { by: 'me', move: 'knee-slice', from: 'half-guard/top', outcome: 'landed' };
const tap = { by: 'me', move: 'armbar', from: 'mount/top', outcome: 'tap' };

async function put(path: string, data: object) {
  const answer = await fetch(`${app.url}${path}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(data),
  });
  expect(answer.status, await answer.text()).toBe(200);
}

const get = async (path: string) => (await fetch(`${app.url}${path}`)).json();
const moves = async (id: string) =>
  (await get(`/api/rolls/${id}`)).roll.exchanges.flatMap((e: { notches: { move: string }[] }) =>
    e.notches.map((n) => n.move),
  );

async function openNotch(page: Page, id: string, name: RegExp) {
  await page.goto(`${app.url}/#/rack/${id}`);
  await page.getByRole('button', { name }).first().click();
  return page.getByRole('dialog', { name: 'Put this notch right' });
}

test('a notch that moved while it lay open is changed where it is now, and no other', async ({ page }) => {
  await put('/api/rolls/moved', roll([sweep, tap]));
  const editor = await openNotch(page, 'moved', /scissor sweep/);
  await editor.getByLabel('Note').fill('off the lapel');
  // Another tab puts a pass before it, and takes nothing out.
  await put('/api/rolls/moved', roll([pass, sweep, tap]));
  await editor.getByRole('button', { name: 'Keep' }).click();
  await expect(editor.getByText('This notch was not; press again.')).toBeVisible();
  await editor.getByRole('button', { name: 'Keep' }).click();
  await expect(editor).toBeHidden();
  expect(await moves('moved')).toEqual(['knee-slice', 'scissor-sweep', 'armbar']);
  const kept = await get('/api/rolls/moved');
  expect(kept.roll.exchanges[0].notches[1].note).toBe('off the lapel');
});

test('a notch taken out elsewhere is not another one', async ({ page }) => {
  await put('/api/rolls/gone', roll([sweep, pass, tap]));
  const editor = await openNotch(page, 'gone', /scissor sweep/);
  await put('/api/rolls/gone', roll([pass, tap]));
  await editor.getByRole('button', { name: 'Take it out' }).click();
  await expect(editor).toBeHidden();
  expect(await moves('gone')).toEqual(['knee-slice', 'armbar']);
});

test('a notch changed in both tabs is shown field by field, and what is chosen is kept', async ({ page }) => {
  await put('/api/rolls/both', roll([sweep, tap]));
  const editor = await openNotch(page, 'both', /scissor sweep/);
  await editor.getByLabel('Note').fill('mine');
  await put('/api/rolls/both', roll([{ ...sweep, note: 'theirs', side: 'left' }, tap]));
  await editor.getByRole('button', { name: 'Keep' }).click();
  const differs = editor.getByRole('group', { name: 'Changed elsewhere meanwhile' });
  await expect(differs.getByText('theirs')).toBeVisible();
  await differs.getByRole('group', { name: 'Note' }).getByText('elsewhere:').click();
  await editor.getByRole('button', { name: 'Keep' }).click();
  await expect(editor).toBeHidden();
  const [first] = (await get('/api/rolls/both')).roll.exchanges[0].notches;
  // The side was changed there alone, so it comes along unasked.
  expect([first.note, first.side]).toEqual(['theirs', 'left']);
});

test('what stands about a roll is kept beside what was changed in its notches meanwhile', async ({
  page,
}) => {
  await put('/api/rolls/about', roll([sweep], { notes: 'first' }));
  await page.goto(`${app.url}/#/rack/about`);
  await page.getByRole('button', { name: 'About this roll' }).click();
  const form = page.getByRole('dialog', { name: 'About this roll' });
  await form.getByLabel('Notes').fill('from here');
  await put('/api/rolls/about', roll([sweep, tap], { notes: 'from there' }));
  await form.getByRole('button', { name: 'Keep' }).click();
  const differs = form.getByRole('group', { name: 'Changed elsewhere meanwhile' });
  await expect(differs.getByText('from there')).toBeVisible();
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form).toBeHidden();
  expect(await moves('about')).toEqual(['scissor-sweep', 'armbar']);
  expect((await get('/api/rolls/about')).roll.notes).toBe('from here');
});

test('a partner and the page about oneself are not overwritten either', async ({ page }) => {
  await put('/api/partners/oak', { name: 'Oak', belt: 'blue' });
  await page.goto(`${app.url}/#/partners/oak`);
  await page.getByRole('button', { name: 'Edit' }).click();
  const form = page.getByRole('form', { name: 'Edit Oak' });
  await form.getByLabel('Notes').fill('long arms');
  await put('/api/partners/oak', { name: 'Oak', belt: 'purple' });
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form.getByText('Changed elsewhere meanwhile')).toBeVisible();
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form).toBeHidden();
  expect((await get('/api/partners/oak')).partner).toMatchObject({ belt: 'purple', notes: 'long arms' });

  await page.goto(`${app.url}/#/settings`);
  const you = page.getByRole('form', { name: 'You' });
  await you.getByLabel('Stripes').fill('3');
  await put('/api/practitioner', { belt: 'blue', stripes: 1, weightKg: 77 });
  await you.getByRole('button', { name: 'Keep' }).click();
  await expect(you.getByText('Changed elsewhere meanwhile')).toBeVisible();
  await you.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  expect(await get('/api/practitioner')).toMatchObject({ belt: 'blue', stripes: 3, weightKg: 77 });
});

test('an id may hold anything, in the page, too', async ({ page }) => {
  for (const id of ['a/b', 'what?', '%zz', 'a%2Fb']) {
    await put(`/api/rolls/${encodeURIComponent(id)}`, roll([tap], { notes: `the notes of ${id}` }));
    await page.goto(`${app.url}/#/rack`);
    await page.goto(`${app.url}/#/rack/${encodeURIComponent(id)}`);
    await page.getByRole('button', { name: 'About this roll' }).click();
    const form = page.getByRole('dialog', { name: 'About this roll' });
    await expect(form.getByLabel('Notes')).toHaveValue(`the notes of ${id}`);
    await form.getByLabel('Notes').fill(`changed ${id}`);
    await form.getByRole('button', { name: 'Keep' }).click();
    await expect(form).toBeHidden();
    expect((await get(`/api/rolls/${encodeURIComponent(id)}`)).roll.notes).toBe(`changed ${id}`);
  }
});

async function waitingIn(context: BrowserContext, waiting: string) {
  await context.addInitScript((written) => {
    if (!sessionStorage.getItem('laid')) localStorage.setItem('outbox', written);
    sessionStorage.setItem('laid', 'yes');
  }, waiting);
  const page = await context.newPage();
  await page.goto(`${app.url}/#/log`);
  return page;
}

test('one unreadable entry among those that wait is shown, and the others go', async ({ browser }) => {
  const context = await browser.newContext();
  const good = { id: 'waited', body: { text: 'I hit an armbar.', session: { date: '2026-03-02' } } };
  const page = await waitingIn(context, JSON.stringify([{ id: 7, body: 'half of it' }, good]));
  await expect(page.getByText('What waited is saved.')).toBeVisible({ timeout: 40_000 });
  expect((await get('/api/rolls/waited')).roll.retelling).toBe('I hit an armbar.');
  await expect(page.getByText('half of it')).toBeVisible();
  await page.reload();
  await expect(page.getByText('half of it')).toBeVisible();
  await page.getByRole('button', { name: 'Let it go' }).click();
  await expect(page.getByText('half of it')).toHaveCount(0);
  await context.close();
});

test('an outbox cut in half is shown as it is written', async ({ browser }) => {
  const context = await browser.newContext();
  const page = await waitingIn(context, '[{"id":"x","body":{"text":"The one roll I do not wa');
  await expect(page.getByText('The one roll I do not wa')).toBeVisible();
  await context.close();
});
