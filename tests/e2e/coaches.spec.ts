import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, waitUntilAwake } from '../support/visitors';

const club = openOwnClub();

test('a lead adds a coach, lets her help in a class, and she sees that class and nothing to change', async ({
  page,
  browser,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/club');
  await page.getByLabel('Name of a new coach').fill('Odette Marsh');
  await page.getByLabel('Signs in as').fill(`odette-${club().tag}`);
  await page.getByRole('textbox', { name: 'Password, at least 10 letters', exact: true }).fill('short');
  await page.getByRole('button', { name: 'Add the coach' }).click();
  await expect(page.getByText('Write at least 10 letters.')).toBeVisible();
  await page
    .getByRole('textbox', { name: 'Password, at least 10 letters', exact: true })
    .fill('twilight-ferry-3');
  await page.getByRole('button', { name: 'Add the coach' }).click();
  await expect(page.getByText(/Odette Marsh can sign in now/)).toBeVisible();

  await openPage(page, '/classes');
  await page
    .getByRole('link', { name: /Tidepool class/ })
    .first()
    .click();
  await page.waitForURL('**/classes/*');
  await waitUntilAwake(page);
  const post = page.getByLabel('What Odette Marsh does in this class');
  await post.selectOption({ label: 'helps' });
  await expect(post).toHaveValue('assistant');

  const odette = await (await browser.newContext()).newPage();
  const person = { name: 'Odette Marsh', signInName: `odette-${club().tag}`, password: 'twilight-ferry-3' };
  await signInCoach(odette, person);
  await openPage(odette, '/classes');
  await expect(odette.getByRole('link', { name: /class/ }).filter({ hasText: 'Class code' })).toHaveCount(1);
  await odette.getByRole('link', { name: /Tidepool class/ }).click();
  await expect(odette.getByRole('button', { name: 'New key: Acorn' })).toBeVisible();
  await expect(odette.getByRole('button', { name: 'Rename: Acorn' })).toHaveCount(0);
  await expect(odette.getByLabel(/Add a child/)).toHaveCount(0);

  // She forgets her password; the lead gives her another one, and later lets her go.
  await openPage(page, '/club');
  await page.getByRole('button', { name: 'New password: Odette Marsh' }).click();
  const told = page.getByText(/^Odette Marsh signs in with /);
  await expect(told).toBeVisible();
  const [, password = ''] = /signs in with (\S+) from now on/.exec((await told.textContent()) ?? '') ?? [];
  await openPage(odette, '/classes').catch(() => undefined);
  await expect(odette).toHaveURL(/\/sign-in$/);
  await signInCoach(odette, { ...person, password });
  await page.getByRole('button', { name: 'Remove: Odette Marsh' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove the coach' }).click();
  await expect(page.getByText('Odette Marsh is no longer a coach of this club.')).toBeVisible();
  await odette.goto('/classes');
  await expect(odette).toHaveURL(/\/sign-in$/);
});
