import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, takeSeat } from '../support/visitors';

const club = openOwnClub();

test('a child sees its path and practises what is next; a round that is left is found again', async ({
  page,
}) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await takeSeat(page, club().classes.harbour.code, 'Fern');
  await page.getByRole('link', { name: 'My path' }).click();
  await expect(page.getByRole('heading', { name: 'My path' })).toBeVisible();
  await expect(page.locator('[aria-current=step]')).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Practise: Forced mates' })).toBeVisible();
  await page.getByRole('button', { name: 'Practise: Writing moves' }).click();
  await page.waitForURL('**/practice/*');
  await expect(page.getByText('Task 1 of 6')).toBeVisible();
  await page.getByRole('button', { name: 'Later' }).click();
  await expect(page.getByText('Task 2 of 6')).toBeVisible();
  await page.getByRole('button', { name: 'My path' }).click();
  await page.waitForURL('**/seat/path');
  await page.goBack();
  await expect(page.getByText('Task 2 of 6')).toBeVisible();
});

test('the coach orders the path by buttons, by keyboard and by drag, and closes a stage', async ({
  page,
}) => {
  await signInCoach(page, club().coach);
  await openPage(page, '/classes');
  await page
    .getByRole('link', { name: /Harbour class/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Path of the class' }).click();
  const rows = page.getByRole('listitem');
  await expect(rows.first()).toContainText('1. The board');
  await page.getByRole('button', { name: 'The board: later' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await expect(rows.first()).toContainText('1. How the pieces move');
  // By keyboard: take it up, move it up, lay it down.
  await page.getByRole('button', { name: 'Move The board' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('The board is over position 2.')).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('The board is over position 1.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(rows.first()).toContainText('1. The board');
  // By mouse: the third above the first.
  const from = await page.getByRole('button', { name: 'Move Capturing' }).boundingBox();
  const to = await page.getByRole('button', { name: 'Move The board' }).boundingBox();
  if (from === null || to === null) throw new Error('both rows are on the screen');
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(to.x + 20, to.y + 40, { steps: 8 });
  await page.mouse.move(to.x + 20, to.y + 4, { steps: 4 });
  await page.mouse.up();
  await expect(rows.first()).toContainText('1. Capturing');
  await page.getByRole('switch', { name: 'Capturing is open' }).setChecked(false);
  await page
    .getByLabel('Start from an order')
    .selectOption({ label: 'Mate early: after the board and the pieces' });
  await expect(rows.nth(2)).toContainText('3. Check, mate and draws');
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.reload();
  await expect(rows.nth(2)).toContainText('3. Check, mate and draws');
  await expect(page.getByRole('switch', { name: 'Capturing is open' })).not.toBeChecked();
});
