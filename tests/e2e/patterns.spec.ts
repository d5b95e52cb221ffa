import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { boardOf } from '../support/boardDriver';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, takeSeat, openSet } from '../support/visitors';

const club = openOwnClub();

const SMOTHERED = 'n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1';

test('a coach gets from a pasted mate to a staircase on the seats of a class, and a child climbs it', async ({
  page,
  browser,
}) => {
  test.setTimeout(240_000);
  await signInCoach(page, club().lead);
  await openPage(page, '/desk');
  await page.getByLabel('FEN of this position').fill(SMOTHERED);
  await page.getByRole('button', { name: 'Set up' }).click();
  // Three more presses: Staircase, the class, Make.
  await page.getByRole('link', { name: 'Staircase' }).click();
  await expect(page.getByRole('checkbox', { name: '1. Mate in 1' })).toBeChecked();
  await expect(page.getByText(/The same idea without 9 pieces/).first()).toBeVisible();
  await page.getByLabel('Give it to').selectOption({ label: 'Tidepool class' });
  await page.getByRole('button', { name: 'Make the set and give it' }).click();
  // Each stair is proved once more by threads that others use as well; the page says how far it is.
  await expect(page.getByText(/Tidepool class can see it now/)).toBeVisible({
    timeout: 150_000,
  });
  const axe = await new AxeBuilder({ page }).analyze();
  expect(axe.violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([]);

  const child = await (await browser.newContext({ viewport: { width: 820, height: 1180 } })).newPage();
  await takeSeat(child, club().classes.tidepool.code, 'Acorn');
  await openSet(child, 'Staircase to a mate in 2');
  await expect(boardOf(child).square('h6')).toHaveAccessibleName('h6, white knight');
  await boardOf(child).play('h6', 'f7');
  await expect(child.getByText('Yes, checkmate. It is called: Smothered mate.')).toBeVisible();
});

test('the pattern book: a mate is looked for, opened, turned, and its steps go to the Desk', async ({
  page,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/patterns');
  await expect(page.getByText('All 34 named mates.')).toBeVisible();
  const seriousOf = async () => {
    const { violations } = await new AxeBuilder({ page }).analyze();
    return violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  };
  expect(await seriousOf()).toEqual([]);
  await page.getByLabel('Look for a name, a piece or a square').fill('cozio');
  await expect(page.getByText('1 named mate.')).toBeVisible();
  await page.getByRole('link', { name: /Dovetail mate/ }).click();
  await expect(page.getByRole('heading', { name: 'Dovetail mate' })).toBeVisible();
  await page.getByRole('button', { name: 'Other colour' }).click();
  await page.getByRole('button', { name: 'Other wing' }).click();
  expect(await seriousOf()).toEqual([]);
  await page.getByRole('link', { name: /Mate in 2/ }).click();
  await page.waitForURL('**/desk?fen=*');
  await page.getByRole('button', { name: 'Prove', exact: true }).click();
  await expect(page.getByText(/^White mates in 2; one key/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Dovetail mate' })).toBeVisible();
});
