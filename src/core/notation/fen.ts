import {
  FILE_LETTERS,
  getMan,
  makeSquareName,
  parseSquareName,
  type Board,
  type Man,
  type Role,
  type Side,
  type Square,
} from '../board';
import { NO_CASTLING, type CastlingRights, type PositionDraft } from '../rules';
import { failure, success, type Result } from '../shared';

/** The six fields of a FEN, named as a coach would ask for them. */
export type FenField = 'board' | 'side' | 'castling' | 'en-passant' | 'half-moves' | 'move-number';

/** Why a text is no FEN: a code, the field, and what was found (`at` = rank 8..1 or character, from 1). */
export type FenFault =
  | { readonly code: 'fen/empty' }
  | { readonly code: 'fen/too-long'; readonly found: number; readonly most: number }
  | { readonly code: 'fen/field-count'; readonly found: number }
  | { readonly code: 'fen/rank-count'; readonly field: 'board'; readonly found: number }
  | { readonly code: 'fen/rank-length'; readonly field: 'board'; readonly at: number; readonly found: number }
  | {
      readonly code: 'fen/board-letter';
      readonly field: 'board';
      readonly at: number;
      readonly found: string;
    }
  | { readonly code: 'fen/field-text'; readonly field: Exclude<FenField, 'board'>; readonly found: string };

const LETTER_ROLES: Readonly<Record<string, Role>> = {
  p: 'pawn',
  n: 'knight',
  b: 'bishop',
  r: 'rook',
  q: 'queen',
  k: 'king',
};
const ROLE_LETTERS: Readonly<Record<Role, string>> = {
  pawn: 'p',
  knight: 'n',
  bishop: 'b',
  rook: 'r',
  queen: 'q',
  king: 'k',
};
/** The longest correct FEN has 64 + 7 + 20 or so characters; a pasted book must not be scanned. */
const LONGEST_FEN = 120;
const LARGEST_COUNTER = 9999;

/**
 * Reads Forsyth-Edwards Notation (PGN standard, section 16.1): six fields, or the first four alone as in EPD, counters
 * then 0 and 1. Every field is checked for its form; whether the position is possible is `checkPosition`'s question.
 */
export function parseFen(text: string): Result<PositionDraft, FenFault> {
  const trimmed = text.trim();
  if (trimmed === '') return failure({ code: 'fen/empty' });
  if (trimmed.length > LONGEST_FEN) {
    return failure({ code: 'fen/too-long', found: trimmed.length, most: LONGEST_FEN });
  }
  const fields = trimmed.split(/\s+/);
  if (fields.length !== 4 && fields.length !== 6) {
    return failure({ code: 'fen/field-count', found: fields.length });
  }
  const [boardText = '', sideText = '', castlingText = '', passedText = '', half = '0', full = '1'] = fields;
  const board = parseBoard(boardText);
  if (!board.ok) return board;
  const side = parseSide(sideText);
  if (side === undefined) return fieldFailure('side', sideText);
  const castling = parseCastling(castlingText);
  if (castling === undefined) return fieldFailure('castling', castlingText);
  const enPassant = parsePassedSquare(passedText, side);
  if (enPassant === 'bad') return fieldFailure('en-passant', passedText);
  const halfmoves = parseCounter(half, 0);
  if (halfmoves === undefined) return fieldFailure('half-moves', half);
  const fullmoves = parseCounter(full, 1);
  if (fullmoves === undefined) return fieldFailure('move-number', full);
  return success({ board: board.value, turn: side, castling, enPassant, halfmoves, fullmoves });
}

/** Writes all six fields. The passed square is written after every double step, as the standard says. */
export function makeFen(draft: PositionDraft): string {
  const { turn, castling, enPassant, halfmoves, fullmoves } = draft;
  return [
    makeBoardField(draft.board),
    turn === 'white' ? 'w' : 'b',
    makeCastlingField(castling),
    enPassant === undefined ? '-' : makeSquareName(enPassant),
    halfmoves,
    fullmoves,
  ].join(' ');
}

/** The man a FEN letter stands for, capital for White; undefined for any other text. */
export function parseFenLetter(letter: string): Man | undefined {
  const role = LETTER_ROLES[letter.toLowerCase()];
  return role && getMan(letter === letter.toLowerCase() ? 'black' : 'white', role);
}

/** The letter of a man as FEN writes it: capital for White. */
export function makeFenLetter({ side, role }: Man): string {
  const letter = ROLE_LETTERS[role];
  return side === 'white' ? letter.toUpperCase() : letter;
}

function fieldFailure(field: Exclude<FenField, 'board'>, found: string) {
  return failure<FenFault>({ code: 'fen/field-text', field, found });
}

function parseBoard(text: string): Result<Board, FenFault> {
  const rows = text.split('/');
  if (rows.length !== 8) return failure({ code: 'fen/rank-count', field: 'board', found: rows.length });
  const board: (Man | undefined)[] = Array.from({ length: 64 }, () => undefined);
  let at = 0;
  for (const [row, rowText] of rows.entries()) {
    const rank = 7 - row;
    let file = 0;
    for (const letter of rowText) {
      at += 1;
      const man = parseFenLetter(letter);
      if (man !== undefined) {
        if (file < 8) board[rank * 8 + file] = man;
        file += 1;
      } else if (/^[1-8]$/.test(letter)) {
        file += Number(letter);
      } else {
        return failure({ code: 'fen/board-letter', field: 'board', at, found: letter });
      }
    }
    at += 1;
    if (file !== 8) return failure({ code: 'fen/rank-length', field: 'board', at: rank + 1, found: file });
  }
  return success(board);
}

function parseSide(text: string): Side | undefined {
  return text === 'w' ? 'white' : text === 'b' ? 'black' : undefined;
}

function parseCastling(text: string): CastlingRights | undefined {
  if (text === '-') return NO_CASTLING;
  // The standard's order, each letter at most once.
  if (!/^(?=.)K?Q?k?q?$/.test(text)) return undefined;
  return {
    white: { short: text.includes('K'), long: text.includes('Q') },
    black: { short: text.includes('k'), long: text.includes('q') },
  };
}

function parsePassedSquare(text: string, turn: Side): Square | undefined | 'bad' {
  if (text === '-') return undefined;
  const square = parseSquareName(text);
  const rank = turn === 'white' ? '6' : '3';
  return square !== undefined && text.endsWith(rank) ? square : 'bad';
}

function parseCounter(text: string, least: number): number | undefined {
  if (!/^\d{1,4}$/.test(text)) return undefined;
  const value = Number(text);
  return value >= least && value <= LARGEST_COUNTER ? value : undefined;
}

function makeBoardField(board: Board): string {
  return Array.from({ length: 8 }, (_, row) =>
    FILE_LETTERS.map((_, file) => {
      const man = board[(7 - row) * 8 + file];
      return man ? makeFenLetter(man) : '1';
    })
      .join('')
      .replace(/1+/g, (run) => String(run.length)),
  ).join('/');
}

function makeCastlingField({ white, black }: CastlingRights): string {
  const text = `${white.short ? 'K' : ''}${white.long ? 'Q' : ''}${black.short ? 'k' : ''}${black.long ? 'q' : ''}`;
  return text === '' ? '-' : text;
}
