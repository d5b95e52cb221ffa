import { expect, test, type Page } from '@playwright/test';
import { boardOf } from '../support/boardDriver';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, openSet, takeSeat, tapKey } from '../support/visitors';

const SET = 'Two crossings';
const club = openOwnClub({ given: [{ set: SET, to: 'harbour' }], answered: [SET] });

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const openRound = async (page: Page, name: string) => {
  await takeSeat(page, club().classes.harbour.code, name);
  await openSet(page, SET);
  await page.getByRole('grid').waitFor();
};

test('a wrong code and a wrong key say what to do and keep what was typed', async ({ page }) => {
  await openPage(page, '/join');
  await page.getByLabel('Class code').fill('nosuch');
  await page.getByRole('button', { name: 'Go to my class' }).click();
  await expect(page.getByText('No class has this code.')).toBeVisible();
  await expect(page.getByLabel('Class code')).toHaveValue('nosuch');
  await openPage(page, `/join/${club().classes.harbour.code}`);
  await page.getByRole('link', { name: 'Otter' }).click();
  await tapKey(page, ['Sun', 'Sun', 'Sun']);
  await expect(page.getByText('These are not your pictures.')).toBeVisible();
  await tapKey(page, ['Boat', 'Fish', 'Umbrella']);
  await page.waitForURL('**/seat');
});

test('a reload in the middle of a puzzle and the back button lose nothing', async ({ page }) => {
  await openRound(page, 'Kestrel');
  const where = page.getByText(/Task \d+ of 14/);
  const before = (await where.textContent()) ?? '';
  await page.getByRole('button', { name: 'Help: an idea' }).click();
  await page.getByRole('button', { name: 'Help: which piece?' }).click();
  const said = await page.getByText(/Look at the/).innerText();
  expect(said).toMatch(/on [a-h][1-8]\./);
  await page.reload();
  await expect(where).toHaveText(before);
  await expect(page.getByText(said)).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Hello Kestrel.' })).toBeVisible();
  await page.goForward();
  await expect(where).toHaveText(before);
});

test('a piece let go between two squares: the child says which one was meant', async ({ page }) => {
  // Dune's next puzzle is the seventh: 1 Qh6, queen from e3.
  await openRound(page, 'Dune');
  await expect(page.getByText('Task 7 of 14')).toBeVisible();
  const board = boardOf(page);
  await board.drag('e3', 'g5', [0.42, -0.42]);
  await expect(page.getByText('Which square did you mean: g5 or h6?')).toBeVisible();
  await expect(board.square('e3')).toHaveAccessibleName('e3, white queen');
  await page.getByRole('button', { name: 'h6' }).click();
  await expect(page.getByText(/Now you\./)).toBeVisible();
  await board.play('h6', 'f8');
  await expect(page.getByText('Yes, checkmate in 2.')).toBeVisible();
});

test('without a connection the answer is kept on the device and sent once it is back', async ({
  page,
  context,
}) => {
  // Bramble's next puzzle is the ninth, Black to move: Bh3+; a pawn's move gives the mate away.
  await openRound(page, 'Bramble');
  await expect(page.getByText('Task 9 of 14')).toBeVisible();
  const sent: string[] = [];
  await context.route('**/api/attempts', (route) => {
    sent.push((route.request().postDataJSON() as { clientId: string }).clientId);
    return route.abort();
  });
  await boardOf(page).play('b7', 'b6');
  await expect(page.getByRole('button', { name: 'Try again' })).toBeEnabled();
  await expect(page.getByText('No connection. Go on: your answers are kept and sent later.')).toBeVisible();
  await context.unroute('**/api/attempts');
  const stored = page.waitForResponse('**/api/attempts', { timeout: 15_000 });
  const response = await stored;
  expect(response.status()).toBe(200);
  const { clientId, tryNumber } = (await response.json()) as { clientId: string; tryNumber: number };
  expect(tryNumber).toBe(1);
  expect(new Set(sent)).toEqual(new Set([clientId]));
  await expect(page.getByText('No connection.')).toBeHidden();
});
