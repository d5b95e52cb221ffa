/** The people of a club at their screens. */
import { expect, type Page } from '@playwright/test';
import type { DemoCoach } from '@/cli/demo/people';
import { keyOf } from './club/ownClub';

export async function signInCoach(page: Page, coach: DemoCoach): Promise<void> {
  await openPage(page, '/sign-in');
  await page.getByLabel('Sign-in name').fill(coach.signInName);
  await page.getByRole('textbox', { name: 'Password' }).fill(coach.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/desk');
}

export async function tapKey(page: Page, words: readonly string[]): Promise<void> {
  for (const word of words) await page.getByRole('button', { name: word, exact: true }).click();
}

/** Joins with a class code, a name card and three pictures: those of the demo's child of that name, unless others are given. */
export async function takeSeat(page: Page, code: string, name: string, key = keyOf(name)): Promise<void> {
  await openPage(page, '/join');
  await page.getByLabel('Class code').fill(code.toLowerCase());
  await page.getByRole('button', { name: 'Go to my class' }).click();
  await page.getByRole('link', { name, exact: true }).click();
  await page.getByRole('button', { name: key[0] ?? '', exact: true }).waitFor();
  await waitUntilAwake(page);
  await tapKey(page, key);
  await page.waitForURL('**/seat');
}

/** On the child's home: opens a set, whether it is the next thing or one of the others. */
export async function openSet(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: new RegExp(`^(Start|Go on|Open|Look again): ${name}`) }).click();
}

/** A coach makes a class with one child; gives its code and the child's key. */
export async function makeClassWithChild(
  coach: Page,
  className: string,
  nickname: string,
): Promise<{ readonly code: string; readonly key: string[] }> {
  await openPage(coach, '/classes');
  await coach.getByLabel('Name of a new class').fill(className);
  await coach.getByRole('button', { name: 'Make a class' }).click();
  await coach.getByRole('link', { name: new RegExp(className) }).click();
  await coach.waitForURL('**/classes/*');
  await waitUntilAwake(coach);
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
  await openPage(coach, '/classes');
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
      ...document.querySelectorAll('main :is(a, button, input:not([type="hidden"]), select, textarea)'),
    ];
    return (
      controls.length > 0 &&
      controls.every((control) => Object.keys(control).some((key) => key.startsWith('__reactProps')))
    );
  });
  // A page behind another one may never be told that it rests, so it is not waited for without end.
  await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve, { timeout: 1000 })));
}

/** Goes to an address and waits until the page there answers. */
export async function openPage(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await waitUntilAwake(page);
}
