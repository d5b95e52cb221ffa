/**
 * A way past somebody who answers, by plain code: every move of both sides lawful, no king attacked after its own side's move, and the
 * fewest moves against the best answers by a search of its own.
 */
import type { Exercise } from '@/core/exercises';
import { createRandom } from '@/core/shared';
import type { TaskFields } from './notes';
import {
  findKingOf,
  listAttackersOf,
  listTargets,
  moveOn,
  nameOf,
  readBoard,
  squareOf,
  type Cells,
} from './plainBoard';

const MOST = 9;

interface Duel {
  readonly cells: Cells;
  readonly at: number;
  /** Undefined when it has been captured. */
  readonly their: number | undefined;
}

/** Moves of a man that leave no king of its side attacked and capture nobody but the other man of the duel. */
function movesOf(cells: Cells, from: number, other: number | undefined): number[] {
  const isWhite = cells[from]?.isWhite ?? true;
  return listTargets({ cells, passed: undefined }, from).filter((to) => {
    if (cells[to] !== undefined && to !== other) return false;
    const after = moveOn(cells, from, to);
    const king = findKingOf(after, isWhite);
    return king < 0 || listAttackersOf(after, king, !isWhite).length === 0;
  });
}

const afterOurs = ({ cells, at, their }: Duel, to: number): Duel => ({
  cells: moveOn(cells, at, to),
  at: to,
  their: to === their ? undefined : their,
});
const afterTheirs = ({ cells, at, their = 0 }: Duel, to: number): Duel => ({
  cells: moveOn(cells, their, to),
  at,
  their: to,
});
const answersOf = ({ cells, at, their }: Duel) => (their === undefined ? [] : movesOf(cells, their, at));

/** Moves needed against the best answers; Infinity beyond the limit. */
function createCounter(target: number) {
  const known = new Map<string, boolean>();
  function canIn(duel: Duel, moves: number): boolean {
    const key = `${duel.at} ${duel.their ?? '-'} ${moves}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const can = movesOf(duel.cells, duel.at, duel.their).some((to) => holds(afterOurs(duel, to), moves));
    known.set(key, can);
    return can;
  }
  function holds(duel: Duel, moves: number): boolean {
    if (duel.at === target) return true;
    if (moves <= 1) return false;
    const answers = answersOf(duel);
    if (answers.includes(duel.at)) return false;
    if (answers.length === 0) return canIn(duel, moves - 1);
    return answers.every((to) => canIn(afterTheirs(duel, to), moves - 1));
  }
  return (duel: Duel) => {
    for (let moves = 1; moves <= MOST; moves += 1) if (canIn(duel, moves)) return moves;
    return Infinity;
  };
}

/** Is a king of one side attacked? */
const isAttacked = (cells: Cells, isWhite: boolean) => {
  const king = findKingOf(cells, isWhite);
  return king >= 0 && listAttackersOf(cells, king, !isWhite).length > 0;
};

/** Moves of our man among those of both. */
function countOwn(moves: readonly string[], from: number): number {
  let at = nameOf(from);
  let count = 0;
  for (const move of moves) {
    if (move.slice(0, 2) !== at) continue;
    at = move.slice(2, 4);
    count += 1;
  }
  return count;
}

/** Plays the exercise at random, well and badly, and says what is not as it should be. */
export function listDuelFaults(exercise: Exercise, task: TaskFields, seed: number): string[] {
  const faults: string[] = [];
  const { cells, isWhiteToMove } = readBoard(task.fen);
  const count = createCounter(task.target);
  const start: Duel = { cells, at: task.square, their: task.answering };
  const fewest = count(start);
  if (isAttacked(cells, !isWhiteToMove)) faults.push('their king begins in check');
  if (exercise.solution.kind !== 'play') return ['not played'];
  const own = countOwn(exercise.solution.moves, task.square);
  if (own !== fewest) faults.push(`the solution takes ${own}, the fewest are ${fewest}`);
  const random = createRandom(seed);
  for (let game = 0; game < 8; game += 1) {
    let duel = start;
    const moves: string[] = [];
    for (let ours = 1; ours <= fewest + 3; ours += 1) {
      const steps = movesOf(duel.cells, duel.at, duel.their);
      const good = steps.filter((to) => game % 2 === 0 && keeps(duel, to, fewest - ours));
      const pool = good.length > 0 ? good : steps;
      const to = pool[Math.floor(random() * pool.length)];
      if (to === undefined) break;
      moves.push(`${nameOf(duel.at)}${nameOf(to)}`);
      const victim = duel.cells[to];
      if (victim?.kind === 'k') faults.push('a king is captured');
      const next = afterOurs(duel, to);
      const response = exercise.respond(moves);
      if (next.at === task.target) {
        const isRight = response.kind === 'verdict' && response.verdict.outcome === 'right';
        if (isRight !== ours <= fewest)
          faults.push(`${moves.join(' ')}: ${ours} of ${fewest} judged wrongly`);
        break;
      }
      const answers = answersOf(next);
      if (response.kind === 'verdict') {
        const isOver = answers.includes(next.at) || ours >= fewest + 3;
        if (response.verdict.outcome === 'wrong' && !isOver)
          faults.push(`${moves.join(' ')}: ended too early`);
        if (response.verdict.outcome === 'right') faults.push(`${moves.join(' ')}: right before the end`);
        if (response.verdict.outcome !== 'unfinished') break;
        if (answers.length > 0) faults.push(`${moves.join(' ')}: no answer, though there is one`);
        duel = next;
        continue;
      }
      const answer = squareOf(response.move.slice(2, 4));
      if (!answers.includes(answer)) faults.push(`${moves.join(' ')}: unlawful answer ${response.move}`);
      moves.push(response.move);
      duel = afterTheirs(next, answer);
      if (isAttacked(duel.cells, !isWhiteToMove))
        faults.push(`${moves.join(' ')}: their king stands in check`);
    }
  }
  return faults;

  function keeps(duel: Duel, to: number, left: number): boolean {
    const next = afterOurs(duel, to);
    if (next.at === task.target) return true;
    const answers = answersOf(next);
    if (answers.includes(next.at)) return false;
    return answers.length === 0
      ? count(next) <= left
      : answers.every((answer) => count(afterTheirs(next, answer)) <= left);
  }
}
