import type { Square } from '../../board';
import type { MoveText } from '../../notation';
import type { StoredFate } from '../../puzzles';
import type { FamilyNote } from './note';

/** right: the goal is reached; wrong: something loses it; unfinished: right so far. */
export const OUTCOMES = ['right', 'wrong', 'unfinished'] as const;
export type VerdictOutcome = (typeof OUTCOMES)[number];

/** What is wrong with a move of a mate task. */
export const MATE_DIAGNOSES = [
  'stalemate',
  'draws',
  'slower',
  'gets-mated',
  'loses-men',
  'escapes',
  'not-in-task',
] as const;
export type MateDiagnosis = (typeof MATE_DIAGNOSES)[number];

/** The shape of the move that was not seen. */
export const MISS_GEOMETRIES = [
  'miss-knight',
  'miss-backward',
  'miss-long-diagonal',
  'miss-en-passant',
  'miss-discovered',
  'miss-behind',
] as const;
export type MissGeometry = (typeof MISS_GEOMETRIES)[number];

/** What is said of an answer; `Note` is what the family can say about its parts. */
export interface Verdict<Note extends FamilyNote = FamilyNote> {
  readonly outcome: VerdictOutcome;
  /** Kinds of mistake, as codes: these are stored. */
  readonly diagnoses: readonly (MateDiagnosis | MissGeometry | Note['code'])[];
  /** Ply of the first wrong move, from 0; undefined unless a move is wrong. */
  readonly wrongPly: number | undefined;
  /** What follows the wrong move and shows why it is wrong, up to a quiet end; may be empty. */
  readonly refutation: readonly MoveText[];
  /** What becomes of the wrong move, proved or seen; undefined unless wrong and known. */
  readonly fate: StoredFate | undefined;
  /** What differs from a right answer, that which is too much or wrong before that which is missing. */
  readonly notes: readonly Note[];
  /** Squares of the answer that are right, that are not, and right ones that are missing; empty where no squares are answered. */
  readonly right: readonly Square[];
  readonly extra: readonly Square[];
  readonly missed: readonly Square[];
}

const PLAIN = {
  diagnoses: [],
  wrongPly: undefined,
  refutation: [],
  fate: undefined,
  notes: [],
  right: [],
  extra: [],
  missed: [],
} as const;

export const RIGHT: Verdict<never> = { outcome: 'right', ...PLAIN };
export const UNFINISHED: Verdict<never> = { outcome: 'unfinished', ...PLAIN };

/** Wrong for these reasons; each kind of mistake is stored once. */
export function wrongFor<const Note extends FamilyNote>(
  notes: readonly Note[],
  squares: Partial<Pick<Verdict, 'right' | 'extra' | 'missed'>> = {},
): Verdict<Note> {
  return {
    ...PLAIN,
    outcome: 'wrong',
    diagnoses: [...new Set(notes.map(({ code }): Note['code'] => code))],
    notes,
    ...squares,
  };
}
