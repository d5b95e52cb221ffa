/** Moves taken back at random: a position from which a given one comes about by one move. */
import { getMan, opponentOf, rankOf, type Man, type Role, type Side, type Square } from '../board';
import { listReach, type Position, type PositionDraft } from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';
import { findLegal, isStanding } from './draw';

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
  readonly from: Square;
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
 * Takes back one move of the side that is not to move; undefined when this throw led to nothing legal. No castling, no capture in
 * passing.
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
  if (victim !== undefined && !isStanding(victim, to)) return undefined;
  const origins = listOrigins(position, to, man, victim !== undefined);
  if (origins.length === 0) return undefined;
  const origin = origins[randomBelow(random, origins.length)];
  if (origin === undefined) return undefined;
  const before = board.slice();
  before[to] = victim;
  before[origin.from] = origin.man;
  const legal = findLegal({ ...position, board: before, turn: mover, enPassant: undefined });
  return legal && { position: legal, from: origin.from, to, taken: role };
}

/** From where a man can have come, and what it was then: a pawn before it was promoted. */
function listOrigins(position: PositionDraft, to: Square, man: Man, isCapture: boolean) {
  if (man.role === 'pawn')
    return listPawnOrigins(position, to, man.side, isCapture).map((from) => ({ from, man }));
  const reach = listReach({ ...position, turn: man.side }, to)
    .filter((move) => position.board[move.to] === undefined)
    // Castling is a king's move of two.
    .filter((move) => man.role !== 'king' || Math.abs(move.to - move.from) !== 2);
  return reach.map((move) => ({ from: move.to, man }));
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
