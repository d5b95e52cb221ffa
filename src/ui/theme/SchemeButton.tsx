'use client';
import { IconMoon, IconSun } from '@tabler/icons-react';
import { Button } from '@/ui/controls';
import { SCHEME_ATTRIBUTE, SCHEME_KEY } from './scheme';
import * as shellText from '@/text/screens/shell';

/** Changes between light and dark; both labels are in the page and the style sheet shows one, so nothing flickers. */
export function SchemeButton() {
  return (
    <Button variant="subtle" size="small" onClick={changeScheme}>
      <span data-show="light">
        <IconMoon size={20} aria-hidden />
        {shellText.darkLook}
      </span>
      <span data-show="dark">
        <IconSun size={20} aria-hidden />
        {shellText.lightLook}
      </span>
    </Button>
  );
}

function changeScheme(): void {
  const { documentElement: page } = document;
  const next = page.getAttribute(SCHEME_ATTRIBUTE) === 'dark' ? 'light' : 'dark';
  page.setAttribute(SCHEME_ATTRIBUTE, next);
  try {
    window.localStorage.setItem(SCHEME_KEY, next);
  } catch {
    // A device that keeps nothing shows it until the next page.
  }
}
