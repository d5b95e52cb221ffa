/**
 * How a club has moves written: which ways beside the taught one are accepted, accepted with a remark, or not accepted, and which form is
 * taught. Schools differ in all of it (common practice); the standard's own form is always read.
 */
import { z } from 'zod/mini';
import { makeSquareName } from '../../board';
import { makeSan, type NotationDiagnosis, type ReadMove } from '../../notation';
import { findCaptured, findCastlingWing, type Move, type Position } from '../../rules';
import { RIGHT, wrongFor, type Verdict } from '../family/verdict';

/** Remarks that a coach decides about together. */
export const NOTATION_GROUPS = {
  'check-signs': [
    'missing-check',
    'missing-mate',
    'false-check',
    'false-mate',
    'double-plus-mate',
    'double-plus',
    'check-sign-for-mate',
  ],
  'capture-signs': ['missing-capture', 'false-capture', 'capture-sign', 'short-pawn-capture', 'ep-suffix'],
  castling: ['zero-castling', 'lower-case-castling', 'castling-form', 'castling-as-king-move'],
  promotion: ['promotion-form'],
  letters: ['lower-case-piece', 'upper-case-file', 'pawn-letter', 'foreign-letter', 'figurine'],
  'number-first': ['reversed-coordinates'],
  'from-square': ['long-algebraic', 'over-disambiguation', 'non-preferred-disambiguation'],
  words: ['spoken-words'],
  extras: ['annotation-suffix', 'move-number', 'spacing', 'trailing-punctuation'],
} as const satisfies Readonly<Record<string, readonly NotationDiagnosis[]>>;
export type NotationGroup = keyof typeof NOTATION_GROUPS;
const GROUPS = Object.keys(NOTATION_GROUPS) as NotationGroup[];

export const ACCEPTANCES = ['accept', 'remark', 'refuse'] as const;
export type Acceptance = (typeof ACCEPTANCES)[number];

export const notationWaysSchema = z.object({
  /** What is said to each group; a remark where nothing is said. */
  groups: z._default(z.partialRecord(z.enum(GROUPS), z.enum(ACCEPTANCES)), {}),
  /** The form that is taught: where the man goes, or from where to where. */
  form: z._default(z.enum(['short', 'long']), 'short'),
  /** Castling with zeros. */
  hasZeros: z._default(z.boolean(), false),
});
export type NotationWays = z.infer<typeof notationWaysSchema>;
export const USUAL_WAYS: NotationWays = { groups: {}, form: 'short', hasZeros: false };

/** The move as the club teaches to write it. */
export function writeAsTaught(position: Position, move: Move, { form, hasZeros }: NotationWays): string {
  const san = makeSan(position, move);
  if (findCastlingWing(position, move) !== undefined) return hasZeros ? san.replaceAll('O', '0') : san;
  if (form === 'short') return san;
  const letter = /^[KQRBN]/.exec(san)?.[0] ?? '';
  const sign = findCaptured(position, move) === undefined ? '-' : 'x';
  const end = /(=[QRBN])?[+#]?$/.exec(san)?.[0] ?? '';
  return `${letter}${makeSquareName(move.from)}${sign}${makeSquareName(move.to)}${end}`;
}

/** The right move, but not as it should be written yet; or right, but the taught form is another. */
export type WrittenNote =
  | {
      readonly code: 'still-differs';
      readonly remark: NotationDiagnosis | undefined;
      readonly text: string;
    }
  | {
      readonly code: 'usually-written';
      readonly san: string;
      readonly remarks: readonly NotationDiagnosis[];
    };

/** A move that was understood: right, right with a remark, or not accepted, by the ways of the club. */
export function judgeRead(
  position: Position,
  read: Extract<ReadMove, { kind: 'exact' | 'tolerable' }>,
  text: string,
  ways: NotationWays,
): Verdict<WrittenNote> {
  const taught = writeAsTaught(position, read.move, ways);
  if (text.trim() === taught) return RIGHT;
  const remarks = read.diagnoses.filter((code) => acceptanceOf(code, ways) !== 'accept');
  const refused = remarks.find((code) => acceptanceOf(code, ways) === 'refuse');
  if (refused !== undefined) return wrongFor([{ code: 'still-differs', remark: refused, text: text.trim() }]);
  // The standard's own form is right too where another one is taught, and the taught one is shown.
  const isOtherForm = read.kind === 'exact' && taught !== read.san;
  if (remarks.length === 0 && !isOtherForm) return RIGHT;
  return { ...RIGHT, notes: [{ code: 'usually-written', san: taught, remarks }] };
}

function acceptanceOf(code: NotationDiagnosis, ways: NotationWays): Acceptance {
  const group = GROUPS.find((one) => NOTATION_GROUPS[one].some((other) => other === code));
  const said = group === undefined ? undefined : ways.groups[group];
  if (said !== undefined) return said;
  // What is taught is no matter for a remark.
  const isTaught =
    (code === 'long-algebraic' && ways.form === 'long') || (code === 'zero-castling' && ways.hasZeros);
  return isTaught ? 'accept' : 'remark';
}
