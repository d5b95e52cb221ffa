/** Speaks of squares and moves, so that tests tell what the user did and survive another DOM. */
import type { Locator, Page } from '@playwright/test';
import { parseSquareName } from '@/core/board';

export interface BoardDriver {
  /** Tap, tap. */
  play(from: string, to: string): Promise<void>;
  /** Let go so many parts of a square away from the middle, to the right and down. */
  drag(from: string, to: string, off?: readonly [number, number]): Promise<void>;
  square(name: string): Locator;
}

export function boardOf(page: Page): BoardDriver {
  const grid = page.getByRole('grid');
  const square = (name: string) => grid.locator(`[data-square="${parseSquareName(name)}"]`);
  const middleOf = async (name: string, [right, down]: readonly [number, number] = [0, 0]) => {
    const box = await square(name).boundingBox();
    if (box === null) throw new Error(`${name} is not on the screen`);
    return { x: box.x + box.width * (0.5 + right), y: box.y + box.height * (0.5 + down) };
  };
  return {
    square,
    async play(from, to) {
      await square(from).click();
      await square(to).click();
    },
    async drag(from, to, off) {
      const start = await middleOf(from);
      const end = await middleOf(to, off);
      await page.mouse.move(start.x, start.y);
      await page.mouse.down();
      await page.mouse.move((start.x + end.x) / 2, (start.y + end.y) / 2, { steps: 4 });
      await page.mouse.move(end.x, end.y, { steps: 4 });
      await page.mouse.up();
    },
  };
}
