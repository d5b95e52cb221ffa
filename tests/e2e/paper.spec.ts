import { expect, test, type Page } from '@playwright/test';
import { keysByChessJs } from '../fixtures/referenceProver';
import { readPdf } from '../support/pdf';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, waitUntilAwake } from '../support/visitors';

const club = openOwnClub();

// Every puzzle is composed, proved, and proved again.
test.setTimeout(600_000);

async function compose(page: Page, count: number): Promise<void> {
  await openPage(page, '/sets/compose');
  await page.getByLabel('Length').selectOption('2');
  for (const name of ['Boden’s mate', 'Smothered mate']) {
    await page.getByRole('combobox', { name: 'Ends in' }).click();
    await page.getByRole('option', { name }).click();
  }
  await page.keyboard.press('Escape');
  await page.getByLabel('Level').selectOption('3');
  await page.getByLabel('New to').selectOption({ label: 'Tidepool class' });
  await page.getByLabel('How many').fill(String(count));
  await page.getByRole('button', { name: 'Compose' }).click();
  await expect(page.getByText(new RegExp(`^${count} puzzles?, each proved`))).toBeVisible({
    timeout: 400_000,
  });
}

async function store(page: Page, count: number, name: string): Promise<void> {
  await page.getByLabel('Add them to').selectOption('new');
  await page.getByLabel('Name of the new set').fill(name);
  await page.getByRole('button', { name: /^Store \d+ puzzles?$/ }).click();
  await expect(page.getByText(new RegExp(`^${count} puzzles? stored`))).toBeVisible({ timeout: 60_000 });
  await page.getByRole('link', { name: 'Open the set' }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

test('twelve mates in two with Boden’s or the smothered mate, level 3, none this class has seen, on two sheets, with the key', async ({
  page,
}) => {
  await signInCoach(page, club().lead);
  // The class has had one; the same filters would make it again.
  await compose(page, 1);
  await store(page, 1, 'Seen before');
  await page.getByLabel('Class', { exact: true }).selectOption({ label: 'Tidepool class' });
  await page.getByRole('button', { name: 'Give to class' }).click();
  await expect(page.getByText('Tidepool class can see it now.')).toBeVisible();

  await compose(page, 12);
  await expect(
    page.getByText('All are new to Tidepool class; 1 like them was left out.', { exact: false }),
  ).toBeVisible();
  await expect(page.getByText(/Ends in: [^.]*(Boden’s|Smothered) mate\. Level 3/)).toHaveCount(12);
  await store(page, 12, 'Two bishops and a knight');
  await page.getByLabel('Class', { exact: true }).selectOption({ label: 'Tidepool class' });
  await expect(page.getByText('Tidepool class has met none of these.')).toBeVisible();
  const links = await page.getByRole('link', { name: 'Open on the Desk' }).all();
  const fens = await Promise.all(
    links.map(async (link) =>
      new URL((await link.getAttribute('href')) ?? '', page.url()).searchParams.get('fen'),
    ),
  );
  expect(new Set(fens).size).toBe(12);

  await page.getByRole('link', { name: 'Print' }).click();
  await page.waitForURL('**/paper');
  await waitUntilAwake(page);
  await page.getByLabel('Class', { exact: true }).selectOption({ label: 'Tidepool class' });
  await expect(page.getByText('2 sheets, and the key behind.')).toBeVisible();
  const answer = page
    .context()
    .waitForEvent('response', (response) => response.url().includes('/print/sets/'));
  await page.getByRole('button', { name: 'Make the PDF' }).click();
  const address = (await answer).url();
  const file = await page.request.get(address);
  expect(file.headers()['content-type']).toBe('application/pdf');

  const { pages, isTagged } = readPdf(await file.body());
  expect(isTagged).toBe(true);
  const [first, second, ...key] = pages.map(({ text }) => text);
  expect(key.length).toBeGreaterThan(0);
  expect(first).toContain('Two bishops and a knight');
  expect(first).toContain('Tidepool class');
  for (const text of key) expect(text).toContain('Two bishops and a knight: key');
  for (const [index, fen] of fens.entries()) {
    if (fen === null) throw new Error('a puzzle without a position');
    const heading = `${index + 1}. ${fen.includes(' w ') ? 'White' : 'Black'} mates in 2`;
    expect(index < 6 ? first : second).toContain(heading);
    // chess.js, which knows nothing of our prover: this key and no other.
    const keys = keysByChessJs(fen, 2);
    expect(keys).toHaveLength(1);
    const line = key.join(' ').split(heading)[1]?.split(' mates in ')[0] ?? '';
    const [, main = ''] = /1\.(?:\.\.)? (\S+)/.exec(line) ?? [];
    expect([fen, main.replace(/[+#x=]/g, '').slice(-2)]).toEqual([fen, keys[0]?.slice(2, 4)]);
  }
});

test('paper is for coaches: who is not signed in is told so', async ({ request }) => {
  for (const address of ['/print/sets/1', '/print/boards', '/print/mates']) {
    expect((await request.get(address)).status()).toBe(401);
  }
});

test('boards to draw on come as a PDF; what is not understood is refused in words', async ({ page }) => {
  await signInCoach(page, club().lead);
  const boards = await page.request.get('/print/boards?sheets=2&perSheet=4&paper=letter&coordinates=on');
  const { pages, size } = readPdf(await boards.body());
  expect([pages.length, size]).toEqual([2, '612 x 792']);
  const wrong = await page.request.get('/print/boards?sheets=9000');
  expect(wrong.status()).toBe(400);
  expect(await wrong.text()).toContain('sheets');
  expect((await page.request.get('/print/sets/999999')).status()).toBe(404);
});
