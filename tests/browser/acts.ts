import type { Locator, Page } from '@playwright/test';

/** Chooses one of many by a part of its name, as a person does: writes it, and takes what is offered. */
export async function choose(scope: Page | Locator, label: string, name: string) {
  const box = scope.getByRole('combobox', { name: label, exact: true });
  await box.fill(name);
  const page = 'page' in scope ? scope.page() : scope;
  await page.getByRole('option', { name }).first().click();
}

/** The one of a few that stands in sight. */
export const segment = (page: Page, label: string, name: string) =>
  page.getByRole('radiogroup', { name: label }).getByText(name, { exact: true });

/** Adds words to a list of them. */
export async function addTags(scope: Page | Locator, label: string, ...words: string[]) {
  const box = scope.getByRole('textbox', { name: label, exact: true });
  for (const word of words) {
    await box.fill(word);
    await box.press('Enter');
  }
}
