/**
 * Boards that look like the middle of a game: each man on a square where its kind often stands, drawn by weight.
 *
 * What makes them look natural (common practice): both kings castled or at home behind pawns of their own; no doubled pawn crowds and no
 * pawn beyond its fifth rank; minor men on developed squares, rooks on the back rank and on open files; the men of both sides worth about
 * the same. A share of the men that attack stands near the other king, for without attackers there is no mate.
 */
import {
  fileOf,
  getMan,
  kingDistance,
  MAN_VALUES,
  opponentOf,
  parseSquareName,
  type Man,
  type Role,
  type Side,
  type Square,
} from '../board';
import type { Wing } from '../puzzles';
import { EMPTY_DRAFT, type PositionDraft } from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';

type Officer = Exclude<Role, 'pawn' | 'king'>;

const squares = (names: string): readonly Square[] =>
  names.split(' ').flatMap((name) => parseSquareName(name) ?? []);
/** Squares of White's men, the likelier ones named more often; Black's are turned over. */
const HOMES: Readonly<Record<Officer | 'king', readonly Square[]>> = {
  king: squares('g1 g1 g1 g1 h1 h1 c1 b1 b1 e1 f1 g2'),
  queen: squares('d1 e2 d2 c2 d3 f3 e3 b3 e4 d4 a4 c3 f4'),
  rook: squares('d1 e1 f1 a1 c1 b1 d2 e3 d3 c2 e2 d7 c7'),
  bishop: squares('g2 b2 d3 e2 c4 b3 e3 d2 f4 b5 c2 d4 f3 a3'),
  knight: squares('f3 f3 c3 c3 d2 e2 d4 e4 e5 d5 c4 b3 g3 c5'),
};
/** Ranks of a pawn counted from its own side; 0: it has gone. */
const PAWN_RANKS: readonly number[] = [2, 2, 2, 2, 2, 3, 3, 4, 4, 5, 0, 0, 0];
/** In front of its own king a pawn has seldom moved. */
const SHELTER_RANKS: readonly number[] = [2, 2, 2, 2, 2, 2, 3, 3, 4, 0];
/** Men beside king and pawns, from the end of the opening to the ending's edge. */
const OFFICERS: readonly (readonly Officer[])[] = [
  ['queen', 'rook', 'rook', 'bishop', 'bishop', 'knight'],
  ['queen', 'rook', 'rook', 'bishop', 'knight'],
  ['queen', 'rook', 'rook', 'bishop', 'knight', 'knight'],
  ['queen', 'rook', 'rook', 'knight'],
  ['queen', 'rook', 'rook', 'bishop'],
  ['queen', 'rook', 'bishop', 'knight'],
  ['queen', 'rook', 'bishop'],
  ['queen', 'rook', 'knight'],
  ['rook', 'rook', 'bishop', 'knight'],
  ['rook', 'rook', 'knight'],
  ['queen', 'rook'],
  ['rook', 'rook', 'bishop'],
];
/** The armies are worth the same but for so much. */
const MOST_APART = 4;

/** For Black the board is turned over. */
const forSide = (side: Side, square: Square): Square => (side === 'white' ? square : square ^ 56);

export interface SkeletonFilters {
  /** The side that attacks, and is to move. */
  readonly attacker: Side;
  /** Of ten officers of the attacker, so many are drawn near the other king. */
  readonly nearness: number;
  /** A pawn of the attacker stands one step before its promotion. */
  readonly hasRunner: boolean;
  /** Where the king stands that is attacked; either by default. */
  readonly wing?: Wing;
  /** So many men at most, kings included; men of both sides are taken away again for it. */
  readonly mostMen?: number;
}

/** A board of both sides; it need not be legal yet. */
export function drawSkeleton(
  random: Random,
  { attacker, nearness, hasRunner, wing, mostMen = 32 }: SkeletonFilters,
): PositionDraft {
  const board: (Man | undefined)[] = EMPTY_DRAFT.board.slice();
  const sides = [opponentOf(attacker), attacker];
  const [own, other] = drawOfficers(random);
  for (const side of sides) {
    const homes =
      side === attacker || wing === undefined
        ? HOMES.king
        : HOMES.king.filter((square) => fileOf(square) < 4 === (wing === 'queen'));
    const king = forSide(side, pickOne(random, homes));
    board[king] = getMan(side, 'king');
    drawPawns(random, board, side, king);
  }
  for (const side of sides) {
    const king = board.indexOf(getMan(opponentOf(side), 'king'));
    for (const role of side === attacker ? own : other) {
      const isNear = side === attacker && randomBelow(random, 10) < nearness;
      const square = isNear ? drawNear(random, board, king) : drawHome(random, board, side, role);
      if (square !== undefined) board[square] = getMan(side, role);
    }
  }
  if (hasRunner) {
    const square = forSide(attacker, 48 + randomBelow(random, 8));
    if (board[square]?.role !== 'king') board[square] = getMan(attacker, 'pawn');
  }
  takeOff(random, board, mostMen);
  return { ...EMPTY_DRAFT, board, turn: attacker };
}

/** Takes men away until so many are left; kings and the men on kept squares stay. */
export function takeOff(
  random: Random,
  board: (Man | undefined)[],
  most: number,
  kept: readonly Square[] = [],
): void {
  const isFree = (square: Square) => board[square]?.role !== 'king' && !kept.includes(square);
  let count = board.filter((man) => man !== undefined).length;
  const free = board.flatMap((man, square) => (man !== undefined && isFree(square) ? [square] : []));
  for (; count > most && free.length > 0; count -= 1) {
    const [square] = free.splice(randomBelow(random, free.length), 1);
    if (square !== undefined) board[square] = undefined;
  }
}

function drawOfficers(random: Random): readonly [own: readonly Officer[], other: readonly Officer[]] {
  for (;;) {
    const [own, other] = [pickOne(random, OFFICERS), pickOne(random, OFFICERS)];
    if (Math.abs(worthOf(own) - worthOf(other)) <= MOST_APART) return [own, other];
  }
}

const worthOf = (roles: readonly Officer[]) => roles.reduce((sum, role) => sum + MAN_VALUES[role], 0);

function drawPawns(random: Random, board: (Man | undefined)[], side: Side, king: Square): void {
  for (let file = 0; file < 8; file += 1) {
    const isShelter = Math.abs(file - (king % 8)) <= 1;
    const rank = pickOne(random, isShelter ? SHELTER_RANKS : PAWN_RANKS);
    if (rank === 0) continue;
    const square = forSide(side, file + 8 * (rank - 1));
    if (board[square] === undefined) board[square] = getMan(side, 'pawn');
  }
}

function drawHome(
  random: Random,
  board: readonly (Man | undefined)[],
  side: Side,
  role: Officer,
): Square | undefined {
  for (let count = 0; count < 20; count += 1) {
    const square = forSide(side, pickOne(random, HOMES[role]));
    if (board[square] === undefined) return square;
  }
  return undefined;
}

/** Up to three king's steps from the king it looks at. */
function drawNear(random: Random, board: readonly (Man | undefined)[], king: Square): Square | undefined {
  for (let count = 0; count < 40; count += 1) {
    const square = randomBelow(random, 64);
    if (board[square] === undefined && kingDistance(square, king) <= 3) return square;
  }
  return undefined;
}
