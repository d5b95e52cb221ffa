import { expect, test } from '@playwright/test';
import { openTapTask, type TapFamilyId } from '@/core/exercises';
import { composeTapTask } from '@/core/compose';
import { makeSquareName } from '@/core/board';
import { boardOf } from '../support/boardDriver';
import { signInCoach } from '../support/visitors';

/** The first task of a family at its first level, as the page shows it. */
function firstTask(family: TapFamilyId) {
  const { solution } = openTapTask(composeTapTask(family, 1, 1));
  const squares = Array.from({ length: 64 }, (_, square) => square);
  return {
    right: solution.map(makeSquareName),
    wrong: makeSquareName(squares.find((square) => !solution.includes(square)) ?? 0),
  };
}

test.beforeEach(async ({ page }) => {
  await signInCoach(page);
  await page.goto('/exercises');
  // The first task is made in the browser: when it stands there, the page listens.
  await page.getByRole('heading', { name: /Tap the square/ }).waitFor();
});

test.describe('by touch, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('what is too much is explained, what is missing only counted, then it is right', async ({ page }) => {
    await page.getByLabel('Exercise', { exact: true }).selectOption('captures');
    await expect(page.getByRole('heading', { name: /can take/ })).toBeVisible();
    const board = boardOf(page);
    const { right, wrong } = firstTask('captures');
    await board.square(wrong).tap();
    await page.getByRole('button', { name: 'Done' }).tap();
    await expect(page.getByText(/1 square too many/)).toBeVisible();
    await expect(page.getByText(new RegExp(`^${wrong}: `))).toBeVisible();
    await board.square(wrong).tap();
    for (const name of right) await board.square(name).tap();
    await page.getByRole('button', { name: 'Done' }).tap();
    await expect(page.getByText(/^Yes/)).toBeVisible();
    await page.getByRole('button', { name: 'Next' }).tap();
    await expect(page.getByLabel('Number of the task')).toHaveValue('2');
  });
});

test('the same by keyboard alone: arrows and Enter on the board, Tab to the buttons', async ({ page }) => {
  const [asked = 'a1'] = firstTask('find-square').right;
  await expect(page.getByRole('heading', { name: `Tap the square ${asked}.` })).toBeVisible();
  const board = boardOf(page);
  await board.square('a1').focus();
  for (let file = 'a'.charCodeAt(0); file < asked.charCodeAt(0); file += 1)
    await page.keyboard.press('ArrowRight');
  for (let rank = 1; rank < Number(asked.charAt(1)); rank += 1) await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Yes, that is it.')).toBeVisible();
});

test('who gives up is shown every right square and why', async ({ page }) => {
  await page.getByLabel('Exercise', { exact: true }).selectOption('reach');
  await expect(page.getByRole('heading', { name: /can go to/ })).toBeVisible();
  const { right, wrong } = firstTask('reach');
  await boardOf(page).square(wrong).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Show me' }).click();
  await expect(page.getByText(new RegExp(`^${right[0]}: .* gets there`))).toBeVisible();
  await expect(page.getByRole('button', { name: 'Next' })).toBeVisible();
});
