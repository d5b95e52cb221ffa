/**
 * The accessibility rules on every page of the demo club, which has two terms of answers and is only looked at, in light and dark. Each test
 * is a part of its own, so that both workers end together.
 */
import { expect, test, type Page } from '@playwright/test';
import { DEMO_CLASSES, DEMO_LEAD } from '@/cli/demo/people';
import { listFaults } from '../support/accessibility';
import { findDemoPaths } from '../support/club/ownClub';
import { listCoachPages } from '../support/coachPages';
import { signInCoach, takeSeat } from '../support/visitors';

test.describe.configure({ mode: 'parallel' });

/** So many parts: the rules take seconds a page. */
const PARTS = 6;
const CODE = DEMO_CLASSES.lantern.joinCode;
const PUBLIC_PAGES = ['/', '/sign-in', '/join', `/join/${CODE}`];

let pages: readonly string[] = [];
test.beforeAll(() => {
  if (pages.length === 0) pages = listCoachPages(findDemoPaths());
});

async function expectAccessible(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.locator('h1').first().waitFor();
  expect({ address, found: await listFaults(page) }).toEqual({ address, found: [] });
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect({ address, overflow: Math.max(0, overflow) }).toEqual({ address, overflow: 0 });
}

for (let part = 0; part < PARTS; part += 1) {
  test(`the coach's pages pass the accessibility rules and fit the screen, part ${part + 1}`, async ({
    page,
  }) => {
    await signInCoach(page, DEMO_LEAD);
    // Heavy pages stand side by side in the list: every sixth, so that the parts take as long as each other.
    const own = pages.filter((_, index) => index % PARTS === part);
    expect(own.length).toBeGreaterThan(4);
    for (const address of own) await expectAccessible(page, address);
  });
}

test('so do the public pages and the seat, on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const address of PUBLIC_PAGES) await expectAccessible(page, address);
  await takeSeat(page, CODE, 'Moss');
  for (const address of ['/seat', '/seat/path', '/seat/pawns', '/seat/lesson']) {
    await expectAccessible(page, address);
  }
  await page.goto('/seat');
  await page.getByRole('link', { name: 'Go on' }).first().click();
  await page.waitForURL('**/seat/*');
  await expectAccessible(page, page.url());
});
