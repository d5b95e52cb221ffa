import { fileOf, makeSquareName, rankOf, type PromotionRole, type Role } from '../board';
import {
  findCaptured,
  findCastlingWing,
  findOutcome,
  isCheck,
  listLegalMoves,
  playMove,
  type Move,
  type Position,
} from '../rules';
import { failure, success, type Result } from '../shared';

/** Why a text names no legal move here. */
export type SanFault =
  | { readonly code: 'san/not-a-move'; readonly found: string }
  | { readonly code: 'san/no-such-move'; readonly found: string }
  | { readonly code: 'san/ambiguous'; readonly found: string; readonly moves: readonly Move[] };

const ROLE_LETTERS: Readonly<Record<Role, string>> = {
  pawn: '',
  knight: 'N',
  bishop: 'B',
  rook: 'R',
  queen: 'Q',
  king: 'K',
};
const LETTER_ROLES: Readonly<Record<string, Role>> = {
  '': 'pawn',
  N: 'knight',
  B: 'bishop',
  R: 'rook',
  Q: 'queen',
  K: 'king',
};

/** Standard Algebraic Notation of a legal move (PGN standard, section 8.2.3), with + or #. */
export function makeSan(position: Position, move: Move): string {
  const after = playMove(position, move);
  const sign = findOutcome(after)?.kind === 'mate' ? '#' : isCheck(after) ? '+' : '';
  return `${makeMoveBody(position, move)}${sign}`;
}

/** The moves of a line in SAN, one text a ply; every move must be legal where it is played. */
export function makeSanLine(position: Position, moves: readonly Move[]): string[] {
  const texts: string[] = [];
  let current = position;
  for (const move of moves) {
    texts.push(makeSan(current, move));
    current = playMove(current, move);
  }
  return texts;
}

/**
 * The moves of a line as they are written in a text, one a ply: "1. Qg6", "hxg6", "2. Rh3#"; "1... " first for Black. A solution is
 * counted from 1, the moves of a game from `first`.
 */
export function listNumberedMoves(position: Position, moves: readonly Move[], first = 1): string[] {
  const isBlackFirst = position.turn === 'black';
  return makeSanLine(position, moves).map((san, ply) => {
    const plyFromWhite = ply + (isBlackFirst ? 1 : 0);
    const number = Math.floor(plyFromWhite / 2) + first;
    if (plyFromWhite % 2 === 0) return `${number}. ${san}`;
    return ply === 0 ? `${number}... ${san}` : san;
  });
}

/** The same as one text: "1. Qg6 hxg6 2. Rh3#". */
export function makeNumberedLine(position: Position, moves: readonly Move[], first = 1): string {
  return listNumberedMoves(position, moves, first).join(' ');
}

const SAN_SHAPE = /^([NBRQK]?)([a-h]?)([1-8]?)x?([a-h])([1-8])(?:=?([NBRQ]))?$/;

/**
 * Reads a move in SAN. Check and mate signs, annotation signs and zeros in castling are tolerated; the teaching reader
 * with diagnoses is another module's job.
 */
export function parseSan(position: Position, text: string): Result<Move, SanFault> {
  const bare = text.trim().replace(/[+#!?]+$/, '');
  const legal = listLegalMoves(position);
  const matches = bare.match(/^[O0]-[O0](-[O0])?$/)
    ? legal.filter((move) => findCastlingWing(position, move) === (bare.length > 3 ? 'long' : 'short'))
    : matchShape(position, legal, bare);
  if (matches === undefined) return failure({ code: 'san/not-a-move', found: text });
  const [first, second] = matches;
  if (first === undefined) return failure({ code: 'san/no-such-move', found: text });
  if (second !== undefined) return failure({ code: 'san/ambiguous', found: text, moves: matches });
  return success(first);
}

function matchShape(position: Position, legal: readonly Move[], text: string): Move[] | undefined {
  const match = SAN_SHAPE.exec(text);
  if (match === null) return undefined;
  const [, letter = '', file = '', rank = '', toFile = '', toRank = '', promotion = ''] = match;
  const role = LETTER_ROLES[letter];
  const promoted = promotion === '' ? undefined : LETTER_ROLES[promotion];
  return legal.filter(
    (move) =>
      position.board[move.from]?.role === role &&
      findCastlingWing(position, move) === undefined &&
      makeSquareName(move.to) === `${toFile}${toRank}` &&
      makeSquareName(move.from).startsWith(file) &&
      makeSquareName(move.from).endsWith(rank) &&
      move.promotion === (promoted as PromotionRole | undefined),
  );
}

function makeMoveBody(position: Position, move: Move): string {
  const wing = findCastlingWing(position, move);
  if (wing !== undefined) return wing === 'short' ? 'O-O' : 'O-O-O';
  const role = position.board[move.from]?.role;
  if (role === undefined) throw new Error(`no man on ${makeSquareName(move.from)}`);
  const isCapture = findCaptured(position, move) !== undefined;
  const to = makeSquareName(move.to);
  if (role === 'pawn') {
    const file = isCapture ? `${makeSquareName(move.from).charAt(0)}x` : '';
    return `${file}${to}${move.promotion ? `=${ROLE_LETTERS[move.promotion]}` : ''}`;
  }
  return `${ROLE_LETTERS[role]}${originOf(position, move, role)}${isCapture ? 'x' : ''}${to}`;
}

/** As little of the origin as tells the men apart: file, else rank, else both. Pinned men do not count. */
function originOf(position: Position, move: Move, role: Role): string {
  const rivals = listLegalMoves(position).filter(
    ({ from, to }) => to === move.to && from !== move.from && position.board[from]?.role === role,
  );
  if (rivals.length === 0) return '';
  const name = makeSquareName(move.from);
  if (!rivals.some(({ from }) => fileOf(from) === fileOf(move.from))) return name.charAt(0);
  if (!rivals.some(({ from }) => rankOf(from) === rankOf(move.from))) return name.charAt(1);
  return name;
}
