import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, waitUntilAwake } from '../support/visitors';

const club = openOwnClub();

/** As a child writes: no check signs, a figure for castling, and an end that cannot be. */
const SHEET = `1. e4 e5 2. Nf3 d6 3. Bc4 Bg4 4. Nc3 g6 5. Nxe5 Bxd1 6. Nxd1 dxe5 7. 0-0 Ke5`;

test('a score sheet is looked through, kept for its child, and the mate that was missed becomes a puzzle', async ({
  page,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/games');
  await page.getByRole('link', { name: 'Import games' }).click();
  await page.waitForURL('**/games/import');
  await waitUntilAwake(page);
  await page.getByLabel('Or paste a score sheet').fill(SHEET);
  await page.getByRole('button', { name: 'Check the games' }).click();
  await expect(page.getByText('1 game checked.')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('Move 6, White: White had a mate in 2 here. They played Nxd1.')).toBeVisible();
  await expect(page.getByText(/Read up to here: .*Ke5/)).toBeVisible();
  await page.getByLabel('Whose game is game 1').selectOption({ label: 'Moss, Lantern class' });
  await page.getByRole('button', { name: 'Save game 1' }).click();
  await page.getByRole('link', { name: 'Open the game' }).click();
  await page.waitForURL(/games\/\d+$/);
  await waitUntilAwake(page);
  await expect(page.getByText('A game of Moss.')).toBeVisible();
  await expect(page.getByText('Moss had a mate in 2 here. They played Nxd1.')).toBeVisible();
  await page.getByRole('button', { name: 'Show Move 6, White' }).click();
  await expect(page.getByRole('img', { name: 'The position after Bxd1' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('img', { name: 'The position after 6. Nxd1' })).toBeVisible();
  const game = page.url();
  await page.getByLabel('Add them to').selectOption('new');
  await page.getByLabel('Name of the new set').fill('From our own games');
  await page.getByRole('button', { name: 'Store 1 puzzle' }).click();
  await page.getByRole('link', { name: 'Open the set' }).click();
  await expect(page.getByRole('heading', { name: '1. White mates in 2' })).toBeVisible();
  await page.getByRole('link', { name: 'Game 1' }).click();
  await page.waitForURL(game);
  await expect(page.getByLabel(/already in From our own games/)).toBeVisible();
});
