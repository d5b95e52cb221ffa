/**
 * The app as a player of the pawns-only game. It looks ahead over all moves, with a budget of positions that keeps every reply within a
 * few milliseconds, so that a page may ask it between two frames. Equal moves are drawn from seeded numbers: the same game has the
 * same replies on any machine.
 */
import type { Move, PositionDraft } from '../rules';
import { createRandom, pickOne } from '../shared';
import { createPawnBoard, WON } from './pawnBoard';
import { listPawnMoves, type PawnGoal } from './pawnGame';

export const PAWN_STRENGTHS = ['gentle', 'steady', 'strong'] as const;
export type PawnStrength = (typeof PAWN_STRENGTHS)[number];

/** Plies looked at after a move: what the other side can do at once, two turns, as far as the budget goes. */
const PLIES: Readonly<Record<PawnStrength, number>> = { gentle: 1, steady: 2, strong: 8 };
/** Positions looked at for one reply. */
const BUDGET = 6_000;

/**
 * A move for the side to move; undefined when there is none. Every third gentle move, by chance, looks at nothing at all.
 *
 * @param seed decides among equal moves, together with the board, so that not every game goes alike.
 */
export function choosePawnMove(
  draft: PositionDraft,
  goal: PawnGoal,
  strength: PawnStrength,
  seed: number,
): Move | undefined {
  const moves = listPawnMoves(draft);
  if (moves.length === 0) return undefined;
  const random = createRandom(Math.imul(seed + 1, 0x9e3779b1) ^ hashOf(draft));
  for (let count = 0; count < 3; count += 1) random();
  if (strength === 'gentle' && random() < 1 / 3) return pickOne(random, moves);
  const board = createPawnBoard(draft, goal, BUDGET);
  let best: readonly Move[] = moves;
  for (let plies = 1; plies <= PLIES[strength]; plies += 1) {
    const valued = board.valueMoves(plies);
    if (valued === undefined) break;
    const most = Math.max(...valued.map(({ value }) => value));
    best = valued.flatMap(({ move, value }) => (value === most ? [move] : []));
    if (Math.abs(most) >= WON) break;
  }
  return pickOne(random, best);
}

/** A number of the board: other boards, other chances. */
function hashOf({ board, turn }: PositionDraft): number {
  let hash = turn === 'white' ? 0x811c9dc5 : 0x1c9dc511;
  for (const [square, man] of board.entries()) {
    if (man !== undefined) hash = Math.imul(hash ^ (man.side === 'white' ? square : 64 + square), 0x01000193);
  }
  return hash;
}
