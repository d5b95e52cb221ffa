import { expect, test } from '@playwright/test';
import { boardOf } from '../support/boardDriver';
import { openOwnClub } from '../support/club/ownClub';
import { makeClassWithChild, openPage, signInCoach, takeSeat, openSet } from '../support/visitors';

const SET = 'Lights on the quay';
const club = openOwnClub({ given: [{ set: SET, to: 'lantern' }] });

const PUZZLE = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';

test('coach, child, coach: a position is proved, given, solved in another browser, and the answer is seen', async ({
  browser,
}) => {
  const coachContext = await browser.newContext();
  const coach = await coachContext.newPage();
  await signInCoach(coach, club().lead);

  // A class of its own with one child, whose key is shown once.
  const { code, key } = await makeClassWithChild(coach, 'Tide class', 'Puffin');
  const classAddress = coach.url();

  // The Desk: paste, prove, step, add to a new set.
  await coach.getByRole('link', { name: 'Desk' }).click();
  await coach.getByLabel('FEN of this position').fill(PUZZLE);
  await coach.getByRole('button', { name: 'Set up' }).click();
  await expect(coach.getByText('This position is possible.')).toBeVisible();
  await coach.getByRole('button', { name: 'Prove', exact: true }).click();
  await expect(coach.getByText('White mates in 2; one key: 1 Rd8+')).toBeVisible();
  await coach.getByRole('button', { name: 'Step on' }).click();
  await expect(boardOf(coach).square('d8')).toHaveAccessibleName('d8, white rook');
  await coach.getByRole('button', { name: 'Back home' }).click();
  await coach.getByLabel('Set', { exact: true }).selectOption({ label: 'a new set ...' });
  await coach.getByLabel('Name of the new set').fill('Tide tables');
  await coach.getByRole('button', { name: 'Add to set' }).click();
  await expect(coach.getByText('Added to Tide tables as number 1.')).toBeVisible();

  // Give it.
  await coach.getByRole('link', { name: 'Sets' }).click();
  await coach.getByRole('link', { name: /Tide tables/ }).click();
  await coach.getByLabel('Class', { exact: true }).selectOption({ label: 'Tide class' });
  await coach.getByRole('button', { name: 'Give to class' }).click();
  await expect(coach.getByText('Tide class can see it now.')).toBeVisible();

  // The child, in a browser of its own, on a tablet.
  const childContext = await browser.newContext({ viewport: { width: 768, height: 1024 }, hasTouch: true });
  const child = await childContext.newPage();
  await takeSeat(child, code, 'Puffin', key);
  await child.getByRole('link', { name: 'Start' }).click();
  await expect(child.getByRole('heading', { name: 'White to move. Mate in 2.' })).toBeVisible();
  const board = boardOf(child);
  await board.play('e1', 'e4');
  await expect(child.getByText(/the mate in 2 is gone/)).toBeVisible();
  await child.getByRole('button', { name: 'Try again' }).click();
  await child.getByRole('button', { name: 'Help: an idea' }).click();
  await expect(child.getByText('Look for a check.')).toBeVisible();
  await child.getByRole('button', { name: 'Help: which piece?' }).click();
  await expect(child.getByText('Look at the rook on d6.')).toBeVisible();
  await board.play('d6', 'd8');
  await expect(child.getByText(/Black's queen goes to e8. Now you./)).toBeVisible();
  await board.drag('e1', 'e8');
  await expect(child.getByText('Yes, checkmate in 2.')).toBeVisible();

  // The coach sees it without doing anything.
  await openPage(coach, classAddress);
  await expect(coach.getByText('Puffin solved task 1')).toBeVisible();
  await coach.getByRole('link', { name: 'Answers' }).click();
  const row = coach.getByRole('row', { name: /Puffin/ });
  await expect(row).toContainText('1 of 1');
  await expect(row).toContainText('2 tries');
  await expect(row).toContainText('2 hints');
  await expect(row).toContainText('first Re4');
  await childContext.close();
  await coachContext.close();
});

test('answers arrive on the class page by themselves', async ({ browser }) => {
  const coach = await (await browser.newContext()).newPage();
  await signInCoach(coach, club().lead);
  await openPage(coach, club().pathOf('lantern'));
  await expect(coach.getByText('Latest answers')).toBeVisible();
  const child = await (
    await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  ).newPage();
  await takeSeat(child, club().classes.lantern.code, 'Wren');
  await openSet(child, SET);
  await boardOf(child).play('d6', 'e7');
  await expect(child.getByText('Yes, checkmate.')).toBeVisible();
  await expect(coach.getByText(/Wren solved task 1Lights on the quay/)).toBeVisible({ timeout: 15_000 });
  await coach.context().close();
  await child.context().close();
});
