/** Gives an answer of any mode as a child does it: with the finger, or with the keyboard alone. */
import type { Page } from '@playwright/test';
import { getMan, makeSquareName, type Man, type Square } from '@/core/board';
import type { Exercise, ExerciseId } from '@/core/exercises';
import { manWords, optionText, PLAIN_TERMS } from '@/text';
import { plainWords } from './plainWords';

const cell = (page: Page, square: Square) => page.getByRole('grid').locator(`[data-square="${square}"]`);

/** Men to be put, and squares to be cleared first. */
function changesOf({ scene, solution }: Exercise): { put: { square: Square; man: Man }[]; clear: Square[] } {
  if (solution.kind !== 'place') throw new Error('men are placed');
  const wanted = new Map(solution.men.map(({ square, side, role }) => [square, getMan(side, role)]));
  const put = [...wanted].flatMap(([square, man]) => (scene.board[square] === man ? [] : [{ square, man }]));
  const clear = scene.board.flatMap((man, square) =>
    man !== undefined && !wanted.has(square) ? [square] : [],
  );
  return { put, clear };
}

const squaresOf = (move: string) => [move.slice(0, 2), move.slice(2, 4)] as const;
const indexOf = (name: string) => 'abcdefgh'.indexOf(name.charAt(0)) + 8 * (Number(name.charAt(1)) - 1);

/** Plays every second move where the app answers, and waits for its answers. */
async function playOwnMoves(
  page: Page,
  exercise: Exercise,
  moves: readonly string[],
  play: (move: string) => Promise<void>,
): Promise<void> {
  for (let ply = 0; ply < moves.length; ply += 1) {
    const move = moves[ply] ?? '';
    if (move.length > 4) throw new Error('no promotion is chosen here');
    await play(move);
    if (exercise.respond(moves.slice(0, ply + 1)).kind !== 'reply') continue;
    ply += 1;
    await page.getByText(/Now you\.$/).waitFor();
  }
}

export async function answerByTouch(page: Page, family: ExerciseId, exercise: Exercise): Promise<void> {
  const { solution, ask } = exercise;
  const button = (name: string) => page.getByRole('button', { name, exact: true });
  switch (solution.kind) {
    case 'play':
      if (ask.kind === 'play' && ask.rules === 'line') {
        for (const move of solution.moves)
          for (const name of squaresOf(move)) await cell(page, indexOf(name)).tap();
        break;
      }
      await playOwnMoves(page, exercise, solution.moves, async (move) => {
        for (const name of squaresOf(move)) await cell(page, indexOf(name)).tap();
      });
      return;
    case 'tap':
      for (const { square, label } of solution.marks) {
        if (label !== undefined)
          await page.getByRole('radio', { name: optionText(plainWords(family), label) }).tap();
        await cell(page, square).tap();
      }
      break;
    case 'choose': {
      const role = ask.kind === 'choose' && ask.isMultiple ? 'checkbox' : 'radio';
      for (const option of solution.options)
        await page.getByRole(role, { name: optionText(plainWords(family), option), exact: true }).tap();
      break;
    }
    case 'number':
      for (let count = 0; count <= solution.value; count += 1) await button('One more').tap();
      break;
    case 'write':
      for (const [line, text] of solution.text.split('\n').entries()) {
        if (line > 0) await button('Next move').tap();
        for (const key of text.match(/O-O-O|O-O|./g) ?? []) await button(key).tap();
      }
      break;
    case 'place': {
      const { put, clear } = changesOf(exercise);
      if (clear.length > 0) await button('Take off').tap();
      for (const square of clear) await cell(page, square).tap();
      for (const { square, man } of put) {
        await page
          .getByRole('button', { name: manWords(man, PLAIN_TERMS), exact: true, pressed: false })
          .tap();
        await cell(page, square).tap();
        await page
          .getByRole('button', { name: manWords(man, PLAIN_TERMS), exact: true, pressed: true })
          .tap();
      }
    }
  }
  await button('Done').tap();
}

/** The same with keys only: Tab to what is needed, arrows on the board, Enter and Space. */
export async function answerByKeyboard(page: Page, family: ExerciseId, exercise: Exercise): Promise<void> {
  const { solution, ask } = exercise;
  switch (solution.kind) {
    case 'play':
      if (ask.kind === 'play' && ask.rules === 'line') {
        for (const move of solution.moves)
          for (const name of squaresOf(move)) await goToSquare(page, exercise, indexOf(name));
        break;
      }
      await playOwnMoves(page, exercise, solution.moves, async (move) => {
        for (const name of squaresOf(move)) await goToSquare(page, exercise, indexOf(name));
      });
      return;
    case 'tap':
      for (const { square, label } of solution.marks) {
        if (label !== undefined) await press(page, 'radio', optionText(plainWords(family), label));
        await goToSquare(page, exercise, square);
      }
      break;
    case 'choose':
      for (const option of solution.options)
        await press(
          page,
          ask.kind === 'choose' && ask.isMultiple ? 'checkbox' : 'radio',
          optionText(plainWords(family), option),
        );
      break;
    case 'number':
      await tabTo(page, 'textbox', 'Your number');
      await page.keyboard.type(String(solution.value));
      await page.keyboard.press('Enter');
      return;
    case 'write':
      await tabTo(page, 'textbox', 'Your answer');
      for (const line of solution.text.split('\n')) {
        await page.keyboard.type(line);
        await page.keyboard.press('Enter');
      }
      return;
    case 'place': {
      const { put, clear } = changesOf(exercise);
      if (clear.length > 0) await press(page, 'button', 'Take off');
      for (const square of clear) await goToSquare(page, exercise, square);
      for (const { square, man } of put) {
        await press(page, 'button', manWords(man, PLAIN_TERMS));
        await goToSquare(page, exercise, square);
      }
    }
  }
  await press(page, 'button', 'Done');
}

type Widget = 'radio' | 'checkbox' | 'button' | 'textbox';

/** Tabs until the focus is on it. */
async function tabTo(page: Page, role: Widget, name: string): Promise<void> {
  const target = page.getByRole(role, { name, exact: true });
  for (let count = 0; count < 120; count += 1) {
    if (await target.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab does not come to ${role} ${name}`);
}

async function press(page: Page, role: Widget, name: string): Promise<void> {
  await tabTo(page, role, name);
  await page.keyboard.press('Enter');
}

/** Tabs to the board, goes by arrows, presses Enter. */
async function goToSquare(page: Page, { scene: { bottom } }: Exercise, square: Square): Promise<void> {
  const focused = () =>
    page.evaluate(() => (document.activeElement as HTMLElement | null)?.dataset.square ?? '');
  for (let count = 0; (await focused()) === '' && count < 120; count += 1) await page.keyboard.press('Tab');
  const at = Number(await focused());
  const sign = bottom === 'white' ? 1 : -1;
  const files = sign * ((square & 7) - (at & 7));
  const ranks = sign * ((square >> 3) - (at >> 3));
  for (let step = 0; step < Math.abs(files); step += 1)
    await page.keyboard.press(files > 0 ? 'ArrowRight' : 'ArrowLeft');
  for (let step = 0; step < Math.abs(ranks); step += 1)
    await page.keyboard.press(ranks > 0 ? 'ArrowUp' : 'ArrowDown');
  if ((await focused()) !== String(square))
    throw new Error(`the arrows do not lead to ${makeSquareName(square)}`);
  await page.keyboard.press('Enter');
}
