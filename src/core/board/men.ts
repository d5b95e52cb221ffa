export const SIDES = ['white', 'black'] as const;
export type Side = (typeof SIDES)[number];

/** In the order of the usual piece values; the prover's private codes follow it. */
export const ROLES = ['pawn', 'knight', 'bishop', 'rook', 'queen', 'king'] as const;
export type Role = (typeof ROLES)[number];

export const PROMOTION_ROLES = ['queen', 'rook', 'bishop', 'knight'] as const;
export type PromotionRole = (typeof PROMOTION_ROLES)[number];

/** A piece or pawn of one side. */
export interface Man {
  readonly side: Side;
  readonly role: Role;
}

/** 64 squares, a1 first; undefined = empty. */
export type Board = readonly (Man | undefined)[];

const MEN: Readonly<Record<Side, Readonly<Record<Role, Man>>>> = {
  white: menOf('white'),
  black: menOf('black'),
};

function menOf(side: Side): Record<Role, Man> {
  return {
    pawn: { side, role: 'pawn' },
    knight: { side, role: 'knight' },
    bishop: { side, role: 'bishop' },
    rook: { side, role: 'rook' },
    queen: { side, role: 'queen' },
    king: { side, role: 'king' },
  };
}

/** The one shared object for this man, so that boards can be compared by identity. */
export function getMan(side: Side, role: Role): Man {
  return MEN[side][role];
}

/** The side that is not this one. */
export function opponentOf(side: Side): Side {
  return side === 'white' ? 'black' : 'white';
}

/** What each man is worth, in pawns; the king counts nothing, for it is never exchanged. */
export type ValueScale = Readonly<Record<Role, number>>;

/** 1, 3, 3, 5, 9. Common practice; the scale becomes a setting. */
export const MAN_VALUES: ValueScale = {
  pawn: 1,
  knight: 3,
  bishop: 3,
  rook: 5,
  queen: 9,
  king: 0,
};

/** Material of this side less that of the other, in pawns. */
export function findBalance(board: Board, side: Side, values: ValueScale): number {
  return board.reduce(
    (sum, man) => sum + (man === undefined ? 0 : (man.side === side ? 1 : -1) * values[man.role]),
    0,
  );
}
