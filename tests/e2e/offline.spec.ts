/** A seat that loses its network, where the browser lets a page be kept: over https, and on the machine itself as here. */
import { expect, test, type Page } from '@playwright/test';
import { boardOf } from '../support/boardDriver';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, openSet, signInCoach, takeSeat, waitUntilAwake } from '../support/visitors';

const SET = 'Two crossings';
// Each test has a child of its own: what the device of one has reported is not waited for in the other.
const club = openOwnClub({ given: [{ set: SET, to: 'harbour' }], answered: [SET] });

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

/** The addresses of the pages that this device keeps. */
const listKept = (page: Page) =>
  page.evaluate(async () => {
    const pages = await caches.open('vorschule-seat-pages');
    return (await pages.keys()).map(({ url }) => new URL(url).pathname);
  });

async function openRound(page: Page, name: string): Promise<string> {
  await takeSeat(page, club().classes.harbour.code, name);
  await openSet(page, SET);
  await page.getByRole('grid').waitFor();
  const path = new URL(page.url()).pathname;
  await expect.poll(() => listKept(page), { timeout: 30_000 }).toContain(path);
  return path;
}

test('without a network a reload opens the round again, and what is answered there is sent later', async ({
  page,
  context,
}) => {
  const path = await openRound(page, 'Dune');
  const where = (await page.getByText(/Task \d+ of 14/).textContent()) ?? '';
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByText(where)).toBeVisible();
  await waitUntilAwake(page);
  await boardOf(page).play('g3', 'g4');
  await expect(page.getByText('No connection. Go on: your answers are kept and sent later.')).toBeVisible();
  // A page that is not kept says so in a child's words.
  await page.goto('/seat/pawns');
  await expect(page.getByText('Your answers are safe on this device. Try again soon.')).toBeVisible();
  await page.goto(path);
  await expect(page.getByText(where)).toBeVisible();
  const stored = page.waitForResponse('**/api/attempts', { timeout: 30_000 });
  await context.setOffline(false);
  expect((await stored).status()).toBe(200);
});

test('signing out forgets the pages; answers not sent stay, hidden from the next child and listed to the coach', async ({
  page,
  browser,
}) => {
  await openRound(page, 'Bramble');
  // The server takes no answers for a while, and everything else.
  await page.route('**/api/attempts', (route) => route.abort());
  await boardOf(page).play('b7', 'b6');
  await expect(page.getByText('No connection. Go on: your answers are kept and sent later.')).toBeVisible();
  await page.getByRole('button', { name: 'My place' }).click();
  await page.waitForURL('**/seat');
  await page.getByRole('button', { name: 'I am done' }).click();
  // Told before, and left here all the same.
  await expect(page.getByText('1 answer is not sent yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Leave anyway' }).click();
  await page.waitForURL('**/join');
  expect(await listKept(page)).toEqual([]);

  await takeSeat(page, club().classes.harbour.code, 'Otter');
  const sent: unknown[] = [];
  page.on('request', (request) => {
    if (request.url().endsWith('/api/attempts')) sent.push(request.postData());
  });
  await page.unroute('**/api/attempts');
  await expect.poll(() => listKept(page), { timeout: 30_000 }).toEqual(['/seat']);
  await expect(page.getByText(/not sent|waiting/i)).toHaveCount(0);

  const coach = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await signInCoach(coach, club().lead);
  await openPage(coach, club().pathOf('harbour'));
  const unsent = coach.getByRole('listitem').filter({ hasText: 'Bramble signs in there to send them.' });
  await expect(unsent).toContainText('1 answer on a device');
  expect(sent).toEqual([]);

  await page.getByRole('button', { name: 'I am done' }).click();
  await page.waitForURL('**/join');
  const stored = page.waitForResponse('**/api/attempts', { timeout: 30_000 });
  await takeSeat(page, club().classes.harbour.code, 'Bramble');
  expect((await stored).status()).toBe(200);
  await expect(async () => {
    await coach.reload();
    await expect(unsent).toHaveCount(0, { timeout: 1000 });
  }).toPass({ timeout: 60_000 });
});
