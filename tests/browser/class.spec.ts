import { expect, test, type Page } from './fixtures';
import { addTags, choose } from './acts';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});
test.describe.configure({ mode: 'serial' });

const telling = (page: Page) => page.getByLabel('Tell the roll');

test('several rolls are told in one go, with a partner met in passing', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill(
    'Good class. First roll with Alder. I pulled guard to half guard. Alder passed. Then with Sorrel, a blue belt, way bigger than me. He swept me. Then with the white belt. I swept him.',
  );
  const second = page.getByRole('region', { name: 'Roll 2' });
  await expect(second.getByRole('heading')).toHaveText(
    'Roll 2, with Sorrel, blue belt, much heavier than you',
  );
  await expect(second.getByRole('combobox', { name: 'Who is Sorrel?' })).toHaveValue('Sorrel, a new partner');
  await expect(
    page.getByRole('region', { name: 'Roll 1' }).getByRole('combobox', { name: 'Who is Alder?' }),
  ).toHaveValue('Alder');
  await page.getByRole('button', { name: 'Save the 3 rolls' }).click();
  await expect(page.getByText('3 rolls saved. Sorrel is among your partners now.')).toBeVisible();
  await page.goto(`${app.url}/#/rack`);
  await expect(page.getByText('124 rolls.')).toBeVisible();
  await page.goto(`${app.url}/#/partners`);
  await expect(page.getByText('blue · much heavier')).toBeVisible();
});

test('whom a name means can be said otherwise, and then nobody new is made', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('Rolled with Aldr. Aldr swept me.');
  const who = page.getByRole('combobox', { name: 'Who is Aldr?' });
  await expect(who).toHaveValue('Aldr, a new partner');
  await choose(page, 'Who is Aldr?', 'Alder');
  await expect(page.getByRole('heading', { name: 'With Alder' })).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await page.getByRole('button', { name: 'See it on the rack' }).click();
  await expect(page.getByRole('heading', { name: 'With Alder' })).toBeVisible();
});

test('one roll was with somebody else than its words say, the others stay', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill(
    'Rolled with Alder. He passed.\nThen with a big white belt. I swept him.\nThen with Alder. He armbarred me.',
  );
  const roll = (number: number) => page.getByRole('region', { name: `Roll ${number}` });
  await expect(roll(2).getByRole('heading')).toHaveText('Roll 2, with someone, white belt');
  await choose(page, 'Who was roll 2 with?', 'Maple');
  await expect(roll(2).getByRole('heading')).toHaveText('Roll 2, with Maple, white belt');
  await choose(roll(3), 'Who is Alder?', 'Birch');
  await expect(roll(3).getByRole('heading')).toHaveText('Roll 3, with Birch');
  await expect(roll(1).getByRole('heading')).toHaveText('Roll 1, with Alder');
  // What was said outlives writing on, and goes into the log.
  await telling(page).press('End');
  await page.keyboard.type(' I swept him back.');
  await expect(roll(3).getByRole('heading')).toHaveText('Roll 3, with Birch');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('3 rolls saved.')).toBeVisible();
  await page.goto(`${app.url}/#/rack`);
  await expect(page.getByRole('link', { name: /Birch/ }).first()).toBeVisible();
});

test('whoever is said to be nobody is not called by the name, and can be made somebody again', async ({
  page,
}) => {
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('Rolled with Tarn. Tarn swept me.');
  const heading = page.getByRole('region', { name: 'What was read' }).getByRole('heading').first();
  await expect(heading).toHaveText('With Tarn');
  await choose(page, 'Who is Tarn?', 'someone');
  await expect(heading).toHaveText('With someone');
  await choose(page, 'Who is Tarn?', 'Tarn, a new partner');
  await expect(heading).toHaveText('With Tarn');
  await telling(page).fill('');
});

test('a telling that names another day is not kept for today in silence', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${app.url}/#/log`);
  await telling(page).fill('Yesterday, gi. Rolled with Alder. He passed.');
  const asked = page.getByRole('status').filter({ hasText: 'You wrote of' });
  await expect(asked).toContainText('this is for today.');
  await asked.getByRole('button', { name: /^Make it/ }).click();
  await expect(page.getByText(/This telling is for .*, not for today/)).toBeVisible();
  await page.getByRole('button', { name: 'Make it today' }).click();
  await asked.getByRole('button', { name: 'Leave it' }).click();
  await expect(asked).toBeHidden();
});

test('day, mission and checks are carried over, ticked for each roll, and kept', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await page.getByText('Day and mission').click();
  await page.getByLabel('How rested').selectOption('tired');
  await addTags(page, 'Sore', 'left knee', 'neck');
  await page.getByLabel('Mission', { exact: true }).fill('Knee shield first');
  await page.getByLabel('Check 1', { exact: true }).fill('Elbow inside');
  await page.getByLabel('Kept check 1').check();
  await telling(page).fill('I swept Maple.');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Saved.')).toBeVisible();
  await expect(page.getByLabel('Mission', { exact: true })).toHaveValue('Knee shield first');
  await expect(page.getByLabel('Kept check 1')).not.toBeChecked();
  await page.getByRole('button', { name: 'See it on the rack' }).click();
  await expect(page.getByRole('heading', { name: 'Mission: Knee shield first' })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'Elbow inside' })).toBeChecked();
  const id = page.url().split('/').at(-1)!;
  const { session } = (await (await page.request.get(`${app.url}/api/rolls/${id}`)).json()) as {
    session: { state: unknown };
  };
  expect(session.state).toEqual({ energy: 'tired', sore: ['left knee', 'neck'] });
  await page.goto(`${app.url}/#/log`);
  await page.getByText('Day and mission').click();
  await page.getByLabel('How rested').selectOption('');
  for (const sore of ['left knee', 'neck'])
    await page.getByRole('button', { name: `Take out ${sore}` }).click();
  await page.getByLabel('Mission', { exact: true }).fill('');
});

test('what stands around a roll is changed, and any earlier form is put back', async ({ page }) => {
  await page.goto(`${app.url}/#/rack/s1121-2`);
  await page.getByRole('button', { name: 'About this roll' }).click();
  const dialog = page.getByRole('dialog');
  await choose(dialog, 'Partner', 'Maple');
  await dialog.getByLabel('They went').selectOption('hard');
  await dialog.getByLabel('Takeaways, one a line').fill('Frame before turning.\nBreathe.');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('heading', { name: 'With Maple' })).toBeVisible();
  await expect(page.getByText('Frame before turning.')).toBeVisible();

  await page
    .getByRole('button', { name: /They landed/ })
    .first()
    .click();
  // It has a cause already, so the causes stand open.
  await dialog.getByRole('button', { name: 'tunnel vision', exact: true }).click();
  await dialog.getByLabel('Advice', { exact: true }).fill('Look up first');
  await dialog.getByLabel('Who said it').first().fill('coach');
  await dialog.getByLabel('At, minutes and seconds').fill('2:05');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog).toHaveCount(0);
  const kept = async () =>
    JSON.stringify(await (await page.request.get(`${app.url}/api/rolls/s1121-2`)).json());
  expect(await kept()).toContain('"tunnel vision"],"advice":[{"text":"Look up first","from":"coach"}]');

  await page.getByRole('tab', { name: 'Earlier forms (2)' }).click();
  await expect(page.getByRole('button', { name: 'Put back' })).toHaveCount(2);
  await page.getByRole('button', { name: 'Put back' }).last().click();
  await expect(page.getByRole('heading', { name: 'With Birch' })).toBeVisible();
  expect(await kept()).not.toContain('tunnel vision');
  await expect(page.getByText('Earlier forms (3)')).toBeVisible();
});

test('a partner entered twice is made one, and two again', async ({ page }) => {
  await page.goto(`${app.url}/#/partners`);
  await page.getByRole('link', { name: 'Sorrel', exact: true }).click();
  await page.getByRole('button', { name: 'Edit Sorrel' }).click();
  await choose(page, 'Sorrel is the same as', 'Maple');
  await page.getByRole('button', { name: 'Make them one' }).click();
  await expect(page.getByText('also Sorrel')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Sorrel', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('They are two again.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: 'Sorrel', exact: true })).toBeVisible();
  await expect(page.getByText('also Sorrel')).toHaveCount(0);
});

test('a dictated telling runs into the line word by word and is read as it comes', async ({ page }) => {
  await page.goto(`${app.url}/#/log`);
  await page.getByRole('button', { name: 'Play a dictated one' }).click();
  await expect(page.getByRole('button', { name: /guard pull/ })).toBeVisible({ timeout: 10_000 });
  await expect(
    page.getByRole('button', { name: /They landed the guard pull: standing to their closed guard/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Stop the dictation' }).click();
  const so = await telling(page).inputValue();
  expect(so.split(' ').length).toBeLessThan(60);
  await page.waitForTimeout(800);
  await expect(telling(page)).toHaveValue(so);
});
