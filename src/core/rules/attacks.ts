import {
  BISHOP_STEPS,
  getMan,
  KNIGHT_STEPS,
  QUEEN_STEPS,
  ROOK_STEPS,
  tabulateRays,
  tabulateSteps,
  type Board,
  type Role,
  type Side,
  type Square,
} from '../board';

export const KNIGHT_TARGETS = tabulateSteps(KNIGHT_STEPS);
export const KING_TARGETS = tabulateSteps(QUEEN_STEPS);
/** Squares a pawn of this side attacks. */
export const PAWN_TARGETS: Readonly<Record<Side, readonly (readonly Square[])[]>> = {
  white: tabulateSteps([
    [-1, 1],
    [1, 1],
  ]),
  black: tabulateSteps([
    [-1, -1],
    [1, -1],
  ]),
};

const ROOK_RAYS = tabulateRays(ROOK_STEPS);
const BISHOP_RAYS = tabulateRays(BISHOP_STEPS);
const QUEEN_RAYS = tabulateRays(QUEEN_STEPS);

/** Rays of a line piece from each square; undefined for men that step. */
export function raysOf(role: Role): readonly (readonly (readonly Square[])[])[] | undefined {
  switch (role) {
    case 'rook':
      return ROOK_RAYS;
    case 'bishop':
      return BISHOP_RAYS;
    case 'queen':
      return QUEEN_RAYS;
    default:
      return undefined;
  }
}

/** Squares of all men of `side` that attack `square`. A pinned man attacks too (FIDE Laws, article 3.1.3). */
export function listAttackers(board: Board, square: Square, side: Side): Square[] {
  const attackers: Square[] = [];
  const collect = (squares: readonly Square[] | undefined, role: Role) => {
    const man = getMan(side, role);
    for (const from of squares ?? []) if (board[from] === man) attackers.push(from);
  };
  collect(KNIGHT_TARGETS[square], 'knight');
  collect(KING_TARGETS[square], 'king');
  // A pawn attacks this square exactly from where an opposing pawn standing here would attack.
  collect(PAWN_TARGETS[side === 'white' ? 'black' : 'white'][square], 'pawn');
  collectLines(board, ROOK_RAYS[square] ?? [], side, 'rook', attackers);
  collectLines(board, BISHOP_RAYS[square] ?? [], side, 'bishop', attackers);
  return attackers;
}

function collectLines(
  board: Board,
  rays: readonly (readonly Square[])[],
  side: Side,
  role: 'rook' | 'bishop',
  attackers: Square[],
): void {
  for (const ray of rays) {
    for (const from of ray) {
      const man = board[from];
      if (man === undefined) continue;
      if (man.side === side && (man.role === role || man.role === 'queen')) attackers.push(from);
      break;
    }
  }
}
