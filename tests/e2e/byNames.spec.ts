/**
 * Every exercise is walked to the end of its help and to its solution on a phone that lies, by the names a screen reader says and nothing
 * else: what has no name cannot be found here.
 */
import { expect, test, type Locator, type Page } from '@playwright/test';
import { DEMO_ROUNDS } from '@/cli/demo/rounds';
import { makeSquareName } from '@/core/board';
import { composeExercise } from '@/core/compose';
import { openExercise, type Exercise } from '@/core/exercises';
import { getDraft, getMove, getPosition, makeMoveText, type MoveText } from '@/core/notation';
import { listPawnMoves } from '@/core/pawns';
import { listLawfulReach, listLegalMoves } from '@/core/rules';
import { createRandom } from '@/core/shared';
import { questionText } from '@/text';
import { GAME, PAWNS, playAll, WANDERING } from '@/ui/answer/ground';
import { openOwnClub } from '../support/club/ownClub';
import { openSet, takeSeat } from '../support/visitors';
import { plainWords } from '../support/plainWords';

const club = openOwnClub({ given: DEMO_ROUNDS.map(({ name }) => ({ set: name, to: 'lantern' })) });

test.use({ viewport: { width: 844, height: 390 }, hasTouch: true });

const named = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
/** The square is the first word of its name. */
const squareNamed = (page: Page, name: string) =>
  page.getByRole('gridcell', { name: new RegExp(`^${name}, `) });

async function pressCell(cell: Locator): Promise<void> {
  await cell.focus();
  await cell.press('Enter');
}

async function playMove(page: Page, text: MoveText): Promise<void> {
  const { from, to } = getMove(text);
  for (const square of [from, to]) await pressCell(squareNamed(page, makeSquareName(square)));
}

type PlayAsk = Extract<Exercise['ask'], { kind: 'play' }>;

function listMoves(ask: PlayAsk, moves: readonly MoveText[]): MoveText[] {
  switch (ask.rules) {
    case 'legal':
      return listLegalMoves(playAll(GAME, getPosition(ask.fen), moves)).map(makeMoveText);
    case 'pawns':
      return listPawnMoves(playAll(PAWNS, getDraft(ask.fen), moves)).map(makeMoveText);
    case 'wander': {
      const place = playAll(WANDERING, { ...getDraft(ask.fen), at: ask.man }, moves);
      return listLawfulReach(place, place.at).map(makeMoveText);
    }
    default:
      return [];
  }
}

/** Moves of both sides that end wrong, by playing at random. */
function findWrongLine(exercise: Exercise, ask: PlayAsk): readonly MoveText[] | undefined {
  const random = createRandom(11);
  for (let game = 0; game < 300; game += 1) {
    let moves: MoveText[] = [];
    while (moves.length < 8) {
      const open = listMoves(ask, moves).filter((text) => text.length === 4);
      const move = open[Math.floor(random() * open.length)];
      if (move === undefined) break;
      moves = [...moves, move];
      const response = exercise.respond(moves);
      if (response.kind === 'reply') moves = [...moves, response.move];
      else if (response.verdict.outcome === 'wrong') return moves;
      else if (response.verdict.outcome === 'right') break;
    }
  }
  return undefined;
}

/** Some answer, right or wrong. */
async function answerSomehow(page: Page, { ask, solution }: Exercise): Promise<void> {
  switch (ask.kind) {
    case 'tap':
      await pressCell(page.getByRole('gridcell').first());
      break;
    case 'choose': {
      const choices = page.getByRole(ask.isMultiple ? 'checkbox' : 'radio');
      for (const choice of ask.isOrdered === true ? await choices.all() : [choices.first()])
        await choice.click();
      break;
    }
    case 'number':
      await page.getByRole('textbox', { name: 'Your number' }).fill(String(ask.least));
      break;
    case 'write': {
      const field = page.getByRole('textbox', { name: 'Your answer' });
      await field.fill('h8');
      if (ask.form !== 'sheet') break;
      for (let at = 1; at < ask.moves.length; at += 1) {
        await named(page, 'Next move').click();
        await field.fill('h8');
      }
      break;
    }
    case 'play': {
      const [first = ''] = solution.kind === 'play' ? solution.moves : [];
      if (ask.rules === 'way') await pressCell(squareNamed(page, makeSquareName(getMove(first).to)));
      else await playMove(page, first);
      break;
    }
    case 'place':
      break;
  }
  await named(page, /^Done$/).click();
}

/** Presses help until there is none left; each step says something, and the button does not leave the screen. */
async function walkHelp(page: Page, family: string): Promise<void> {
  const said = page.getByRole('status').last();
  for (;;) {
    const help = named(page, /^(Help|No more help)/);
    await expect(help, family).toBeInViewport({ ratio: 0.99 });
    if (await help.isDisabled()) return;
    const before = await said.innerText();
    await help.click();
    await expect(said, family).not.toHaveText(before);
    await expect(said, family).not.toBeEmpty();
  }
}

/** Tries twice what ends wrong, then has it shown. */
async function playWrongly(page: Page, moves: readonly MoveText[], exercise: Exercise): Promise<void> {
  for (const attempt of [1, 2]) {
    for (let ply = 0; ply < moves.length; ply += 1) {
      const text = moves[ply] ?? '';
      await playMove(page, text);
      if (exercise.respond(moves.slice(0, ply + 1)).kind !== 'reply') continue;
      ply += 1;
      await page.getByText(/Now you\.$/).waitFor();
    }
    const again = named(page, 'Try again');
    await expect(again).toBeEnabled();
    if (attempt === 2) return;
    await again.click();
    // It goes on before the wrong move; the line begins at home.
    const home = named(page, 'From the start');
    if ((await home.count()) > 0) await home.click();
  }
}

for (const { name, rounds } of DEMO_ROUNDS) {
  test(`${name}: every exercise to the end of its help and its solution, by names alone`, async ({
    page,
  }) => {
    test.setTimeout(400_000);
    await takeSeat(page, club().classes.lantern.code, 'Juno');
    await openSet(page, name);
    for (const [index, { family, level, seed }] of rounds.entries()) {
      const exercise = openExercise(composeExercise(family, level, seed));
      const { ask, scene } = exercise;
      await expect(page.getByText(`Task ${index + 1} of ${rounds.length}`)).toBeVisible();
      await expect(
        page.getByRole('heading', {
          name: questionText(plainWords(family), exercise.question),
        }),
      ).toBeVisible();
      if (!scene.isHidden) {
        const cells = page.getByRole('grid').getByRole('gridcell', { name: /./ });
        await expect(cells, family).toHaveCount(64);
        const men = scene.board.filter((man) => man !== undefined).length;
        await expect(
          page.getByRole('gridcell', { name: /, (white|black) (pawn|knight|bishop|rook|queen|king)/ }),
          family,
        ).toHaveCount(ask.kind === 'write' && ask.form === 'sheet' ? 32 : men);
      }
      await walkHelp(page, family);
      const isPlayed = ask.kind === 'play' && ask.rules !== 'line' && ask.rules !== 'way';
      const wrong = isPlayed ? findWrongLine(exercise, ask) : undefined;
      if (wrong !== undefined) await playWrongly(page, wrong, exercise);
      else if (!isPlayed) await answerSomehow(page, exercise);
      const show = named(page, 'Show me');
      const next = named(page, /^(Next one|Now you|Done)$/);
      // What was answered somehow may have been right.
      await expect(show.or(next).first(), family).toBeInViewport({ ratio: 0.99 });
      if ((await show.count()) > 0) await show.click();
      await expect(next, family).toBeEnabled();
      await expect(next, family).toBeInViewport({ ratio: 0.99 });
      if (index + 1 < rounds.length) await named(page, 'Later').click();
    }
  });
}
