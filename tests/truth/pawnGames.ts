/** The pawns-only game in plain code: whose moves are allowed, and who has won. */
import type { Accepts } from './accepts';
import type { TaskFields } from './notes';
import {
  findKingOf,
  listAttackersOf,
  listTargets,
  moveOn,
  nameOf,
  readBoard,
  squareOf,
  type PlainBoard,
} from './plainBoard';

/** Kings alone that have moved so often one after another make a draw. */
const MOST_QUIET = 40;

export interface PawnBoard extends PlainBoard {
  readonly quiet: number;
}

export const openPawnBoard = (fen: string): PawnBoard => ({
  ...readBoard(fen),
  quiet: Number(fen.split(' ')[4] ?? '0'),
});

/** The board after a move that looks allowed, the other side to move. */
function playOn({ cells, isWhiteToMove, passed, quiet }: PawnBoard, from: number, to: number): PawnBoard {
  const isPawn = cells[from]?.kind === 'p';
  const isPassing = isPawn && to === passed && cells[to] === undefined && from % 8 !== to % 8;
  const victim = isPassing ? to + (isWhiteToMove ? -8 : 8) : undefined;
  const after = moveOn(cells, from, to);
  return {
    cells: victim === undefined ? after : after.with(victim, undefined),
    isWhiteToMove: !isWhiteToMove,
    passed: isPawn && Math.abs(from - to) === 16 ? (from + to) / 2 : undefined,
    quiet: isPawn || cells[to] !== undefined ? 0 : quiet + 1,
  };
}

function isKingAttacked({ cells }: PawnBoard, isWhite: boolean): boolean {
  const king = findKingOf(cells, isWhite);
  return king >= 0 && listAttackersOf(cells, king, !isWhite).length > 0;
}

export function listPawnMoves(board: PawnBoard): string[] {
  return board.cells.flatMap((piece, from) =>
    piece?.isWhite === board.isWhiteToMove
      ? listTargets(board, from)
          .filter((to) => !isKingAttacked(playOn(board, from, to), board.isWhiteToMove))
          .map((to) => `${nameOf(from)}${nameOf(to)}`)
      : [],
  );
}

export const playPawns = (board: PawnBoard, move: string) =>
  playOn(board, squareOf(move.slice(0, 2)), squareOf(move.slice(2, 4)));

/** Who has won with the last move; undefined while it goes on. */
export function endOf(board: PawnBoard, goal: string): 'white' | 'black' | 'drawn' | undefined {
  const mover = board.isWhiteToMove ? 'black' : 'white';
  const far = mover === 'white' ? [56, 64] : [0, 8];
  const hasArrived = board.cells
    .slice(...far)
    .some((piece) => piece?.kind === 'p' && piece.isWhite === (mover === 'white'));
  if (goal === 'promotion' && hasArrived) return mover;
  if (listPawnMoves(board).length > 0) return board.quiet < MOST_QUIET ? undefined : 'drawn';
  const hasPawn = board.cells.some((piece) => piece?.kind === 'p' && piece.isWhite === board.isWhiteToMove);
  if (isKingAttacked(board, board.isWhiteToMove) || !hasPawn || goal === 'last-move') return mover;
  return 'drawn';
}

/** A game by the rules that the child's side has won; what comes after its end is of no account. */
export function acceptPawnGame({ fen, goal }: TaskFields): Accepts {
  const side = readBoard(fen).isWhiteToMove ? 'white' : 'black';
  return (answer) => {
    if (answer.kind !== 'play') return false;
    let board = openPawnBoard(fen);
    for (const move of answer.moves) {
      if (!listPawnMoves(board).includes(move)) return false;
      board = playPawns(board, move);
      const end = endOf(board, goal);
      if (end !== undefined) return end === side;
    }
    return false;
  };
}
