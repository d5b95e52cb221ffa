import { expect, test } from '@playwright/test';
import { createConnection } from 'mysql2/promise';
import { openOwnClub, readServerSettings } from '../support/club/ownClub';
import { listCoachPages } from '../support/coachPages';
import { signInCoach, takeSeat, waitUntilAwake } from '../support/visitors';

const SET = 'Lights on the quay';
const club = openOwnClub({ given: [{ set: SET, to: 'lantern' }], answered: [SET], isFurnished: true });

test('nobody gets in without signing in', async ({ page, request }) => {
  for (const address of listCoachPages(club())) {
    await page.goto(address);
    await expect(page).toHaveURL(/\/sign-in$/);
  }
  for (const address of ['/seat', '/seat/1']) {
    await page.goto(address);
    await expect(page).toHaveURL(/\/join$/);
  }
  const response = await request.post('/api/attempts', { data: {} });
  expect(response.status()).toBe(401);
});

test("a child's session opens no coach page, and a class that is not there is a page that says so", async ({
  page,
}) => {
  await takeSeat(page, club().classes.lantern.code, 'Juno');
  await page.goto('/classes');
  await expect(page).toHaveURL(/\/sign-in$/);
  await signInCoach(page, club().lead);
  await page.goto('/classes/999999');
  await expect(page.getByRole('heading', { name: 'This page does not exist.' })).toBeVisible();
});

test('an answer of another child is neither stored nor called unstorable: it waits for its own child', async ({
  page,
}) => {
  await takeSeat(page, club().classes.lantern.code, 'Juno');
  const data = {
    clientId: '3f1e9c1a-6a3e-4a58-9a3e-0d4e7a6f1b2c',
    roundId: 999_999,
    taskId: 1,
    answer: { kind: 'play', moves: ['a1a8'], slips: 0 },
    hints: 0,
    spentMs: 1000,
    waitedMs: 0,
  };
  expect((await page.request.post('/api/attempts', { data })).status()).toBe(403);
  expect((await page.request.post('/api/attempts', { data: { ...data, hints: -1 } })).status()).toBe(400);
});

test('fifty megabytes instead of an answer are refused, and others are served meanwhile', async ({
  page,
}) => {
  await takeSeat(page, club().classes.lantern.code, 'Juno');
  const flood = page.request.post('/api/attempts', {
    headers: { 'Content-Type': 'application/json' },
    data: Buffer.alloc(50 * 1024 * 1024, 'a'),
  });
  expect((await page.request.get('/api/health')).status()).toBe(200);
  // The server may also close the connection before all of it has come.
  const status = await flood.then(
    (response) => response.status(),
    () => 400,
  );
  expect(status).toBe(400);
  expect((await page.request.get('/api/health')).status()).toBe(200);
});

test('a wrong password says so and keeps the name', async ({ page }) => {
  await page.goto('/sign-in');
  await waitUntilAwake(page);
  await page.getByLabel('Sign-in name').fill(club().lead.signInName);
  await page.getByRole('textbox', { name: 'Password' }).fill('nearly');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('Wrong sign-in name or password.')).toBeVisible();
  await expect(page.getByLabel('Sign-in name')).toHaveValue(club().lead.signInName);
});

test('the health route answers, and cookies are httpOnly and lax', async ({ page, request }) => {
  expect(await (await request.get('/api/health')).json()).toEqual({ ok: true });
  await signInCoach(page, club().lead);
  const cookie = (await page.context().cookies()).find(({ name }) => name === 'vorschule_coach');
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax', secure: false });
});

test('the app asks nothing of any other host', async ({ page }) => {
  const foreign: string[] = [];
  page.on('request', (request) => {
    const { hostname, protocol } = new URL(request.url());
    if (protocol.startsWith('http') && hostname !== '127.0.0.1') foreign.push(request.url());
  });
  await signInCoach(page, club().lead);
  for (const address of ['/', '/sign-in', '/join', ...listCoachPages(club())]) await page.goto(address);
  expect(foreign).toEqual([]);
});

test('every page opens with moments of any year in the database', async ({ page }) => {
  const { pathOf, lead } = club();
  const studentId = Number(pathOf('Pip').replace(/^.*\//, ''));
  const connection = await createConnection(readServerSettings().DATABASE_URL);
  try {
    // As devices could store them once; the last one made a child's page loop for ever.
    for (const [index, year] of [1970, 2027, 2999, 9999].entries()) {
      const [changed] = await connection.query(
        `UPDATE attempts SET answered_at = ? WHERE id =
           (SELECT id FROM (SELECT id FROM attempts WHERE student_id = ? ORDER BY id LIMIT 1 OFFSET ?) AS own)`,
        [`${year}-12-31 12:00:00`, studentId, index],
      );
      expect(changed).toMatchObject({ affectedRows: 1 });
    }
    await signInCoach(page, lead);
    for (const address of listCoachPages(club())) {
      const status = address.endsWith('999999') ? 404 : 200;
      const response = await page.request.get(address);
      expect([address, response.status()]).toEqual([address, status]);
    }
  } finally {
    // A demo that is open keeps what was made in it.
    await connection.query('UPDATE attempts SET answered_at = received_at WHERE student_id = ?', [studentId]);
    await connection.end();
  }
});
