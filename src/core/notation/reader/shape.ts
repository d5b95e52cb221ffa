import type { Role } from '../../board';
import type { CastlingWing } from '../../rules';
import type { NotationDiagnosis } from './codes';

/** One way to understand the move itself. Files and ranks count from 0. */
export interface Reading {
  /** Undefined: whatever man stands on the square the move begins on. */
  readonly role: Role | undefined;
  readonly castling?: CastlingWing;
  readonly fromFile?: number;
  readonly fromRank?: number;
  /** Undefined in "knight takes pawn": the square is left out. */
  readonly toFile: number | undefined;
  /** Undefined in "exd": the rank is left out. */
  readonly toRank: number | undefined;
  /** The man that is said to be captured. */
  readonly victim?: Role;
  /** Said to be en passant. */
  readonly isPassing?: boolean;
  readonly isCapture: boolean;
  readonly promotion?: Role;
  /** Squares joined by a dash. */
  readonly hasDash: boolean;
  readonly diagnoses: readonly NotationDiagnosis[];
}

export interface WrittenShape {
  readonly readings: readonly Reading[];
  readonly sign: '' | '+' | '++' | '#';
  readonly saysEnPassant: boolean;
  /** Said in words, where nobody writes short forms. */
  readonly isSpoken: boolean;
  /** What holds for every reading. */
  readonly diagnoses: readonly NotationDiagnosis[];
  /** Words apart by spaces that look like a move each. */
  readonly hasSeveralMoves: boolean;
}
