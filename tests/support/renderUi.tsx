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

const SQUARE_PIXELS = 50;

/**
 * Carries a piece with the pointer and lets it go so many parts of a square away from the middle of the last one, to the right and up.
 * The board is laid out in squares of 50 pixels, White below: jsdom lays out nothing.
 */
export function carry(from: string, to: string, off: readonly [number, number] = [0, 0]): void {
  const cellAt = (x: number, y: number) => {
    const square = Math.floor(x / SQUARE_PIXELS) + 8 * (7 - Math.floor(y / SQUARE_PIXELS));
    const cell = document.querySelector<HTMLElement>(`[data-square="${square}"]`);
    if (cell === null) return null;
    const left = Math.floor(x / SQUARE_PIXELS) * SQUARE_PIXELS;
    const top = Math.floor(y / SQUARE_PIXELS) * SQUARE_PIXELS;
    cell.getBoundingClientRect = () => new DOMRect(left, top, SQUARE_PIXELS, SQUARE_PIXELS);
    return cell;
  };
  document.elementFromPoint = cellAt;
  const pointOf = (name: string, [right, up]: readonly [number, number]) => {
    const square = parseSquareName(name) ?? 0;
    return {
      clientX: ((square & 7) + 0.5 + right) * SQUARE_PIXELS,
      clientY: (7 - (square >> 3) + 0.5 - up) * SQUARE_PIXELS,
    };
  };
  const start = pointOf(from, [0, 0]);
  const end = pointOf(to, off);
  const cell = cellAt(start.clientX, start.clientY);
  if (cell === null) throw new Error(`no square ${from}`);
  // A pointer event of jsdom has no place.
  const press = (type: string, at: typeof start) => new MouseEvent(type, { ...at, button: 0, bubbles: true });
  fireEvent(cell, press('pointerdown', start));
  fireEvent(window, press('pointermove', end));
  fireEvent(window, press('pointerup', end));
}
