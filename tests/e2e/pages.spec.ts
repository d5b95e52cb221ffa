import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { signInCoach, takeSeat, waitUntilAwake } from '../support/visitors';

const COACH_PAGES = [
  '/desk',
  '/sets',
  '/sets/1',
  '/sets/1/paper',
  '/sets/paper',
  '/sets/import',
  '/sets/compose',
  '/sets/library',
  '/games',
  '/games/import',
  '/games/1',
  '/classes',
  '/classes/4',
  '/classes/4/path',
  '/classes/4/progress',
  '/classes/4/reports',
  '/classes/4/import',
  '/classes/4/lessons',
  '/classes/4/lessons/1',
  '/classes/4/plans/1',
  '/classes/4/children/4',
  '/classes/4/children/4/topics/mate%3A1',
  '/classes/4/children/4/answers?of=week&value=2026-09-07',
  '/board/4',
  '/club/trail',
  '/club/outbox',
  '/club/outbox/1',
  // What is not there says so inside the page.
  '/classes/999999',
  '/classes/terms',
  '/classes/terms/2',
  '/answers/23',
  '/exercises',
  '/exercises/pawns',
  '/club',
];
/** So many at a time: the rules take seconds a page. */
const PART = 5;
const COACH_PARTS = Array.from({ length: Math.ceil(COACH_PAGES.length / PART) }, (_, part) =>
  COACH_PAGES.slice(part * PART, (part + 1) * PART),
);
const PUBLIC_PAGES = ['/', '/sign-in', '/join', '/join/LANTRN'];

async function expectAccessible(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.locator('h1').first().waitFor();
  // The inside of a drawing is one picture with a name; its hundreds of paths would only slow the rules down.
  const { violations } = await new AxeBuilder({ page }).exclude('svg > *').analyze();
  const found = violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`);
  expect({ address, found }).toEqual({ address, found: [] });
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect({ address, overflow: Math.max(0, overflow) }).toEqual({ address, overflow: 0 });
}

for (const colorScheme of ['light', 'dark'] as const) {
  test.describe(colorScheme, () => {
    test.use({ colorScheme });

    for (const [part, addresses] of COACH_PARTS.entries()) {
      test(`the coach's pages pass the accessibility rules and fit the screen, part ${part + 1}`, async ({
        page,
      }) => {
        await signInCoach(page);
        for (const address of addresses) await expectAccessible(page, address);
      });
    }

    test('so do the public pages and the seat, on a phone', async ({ page }) => {
      await page.setViewportSize({ width: 390, height: 844 });
      for (const address of PUBLIC_PAGES) await expectAccessible(page, address);
      await takeSeat(page, 'LANTRN', 'Moss', ['Tree', 'Apple', 'House']);
      await expectAccessible(page, '/seat');
      await expectAccessible(page, '/seat/path');
      await expectAccessible(page, '/seat/pawns');
      await expectAccessible(page, '/seat/lesson');
      await page.goto('/seat');
      await page.getByRole('link', { name: 'Go on' }).first().click();
      await page.waitForURL('**/seat/*');
      await expectAccessible(page, page.url());
    });
  });
}

test('nobody gets in without signing in', async ({ page, request }) => {
  for (const address of COACH_PAGES) {
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
  await takeSeat(page, 'LANTRN', 'Juno', ['Fish', 'Fish', 'Moon']);
  await page.goto('/classes');
  await expect(page).toHaveURL(/\/sign-in$/);
  await signInCoach(page);
  await page.goto('/classes/999');
  await expect(page.getByRole('heading', { name: 'This page is not there.' })).toBeVisible();
});

test('an answer of another child is neither stored nor called unstorable: it waits for its own child', async ({
  page,
}) => {
  await takeSeat(page, 'LANTRN', 'Juno', ['Fish', 'Fish', 'Moon']);
  const data = {
    clientId: '3f1e9c1a-6a3e-4a58-9a3e-0d4e7a6f1b2c',
    roundId: 999_999,
    taskId: 1,
    answer: { kind: 'play', moves: ['a1a8'], slips: 0 },
    hints: 0,
    spentMs: 1000,
    answeredAt: '2026-05-01T10:00:00.000Z',
  };
  expect((await page.request.post('/api/attempts', { data })).status()).toBe(403);
  expect((await page.request.post('/api/attempts', { data: { ...data, hints: -1 } })).status()).toBe(400);
});

test('fifty megabytes instead of an answer are refused, and others are served meanwhile', async ({
  page,
}) => {
  await takeSeat(page, 'LANTRN', 'Juno', ['Fish', 'Fish', 'Moon']);
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
  await page.getByLabel('Sign-in name').fill('wenna');
  await page.getByRole('textbox', { name: 'Password' }).fill('nearly');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('Name and password do not fit together.')).toBeVisible();
  await expect(page.getByLabel('Sign-in name')).toHaveValue('wenna');
});

test('the health route answers, and cookies are httpOnly and lax', async ({ page, request }) => {
  expect(await (await request.get('/api/health')).json()).toEqual({ ok: true });
  await signInCoach(page);
  const cookie = (await page.context().cookies()).find(({ name }) => name === 'vorschule_coach');
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax', secure: false });
});

test('the app asks nothing of any other host', async ({ page }) => {
  const foreign: string[] = [];
  page.on('request', (request) => {
    const { hostname, protocol } = new URL(request.url());
    if (protocol.startsWith('http') && hostname !== '127.0.0.1') foreign.push(request.url());
  });
  await signInCoach(page);
  for (const address of [...PUBLIC_PAGES, ...COACH_PAGES]) await page.goto(address);
  expect(foreign).toEqual([]);
});
