// Takes the pictures of the main views from a running, freshly seeded demo: node scripts/screenshots.mjs [FOLDER] [NAME ...]
// With names, only those pictures. The demo must run on http://127.0.0.1:3000.
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromium } from '@playwright/test';

const ORIGIN = 'http://127.0.0.1:3000';
const [folder = 'docs/screenshots', ...wanted] = process.argv.slice(2);
const DESK = { width: 1280, height: 800 };
const TABLET = { width: 768, height: 1024 };
const PHONE = { width: 390, height: 844 };
const SACRIFICE = 'r5k1/6pp/8/6N1/8/8/1Q4PP/6K1 w - - 0 1';
const PUZZLE = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
/** A mate in three with a defence that lasts longer than the others. */
const LONGER = '1Q6/4k3/4p3/N7/6p1/6P1/P4PK1/5R1R w - - 0 1';

async function signIn(page) {
  await page.goto(`${ORIGIN}/sign-in`);
  await page.getByLabel('Sign-in name').fill('wenna');
  await page.getByRole('textbox', { name: 'Password' }).fill('evening-ferry-7');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/desk');
}

async function takeSeat(page) {
  await page.goto(`${ORIGIN}/join/LANTRN`);
  await page.getByRole('link', { name: 'Pip' }).click();
  for (const word of ['Boat', 'Sun', 'Leaf'])
    await page.getByRole('button', { name: word, exact: true }).click();
  await page.waitForURL('**/seat');
}

async function openRound(page) {
  await takeSeat(page);
  await page.getByRole('link', { name: /: Lights on the quay/ }).click();
  await page.getByRole('grid').waitFor();
}

async function proveOnDesk(page) {
  await signIn(page);
  await page.goto(`${ORIGIN}/desk?fen=${encodeURIComponent(PUZZLE)}`);
  await page.getByRole('button', { name: 'Prove', exact: true }).click();
  await page.getByText(/one key/).waitFor();
}

const open = (address) => async (page) => {
  await signIn(page);
  await page.goto(`${ORIGIN}${address}`);
};

/** The last lesson of Lantern class at the big board, its second position asked. */
async function teach(page) {
  await open('/classes/4/lessons')(page);
  const held = page.locator('section').filter({ hasText: 'Past lessons' });
  await held.getByRole('link', { name: 'Open' }).first().click();
  await page.waitForURL(/lessons\/\d+/);
  await page.getByRole('button', { name: 'Teach at the big board' }).click();
  await page.waitForURL(/board\/4/);
  await page.getByRole('grid').waitFor();
  await page.keyboard.press('PageDown');
  await page.keyboard.press('q');
  await page.getByText(/^Asked/).waitFor();
}

/** name: [size, steps, dark?] */
const VIEWS = {
  // Before the class is at the board.
  'home-phone': [PHONE, takeSeat],
  desk: [DESK, proveOnDesk],
  'desk-fates': [
    DESK,
    async (page) => {
      await open(`/desk?fen=${encodeURIComponent(LONGER)}`)(page);
      await page.getByRole('tab', { name: 'Every move' }).click();
      await page.getByRole('button', { name: 'Look at every move' }).click();
      await page.getByText(/seen 7 plies deep\./).waitFor({ timeout: 120_000 });
    },
  ],
  mates: [DESK, open('/patterns')],
  staircase: [
    DESK,
    async (page) => {
      await open(`/staircase?fen=${encodeURIComponent(SACRIFICE)}`)(page);
      await page.getByRole('button', { name: 'Make the set' }).waitFor({ timeout: 60_000 });
    },
  ],
  compose: [
    DESK,
    async (page) => {
      await open('/sets/compose')(page);
      await page.getByRole('combobox', { name: 'Ends in' }).click();
      await page.getByRole('option', { name: 'Boden’s mate' }).click();
      await page.keyboard.press('Escape');
      await page.getByLabel('To move').selectOption('white');
      await page.getByLabel('How many').fill('5');
      await page.getByRole('button', { name: 'Compose' }).click();
      await page.getByText('5 puzzles, each proved.').waitFor({ timeout: 60_000 });
    },
    'dark',
  ],
  library: [DESK, open('/sets/library')],
  game: [
    DESK,
    async (page) => {
      await open('/games')(page);
      await page.getByRole('link', { name: /^Pip – Tansy/ }).click();
      await page.waitForURL(/games\/\d+/);
      await page.getByRole('button', { name: 'Show Move 6, White' }).click();
    },
  ],
  plan: [DESK, open('/classes/4/plans/1')],
  set: [DESK, open('/sets/1')],
  board: [
    DESK,
    async (page) => {
      await teach(page);
      await page.keyboard.press('s');
      for (const move of ['Rd8+', 'Re8+', 'Rxa6', 'Re4']) {
        await page.getByLabel('Called out').fill(move);
        await page.getByRole('button', { name: 'Note it' }).click();
        await page.getByRole('complementary').getByRole('button', { name: move }).waitFor();
      }
      await page.getByRole('button', { name: 'What it leads to' }).click();
      await page.getByText('Loses something').waitFor();
    },
  ],
  class: [DESK, open('/classes/4')],
  answers: [
    DESK,
    async (page) => {
      await open('/classes/4')(page);
      await page.getByRole('link', { name: 'Answers' }).first().click();
      await page.waitForURL('**/answers/*');
    },
  ],
  progress: [
    DESK,
    async (page) => {
      await open('/classes/4/progress')(page);
      await page
        .getByRole('heading', { name: 'Where every child stands' })
        .evaluate((heading) => heading.scrollIntoView());
    },
  ],
  child: [
    DESK,
    async (page) => {
      await open('/classes/4/children/4')(page);
      const rating = page.getByRole('heading', { name: 'Rating at mates, week by week' });
      await rating.evaluate((heading) => heading.scrollIntoView());
      await page.locator('.recharts-line-dots').first().waitFor();
    },
  ],
  'path-tablet': [
    TABLET,
    async (page) => {
      await takeSeat(page);
      await page.getByRole('link', { name: 'My path' }).click();
      await page.waitForURL('**/seat/path');
    },
  ],
  'exercise-tablet': [
    TABLET,
    async (page) => {
      await takeSeat(page);
      await page.getByRole('link', { name: /Signals and flags/ }).click();
      for (let task = 1; task < 6; task += 1) await page.getByRole('button', { name: 'Later' }).click();
      await page.getByText(/Task 6 of/).waitFor();
    },
  ],
  'lesson-tablet': [
    TABLET,
    async (page) => {
      await teach(page);
      await takeSeat(page);
      await page.getByRole('link', { name: /^Go to the board/ }).click();
      await page.getByText('Which move?').waitFor();
      for (const square of [43, 59]) await page.locator(`[data-square="${square}"]`).click();
    },
  ],
  'seat-phone-dark': [PHONE, openRound, 'dark'],
};

mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
for (const [name, [viewport, steps, colorScheme = 'light']] of Object.entries(VIEWS)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const context = await browser.newContext({ viewport, colorScheme, hasTouch: viewport !== DESK });
  const page = await context.newPage();
  page.on('pageerror', (error) => console.error(`${name}: ${error.message}`));
  page.on('console', (message) => message.type() === 'error' && console.error(`${name}: ${message.text()}`));
  await steps(page);
  await page.locator('h1').first().waitFor();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: path.join(folder, `${name}.png`) });
  await context.close();
}
await browser.close();
