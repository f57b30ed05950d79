import { expect, test } from './fixtures';
import { choose } from './acts';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});

test('gi or no-gi, said at the head of a telling, goes into its head until it is chosen otherwise', async ({
  page,
}) => {
  await page.goto(`${app.url}/#/log`);
  const attire = page.getByLabel('Attire');
  const other = (await attire.inputValue()) === 'gi' ? 'no-gi' : 'gi';
  await page.getByLabel('Tell the roll').fill(`Evening class, ${other}. He swept me.`);
  await expect(attire).toHaveValue(other);
  await attire.selectOption(other === 'gi' ? 'no-gi' : 'gi');
  await page
    .getByLabel('Tell the roll')
    .fill(`Evening class, ${other}. He swept me. I escaped to half guard.`);
  await expect(page.getByRole('button', { name: /escape/ })).toBeVisible();
  await expect(attire).not.toHaveValue(other);
  await page.getByLabel('Tell the roll').fill('');
});

test('what is said of the roll fills its head, and what is struck does not', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await page
    .getByLabel('Tell the roll')
    .fill(
      'Flow round with a big brown belt, maybe 95 kilos. I pulled guard. He passed my guard to side control.',
    );
  const facts = page.getByRole('list', { name: 'Said of the roll' });
  await expect(facts).toContainText('brown belt');
  await expect(facts).toContainText('95 kg');
  await facts.getByRole('button', { name: /Leave out: .*95 kg/ }).click();
  await expect(facts).not.toContainText('95 kg');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Saved. The next roll can follow.')).toBeVisible();
  const rolls = await page.request.get(`${app.url}/api/export`).then((r) => r.json());
  const saved = rolls.sessions
    .flatMap(
      (s: { rolls: { retelling?: string; partnerBelt?: string; partnerWeightKg?: number }[] }) => s.rolls,
    )
    .find((r: { retelling?: string }) => r.retelling?.startsWith('Flow round with a big brown belt'));
  expect(saved.partnerBelt).toBe('brown');
  expect(saved.partnerWeightKg).toBeUndefined();
});

test('a notch says why it was read so, and its other readings are one press away', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await page.getByLabel('Tell the roll').fill('He passed my guard to side control. Then the armbar. Tap.');
  const read = page.getByRole('region', { name: 'What was read' });
  const last = read.locator('.notch').last();
  const before = await last.innerText();
  await last.click();
  const panel = page.getByRole('dialog', { name: 'Put this notch right' });
  await panel.getByText('Why it was read so').click();
  await expect(panel.getByText(/says that there was a tap/)).toBeVisible();
  await panel.getByRole('group', { name: 'Or was it' }).getByRole('button').first().click();
  await expect(panel).toHaveCount(0);
  await expect(last).toContainText('put right');
  expect(await last.innerText()).not.toBe(before);
});

test('a name put right once is read so the next time, and stands among the names', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await page.getByLabel('Tell the roll').fill('I pulled guard. I hit the sweep.');
  const read = page.getByRole('region', { name: 'What was read' });
  await read.getByRole('button', { name: /sweep/ }).first().click();
  const panel = page.getByRole('dialog', { name: 'Put this notch right' });
  await choose(panel, 'Move', 'flower sweep');
  await panel.getByRole('button', { name: 'Keep' }).click();
  await expect(read).toContainText('flower sweep');
  await page.getByRole('button', { name: 'Save the roll' }).click();
  await expect(page.getByText(/will be read as you put it right/)).toBeVisible();

  await page.getByLabel('Tell the roll').fill('I hit the sweep.');
  await expect(read).toContainText('flower sweep');

  await page.goto(`${app.url}/#/names`);
  const own = page.getByRole('region', { name: 'Your own names' });
  await expect(own).toContainText('sweep');
  await own.getByRole('button', { name: /Drop/ }).first().click();
  await page.goto(`${app.url}/#/log`);
  await page.getByLabel('Tell the roll').fill('I hit the sweep once.');
  await expect(read).not.toContainText('flower sweep');
});

for (const [size, viewport] of [
  ['phone', { width: 390, height: 844 }],
  ['wide', { width: 1280, height: 800 }],
] as const)
  test(`after much that was not understood one question asks where it came from, ${size}`, async ({
    page,
  }) => {
    await page.setViewportSize(viewport);
    await page.goto(`${app.url}/#/log`);
    await page
      .getByLabel('Tell the roll')
      .fill('He twisted my collar. I kicked his hips away. He armbarred me.');
    await expect(page.getByText('Where were you when the armbar came?')).toBeVisible();
    await page.getByRole('button', { name: 'their mount', exact: true }).click();
    await expect(page.getByText('Where were you when')).toBeHidden();
    await expect(page.getByRole('button', { name: /armbar, from their mount/ })).toBeVisible();
    await page.getByLabel('Tell the roll').fill('');
  });
