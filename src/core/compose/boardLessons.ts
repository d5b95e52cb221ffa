/** Composers of the board's stage: squares, colours, lines and the set-up. */
import {
  fileOf,
  getMan,
  isDarkSquare,
  rankOf,
  ROLES,
  SIDES,
  squareAt,
  type Man,
  type Square,
} from '../board';
import type { ExerciseTaskOf } from '../exercises';
import { makeFen } from '../notation';
import { INITIAL_POSITION, NO_CASTLING } from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';
import { shuffle, throwUntil, type Composer } from './draw';

/** 1: letters and numbers beside the board. 2: seen from Black's side. 3: without them. 4: without them, from Black's side. */
export const composeSquare: Composer<ExerciseTaskOf<'find-square'>> = (random, level) => ({
  square: randomBelow(random, 64),
  bottom: level % 2 === 0 ? 'black' : 'white',
  hasCoordinates: level <= 2,
});

/** 1: squares at the edge. 2: squares inside. 3: two squares, of one colour or not. */
export const composeColour: Composer<ExerciseTaskOf<'square-colour'>> = (random, level) =>
  throwUntil(() => {
    const [square, other] = [randomBelow(random, 64), randomBelow(random, 64)];
    const isEdge = [fileOf(square), rankOf(square)].some((at) => at === 0 || at === 7);
    if (level < 3) return isEdge === (level === 1) ? { square } : undefined;
    const isSame = random() < 0.5;
    return square !== other && (isDarkSquare(square) === isDarkSquare(other)) === isSame
      ? { square, other }
      : undefined;
  });

/** 1: file, rank or diagonal? 2: which one? 3: from Black's side. 4: without letters and numbers. */
export const composeLine: Composer<ExerciseTaskOf<'name-line'>> = (random, level) => {
  const kind = pickOne(random, ['file', 'rank', 'diagonal'] as const);
  const { from, to } = throwLine(random, kind);
  return {
    kind,
    from,
    to,
    asks: level === 1 ? 'kind' : 'name',
    bottom: level === 3 ? 'black' : 'white',
    hasCoordinates: level < 4,
  };
};

function throwLine(random: Random, kind: 'file' | 'rank' | 'diagonal'): { from: Square; to: Square } {
  const at = randomBelow(random, 8);
  if (kind === 'file') return { from: at, to: 56 + at };
  if (kind === 'rank') return { from: 8 * at, to: 8 * at + 7 };
  return throwUntil(() => {
    const isRising = random() < 0.5;
    const start = randomBelow(random, 64);
    const step = isRising ? 1 : -1;
    let [first, last] = [start, start];
    for (let back = squareAt(fileOf(first) - step, rankOf(first) - 1); back !== undefined;) {
      first = back;
      back = squareAt(fileOf(first) - step, rankOf(first) - 1);
    }
    for (let on = squareAt(fileOf(last) + step, rankOf(last) + 1); on !== undefined;) {
      last = on;
      on = squareAt(fileOf(last) + step, rankOf(last) + 1);
    }
    // A diagonal of three squares and more.
    return rankOf(last) - rankOf(first) >= 2 ? { from: first, to: last } : undefined;
  });
}

/** 1: officers of one army, pawns stand. 2: one whole army. 3: both armies' officers. 4: the whole board, from Black's side. */
export const composeSetUp: Composer<ExerciseTaskOf<'set-up'>> = (random, level) => ({
  sides: level >= 3 ? [...SIDES] : [pickOne(random, SIDES)],
  areOfficersOnly: level === 1 || level === 3,
  bottom: level === 4 || (level < 3 && random() < 0.2) ? 'black' : 'white',
});

/** As many slips as the level says, of the kinds that happen. */
export const composeRepair: Composer<ExerciseTaskOf<'repair'>> = (random, level) =>
  throwUntil(() => {
    const board = INITIAL_POSITION.board.slice();
    const slips = Math.min(3, level) as 1 | 2 | 3;
    for (const slip of shuffle(random, SLIPS).slice(0, slips)) slip(random, board);
    const fen = makeFen({ ...INITIAL_POSITION, board, castling: NO_CASTLING });
    return { fen, slips };
  });

type Slip = (random: Random, board: (Man | undefined)[]) => void;

/** Each changes squares no other one does, so that two slips never mend each other. */
const SLIPS: readonly Slip[] = [
  // King and queen exchanged.
  (random, board) => swapWithNext(board, pickOne(random, [3, 59])),
  // Bishop and knight exchanged.
  (random, board) => swapWithNext(board, pickOne(random, [1, 57])),
  // A pawn one step too far.
  (random, board) => {
    const file = randomBelow(random, 4);
    const isWhite = random() < 0.5;
    const from = (isWhite ? 8 : 48) + file;
    board[from + (isWhite ? 8 : -8)] = board[from];
    board[from] = undefined;
  },
  // A man is missing.
  (random, board) => {
    board[pickOne(random, [0, 7, 56, 63, 12, 53])] = undefined;
  },
  // A man of the other colour.
  (random, board) => {
    const square = pickOne(random, [5, 6, 14, 54, 61, 62]);
    const man = board[square];
    if (man !== undefined) board[square] = getMan(man.side === 'white' ? 'black' : 'white', man.role);
  },
  // One man too many.
  (random, board) => {
    board[24 + randomBelow(random, 16)] = getMan(pickOne(random, SIDES), pickOne(random, ROLES.slice(0, 5)));
  },
];

function swapWithNext(board: (Man | undefined)[], square: Square): void {
  [board[square], board[square + 1]] = [board[square + 1], board[square]];
}
