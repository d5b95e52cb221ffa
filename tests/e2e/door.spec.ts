/** What stands between the network and the pages: methods, origins, headers, statuses, and sessions that end. */
import { request as httpRequest } from 'node:http';
import { expect, test } from '@playwright/test';
import { openOwnClub, readServerSettings } from '../support/club/ownClub';
import { listCoachPages } from '../support/coachPages';
import { openPage, signInCoach, takeSeat } from '../support/visitors';

const SET = 'Lights on the quay';
const club = openOwnClub({ given: [{ set: SET, to: 'lantern' }], answered: [SET], isFurnished: true });

/** A request with a method that browsers do not send. */
function ask(method: string, path: string): Promise<number | undefined> {
  return new Promise((resolve, reject) => {
    const sent = httpRequest(new URL(path, readServerSettings().ORIGIN), { method }, (response) => {
      response.resume();
      resolve(response.statusCode);
    });
    sent.once('error', reject);
    sent.end();
  });
}

test('methods nobody uses here are refused, and what is not there is not found', async ({ page }) => {
  for (const method of ['TRACE', 'PUT', 'DELETE', 'OPTIONS']) expect(await ask(method, '/')).toBe(405);
  for (const address of ['/nowhere', '/api/nowhere']) expect(await ask('GET', address)).toBe(404);
  await signInCoach(page, club().lead);
  for (const address of [
    '/classes/999999',
    '/sets/999999',
    '/games/999999',
    '/patterns/nobodys',
    '/classes/x',
  ])
    expect([address, (await page.request.get(address)).status()]).toEqual([address, 404]);
});

test('what another site sends is not taken, nor what is no JSON', async ({ request }) => {
  const send = (headers: Record<string, string>) =>
    request.post('/api/attempts', {
      headers: { 'content-type': 'application/json', ...headers },
      data: '{}',
    });
  expect((await send({ origin: 'https://elsewhere.example' })).status()).toBe(403);
  expect((await send({ 'content-type': 'text/plain' })).status()).toBe(415);
  expect((await send({})).status()).toBe(401);
});

test('no script runs that this answer did not bring, on any page', async ({ page }) => {
  const refused: string[] = [];
  page.on('console', (message) => {
    if (/Content Security Policy/i.test(message.text())) refused.push(message.text());
  });
  const seen = new Set<string>();
  const look = async (address: string) => {
    const response = await page.goto(address);
    const policy = response?.headers()['content-security-policy'] ?? '';
    const [, nonce = ''] = /'nonce-([^']+)'/.exec(policy) ?? [];
    expect([address, nonce.length > 20, seen.has(nonce)]).toEqual([address, true, false]);
    seen.add(nonce);
    const html = (await response?.text()) ?? '';
    const inline = html.match(/<script(?![^>]*\bsrc=)[^>]*>/g) ?? [];
    expect(inline.length).toBeGreaterThan(0);
    for (const tag of inline) expect(tag).toContain(`nonce="${nonce}"`);
  };
  for (const address of ['/', '/join', '/sign-in', '/nowhere']) await look(address);
  await signInCoach(page, club().lead);
  for (const address of listCoachPages(club())) await look(address);
  await takeSeat(page, club().classes.lantern.code, 'Pip');
  for (const address of ['/seat', '/seat/path', '/seat/pawns']) await look(address);
  expect(refused).toEqual([]);
});

test('signing out ends the session on the server: a copy of its cookie opens nothing', async ({
  page,
  browser,
}) => {
  await signInCoach(page, club().lead);
  const copy = await browser.newContext();
  await copy.addCookies(await page.context().cookies());
  const thief = await copy.newPage();
  await thief.goto('/classes');
  await expect(thief).toHaveURL(/\/classes$/);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL(/\/$/);
  await thief.goto('/classes');
  await expect(thief).toHaveURL(/\/sign-in$/);
});

test('a coach changes the password; a child that was locked is unlocked by one press', async ({
  page,
  browser,
}) => {
  const { coach, classes } = club();
  await signInCoach(page, coach);
  await openPage(page, '/club');
  const own = page.getByRole('region', { name: 'Your password' });
  await own.getByLabel('Old password').fill(coach.password);
  await own.getByLabel('New password, at least 10 letters').fill('chess12345');
  await own.getByRole('button', { name: 'Change password' }).click();
  await expect(own.getByText(/too easy to guess/)).toBeVisible();
  const password = 'otter-kettle-moss';
  await own.getByLabel('New password, at least 10 letters').fill(password);
  await own.getByRole('button', { name: 'Change password' }).click();
  await expect(own.getByText('Password changed.', { exact: false })).toBeVisible();

  const { code } = classes.harbour;
  const studentId = Number(club().pathOf('Dune').replace(/^.*\//, ''));
  for (let tap = 0; tap < 7; tap += 1) {
    const data = { joinCode: code, studentId, key: ['sun', 'sun', 'sun'] };
    await page.request.post('/api/seat/sign-in', { data });
  }
  await openPage(page, club().pathOf('harbour'));
  await expect(page.getByText('Locked: too many wrong pictures')).toBeVisible();
  await page.getByRole('button', { name: 'Unlock: Dune' }).click();
  await expect(page.getByText('Locked: too many wrong pictures')).toBeHidden();
  const child = await (await browser.newContext()).newPage();
  await takeSeat(child, code, 'Dune');
  await expect(child.getByRole('heading', { name: 'Hello Dune.' })).toBeVisible();
});
