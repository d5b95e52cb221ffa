import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, takeSeat, waitUntilAwake } from '../support/visitors';

const club = openOwnClub({ isFurnished: true });

test('a coach plans a lesson, notes who is there by one tap, and the child that was away catches up', async ({
  page,
  browser,
}) => {
  await signInCoach(page, club().coach);
  await openPage(page, '/classes');
  await page
    .getByRole('link', { name: /Harbour class/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Lessons', exact: true }).click();
  await page.waitForURL('**/lessons');
  await waitUntilAwake(page);
  await page.getByLabel('What is it about').fill('Rooks on the last rank');
  await page.getByLabel('Begins with').selectOption({ label: 'The board' });
  await page.getByRole('button', { name: 'Make the plan' }).click();
  await page.waitForURL('**/plans/*');
  await waitUntilAwake(page);
  await expect(page.getByText('45 minutes. Saved.')).toBeVisible();

  // A position, in words first refused, then by its FEN; and the play moved before the practice by keyboard.
  await page.getByRole('button', { name: 'Add something to Ask' }).click();
  await page.getByLabel('FEN or moves').fill('rook to a8');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('That is neither a position (FEN) nor a line of moves.')).toBeVisible();
  await page.getByLabel('FEN or moves').fill('6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1');
  await page.getByLabel('What it is called').fill('One move');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('region', { name: 'Ask' }).getByText('One move')).toBeVisible();
  await page.getByRole('button', { name: 'Move Play' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('Play is over position 4.')).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('Play is over position 3.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(page.getByRole('region').nth(2)).toHaveAccessibleName('Play');
  await page.getByRole('button', { name: 'Save the plan' }).click();
  await expect(page.getByText('45 minutes. Saved.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('region').nth(2)).toHaveAccessibleName('Play');

  const pdf = await page.request.get(
    (await page.getByRole('link', { name: 'Print' }).getAttribute('href')) ?? '',
  );
  expect(pdf.headers()['content-type']).toBe('application/pdf');

  // The plan for the last lesson that was held; Otter was away.
  await page.getByRole('link', { name: 'Lessons and plans' }).click();
  await page.waitForURL('**/lessons');
  await waitUntilAwake(page);
  const held = page.locator('section').filter({ has: page.getByRole('heading', { name: 'Past lessons' }) });
  const last = held.getByRole('listitem').first();
  await last.getByRole('combobox').selectOption({ label: 'Rooks on the last rank' });
  await expect(last.getByRole('combobox')).toHaveValue(/\d+/);
  await last.getByRole('link', { name: 'Open' }).click();
  await page.waitForURL('**/lessons/*');
  await waitUntilAwake(page);
  const otter = page.getByRole('button', { name: /^Otter: / });
  for (let tap = 0; tap < 3 && (await otter.getAttribute('data-state')) !== 'away'; tap += 1) {
    await otter.click();
  }
  await expect(otter).toHaveAccessibleName('Otter: away');
  await page.getByRole('button', { name: /^Give it to .*Otter/ }).click();
  await expect(page.getByText(/Otter.* can see it now/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Otter: away' })).toBeVisible();

  const child = await (await browser.newContext()).newPage();
  await takeSeat(child, club().classes.harbour.code, 'Otter');
  await expect(child.getByText(/^Rooks on the last rank, /).first()).toBeVisible();
});

test('the lessons go out for another calendar, and hours are added for weeks at once', async ({ page }) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/classes');
  await page.getByLabel('Name of a new class').fill('Calendar class');
  await page.getByRole('button', { name: 'Make a class' }).click();
  await page.getByRole('link', { name: /Calendar class/ }).click();
  await page.waitForURL('**/classes/*');
  await page.getByRole('link', { name: 'Lessons', exact: true }).click();
  await page.waitForURL('**/lessons');
  await waitUntilAwake(page);
  await expect(page.getByText('No upcoming lessons.')).toBeVisible();
  await page.getByLabel('Saturday').check();
  await page.getByLabel('From', { exact: true }).fill('2031-03-01');
  await page.getByLabel('To', { exact: true }).fill('2031-03-31');
  await page.getByRole('button', { name: 'Add these lessons' }).click();
  await expect(page.getByText('5 lessons added.')).toBeVisible();
  await expect(page.getByText('Saturday 29 March')).toBeVisible();
  const link = page.getByRole('link', { name: 'Save for a calendar' });
  const file = await page.request.get((await link.getAttribute('href')) ?? '');
  expect(file.headers()['content-type']).toContain('text/calendar');
  expect((await file.text()).match(/BEGIN:VEVENT/g)).toHaveLength(5);
});
