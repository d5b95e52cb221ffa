import { expect, test, type Page } from '@playwright/test';
import { DEMO_ROUNDS } from '@/cli/demo/rounds';
import { makeSquareName } from '@/core/board';
import { composeExercise } from '@/core/compose';
import { openExercise, type ExerciseId } from '@/core/exercises';
import { questionText } from '@/text';
import { listFaults } from '../support/accessibility';
import { answerByKeyboard, answerByTouch } from '../support/answerDriver';
import { boardOf } from '../support/boardDriver';
import { openOwnClub } from '../support/club/ownClub';
import { openPage, openSet, signInCoach, takeSeat } from '../support/visitors';
import { plainWords } from '../support/plainWords';

const [ROUNDS = { name: '', rounds: [] }] = DEMO_ROUNDS;
const club = openOwnClub({ given: DEMO_ROUNDS.map(({ name }) => ({ set: name, to: 'lantern' })) });

/** A family for each answer mode; besides, labels, several choices, an opponent, a score sheet, a told line and an order. */
const MODES: readonly ExerciseId[] = [
  'mate-in-one',
  'captures',
  'king-squares',
  'repair',
  'name-square',
  'count-reach',
  'square-colour',
  'answers-to-check',
  'route-answered',
  'keep-score',
  'whole-line',
  'right-order',
];

/** The first task of a family at its first level, as the page shows it. */
const firstTask = (family: ExerciseId) => openExercise(composeExercise(family, 1, 1));

async function openExercises(page: Page): Promise<void> {
  await signInCoach(page, club().lead);
  await openPage(page, '/exercises');
  // The first task is made in the browser: when it stands there, the page listens.
  await page.getByRole('heading', { name: /Tap the square/ }).waitFor();
}

async function chooseExercise(page: Page, family: ExerciseId): Promise<void> {
  await page.getByLabel('Exercise', { exact: true }).selectOption(family);
  await page
    .getByRole('heading', { name: questionText(plainWords(family), firstTask(family).question) })
    .waitFor();
}

test.describe('on a phone, by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a whole round at the seat: every answer mode, one wrong answer told why', async ({ page }) => {
    const { name, rounds } = ROUNDS;
    await takeSeat(page, club().classes.lantern.code, 'Wren');
    await openSet(page, name);
    for (const [index, { family, level, seed }] of rounds.entries()) {
      await expect(page.getByText(`Task ${index + 1} of ${rounds.length}`)).toBeVisible();
      const exercise = openExercise(composeExercise(family, level, seed));
      await expect(
        page.getByRole('heading', { name: questionText(plainWords(family), exercise.question) }),
      ).toBeVisible();
      if (family === 'square-colour') {
        const { solution } = exercise;
        const isDark = solution.kind === 'choose' && solution.options.includes('dark');
        await page.getByRole('radio', { name: isDark ? 'Light' : 'Dark' }).tap();
        await page.getByRole('button', { name: 'Done', exact: true }).tap();
        await expect(page.getByText(/The corner a1 is dark/)).toBeVisible();
      }
      await answerByTouch(page, family, exercise);
      await expect(page.getByText(/^Yes/)).toBeVisible();
      await page.getByRole('button', { name: index + 1 < rounds.length ? 'Next one' : 'Done' }).tap();
    }
    await expect(page.getByText(`You solved all ${rounds.length} tasks.`)).toBeVisible();
  });

  test('what is too much is explained, what is missing only counted, then it is right', async ({ page }) => {
    await openExercises(page);
    await chooseExercise(page, 'captures');
    const exercise = firstTask('captures');
    const right = exercise.solution.kind === 'tap' ? exercise.solution.marks.map(({ square }) => square) : [];
    const wrong = makeSquareName(exercise.scene.board.findIndex((_, square) => !right.includes(square)));
    const board = boardOf(page);
    await board.square(wrong).tap();
    await page.getByRole('button', { name: 'Done' }).tap();
    await expect(page.getByText(/1 square not right/)).toBeVisible();
    await expect(page.getByText(new RegExp(`^${wrong}: `))).toBeVisible();
    await board.square(wrong).tap();
    await answerByTouch(page, 'captures', exercise);
    await expect(page.getByText(/^Yes/)).toBeVisible();
    await page.getByRole('button', { name: 'Next one' }).tap();
    await expect(page.getByLabel('Number of the task')).toHaveValue('2');
  });
});

/** The board and the buttons of an exercise are in sight together, nothing is wider than the screen, nothing too small for a finger. */
async function expectTogether(page: Page, family: ExerciseId, height: number): Promise<void> {
  const button = page.getByRole('button', { name: /^(Done|Help)/ }).first();
  await expect(button, family).toBeInViewport({ ratio: 0.99 });
  // Scrolled to its end, with all of the answer seen, the board has not left the screen.
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await expect(button, family).toBeInViewport({ ratio: 0.99 });
  const board = page.locator('[class*="boardPlace"]');
  if ((await board.count()) > 0) {
    await expect(board, family).toBeInViewport({ ratio: 0.9 });
    const box = await board.boundingBox();
    expect([family, (box?.height ?? 0) <= height]).toEqual([family, true]);
  }
  const faults = await page.evaluate(() => ({
    sideways: document.documentElement.scrollWidth - window.innerWidth,
    small: [...document.querySelectorAll('button, input')].flatMap((key) => {
      const { width: wide, height: high } = key.getBoundingClientRect();
      return wide > 0 && Math.min(wide, high) < 43.9 ? [key.outerHTML.slice(0, 80)] : [];
    }),
  }));
  expect([family, faults]).toEqual([family, { sideways: 0, small: [] }]);
}

/** A phone that lies, one that stands, a very small one, and a screen at 200 %. */
const SCREENS = [
  { width: 844, height: 390 },
  { width: 390, height: 844 },
  { width: 320, height: 640 },
  { width: 640, height: 400 },
] as const;

test.describe('by touch, on every screen', () => {
  test.use({ viewport: SCREENS[0], hasTouch: true });

  for (const { name, rounds } of DEMO_ROUNDS) {
    test(`the board and the buttons are in sight together in ${name}`, async ({ page }) => {
      await takeSeat(page, club().classes.lantern.code, 'Juno');
      await openSet(page, name);
      for (const [index, { family }] of rounds.entries()) {
        await expect(page.getByText(`Task ${index + 1} of ${rounds.length}`)).toBeVisible();
        for (const screen of SCREENS) {
          await page.setViewportSize(screen);
          await page.evaluate(() => window.scrollTo(0, 0));
          await expectTogether(page, family, screen.height);
        }
        await page.getByRole('button', { name: 'Later' }).click();
      }
    });
  }
});

test('on a phone that lies the pawns game has its whole board beside what is said', async ({ page }) => {
  await page.setViewportSize({ width: 844, height: 390 });
  await takeSeat(page, club().classes.lantern.code, 'Wren');
  await openPage(page, '/seat/pawns');
  const board = page.getByRole('grid', { name: 'Board of the game with pawns' });
  const question = page.getByRole('heading', { level: 1 });
  await expect(board).toBeInViewport({ ratio: 0.99 });
  await expect(question).toBeInViewport({ ratio: 0.99 });
  await expect(page.getByRole('button', { name: 'New game' })).toBeInViewport({ ratio: 0.99 });
  const [left, right] = [await board.boundingBox(), await question.boundingBox()];
  expect(right?.x ?? 0).toBeGreaterThanOrEqual((left?.x ?? 0) + (left?.width ?? 0));
  // What comes last is scrolled to, and the board stays.
  await page.getByLabel('Turn the board after each move').scrollIntoViewIfNeeded();
  await expect(board).toBeInViewport({ ratio: 0.99 });
});

test.describe('by keyboard alone', () => {
  test('every answer mode is answered with Tab, arrows, Enter and letters', async ({ page }) => {
    await openExercises(page);
    for (const family of MODES) {
      await chooseExercise(page, family);
      await answerByKeyboard(page, family, firstTask(family));
      await expect(page.getByText(/^Yes/)).toBeVisible();
    }
  });
});

test('the ladder of help, then the solution and why', async ({ page }) => {
  await openExercises(page);
  await chooseExercise(page, 'reach');
  await page.getByRole('button', { name: 'Help' }).click();
  await expect(page.getByText(/Rooks move straight/)).toBeVisible();
  await page.getByRole('button', { name: 'Help' }).click();
  await expect(page.getByText(/^There are \d+\.$/)).toBeVisible();
  const { scene, solution } = firstTask('reach');
  const right = solution.kind === 'tap' ? solution.marks.map(({ square }) => square) : [];
  const wrong = scene.board.findIndex((_, square) => !right.includes(square));
  await boardOf(page).square(makeSquareName(wrong)).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Show me' }).click();
  await expect(page.getByText(/^These are right: /)).toBeVisible();
  await expect(page.getByText(new RegExp(`^${makeSquareName(right[0] ?? 0)}: .* gets there`))).toBeVisible();
});

test('no serious fault is found by axe in any answer mode, light or dark', async ({ page }) => {
  await openExercises(page);
  for (const family of MODES) {
    await chooseExercise(page, family);
    const serious = (await listFaults(page)).filter(({ isSerious }) => isSerious);
    expect({ family, serious }).toEqual({ family, serious: [] });
  }
});

test('a round goes into a new set, and what is in it already is not added again', async ({ page }) => {
  await openExercises(page);
  await chooseExercise(page, 'route');
  await page.getByLabel('Set', { exact: true }).selectOption('new');
  await page.getByLabel('Name of the new set').fill('Ways round');
  await page.getByRole('button', { name: 'Add to set' }).click();
  await expect(page.getByText('Added 6 tasks to Ways round.')).toBeVisible();
  await page.getByRole('button', { name: 'Add to set' }).click();
  await expect(page.getByText('They are in Ways round already.')).toBeVisible();
  await page.getByRole('link', { name: 'Sets' }).click();
  await page.getByRole('link', { name: /Ways round/ }).click();
  await page.getByRole('switch', { name: 'Show solutions' }).click();
  await expect(page.getByText(/^Answer: /)).toHaveCount(6);
});
