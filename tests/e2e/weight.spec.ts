/** What a child's page weighs, and what is on it before any script has run. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { expect, test, type Browser, type Page } from '@playwright/test';
import { DEMO_ROUNDS } from '@/cli/demo/rounds';
import { openOwnClub } from '../support/club/ownClub';
import { takeSeat } from '../support/visitors';

const MATES = 'Two crossings';
const [{ name: EXERCISES } = { name: '' }] = DEMO_ROUNDS;
const club = openOwnClub({
  given: [
    { set: MATES, to: 'lantern' },
    { set: EXERCISES, to: 'lantern' },
  ],
});

/**
 * Bytes of script, compressed, that each page may load until it can be used, and with all that it fetches for the rest of its round while
 * the child thinks; these exercises are of 13 families, each with its own judge and its own words. A page that becomes heavier is looked at
 * before its figure is raised; what a family asks of a board that is brought is no business of a seat and is not on it. Framework and pages'
 * own wiring alone are 134 kB, the schema library 19 kB. A slow machine may be measured before the last families have come: all of them are
 * 262 kB.
 */
const BUDGETS_KB = {
  home: { first: 180, all: 180 },
  mate: { first: 210, all: 215 },
  exercises: { first: 230, all: 265 },
  pawns: { first: 220, all: 220 },
};
/** No component library is on the seat: its style alone was 36 kB. */
const STYLE_BUDGET_KB = 12;

const USABLE = 'usable';

const sizeOf = (address: string) =>
  gzipSync(readFileSync(path.join('.next', new URL(address).pathname.replace('/_next/', '')))).length;

/** A page opened by a browser that knows nothing yet, but for who sits there. */
async function weigh(browser: Browser, seat: Page, address: string) {
  const context = await browser.newContext({
    storageState: await seat.context().storageState(),
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  // The page itself notes when its board is there: a test that looks from outside may look too late.
  await page.addInitScript((mark) => {
    new MutationObserver((_, observer) => {
      if (document.querySelector('[role="grid"] [data-square]') === null) return;
      performance.mark(mark);
      observer.disconnect();
    }).observe(document, { childList: true, subtree: true });
  }, USABLE);
  await page.goto(address);
  // A home has no board.
  if (address !== '/seat') await page.locator('[role="grid"] [data-square]').first().waitFor();
  // With what the page fetches ahead for the rest of its round.
  await page.waitForLoadState('networkidle');
  await page.waitForFunction(() => performance.now() > 2500);
  await page.waitForLoadState('networkidle');
  const { first, files } = await page.evaluate((mark) => {
    const usableAt = performance.getEntriesByName(mark)[0]?.startTime ?? Number.POSITIVE_INFINITY;
    const loaded = performance
      .getEntriesByType('resource')
      .filter(({ name }) => /\/_next\/static\/.*\.(js|css)$/.test(name));
    const namesOf = (entries: readonly PerformanceEntry[]) => [...new Set(entries.map(({ name }) => name))];
    return {
      first: namesOf(loaded.filter(({ startTime }) => startTime < usableAt)),
      files: namesOf(loaded),
    };
  }, USABLE);
  await context.close();
  const sum = (of: Iterable<string>, end: string) =>
    Math.round(
      [...of].filter((file) => file.endsWith(end)).reduce((bytes, file) => bytes + sizeOf(file), 0) / 1000,
    );
  return { first: sum(first, '.js'), all: sum(files, '.js'), css: sum(files, '.css') };
}

const addressOf = async (seat: Page, set: string) =>
  (await seat.getByRole('link', { name: new RegExp(`: ${set}`) }).getAttribute('href')) ?? '';

test('the pages of a child keep to their weight', async ({ browser, page }) => {
  test.setTimeout(120_000);
  await takeSeat(page, club().classes.lantern.code, 'Wren');
  const pages = {
    home: '/seat',
    mate: await addressOf(page, MATES),
    exercises: await addressOf(page, EXERCISES),
    pawns: '/seat/pawns',
  };
  for (const name of Object.keys(pages) as (keyof typeof pages)[]) {
    const { first, all, css } = await weigh(browser, page, pages[name]);
    expect(first, `${name}, until it can be used`).toBeLessThanOrEqual(BUDGETS_KB[name].first);
    expect(all, `${name}, with its round`).toBeLessThanOrEqual(BUDGETS_KB[name].all);
    expect(css, `${name}, style`).toBeLessThanOrEqual(STYLE_BUDGET_KB);
  }
});

for (const [words, width, height] of [
  ['upright', 390, 844],
  ['lying', 844, 390],
  ['large', 1280, 800],
] as const) {
  test(`question and board stand there before any script, and stay where they are, ${words}`, async ({
    browser,
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await takeSeat(page, club().classes.lantern.code, 'Wren');
    for (const set of [MATES, EXERCISES]) {
      const address = await addressOf(page, set);
      const shared = { storageState: await page.context().storageState(), viewport: { width, height } };
      const bare = await browser.newContext({ ...shared, javaScriptEnabled: false });
      const awake = await browser.newContext(shared);
      const places: unknown[] = [];
      for (const context of [bare, awake]) {
        const seat = await context.newPage();
        await seat.goto(address);
        if (context === awake) await seat.getByRole('grid').waitFor();
        await expect(seat.getByRole('heading', { level: 1 })).toBeVisible();
        const heading = await seat.getByRole('heading', { level: 1 }).boundingBox();
        const board = await seat.locator('[class*="boardPlace"]').boundingBox();
        places.push({ heading: heading?.y, board });
        await context.close();
      }
      expect([set, places[1]]).toEqual([set, places[0]]);
    }
  });
}
