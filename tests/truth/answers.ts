/** Answers to try on a task: the stated solution, what lies beside it, and for moves, ways and men everything there is. */
import type { Answer, Exercise, ExerciseId, Question } from '@/core/exercises';
import { createRandom } from '@/core/shared';
import { listWrongAnswers } from '../support/wrongAnswers';
import { countFewest, stepsOf } from './acceptance';
import { movesOf } from './chessBoard';
import type { TaskFields } from './notes';
import { endOf, listPawnMoves, openPawnBoard, playPawns } from './pawnGames';
import { listForms } from './writtenMoves';
import { moveOn, nameOf, readBoard } from './plainBoard';

const WAYS: readonly string[] = ['route', 'route-unguarded', 'collect'];

export function listAnswers(
  id: ExerciseId,
  exercise: Exercise<Question>,
  task: TaskFields,
  seed: number,
): Answer[] {
  const beside = listWrongAnswers(exercise, (task as Partial<TaskFields>).fen);
  return [exercise.solution, ...beside, ...listMore(id, exercise, task, seed)];
}

function listMore(id: ExerciseId, { ask, solution }: Exercise, task: TaskFields, seed: number): Answer[] {
  if (WAYS.includes(id)) return listWays(id, task, seed);
  if (ask.kind === 'play' && ask.rules === 'legal')
    return movesOf(task.fen).map(({ lan }) => ({ kind: 'play', moves: [lan], slips: 0 }));
  if (id === 'whole-line') return listLines(exerciseLine(solution), task, seed);
  if (id === 'missing-man' || id === 'missing-part') return listAdded(ask, task, seed);
  if (id === 'keep-score') return listSheets(task);
  if (id === 'pawn-game') return listPawnGames(solution, task, seed);
  if (id === 'write-move' || id === 'repair-line')
    return movesOf(task.fen)
      .flatMap((move) => (move.lan === task.move ? listForms(move) : [move.san]))
      .map((text) => ({ kind: 'write', text }));
  if (ask.kind === 'write' && ask.form === 'move')
    return movesOf(task.fen).map(({ san }) => ({ kind: 'write', text: san }));
  return [];
}

const exerciseLine = (solution: Exercise['solution']) => (solution.kind === 'play' ? solution.moves : []);

/** Lines of both sides that leave the stated one at some move, every first move among them, and go on at random, mates first. */
function listLines(line: readonly string[], task: TaskFields, seed: number): Answer[] {
  const random = createRandom(seed);
  const pick = <Value>(values: readonly Value[]) => values[Math.floor(random() * values.length)];
  const follow = (begun: readonly string[]): Answer => {
    const moves: string[] = [];
    let fen = task.fen;
    while (moves.length < line.length) {
      const known = begun[moves.length];
      const open = movesOf(fen);
      const mates = moves.length === line.length - 1 ? open.filter(({ san }) => san.endsWith('#')) : [];
      const move =
        known === undefined ? pick(mates.length > 0 ? mates : open) : open.find(({ lan }) => lan === known);
      if (move === undefined) break;
      moves.push(move.lan);
      fen = move.after;
    }
    return { kind: 'play', moves, slips: 0 };
  };
  const firsts = movesOf(task.fen).map(({ lan }) => follow([lan]));
  const later = Array.from({ length: 20 }, (_, at) => follow(line.slice(0, 1 + (at % line.length))));
  return [...firsts, ...later];
}

/** The sheet in the standard's form, and with one line another move, another form, or nothing. */
function listSheets({ fen, moves }: TaskFields): Answer[] {
  let place = fen;
  const turns = moves.map((lan) => {
    const open = movesOf(place);
    const played = open.find((move) => move.lan === lan);
    place = played?.after ?? place;
    return { played, others: open.filter((move) => move !== played).slice(0, 3) };
  });
  const sheet = turns.map(({ played }) => played?.san ?? '');
  return turns
    .flatMap(({ played, others }, ply) =>
      [...(played === undefined ? [] : listForms(played)), ...others.map(({ san }) => san), ''].map((line) =>
        sheet.with(ply, line),
      ),
    )
    .map((lines) => ({ kind: 'write', text: lines.join('\n') }));
}

/** Games at random to their end or for a while, the won one broken off and with a move after its end, and moves that are not allowed. */
function listPawnGames(solution: Exercise['solution'], { fen, goal }: TaskFields, seed: number): Answer[] {
  const random = createRandom(seed);
  const won = exerciseLine(solution);
  const play = (moves: readonly string[]): Answer => ({ kind: 'play', moves: [...moves], slips: 0 });
  const games = Array.from({ length: 12 }, () => {
    let board = openPawnBoard(fen);
    const moves: string[] = [];
    while (moves.length < 60 && (moves.length === 0 || endOf(board, goal) === undefined)) {
      const open = listPawnMoves(board);
      const move = open[Math.floor(random() * open.length)];
      if (move === undefined) break;
      moves.push(move);
      board = playPawns(board, move);
    }
    return play(moves);
  });
  const start = openPawnBoard(fen);
  const allowed = listPawnMoves(start);
  const refused = start.cells
    .flatMap((piece, from) =>
      piece === undefined
        ? []
        : start.cells
            .map((_, to) => `${nameOf(from)}${nameOf(to)}`)
            .filter((move) => !allowed.includes(move)),
    )
    .filter((move) => move.slice(0, 2) !== move.slice(2, 4) && random() < 0.1);
  const broken = won.slice(0, -1);
  return [
    ...games,
    ...(broken.length > 0 ? [play(broken)] : []),
    play([...won, 'a2a3']),
    ...refused.map((move) => play([move])),
  ];
}

/** Random walks towards the end of a way and a move beyond it, and each step that is not allowed at the beginning. */
function listWays(id: ExerciseId, task: TaskFields, seed: number): Answer[] {
  const fewest = countFewest(id, task);
  const random = createRandom(seed);
  const start = readBoard(task.fen).cells;
  const walks = Array.from({ length: 30 }, (): Answer => {
    let cells = start;
    let at = task.square;
    let left = task.targets;
    const moves: string[] = [];
    while (left.length > 0 && moves.length < fewest + 1) {
      const steps = stepsOf(id, cells, at);
      const wanted = steps.filter((to) => left.includes(to));
      const pool = wanted.length > 0 ? wanted : steps;
      const to = pool[Math.floor(random() * pool.length)];
      if (to === undefined) break;
      moves.push(`${nameOf(at)}${nameOf(to)}`);
      cells = moveOn(cells, at, to);
      left = left.filter((target) => target !== to);
      at = to;
    }
    return { kind: 'play', moves, slips: 0 };
  }).filter((answer) => answer.kind === 'play' && answer.moves.length > 0);
  const steps = Array.from({ length: 64 }, (_, to) => to)
    .filter((to) => to !== task.square)
    .map((to): Answer => ({ kind: 'play', moves: [`${nameOf(task.square)}${nameOf(to)}`], slips: 0 }));
  return [...walks, ...steps];
}

/** Men of the tray on free squares, forty of all these. */
function listAdded(ask: Exercise['ask'], task: TaskFields, seed: number): Answer[] {
  if (ask.kind !== 'place') return [];
  const { cells } = readBoard(task.fen);
  const roles = { k: 'king', q: 'queen', r: 'rook', b: 'bishop', n: 'knight', p: 'pawn' } as const;
  const men = cells.flatMap((piece, square) =>
    piece === undefined
      ? []
      : [{ square, side: piece.isWhite ? ('white' as const) : ('black' as const), role: roles[piece.kind] }],
  );
  const random = createRandom(seed);
  const all = ask.tray.flatMap(({ side, role }) =>
    cells.flatMap((piece, square): Answer[] =>
      piece === undefined ? [{ kind: 'place', men: [...men, { square, side, role }], slips: 0 }] : [],
    ),
  );
  return Array.from({ length: 40 }, () => all[Math.floor(random() * all.length)] as Answer);
}
