/** From a class's progress to the answers behind it, and from its reports to the outbox; the reports are read by Debian's poppler. */
import { expect, test } from '@playwright/test';
import { readPdf } from '../support/pdf';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, waitUntilAwake } from '../support/visitors';

const SET = 'Lights on the quay';
const club = openOwnClub({ given: [{ set: SET, to: 'lantern' }], answered: [SET], isFurnished: true });

test('a coach sees who needs what, and goes from a figure to the answers it comes from', async ({ page }) => {
  await signInCoach(page, club().lead);
  await openPage(page, club().pathOf('lantern'));
  await page.getByRole('link', { name: 'Progress', exact: true }).click();
  await page.waitForURL(`**${club().pathOf('lantern')}/progress`);
  await expect(page.getByRole('heading', { name: 'To repeat next week' })).toBeVisible();
  const cell = page.getByRole('link', { name: /^Juno, .*by \d+ answers/ }).first();
  const said = (await cell.getAttribute('aria-label')) ?? '';
  const answers = Number(/by (\d+) answers/.exec(said)?.[1]);
  expect(answers).toBeGreaterThan(0);
  await cell.click();
  await page.waitForURL('**/topics/*');
  await expect(page.getByRole('heading', { name: 'The answers behind this figure' })).toBeVisible();
  await expect(page.locator('main section li')).toHaveCount(answers);

  await openPage(page, `${club().pathOf('lantern')}/progress`);
  const row = page.getByRole('row', { name: /^Juno \d+ \d+ \d+ \d+ %$/ });
  const begun = row.getByRole('link').nth(1);
  const count = Number(await begun.textContent());
  await begun.click();
  await page.waitForURL('**/answers?of=class*');
  await expect(page.locator('main section li')).toHaveCount(count);
});

test('reports wait for the caution; one goes into the outbox, is looked at, saved and taken out', async ({
  page,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, `${club().pathOf('lantern')}/reports`);
  const makers = page.getByRole('button', { name: 'Make the PDF' });
  await expect(makers.first()).toBeDisabled();
  await page.getByLabel('I will share it only with people who are allowed to see it.').check();
  await expect(makers.first()).toBeEnabled();
  const classId = club().pathOf('lantern').replace('/classes/', '');
  const made = await page.request.get(`/print/reports?what=children&classId=${classId}&studentId=&paper=a4`);
  const { pages } = readPdf(await made.body());
  expect(pages).toHaveLength(8);
  const names = pages.map(({ text }) => text.split(' ')[0] ?? '');
  for (const [index, { text }] of pages.entries())
    for (const other of names.filter((_, place) => place !== index)) expect(text).not.toContain(other);

  await page.getByLabel('Report', { exact: true }).selectOption({ label: 'Of Juno' });
  await page.getByRole('textbox', { name: 'To' }).fill('family@example.org');
  await page.getByRole('button', { name: 'Write the email' }).click();
  await page.getByRole('link', { name: 'look at it' }).click();
  await page.waitForURL('**/club/outbox/*');
  await expect(page.getByRole('heading', { name: 'Report of Juno, Lantern class' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save the email (.eml)' }).click();
  expect((await download).suggestedFilename()).toMatch(/\.eml$/);
  await page.getByRole('link', { name: 'Outbox' }).click();
  await page.waitForURL('**/club/outbox');
  await waitUntilAwake(page);
  const remove = page.getByRole('button', { name: 'Delete: Report of Juno, Lantern class' });
  await remove.click();
  await expect(remove).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'Report of Pip, Lantern class' })).toBeVisible();
});
