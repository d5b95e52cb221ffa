import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, waitUntilAwake } from '../support/visitors';

const club = openOwnClub();

test('a lead adds a term, takes the classes into it in one step, merging two, and takes it back', async ({
  page,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/classes/terms');
  await page.getByLabel('Name of the term').fill('Far crossing');
  await page.getByLabel('First day').fill('2031-01-06');
  await page.getByLabel('Last day').fill('2031-03-28');
  await page.getByRole('button', { name: 'Add the term' }).click();
  const row = page.getByRole('listitem').filter({ hasText: 'Far crossing' });
  await expect(row).toContainText('6 January 2031 to 28 March 2031, 0 classes');
  await row.getByRole('link', { name: 'Move classes into it' }).click();
  await page.waitForURL('**/classes/terms/*');
  await expect(page.getByText(/^\d+ classes, \d+ children\.$/)).toBeVisible();
  // Tidepool joins Harbour, but Acorn goes up to Lantern; Pip leaves.
  await page.getByLabel('Move all of Tidepool class to').selectOption({ label: 'Harbour class' });
  await page.getByLabel('Acorn goes to').selectOption({ label: 'Lantern class' });
  await page.getByLabel('Pip goes to').selectOption({ label: 'leaves the club’s classes' });
  await expect(page.getByText('no child moves there, so it is not created')).toBeVisible();
  await page.getByRole('button', { name: 'Begin Far crossing' }).click();
  await expect(
    page.getByText(/Far crossing has begun: \d+ classes made, \d+ children moved and 1 child left/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Pip goes to')).toHaveValue('leaves');
  await openPage(page, '/classes');
  const { code } = club().classes.lantern;
  const now = page.getByRole('link', { name: `Lantern class 8 children, level 3 Class code ${code}` });
  await expect(now).toBeVisible();
});

test('children come from a list, the bad rows told; one is moved and moved back', async ({ page }) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/classes');
  await page.getByLabel('Name of a new class').fill('Ferry class');
  await page.getByRole('button', { name: 'Make a class' }).click();
  await page.getByRole('link', { name: /Ferry class/ }).click();
  await page.waitForURL('**/classes/*');
  await page.getByRole('link', { name: 'Children from a list' }).click();
  await page.waitForURL('**/import');
  await waitUntilAwake(page);
  await page
    .getByLabel('Paste a list, one child per line')
    .fill('name,phone\nGannet,12\n,13\nSkua,14\nskua,15\n');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(page.getByText('4 rows read, 2 not offered. Left out: phone.')).toBeVisible();
  await expect(page.getByRole('row', { name: /5 skua is in the list twice/ })).toBeVisible();
  await page.getByRole('button', { name: 'Add 2 children' }).click();
  await expect(page.getByText('2 children added.')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Gannet' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the class' }).click();
  await page.getByRole('button', { name: 'Move children' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Skua').check();
  await dialog.getByLabel('Into').selectOption({ label: 'Tidepool class' });
  await dialog.getByRole('button', { name: 'Move', exact: true }).click();
  await expect(dialog.getByText('1 child moved. Their answers stay with them.')).toBeVisible();
  await expect(page.getByText('Left this class')).toBeVisible();
  await dialog.getByRole('button', { name: 'Undo' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Left this class')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Rename: Skua' })).toBeVisible();
});
