import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, waitUntilAwake } from '../support/visitors';

const club = openOwnClub({ given: [{ set: 'Lights on the quay', to: 'lantern' }] });

test('a set is made out of the library, changed by drag and by keyboard, and each change is kept', async ({
  page,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/sets/library');
  await page.getByLabel('Length').selectOption('1');
  await page.getByLabel('How many').fill('4');
  await page.getByRole('button', { name: /Pick some for me/ }).click();
  await page.waitForURL(/surprise=4/);
  await expect(page.getByText(/^4 of \d+ mates, from easy to hard/)).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).exclude('svg > *').analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
  await page.getByLabel('Add them to').selectOption('new');
  await page.getByLabel('Name of the new set').fill('Out of the drawer');
  await page.getByRole('button', { name: 'Add 4 puzzles to the set' }).click();
  await page.getByRole('link', { name: 'Open the set' }).click();
  await expect(page.getByText(/^4 mates in 1\./)).toBeVisible();
  await waitUntilAwake(page);

  const links = page.getByRole('link', { name: 'Open on the Desk' });
  const order = () => links.evaluateAll((all) => all.map((one) => one.getAttribute('href')));
  const [one, two, three, four] = await order();
  // Two fields to the right with the arrows.
  await page.getByRole('button', { name: 'Move task 1', exact: true }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('task 1 is over position 1.')).toBeAttached();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('task 1 is over position 2.')).toBeAttached();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('task 1 is over position 3.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect.poll(order).toEqual([two, three, one, four]);
  // The last one onto the first place, by drag.
  const grip = await page.getByRole('button', { name: 'Move task 4', exact: true }).boundingBox();
  const goal = await page.getByRole('button', { name: 'Move task 1', exact: true }).boundingBox();
  if (grip === null || goal === null) throw new Error('the grips are there');
  await page.mouse.move(grip.x + 20, grip.y + 20);
  await page.mouse.down();
  await page.mouse.move(goal.x + 40, goal.y + 40, { steps: 12 });
  await page.mouse.move(goal.x + 20, goal.y + 20, { steps: 4 });
  await page.mouse.up();
  await expect.poll(order).toEqual([four, two, three, one]);
  // Colours exchanged in its place: another board, the others stay.
  await page.getByLabel('More with task 2').selectOption('colours');
  await expect.poll(async () => (await order())[1]).not.toBe(two);
  const changed = await order();
  expect([changed[0], ...changed.slice(2)]).toEqual([four, three, one]);
  await page.reload();
  expect(await order()).toEqual(changed);
});
