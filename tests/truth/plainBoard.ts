/**
 * A chess board in plain code, as an oracle: squares by file and rank, men walked one by one, nothing of `src/core`. For boards without
 * kings, which reference libraries do not take. It is slow and short on purpose.
 */
export type Kind = 'k' | 'q' | 'r' | 'b' | 'n' | 'p';
export interface Piece {
  readonly isWhite: boolean;
  readonly kind: Kind;
}
export type Cells = readonly (Piece | undefined)[];
export interface PlainBoard {
  readonly cells: Cells;
  readonly isWhiteToMove: boolean;
  /** The square a pawn has just passed over. */
  readonly passed: number | undefined;
}

const KIND_OF_ROLE: Readonly<Record<string, Kind>> = {
  king: 'k',
  queen: 'q',
  rook: 'r',
  bishop: 'b',
  knight: 'n',
  pawn: 'p',
};
/** "rook" as its letter. */
export function kindOf(role: string | undefined): Kind {
  const kind = KIND_OF_ROLE[role ?? ''];
  if (kind === undefined) throw new Error(`no piece: ${role ?? ''}`);
  return kind;
}

export const nameOf = (square: number) => `${'abcdefgh'.charAt(square % 8)}${Math.floor(square / 8) + 1}`;
export const squareOf = (name: string) =>
  'abcdefgh'.indexOf(name.charAt(0)) + 8 * (Number(name.charAt(1)) - 1);

export function readBoard(fen: string): PlainBoard {
  const [rows = '', turn = 'w', , passed = '-'] = fen.split(' ');
  const cells: (Piece | undefined)[] = Array.from({ length: 64 }, () => undefined);
  for (const [index, row] of rows.split('/').entries()) {
    let file = 0;
    for (const sign of row) {
      if (/\d/.test(sign)) file += Number(sign);
      else {
        cells[(7 - index) * 8 + file] = {
          isWhite: sign !== sign.toLowerCase(),
          kind: sign.toLowerCase() as Kind,
        };
        file += 1;
      }
    }
  }
  return {
    cells,
    isWhiteToMove: turn === 'w',
    passed: passed === '-' ? undefined : squareOf(passed),
  };
}

const STRAIGHT = [
  [0, 1],
  [1, 0],
  [0, -1],
  [-1, 0],
] as const;
const DIAGONAL = [
  [1, 1],
  [1, -1],
  [-1, 1],
  [-1, -1],
] as const;
const LEAPS = [
  [1, 2],
  [2, 1],
  [-1, 2],
  [-2, 1],
  [1, -2],
  [2, -1],
  [-1, -2],
  [-2, -1],
] as const;

function at(square: number, files: number, ranks: number): number | undefined {
  const file = (square % 8) + files;
  const rank = Math.floor(square / 8) + ranks;
  return file < 0 || file > 7 || rank < 0 || rank > 7 ? undefined : rank * 8 + file;
}

/** Squares a man attacks: where it could take, lines up to the first man. */
export function listAttacked(cells: Cells, from: number): number[] {
  const piece = cells[from];
  if (piece === undefined) return [];
  const ahead = piece.isWhite ? 1 : -1;
  switch (piece.kind) {
    case 'p':
      return [at(from, -1, ahead), at(from, 1, ahead)].filter((to) => to !== undefined);
    case 'n':
      return LEAPS.map(([files, ranks]) => at(from, files, ranks)).filter((to) => to !== undefined);
    case 'k':
      return [...STRAIGHT, ...DIAGONAL]
        .map(([files, ranks]) => at(from, files, ranks))
        .filter((to) => to !== undefined);
    default: {
      const steps =
        piece.kind === 'r' ? STRAIGHT : piece.kind === 'b' ? DIAGONAL : [...STRAIGHT, ...DIAGONAL];
      return steps.flatMap(([files, ranks]) => {
        const line: number[] = [];
        for (let to = at(from, files, ranks); to !== undefined; to = at(to, files, ranks)) {
          line.push(to);
          if (cells[to] !== undefined) break;
        }
        return line;
      });
    }
  }
}

/** Squares of one side's men that attack a square. */
export function listAttackersOf(cells: Cells, square: number, byWhite: boolean): number[] {
  return cells.flatMap((piece, from) =>
    piece?.isWhite === byWhite && listAttacked(cells, from).includes(square) ? [from] : [],
  );
}

/** Squares a man goes to or takes on by the laws of kings: none is taken, none is left or put where it is attacked. Castling aside. */
export function listTargets(board: Pick<PlainBoard, 'cells' | 'passed'>, from: number): number[] {
  const piece = board.cells[from];
  if (piece === undefined) return [];
  return listWays(board, from).filter((to) => {
    const after = [...moveOn(board.cells, from, to)];
    if (piece.kind === 'p' && to === board.passed && board.cells[to] === undefined)
      after[to + (piece.isWhite ? -8 : 8)] = undefined;
    const king = findKingOf(after, piece.isWhite);
    return king < 0 || listAttackersOf(after, king, !piece.isWhite).length === 0;
  });
}

/** Men of the other side that may take the man that has gone from one square to another. */
export function listTakersAfter(cells: Cells, from: number, to: number): number[] {
  const piece = cells[from];
  if (piece === undefined) return [];
  const after = moveOn(cells, from, to);
  return listAttackersOf(after, to, !piece.isWhite).filter((by) =>
    listTargets({ cells: after, passed: undefined }, by).includes(to),
  );
}

/** Squares a man goes to or takes on by its own way of going; no king is taken. */
function listWays({ cells, passed }: Pick<PlainBoard, 'cells' | 'passed'>, from: number): number[] {
  const piece = cells[from];
  if (piece === undefined) return [];
  if (piece.kind === 'p') {
    const ahead = piece.isWhite ? 1 : -1;
    const one = at(from, 0, ahead);
    const two = Math.floor(from / 8) === (piece.isWhite ? 1 : 6) ? at(from, 0, 2 * ahead) : undefined;
    const isOneFree = one !== undefined && cells[one] === undefined;
    return [
      ...(isOneFree ? [one] : []),
      ...(isOneFree && two !== undefined && cells[two] === undefined ? [two] : []),
      ...listAttacked(cells, from).filter((to) => {
        const victim = cells[to];
        return victim === undefined ? to === passed : victim.isWhite !== piece.isWhite && victim.kind !== 'k';
      }),
    ];
  }
  return listAttacked(cells, from).filter((to) => {
    const victim = cells[to];
    return victim?.isWhite !== piece.isWhite && victim?.kind !== 'k';
  });
}

/** The cells after a man has gone, without regard to en passant and promotion. */
export function moveOn(cells: Cells, from: number, to: number): Cells {
  const after = cells.slice();
  after[to] = cells[from];
  after[from] = undefined;
  return after;
}

export function liftOff(cells: Cells, ...squares: readonly number[]): Cells {
  return cells.map((piece, square) => (squares.includes(square) ? undefined : piece));
}

export function findKingOf(cells: Cells, isWhite: boolean): number {
  return cells.findIndex((piece) => piece?.kind === 'k' && piece.isWhite === isWhite);
}

/** Squares strictly between two squares of one line; undefined where they lie on none. */
export function listBetween(from: number, to: number): number[] | undefined {
  const files = (to % 8) - (from % 8);
  const ranks = Math.floor(to / 8) - Math.floor(from / 8);
  const steps = Math.max(Math.abs(files), Math.abs(ranks));
  if (steps === 0 || ![0, steps].includes(Math.abs(files)) || ![0, steps].includes(Math.abs(ranks)))
    return undefined;
  return Array.from(
    { length: steps - 1 },
    (_, step) => from + (step + 1) * (Math.sign(files) + 8 * Math.sign(ranks)),
  );
}

const NO_MEN: Cells = Array.from({ length: 64 }, () => undefined);

/** Could a man of this kind go, or a pawn go or take, so on an empty board? */
export function isItsWay(piece: Piece, from: number, to: number): boolean {
  const alone = NO_MEN.with(from, piece);
  return (
    listTargets({ cells: alone, passed: undefined }, from).includes(to) ||
    listAttacked(alone, from).includes(to)
  );
}
