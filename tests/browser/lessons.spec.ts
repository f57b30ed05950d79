import { expect, test } from './fixtures';
import { App } from './app';

const app = new App('serve');
test.beforeAll(() => app.start());
test.afterAll(() => app.end());

const sizes = [
  { name: 'wide', use: { viewport: { width: 1280, height: 800 } } },
  { name: 'on a phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } },
];

for (const [i, { name, use }] of sizes.entries()) {
  test.describe(name, () => {
    test.use(use);

    test('a lesson is told with the roll, shown as one, found again, and opened from its roll', async ({
      page,
    }) => {
      const partner = ['Tansy', 'Yarrow'][i] ?? '';
      const mine = ['shin across first', 'elbow glued to the rib'][i] ?? '';
      const theirs = ['when he sweeps I post and pass', 'never cross the feet, I footlock that'][i] ?? '';
      await page.goto(`${app.url}/#/log`);
      await page
        .getByLabel('Tell the roll')
        .fill(
          `Rolled with ${partner}. I was in half guard. He knee cut me to side control.\n` +
            `Takeaways: ${mine}\nCoach said: ${theirs}`,
        );
      await expect(page.getByText(`Takeaway: ${mine}`)).toBeVisible();
      await expect(page.getByText(`Takeaway: Coach said: ${theirs}`)).toBeVisible();
      await expect(page.getByRole('button', { name: /They landed|You landed/ })).toHaveCount(1);
      const kept = page.waitForResponse((answer) => answer.url().endsWith('/telling') && answer.ok());
      await page.getByRole('button', { name: /^Save/ }).click();
      await kept;
      await expect(page.getByLabel('Tell the roll')).toHaveValue('');

      await page.goto(`${app.url}/#/plan`);
      await page.getByRole('link', { name: 'Lessons' }).click();
      await page.getByPlaceholder(/^Find/).fill(mine.split(' ').slice(0, 2).reverse().join(' '));
      await expect(page.getByText('1 lesson', { exact: true })).toBeVisible();
      await expect(page.getByText(mine)).toBeVisible();
      await page.getByPlaceholder(/^Find/).fill('zebra');
      await expect(page.getByText('Nothing of that kind. Fewer words find more.')).toBeVisible();
      await page.getByPlaceholder(/^Find/).fill(`coach ${theirs.split(' ')[1]}`);
      await expect(page.getByText(theirs)).toBeVisible();
      await page.getByRole('article').getByRole('link').first().click();
      await expect(page.getByRole('heading', { name: `With ${partner}` })).toBeVisible();

      await page.getByRole('button', { name: 'About this roll' }).click();
      const about = page.getByRole('dialog', { name: 'About this roll' });
      await about.getByLabel('Missed chances, one a line').fill('The back was there.');
      await about.getByLabel('Taught that day, one a line').fill('Knee shield.\nShin across.');
      await about.getByLabel('Meant').selectOption('survive');
      await about.getByLabel('Mission', { exact: true }).fill('stop the knee cut');
      await about.getByLabel('Check 1').last().fill('shin first');
      await about.getByRole('button', { name: 'Keep', exact: true }).click();
      await expect(page.getByText('The back was there.')).toBeVisible();
      await expect(page.getByText('Shin across.', { exact: true })).toBeVisible();
      await expect(
        page.getByText('Meant to survive: they tried once, 1 of 1 came off; not tapped.'),
      ).toBeVisible();
      await expect(page.getByText('They tried the knee cut pass once; 1 of 1 came off.')).toBeVisible();

      // Checks are counted per try, and what was counted stays when the head is changed.
      await page.getByRole('button', { name: 'Met: shin first', exact: true }).click();
      await expect(page.getByText('met 1 of 1')).toBeVisible();
      await page.getByRole('button', { name: 'Not met: shin first' }).click();
      await expect(page.getByText('met 1 of 2')).toBeVisible();
      await page.getByRole('button', { name: 'About this roll' }).click();
      await about.getByLabel('Minutes').fill('6');
      await about.getByRole('button', { name: 'Keep', exact: true }).click();
      await expect(page.getByText('met 1 of 2')).toBeVisible();
    });
  });
}

test('the demo has something to remember about its first spot', async ({ page, demo: shared }) => {
  const demo = await shared();
  await page.goto(`${demo.url}/#/weak-spots`);
  await expect(page.getByRole('heading', { name: 'What you wanted to remember' })).toBeVisible();
  await page.getByRole('link', { name: /^(All \d+ lessons|In the register)$/ }).click();
  await expect(page.getByText(/^About: They pass your half guard/)).toBeVisible();
  await expect(page.getByText('Frame on the biceps before the knee cut crosses.')).toBeVisible();
});
