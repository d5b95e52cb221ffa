import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, takeSeat } from '../support/visitors';

const SET = 'Two crossings';
const club = openOwnClub({ given: [{ set: SET, to: 'harbour' }] });

test.beforeEach(({ page }) => signInCoach(page, club().coach));

test('a coach renames a child, gives a new key that works at once, and removes the child', async ({
  page,
  browser,
}) => {
  await openPage(page, '/classes');
  // Only the class this coach teaches is there.
  await expect(page.getByRole('link', { name: /Lantern class/ })).toHaveCount(0);
  await page
    .getByRole('link', { name: /Harbour class/ })
    .first()
    .click();
  await expect(page.getByText('A nickname is enough')).toBeVisible();
  await page.getByLabel(/Add a child/).fill('Lugworm');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Done' }).click();

  await page.getByRole('button', { name: 'Rename: Lugworm' }).click();
  await dialog.getByLabel('New nickname').fill('Limpet');
  await dialog.getByRole('button', { name: 'Rename' }).click();
  await expect(page.getByRole('button', { name: 'Rename: Limpet' })).toBeVisible();

  await page.getByRole('button', { name: 'New key: Limpet' }).click();
  await dialog.getByRole('button', { name: 'Make a new key' }).click();
  await expect(dialog.getByText('The key of Limpet')).toBeVisible();
  const key = (await dialog.getByRole('listitem').allInnerTexts()).map((text) =>
    text.replace(/^\s*\d+\.\s*/, '').trim(),
  );
  await dialog.getByRole('button', { name: 'Done' }).click();
  const child = await (await browser.newContext()).newPage();
  await takeSeat(child, club().classes.harbour.code, 'Limpet', key);
  await expect(child.getByRole('heading', { name: 'Hello Limpet.' })).toBeVisible();

  await page.getByRole('button', { name: 'Remove: Limpet' }).click();
  await dialog.getByRole('button', { name: 'Remove from class' }).click();
  await expect(page.getByRole('button', { name: 'Remove: Limpet' })).toHaveCount(0);
  await child.reload();
  await expect(child.getByText('No tasks from your coach yet.')).toBeVisible();
  await child.context().close();
});

test('a set can be given once only, a puzzle opened on the Desk and taken out of a set', async ({ page }) => {
  await openPage(page, '/sets');
  await page.getByRole('link', { name: /Two crossings/ }).click();
  await page.getByRole('button', { name: 'Give to class' }).click();
  await expect(page.getByText('Harbour class can see it now.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Answers' })).toHaveCount(1);
  await page.getByRole('switch', { name: 'Show solutions' }).check({ force: true });
  await expect(page.getByText(/^Key: /).first()).toBeVisible();
  await page.getByRole('link', { name: 'Open on the Desk' }).first().click();
  await expect(page.getByText('This position is possible.')).toBeVisible();
  await page.goBack();
  await page.getByRole('button', { name: 'Remove task 14' }).click();
  await expect(page.getByRole('button', { name: /^Remove task \d+$/ })).toHaveCount(13);
});

test('signing out ends the session', async ({ page }) => {
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL(/\/$/);
  await openPage(page, '/desk');
  await expect(page).toHaveURL(/\/sign-in$/);
});
