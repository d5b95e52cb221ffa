import { expect, test } from '@playwright/test';
import { boardOf } from '../support/boardDriver';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach } from '../support/visitors';

const club = openOwnClub();

test.beforeEach(({ page }) => signInCoach(page, club().lead));

test('men are placed by tap, by drag and by keyboard; faults are named as one goes', async ({ page }) => {
  const board = boardOf(page);
  await expect(page.getByText('White has no king. Put one on the board.')).toBeVisible();
  await page.getByRole('button', { name: 'white king' }).click();
  await board.square('e1').click();
  await page.getByRole('button', { name: 'white king' }).click();
  await expect(page.getByText('White has no king')).toBeHidden();

  const from = await page.getByRole('button', { name: 'black king' }).boundingBox();
  const to = await board.square('e8').boundingBox();
  if (from === null || to === null) throw new Error('not on the screen');
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(to.x + 30, to.y + 30, { steps: 8 });
  await page.mouse.up();
  await expect(board.square('e8')).toHaveAccessibleName('e8, black king');
  await expect(page.getByText('This position is possible.')).toBeVisible();

  await board.square('a1').focus();
  await page.keyboard.press('r');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Shift+P');
  await expect(board.square('a1')).toHaveAccessibleName('a1, white rook');
  await expect(board.square('a2')).toHaveAccessibleName('a2, black pawn');
  await page.keyboard.press('Delete');
  await expect(board.square('a2')).toHaveAccessibleName('a2, empty');
  await board.drag('a1', 'a8');
  await expect(page.getByText(/Black is in check from a8/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(board.square('a1')).toHaveAccessibleName('a1, white rook');
  await page.getByRole('button', { name: 'Black to move instead' }).click();
  await expect(page.getByRole('heading', { name: 'Black to move' })).toBeVisible();
});

test('the hand makes moves of either side by drag and tap; a forbidden one goes home, and H leads home', async ({
  page,
}) => {
  await openPage(page, `/desk?fen=${encodeURIComponent('4k3/8/8/8/8/8/4P3/4K2R w K - 0 1')}`);
  const board = boardOf(page);
  await page.getByText('Make moves').click();
  await board.drag('h1', 'h7');
  await board.play('e2', 'e4');
  await expect(page.getByText('The pawn goes to e4. H goes back home.')).toBeVisible();
  await board.drag('e8', 'e7');
  await expect(
    page.getByText('A king never moves into check: the rook on h7 attacks that square. The piece goes back.'),
  ).toBeVisible();
  await expect(board.square('e8')).toHaveAccessibleName('e8, black king');
  await page.keyboard.press('h');
  await expect(board.square('h1')).toHaveAccessibleName('h1, white rook');
  await page.getByRole('button', { name: 'Step on' }).click();
  await expect(board.square('h7')).toHaveAccessibleName('h7, white rook');
});

test('a bad FEN is explained, stays in the field, and leaves the board alone', async ({ page }) => {
  const field = page.getByLabel('FEN of this position');
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await field.fill('4k3/8/8/8/8/8/8/4X3 w - - 0 1');
  await page.getByRole('button', { name: 'Set up' }).click();
  await expect(page.getByText('"X" at place 18 of the board is not a piece.')).toBeVisible();
  await expect(field).toHaveValue('4k3/8/8/8/8/8/8/4X3 w - - 0 1');
  await expect(boardOf(page).square('e2')).toHaveAccessibleName('e2, white pawn');
  await page.getByRole('button', { name: 'Keep the board' }).click();
  await expect(field).toHaveValue(/^rnbqkbnr/);
});

test('an impossible position can neither be proved nor added', async ({ page }) => {
  await openPage(page, `/desk?fen=${encodeURIComponent('4k3/8/8/8/8/8/4R3/4K3 w - - 0 1')}`);
  await expect(page.getByText(/Black is in check from e2, but it is White's move/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Prove', exact: true })).toBeDisabled();
  await expect(page.getByRole('button', { name: 'Add to set' })).toBeDisabled();
});

test('a proof that takes long can be stopped at once, and the next one works', async ({ page }) => {
  // Every position of this size is decided within a second, so a worker that is busy for ever stands in for a long proof.
  await page.addInitScript(() => {
    const RealWorker = window.Worker;
    let made = 0;
    window.Worker = class extends RealWorker {
      readonly isBusy = (made += 1) === 1;
      override postMessage(message: unknown) {
        if (!this.isBusy) super.postMessage(message);
      }
    };
  });
  await openPage(page, `/desk?fen=${encodeURIComponent('k7/8/2K5/8/8/8/8/1R6 w - - 0 1')}`);
  await page.getByRole('button', { name: 'Prove', exact: true }).click();
  await expect(page.getByText('Starting ...')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add to set' })).toBeDisabled();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Stopped before anything was proved.')).toBeVisible();
  await page.getByRole('button', { name: 'Prove', exact: true }).click();
  await expect(page.getByText(/White mates in 2/)).toBeVisible();
});

test('there is no mate where there is none, and it says within how many moves', async ({ page }) => {
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.getByRole('button', { name: 'Prove', exact: true }).click();
  await expect(page.getByText('Proved: White has no forced mate in 3 or fewer.')).toBeVisible();
});

test('a double click on Add stores the puzzle once', async ({ page }) => {
  await openPage(page, `/desk?fen=${encodeURIComponent('k7/8/2K5/8/8/8/8/1R6 w - - 0 1')}`);
  await page.getByRole('button', { name: 'Prove', exact: true }).click();
  await expect(page.getByText(/White mates in/)).toBeVisible();
  await page.getByLabel('Set', { exact: true }).selectOption({ label: 'a new set ...' });
  await page.getByLabel('Name of the new set').fill('Twice');
  await page.getByRole('button', { name: 'Add to set' }).dblclick();
  await expect(page.getByText('Added to Twice as number 1.')).toBeVisible();
  await page.getByRole('link', { name: 'Sets' }).click();
  await expect(page.getByRole('link', { name: /Twice/ })).toHaveCount(1);
  await expect(page.getByRole('link', { name: /Twice/ })).toContainText('1 task');
});

const BLOCK = '6k1/5ppp/3b4/8/8/B7/5PPP/4R1K1 w - - 0 1';

test('the whole solution is read aloud and shown on the board, both lengths said', async ({ page }) => {
  await openPage(page, `/desk?fen=${encodeURIComponent(BLOCK)}`);
  await page.getByRole('button', { name: 'Prove', exact: true }).click();
  await expect(page.getByText('Without pointless blocks: mate in 1.')).toBeVisible();
  await page.getByRole('button', { name: /If Black blocks \(Bf8\): 2\. Rxf8#/ }).click();
  await expect(boardOf(page).square('f8')).toHaveAccessibleName('f8, white rook');
  await page.keyboard.press('h');
  await expect(boardOf(page).square('e1')).toHaveAccessibleName('e1, white rook');
});

test('the fate of every move deepens while one looks, and Stop keeps what is seen', async ({ page }) => {
  await openPage(page, `/desk?fen=${encodeURIComponent(BLOCK)}`);
  await page.getByRole('tab', { name: 'Every move' }).click();
  await page.getByRole('button', { name: 'Look at every move' }).click();
  await expect(page.getByText('mates in 2 (proved)')).toBeVisible();
  await expect(page.getByText(/Every move, seen \d plies deep/)).toBeVisible();
  await page.getByRole('button', { name: 'Re5', exact: true }).click();
  await expect(boardOf(page).square('e5')).toHaveAccessibleName('e5, black bishop');
});

test('a written solution is judged and the break stands on the board', async ({ page }) => {
  await openPage(page, `/desk?fen=${encodeURIComponent(BLOCK)}`);
  await page.getByRole('tab', { name: 'Written solution' }).click();
  await page.getByRole('textbox', { name: 'Written solution' }).fill('1 Rb1 Bxa3 2 Rb8+');
  await page.getByRole('button', { name: 'Check it' }).click();
  await expect(page.getByText(/Ply 1: it is not forced/)).toBeVisible();
  await expect(boardOf(page).square('b1')).toHaveAccessibleName('b1, white rook');
});
