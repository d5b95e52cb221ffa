/** A coach's own board: pasted at the big board, asked about in two ways, answered at a seat, kept in a set from the Desk. */
import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { boardOf } from '../support/boardDriver';
import {
  beginEmptyBoard,
  endAtBoard,
  makeClassWithChild,
  openPage,
  signInCoach,
  takeSeat,
} from '../support/visitors';

const club = openOwnClub();
const CLASS = 'Paste class';
/** White: king, rook and two pawns. Nothing can be captured; the rook can go to 12 squares. */
const FEN = '4k3/8/8/1n6/8/8/5PP1/R5K1 w - - 0 1';

test('a pasted position is asked about in two ways, and a child answers each in its own way', async ({
  browser,
}) => {
  const open = async (viewport: { width: number; height: number }) =>
    (await browser.newContext({ viewport })).newPage();
  const coach = await open({ width: 1280, height: 800 });
  await signInCoach(coach, club().lead);
  const { code, key } = await makeClassWithChild(coach, CLASS, 'Ember');
  const child = await open({ width: 390, height: 844 });
  await takeSeat(child, code, 'Ember', key);
  await beginEmptyBoard(coach, CLASS);
  await coach.keyboard.press('e');
  await coach.evaluate((text) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text', text);
    document.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true }));
  }, FEN);
  await expect(coach.getByRole('gridcell', { name: 'b5, black knight' })).toBeVisible();

  // The page tells the child by itself that the lesson has begun.
  await child.getByRole('link', { name: /board/i }).first().click();
  await coach.keyboard.press('p');
  await coach.getByRole('button', { name: 'Tap every piece and pawn that White can capture.' }).click();
  await expect(child.getByText('Tap every piece and pawn that White can capture.')).toBeVisible();
  await child.getByRole('button', { name: 'None' }).click();
  await expect(child.getByText('Yes, that is right.')).toBeVisible();
  await coach.keyboard.press('s');
  await expect(coach.getByText('none', { exact: true })).toBeVisible();

  await coach.keyboard.press('p');
  await coach.getByRole('button', { name: 'Choose squares' }).click();
  await boardOf(coach).square('a1').click();
  await coach.getByRole('button', { name: 'How many squares can this rook go to?' }).click();
  const field = child.getByRole('textbox', { name: 'Your number' });
  await field.fill('12');
  await field.press('Enter');
  await expect(child.getByText('Yes, that is right.')).toBeVisible();
  await endAtBoard(coach);
});

test('a question of the board on the Desk is put into a set and lies there with its answer', async ({
  page,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, `/desk?fen=${encodeURIComponent(FEN)}`);
  await page.getByRole('tab', { name: 'Questions' }).click();
  await page.getByRole('textbox', { name: 'Find a question' }).fill('nobody protects');
  await page.getByRole('button', { name: 'Tap every black piece and pawn that nobody protects.' }).click();
  await page.getByRole('button', { name: 'Show the answer' }).click();
  await expect(page.getByText('Right: b5.')).toBeVisible();
  await page.getByRole('combobox', { name: 'Set' }).selectOption({ label: 'a new set ...' });
  await page.getByRole('textbox', { name: 'Name of the new set' }).fill('From my own board');
  await page.getByRole('button', { name: 'Add question' }).click();
  await expect(page.getByText('Added to From my own board as number 1.')).toBeVisible();
});
