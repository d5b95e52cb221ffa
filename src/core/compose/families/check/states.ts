/**
 * Positions of a wanted kind by chance. Where mates at once are wanted, the search's quick test finds the boards; the tasks themselves are
 * judged without it.
 */
import { getMan, opponentOf, SIDES, type Side } from '../../../board';
import { EMPTY_DRAFT, findOutcome, listLegalMoves, playMove, type Position } from '../../../rules';
import { createMateSearch, type MateSearch } from '../../../search';
import { pickOne, randomBelow, type Random } from '../../../shared';
import { EDGE, findLegal, place, placeKings, drawPosition } from '../../draw';

let search: MateSearch | undefined;

/** Is there a mate at once? */
export function hasMate(position: Position): boolean {
  search ??= createMateSearch();
  return search.canMate(position, 1);
}

/** A position of this kind by chance; undefined when what was drawn is none. */
export function sampleState(random: Random, kind: string, own: number, others: number): Position | undefined {
  const turn = pickOne(random, SIDES);
  switch (kind) {
    case 'mate': {
      const before = drawPosition(random, opponentOf(turn), new Map(), others, own);
      if (before === undefined || !hasMate(before)) return undefined;
      return findMatedPosition(before);
    }
    case 'stalemate':
      return sampleStalemate(random, turn, own, others);
    case 'dead':
      return findLegal(
        placeKings(
          random,
          place(
            random,
            { ...EMPTY_DRAFT, turn },
            pickOne(random, SIDES),
            pickOne(random, [[], ['knight'], ['bishop']]),
          ),
        ),
      );
    default:
      return drawPosition(random, turn, new Map(), own, others);
  }
}

export function findMatedPosition(before: Position): Position | undefined {
  return listLegalMoves(before)
    .map((move) => playMove(before, move))
    .find((after) => findOutcome(after)?.kind === 'mate');
}

/** A stalemate by chance: the king that is to move at the edge, its pawns stopped by pawns. */
export function sampleStalemate(
  random: Random,
  turn: Side,
  own: number,
  others: number,
): Position | undefined {
  const king = pickOne(random, EDGE);
  let draft = {
    ...EMPTY_DRAFT,
    turn,
    board: EMPTY_DRAFT.board.map((_, at) => (at === king ? getMan(turn, 'king') : undefined)),
  };
  const forward = turn === 'white' ? 8 : -8;
  const board = draft.board.slice();
  for (let pawn = 0; pawn < own; pawn += 1) {
    const square = 16 + randomBelow(random, 32);
    if (board[square] !== undefined || board[square + forward] !== undefined) return undefined;
    board[square] = getMan(turn, 'pawn');
    board[square + forward] = getMan(opponentOf(turn), 'pawn');
  }
  draft = { ...draft, board };
  const left = Math.max(1, others - own);
  const roles = Array.from({ length: left }, () =>
    pickOne(random, ['queen', 'rook', 'bishop', 'knight', 'pawn'] as const),
  );
  const position = findLegal(placeKings(random, place(random, draft, opponentOf(turn), roles)));
  return position !== undefined && findOutcome(position)?.kind === 'stalemate' ? position : undefined;
}
