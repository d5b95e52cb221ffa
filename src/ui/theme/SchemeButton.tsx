'use client';
import { Button, useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import { IconMoon, IconSun } from '@tabler/icons-react';

/** Changes between light and dark; both labels are in the page and the style sheet shows one, so nothing flickers. */
export function SchemeButton() {
  const { setColorScheme } = useMantineColorScheme();
  const current = useComputedColorScheme('light');
  return (
    <Button
      variant="subtle"
      color="gray"
      c="var(--ink)"
      px="xs"
      onClick={() => setColorScheme(current === 'dark' ? 'light' : 'dark')}
    >
      <span data-show="light">
        <IconMoon size={20} aria-hidden /> Dark
      </span>
      <span data-show="dark">
        <IconSun size={20} aria-hidden /> Light
      </span>
    </Button>
  );
}
