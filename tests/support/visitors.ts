/** The people of the demo club at their screens. */
import { expect, type Page } from '@playwright/test';
import { DEMO_LEAD } from '@/cli/demo/people';

export async function signInCoach(page: Page, coach = DEMO_LEAD): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('Sign-in name').fill(coach.signInName);
  await page.getByRole('textbox', { name: 'Password' }).fill(coach.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/desk');
}

export async function tapKey(page: Page, words: readonly string[]): Promise<void> {
  for (const word of words) await page.getByRole('button', { name: word, exact: true }).click();
}

/** Joins with a class code, a name card and three pictures. */
export async function takeSeat(
  page: Page,
  code: string,
  name: string,
  key: readonly string[],
): Promise<void> {
  await page.goto('/join');
  await page.getByLabel('Class code').fill(code.toLowerCase());
  await page.getByRole('button', { name: 'Go to my class' }).click();
  await page.getByRole('link', { name, exact: true }).click();
  await tapKey(page, key);
  await page.waitForURL('**/seat');
}

/** A coach makes a class with one child; gives its code and the child's key. */
export async function makeClassWithChild(
  coach: Page,
  className: string,
  nickname: string,
): Promise<{ readonly code: string; readonly key: readonly string[] }> {
  await coach.goto('/classes');
  await coach.getByLabel('Name of a new class').fill(className);
  await coach.getByRole('button', { name: 'Make a class' }).click();
  await coach.getByRole('link', { name: new RegExp(className) }).click();
  await coach.getByLabel(/Add a child/).fill(nickname);
  await coach.getByRole('button', { name: 'Add', exact: true }).click();
  const dialog = coach.getByRole('dialog');
  await expect(dialog.getByText(`The key of ${nickname}`)).toBeVisible();
  const key = (await dialog.getByRole('listitem').allInnerTexts()).map((text) =>
    text.replace(/^\s*\d+\.\s*/, '').trim(),
  );
  expect(key).toHaveLength(3);
  await dialog.getByRole('button', { name: 'Done' }).click();
  const code = await coach
    .getByText(/Children open/)
    .locator('xpath=following-sibling::*')
    .innerText();
  return { code: code.trim(), key };
}

/** Begins a lesson at the board of a class with an empty board, and opens its setting up. */
export async function beginEmptyBoard(coach: Page, className: string): Promise<void> {
  await coach.goto('/classes');
  await coach
    .getByRole('link', { name: new RegExp(className) })
    .first()
    .click();
  await coach.getByRole('link', { name: 'Big board' }).click();
  await coach.waitForURL('**/board/*');
  await waitUntilAwake(coach);
  await coach.getByRole('button', { name: 'Begin with an empty board' }).click();
  await expect(coach.getByRole('grid', { name: 'The big board' })).toBeVisible();
  await coach.keyboard.press('e');
  await coach.getByRole('button', { name: 'Empty board' }).click();
}

/** Ends the lesson that runs at the big board. */
export async function endAtBoard(coach: Page): Promise<void> {
  await coach.getByRole('button', { name: 'More' }).click();
  await coach.getByRole('button', { name: 'End the lesson' }).click();
  await coach.waitForURL('**/classes/*');
}

/**
 * Waits until the page answers: what is filled in while only the server's drawing stands there is not heard, and a choice made then is
 * taken back. React marks each control it has taken over, one after the other while it still works; only once all are marked and the
 * page rests do they listen. Hidden fields are the server's alone.
 */
export async function waitUntilAwake(page: Page): Promise<void> {
  await page.waitForFunction(() => {
    const controls = [
      ...document.querySelectorAll('main :is(button, input:not([type="hidden"]), select, textarea)'),
    ];
    return (
      controls.length > 0 &&
      controls.every((control) => Object.keys(control).some((key) => key.startsWith('__reactProps')))
    );
  });
  // A page behind another one may never be told that it rests, so it is not waited for without end.
  await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve, { timeout: 1000 })));
}
