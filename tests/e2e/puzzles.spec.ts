import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, waitUntilAwake } from '../support/visitors';

const club = openOwnClub();

test('a coach filters for mates in two that end in a named mate, leaves one out and has the rest in a set', async ({
  page,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/sets');
  await page.getByRole('link', { name: 'Compose puzzles' }).click();
  await page.waitForURL('**/sets/compose');
  await waitUntilAwake(page);
  await page.getByLabel('Length').selectOption('2');
  await page.getByRole('combobox', { name: 'Ends in' }).click();
  await page.getByRole('option', { name: 'Smothered mate' }).click();
  await page.keyboard.press('Escape');
  await page.getByLabel('To move').selectOption('white');
  await page.getByLabel('How many').fill('3');
  await page.getByRole('button', { name: 'Compose' }).click();
  await expect(page.getByText('3 puzzles, each proved.')).toBeVisible();
  await expect(page.getByRole('img', { name: /^Puzzle \d, White to move$/ })).toHaveCount(3);
  await page.getByRole('checkbox', { name: '2. Mate in 2' }).uncheck();
  await page.getByLabel('Add them to').selectOption('new');
  await page.getByLabel('Name of the new set').fill('Smothered, fresh');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([]);
  await page.getByRole('button', { name: 'Store 2 puzzles' }).click();
  await expect(page.getByText(/2 puzzles stored, each proved once more\./)).toBeVisible();
  await page.getByRole('link', { name: 'Open the set' }).click();
  await expect(page.getByRole('heading', { name: 'Smothered, fresh' })).toBeVisible();
  await expect(page.getByText(/^2 mates in 2\..* Every mate is proved\./)).toBeVisible();
});

test('a search that takes long shows what is there so far and can be stopped', async ({ page }) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/sets/compose');
  await page.getByLabel('Length').selectOption('4');
  await page.getByLabel('Begins with').selectOption('promotion');
  await page.getByLabel('How many').fill('24');
  await page.getByRole('button', { name: 'Compose' }).click();
  await expect(page.getByText(/of 24 so far/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText(/^Stopped with \d+ puzzles?\.$/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Compose others' })).toBeEnabled();
});
