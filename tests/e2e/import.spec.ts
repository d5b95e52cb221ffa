import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, signInCoach, waitUntilAwake } from '../support/visitors';

const club = openOwnClub();

const MATES = [
  '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1',
  '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1',
  '4k3/8/8/8/8/8/4P3/4K3 w - - 0 1',
];
const GAMES = MATES.map(
  (fen, index) => `[Event "No. ${index + 1}"]\n[SetUp "1"]\n[FEN "${fen}"]\n\n*\n`,
).join('\n');

test('a file of games becomes puzzles in a set; what is none is told with its reason', async ({ page }) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/sets');
  await page.getByRole('link', { name: 'Import positions' }).click();
  await page.waitForURL('**/sets/import');
  await waitUntilAwake(page);
  await page.locator('input[type=file]').setInputFiles({
    name: 'cupboard.pgn',
    mimeType: 'application/vnd.chess-pgn',
    buffer: Buffer.from(GAMES),
  });
  await expect(page.getByText(/^3 read: 2 mates proved; 1 without a mate in 3 or fewer\./)).toBeVisible();
  await page.getByText('1 position skipped, and why').click();
  await expect(page.getByText('Game 3: no mate in 3 or fewer.')).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).exclude('svg > *').analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
  const known = page.getByRole('checkbox', { name: /stored already/ });
  if ((await known.count()) > 0) await known.check();
  await page.getByLabel('Add them to').selectOption('new');
  await page.getByLabel('Name of the new set').fill('From the cupboard');
  await page.getByRole('button', { name: 'Store 2 puzzles' }).click();
  await expect(page.getByText('2 puzzles stored, each proved once more.')).toBeVisible();
  await page.getByRole('link', { name: 'Open the set' }).click();
  // The harder one first, then from easy to hard again.
  await expect(page.getByText(/^Level \d \(\d+( after .*)?\)/)).toHaveCount(2);
  await waitUntilAwake(page);
  await page.getByRole('button', { name: 'Task 1: later' }).click();
  await expect(page.getByRole('heading', { name: '1. White mates in 2' })).toBeVisible();
  await page.getByRole('button', { name: 'From easy to hard' }).click();
  await expect(page.getByRole('heading', { name: '1. White mates in 1' })).toBeVisible();
  const picture = page.waitForEvent('download');
  await page.getByLabel('More with task 1').selectOption('png');
  expect((await picture).suggestedFilename()).toBe('diagram-1.png');
  // What went in comes out again, as a file.
  const file = page.waitForEvent('download');
  await page.getByRole('link', { name: 'EPD' }).click();
  const stream = await (await file).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(Buffer.from(chunk as Uint8Array));
  const lines = Buffer.concat(chunks).toString().trimEnd().split('\n');
  expect(lines.map((line) => line.split(' ').slice(0, 4).join(' '))).toEqual(
    MATES.slice(0, 2).map((fen) => fen.split(' ').slice(0, 4).join(' ')),
  );
});

test('ten thousand positions are read while the page stays awake, and Stop keeps what is there', async ({
  page,
}) => {
  await signInCoach(page, club().lead);
  await openPage(page, '/sets/import');
  // Each another position: the pawns stand otherwise.
  const many = Array.from({ length: 10_000 }, (_, index) => {
    const pawns = index
      .toString(2)
      .padStart(14, '0')
      .replaceAll('0', '-')
      .replaceAll('1', 'P')
      .replaceAll('-', '1');
    return `6k1/5ppp/8/8/8/${pawns.slice(0, 7)}1/${pawns.slice(7)}1/R5K1 w - - 0 1`;
  });
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'many.epd', mimeType: 'text/plain', buffer: Buffer.from(many.join('\n')) });
  await expect(page.getByText(/Still reading/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText(/^Stopped\. [\d,]+ read: /)).toBeVisible();
});
