import { MantineProvider } from '@mantine/core';
import { act, fireEvent, render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { parseSquareName } from '@/core/board';

/** Draws a panel with the theme around it. */
export function renderUi(panel: ReactElement) {
  return render(<MantineProvider env="test">{panel}</MantineProvider>);
}

/** Plays by keyboard: Enter on one square, Enter on the other. */
export function playByKeys(from: string, to: string): void {
  for (const name of [from, to]) {
    const cell = document.querySelector(`[data-square="${parseSquareName(name)}"]`);
    if (!(cell instanceof HTMLElement)) throw new Error(`no square ${name}`);
    act(() => cell.focus());
    fireEvent.keyDown(cell, { key: 'Enter' });
  }
}
