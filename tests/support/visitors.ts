/** The people of the demo club at their screens. */
import type { Page } from '@playwright/test';
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
