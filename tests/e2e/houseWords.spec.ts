import { expect, test, type Page } from '@playwright/test';
import { boardOf } from '../support/boardDriver';
import { openOwnClub } from '../support/club/ownClub';
import { beginEmptyBoard, endAtBoard, openPage, signInCoach, takeSeat } from '../support/visitors';

const club = openOwnClub();
const CLASS = 'Tidepool class';

test('a coach gives a class its own words, is warned of one with two meanings, and the children read them', async ({
  page,
  browser,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/club');
  const words = page.getByRole('region', { name: 'House words' });
  await words.getByLabel('For', { exact: true }).selectOption({ label: CLASS });
  await expect(words.getByRole('radio', { name: 'Every reason' })).toBeChecked();
  await words.getByLabel('Your word for pawn').fill('guardsman');
  await words.getByLabel('Your word for rook').fill('guardsman');
  await expect(words.getByText(/"guardsman" would mean two things here: pawn and rook/)).toBeVisible();
  await words.getByLabel('Your word for rook').fill('');
  await words.getByRole('button', { name: 'Save these words' }).click();
  await expect(words.getByText(`Saved for ${CLASS}. These words are used from now on.`)).toBeVisible();

  const child = await (await browser.newContext({ viewport: { width: 820, height: 1180 } })).newPage();
  await takeSeat(child, club().classes.tidepool.code, 'Limpet');
  await openPage(child, '/seat/pawns');
  await boardOf(child).play('e2', 'e4');
  await expect(child.getByText(/guardsman/).first()).toBeVisible();

  // The big board speaks to that class, and to another one as before.
  await expectAtBoard(page, CLASS, 'g1, white guardsman');
  await expectAtBoard(page, 'Harbour class', 'g1, white pawn');
});

/** Begins a lesson with an empty board, puts one pawn on it, and ends the lesson. */
async function expectAtBoard(page: Page, className: string, name: string): Promise<void> {
  await beginEmptyBoard(page, className);
  const square = page.locator('[data-square="6"]');
  await square.focus();
  await page.keyboard.press('p');
  await expect(square).toHaveAccessibleName(name);
  await page.keyboard.press('e');
  await endAtBoard(page);
}
