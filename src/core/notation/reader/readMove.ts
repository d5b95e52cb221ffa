/**
 * The reader of written moves. Question: which legal move does this text mean here, how does it differ from the standard's own
 * form, and if it means none or several, why?
 *
 *  - exact: the text is the move in SAN as the PGN standard exports it (section 8.2.3);
 *  - tolerable: one legal move is meant, with remarks;
 *  - wrong: none is, or more than one.
 * Every way to understand the text is tried on the legal moves. The standard's own form means its move whatever else the text could
 * mean; else it is meant when all ways together leave one move.
 */
import { fileOf, rankOf } from '../../board';
import {
  findCaptured,
  findCastlingWing,
  isSameMove,
  listLegalMoves,
  type Move,
  type Position,
  type PositionDraft,
} from '../../rules';
import { makeSan } from '../san';
import { NOTATION_DIAGNOSES, type NotationDiagnosis, type NotationReason } from './codes';
import type { Language } from './letters';
import { isMeant } from './meaning';
import { readShape } from './readings';
import type { Reading, WrittenShape } from './shape';
import { findReason } from './whyNot';

export interface ReadOptions {
  /** Its letters are read besides the English ones; without one, any letter that is not English. */
  readonly language?: Language;
}

export type ReadMove =
  | { readonly kind: 'exact'; readonly move: Move; readonly san: string; readonly diagnoses: readonly [] }
  | {
      readonly kind: 'tolerable';
      readonly move: Move;
      readonly san: string;
      readonly diagnoses: readonly NotationDiagnosis[];
    }
  | { readonly kind: 'wrong'; readonly reason: NotationReason };

interface Match {
  readonly move: Move;
  readonly diagnoses: readonly NotationDiagnosis[];
}

/** Never throws; whatever the text is, the answer says what it is. */
export function readMove(position: Position, text: string, { language }: ReadOptions = {}): ReadMove {
  const legal = listLegalMoves(position);
  const read = readShape(text, language);
  if (read.kind === 'fault') return { kind: 'wrong', reason: read.fault };
  const { shape } = read;
  const all = shape.readings.flatMap((reading) => listMatches(position, legal, reading, shape));
  // "b1B" is a promotion, not a pawn to 1B: turned round only when nothing else is meant.
  const straight = all.filter(({ diagnoses }) => !diagnoses.includes('reversed-coordinates'));
  const matches = straight.length > 0 ? straight : all;
  const exact = matches.find(({ move }) => makeSan(position, move) === text);
  if (exact !== undefined) return { kind: 'exact', move: exact.move, san: text, diagnoses: [] };
  const [first] = matches;
  if (first === undefined) return { kind: 'wrong', reason: findReason(position, shape) };
  if (matches.some(({ move }) => !isSameMove(move, first.move))) {
    return { kind: 'wrong', reason: reasonOfSeveral(position, matches) };
  }
  // Several readings of the same move: the one that finds least to remark.
  const best = matches.reduce((one, other) => (other.diagnoses.length < one.diagnoses.length ? other : one));
  const san = makeSan(position, best.move);
  const found = new Set([...best.diagnoses, ...shape.diagnoses, ...signDiagnoses(san, shape.sign)]);
  return {
    kind: 'tolerable',
    move: best.move,
    san,
    diagnoses: NOTATION_DIAGNOSES.filter((code) => found.has(code)),
  };
}

/** The same on a board that need not be a position of a game: nothing in reading a move asks for kings. */
export function readMoveOn(draft: PositionDraft, text: string, options: ReadOptions = {}): ReadMove {
  return readMove(draft as Position, text, options);
}

/** A promotion without its man means four moves. */
function reasonOfSeveral(position: Position, matches: readonly Match[]): NotationReason {
  const moves = matches
    .map(({ move }) => move)
    .filter((move, index, all) => all.findIndex((other) => isSameMove(other, move)) === index);
  const [first] = moves;
  const isOneStep = moves.every(({ from, to }) => from === first?.from && to === first.to);
  if (first !== undefined && isOneStep) return { code: 'missing-promotion', to: first.to };
  return { code: 'ambiguous', sans: moves.map((move) => makeSan(position, move)) };
}

function listMatches(
  position: Position,
  legal: readonly Move[],
  reading: Reading,
  shape: WrittenShape,
): Match[] {
  return legal
    .filter((move) => isMeant(position, move, reading))
    .map((move) => ({
      move,
      diagnoses: [...reading.diagnoses, ...formDiagnoses(position, legal, move, reading, shape)],
    }));
}

/** What the move in this position says of how it was written, signs of check apart. */
function formDiagnoses(
  position: Position,
  legal: readonly Move[],
  move: Move,
  reading: Reading,
  shape: WrittenShape,
): NotationDiagnosis[] {
  if (reading.castling !== undefined) return [];
  const found: NotationDiagnosis[] = [];
  if (findCastlingWing(position, move) !== undefined) found.push('castling-as-king-move');
  const isCapture = findCaptured(position, move) !== undefined;
  if (isCapture && !reading.isCapture && !shape.isSpoken) found.push('missing-capture');
  if (!isCapture && reading.isCapture) found.push('false-capture');
  const isPawn = position.board[move.from]?.role === 'pawn';
  if (isPawn && isCapture && reading.fromFile === undefined && !shape.isSpoken) {
    found.push('short-pawn-capture');
  }
  const origin = originDiagnosis(position, legal, move, reading);
  if (origin !== undefined && !shape.isSpoken) found.push(origin);
  return found;
}

/** How where the move begins is written, beside how the standard tells men apart: file, else rank, else both. */
function originDiagnosis(
  position: Position,
  legal: readonly Move[],
  move: Move,
  { fromFile, fromRank, hasDash, role }: Reading,
): NotationDiagnosis | undefined {
  const man = position.board[move.from];
  const isFile = fromFile !== undefined;
  const isRank = fromRank !== undefined;
  if (!isFile && !isRank) return hasDash ? 'long-algebraic' : undefined;
  const rivals = legal.filter(
    (other) =>
      other.to === move.to && other.from !== move.from && position.board[other.from]?.role === man?.role,
  );
  const isWhole = isFile && isRank;
  if (isWhole && (hasDash || rivals.length === 0 || man?.role === 'pawn' || role === undefined)) {
    return 'long-algebraic';
  }
  if (man?.role === 'pawn') {
    return findCaptured(position, move) === undefined || isRank ? 'over-disambiguation' : undefined;
  }
  if (rivals.length === 0) return 'over-disambiguation';
  const isFileEnough = !rivals.some(({ from }) => fileOf(from) === fileOf(move.from));
  const isRankEnough = !rivals.some(({ from }) => rankOf(from) === rankOf(move.from));
  if (isWhole) return isFileEnough || isRankEnough ? 'over-disambiguation' : undefined;
  return isRank && isFileEnough ? 'non-preferred-disambiguation' : undefined;
}

/** The sign beside the one the move earns, which is the last character of its SAN. */
function signDiagnoses(san: string, sign: WrittenShape['sign']): NotationDiagnosis[] {
  const earned = /[+#]$/.exec(san)?.[0] ?? '';
  if (sign === earned) return [];
  switch (sign) {
    case '':
      return [earned === '#' ? 'missing-mate' : 'missing-check'];
    case '#':
      return ['false-mate'];
    case '+':
      return [earned === '#' ? 'check-sign-for-mate' : 'false-check'];
    case '++':
      if (earned === '') return ['false-check'];
      return [earned === '#' ? 'double-plus-mate' : 'double-plus'];
  }
}
