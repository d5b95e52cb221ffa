/** Moves taken back at random: a position from which a given one comes about by one move. */
import { getMan, opponentOf, rankOf, type Man, type Role, type Side, type Square } from '../board';
import { listReach, NO_CASTLING, type Position, type PositionDraft } from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';
import { findLegal, isAllowedOn } from './draw';

/** What may have been taken by the move that is taken back; most moves take nothing. */
const TAKEN: readonly (Role | 'nobody')[] = [
  'nobody',
  'nobody',
  'nobody',
  'pawn',
  'knight',
  'bishop',
  'rook',
];

export interface Retracted {
  readonly position: Position;
  readonly to: Square;
  /** What the move took. */
  readonly taken: Role | 'nobody';
}

export interface RetractOptions {
  /** The man that moved; any by default. */
  readonly square?: Square;
  /** What may have been taken; `TAKEN` by default. */
  readonly taken?: readonly (Role | 'nobody')[];
}

/**
 * Takes back one move of the side that is not to move; undefined when this draw led to nothing legal. No castling, no promotion, no
 * capture in passing.
 */
export function retractAtRandom(
  random: Random,
  position: Position,
  { square, taken = TAKEN }: RetractOptions = {},
): Retracted | undefined {
  const mover = opponentOf(position.turn);
  const { board } = position;
  const men = board.flatMap((man, at) => (man?.side === mover ? [at] : []));
  const to = square ?? pickOne(random, men);
  const man = board[to];
  if (man?.side !== mover) return undefined;
  const role = pickOne(random, taken);
  const victim = role === 'nobody' ? undefined : getMan(position.turn, role);
  if (victim !== undefined && !isAllowedOn(victim, to)) return undefined;
  const origins = listOrigins(position, to, man, victim !== undefined);
  const from = origins[randomBelow(random, Math.max(1, origins.length))];
  if (from === undefined) return undefined;
  const before = board.slice();
  before[to] = victim;
  before[from] = man;
  const draft = { ...position, board: before, turn: mover, castling: NO_CASTLING, enPassant: undefined };
  const legal = findLegal(draft);
  return legal && { position: legal, to, taken: role };
}

/** From where a man can have come, it being the same man then. */
function listOrigins(position: PositionDraft, to: Square, man: Man, isCapture: boolean): Square[] {
  if (man.role === 'pawn') return listPawnOrigins(position, to, man.side, isCapture);
  // The ways of men that are no pawns lead back as they lead on; without castling there is no king's move of two.
  return listReach({ ...position, turn: man.side, castling: NO_CASTLING }, to)
    .map((move) => move.to)
    .filter((from) => position.board[from] === undefined);
}

function listPawnOrigins({ board }: PositionDraft, to: Square, side: Side, isCapture: boolean): Square[] {
  const forward = side === 'white' ? 8 : -8;
  const isFree = (square: Square) => board[square] === undefined && rankOf(square) > 0 && rankOf(square) < 7;
  const back = to - forward;
  if (isCapture) {
    const file = to % 8;
    return [file > 0 ? back - 1 : undefined, file < 7 ? back + 1 : undefined].filter(
      (square) => square !== undefined && isFree(square),
    ) as Square[];
  }
  const isDouble = rankOf(to) === (side === 'white' ? 3 : 4);
  return [back, ...(isDouble && isFree(back) ? [back - forward] : [])].filter(isFree);
}
