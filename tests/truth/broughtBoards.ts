/**
 * Boards as coaches bring them, drawn at random with what was chosen on them: positions from random games (chess.js), and boards without kings
 * in plain code. Each is held against the oracles with every question that any family has for it.
 */
import { Chess } from 'chess.js';
import { bringBoard, listBoardQuestions, MISFITS, type BroughtBoard } from '@/core/compose';
import { EXERCISE_IDS, type ExerciseTask } from '@/core/exercises';
import { MAN_VALUES } from '@/core/board';
import { getDraft } from '@/core/notation';
import { createRandom, type Random } from '@/core/shared';
import { movesOf } from './chessBoard';
import { listTaskFaults, type Fault } from './trueTasks';

const pick = <Value>(random: Random, values: readonly Value[]) =>
  values[Math.floor(random() * values.length)];

/** A position after some random moves of a game, anywhere from the opening to bare kings. */
function drawGameFen(random: Random): string {
  const chess = new Chess();
  const plies = 4 + Math.floor(random() * 120);
  for (let ply = 0; ply < plies && !chess.isGameOver(); ply += 1) {
    const move = pick(random, chess.moves());
    if (move !== undefined) chess.move(move);
  }
  return chess.fen();
}

const PIECES: readonly string[] = ['q', 'r', 'b', 'n', 'Q', 'R', 'B', 'N'];

/** A handful of pieces of both sides without kings, no pawn on the first or last rank. */
function drawKinglessFen(random: Random): string {
  const cells = Array.from({ length: 64 }, () => '');
  const count = 3 + Math.floor(random() * 14);
  for (let put = 0; put < count; put += 1) {
    const square = Math.floor(random() * 64);
    const isEdge = square < 8 || square > 55;
    cells[square] = pick(random, isEdge ? PIECES : [...PIECES, 'p', 'P']) ?? '';
  }
  const rows = Array.from({ length: 8 }, (_, rank) =>
    cells
      .slice(56 - 8 * rank, 64 - 8 * rank)
      .map((sign) => (sign === '' ? '1' : sign))
      .join('')
      .replace(/1+/g, (free) => String(free.length)),
  );
  return `${rows.join('/')} ${random() < 0.5 ? 'w' : 'b'} - - 0 1`;
}

/** A board with a piece of the side to move, some squares after it and up to three moves chosen, as a coach may or may not do. */
export function drawBrought(seed: number, hasKings: boolean): BroughtBoard {
  const random = createRandom(seed);
  for (let count = 0; count < 3; count += 1) random();
  const fen = hasKings ? drawGameFen(random) : drawKinglessFen(random);
  const draft = getDraft(fen);
  const squaresOf = (isAsked: (side: string | undefined) => boolean) =>
    draft.board.flatMap((man, square) => (isAsked(man?.side) ? [square] : []));
  const own = pick(
    random,
    squaresOf((side) => side === draft.turn),
  );
  const targets = [
    pick(
      random,
      squaresOf((side) => (random() < 0.5 ? side === undefined : side !== draft.turn)),
    ),
    pick(
      random,
      squaresOf((side) => side === undefined),
    ),
    pick(
      random,
      squaresOf((side) => side === undefined),
    ),
  ];
  const chosen = [own, ...targets.slice(0, Math.floor(random() * 4))].filter(
    (square) => square !== undefined,
  );
  const line: string[] = [];
  let place = fen;
  while (hasKings && line.length < 3 && random() < 0.9) {
    const move = pick(random, movesOf(place));
    if (move === undefined) break;
    line.push(move.lan);
    place = move.after;
  }
  return bringBoard(draft, { ...MAN_VALUES, king: 0 }, random() < 0.8 ? { chosen, line } : {});
}

/** One task of each family that fits, drawn from those it has. */
export function listBroughtTasks(brought: BroughtBoard, seed: number): ExerciseTask[] {
  const random = createRandom(seed);
  return listBoardQuestions(brought).flatMap(({ fit }) => {
    const task = fit.kind === 'fits' ? pick(random, fit.tasks) : undefined;
    return task === undefined ? [] : [task];
  });
}

/** What the oracles say against the questions of a board, and against their answers, reasons and help. */
export function listBroughtFaults(seed: number, hasKings: boolean): Fault[] {
  const brought = drawBrought(seed, hasKings);
  return listBroughtTasks(brought, seed).flatMap((task) =>
    listTaskFaults(task, `${task.family} on ${brought.fen} (seed ${seed})`, seed),
  );
}

/** Every family, in their order, has at least one question of the board or a reason why it has none. */
export function expectEveryFamilyAnswers(seed: number): void {
  const questions = listBoardQuestions(drawBrought(seed, seed % 3 > 0));
  expect(questions.map(({ family }) => family)).toEqual(EXERCISE_IDS);
  for (const { fit } of questions) {
    if (fit.kind === 'fits') expect(fit.tasks.length).toBeGreaterThan(0);
    else expect(MISFITS).toContain(fit.why);
  }
}
