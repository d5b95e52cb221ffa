/** Family `garbled-line`: signs of one move of a score sheet are smudged. What stands before and after it leaves one legal move. */
import { z } from 'zod/mini';
import type { Role } from '../../../board';
import { getPosition, makeSan, parseSan, readMove } from '../../../notation';
import { listLegalMoves, playMove, type Move, type Position } from '../../../rules';
import { defineFamily } from '../../family/family';
import { positionTextSchema, sceneOfPosition } from '../../family/legalTask';
import { RIGHT, wrongFor } from '../../family/verdict';
import { numberSheet } from './scoreText';
import type { UnreadableNote } from './writtenTask';
import type { WrittenNote } from '../../answers/notationWays';

/** Stands for a sign that cannot be read. */
export const SMUDGE = '_';

const garbledShape = z.object({
  /** The position in which the smudged move was played. */
  fen: positionTextSchema,
  /** What stands before it, and the text with its smudges. */
  before: z.string(),
  garbled: z.string(),
  /** The moves after it, in SAN. */
  after: z.array(z.string()).check(z.maxLength(6)),
});

export type GarbledTask = z.infer<typeof garbledShape>;

/** The legal moves whose written form has these signs, and after which the rest of the line can be played. */
function listFittingMoves({ fen, garbled, after }: GarbledTask): Move[] {
  const position = getPosition(fen);
  return listLookalikes(position, garbled).filter(
    (move) => findBreak(playMove(position, move), after) === undefined,
  );
}

function listLookalikes(position: Position, garbled: string): Move[] {
  const letter = garbled.charAt(0);
  const role = letter === SMUDGE ? undefined : (ROLE_OF_LETTER[letter] ?? 'pawn');
  return listLegalMoves(position).filter((move) => {
    // Told cheaply, before the whole text is made.
    if (role !== undefined && position.board[move.from]?.role !== role) return false;
    const san = makeSan(position, move);
    return (
      san.length === garbled.length &&
      Array.from(garbled).every((sign, index) => sign === SMUDGE || sign === san.charAt(index))
    );
  });
}

const ROLE_OF_LETTER: Readonly<Record<string, Role>> = {
  K: 'king',
  O: 'king',
  Q: 'queen',
  R: 'rook',
  B: 'bishop',
  N: 'knight',
};

/** The first of these moves that cannot be played, as it is written; undefined when all can. */
function findBreak(start: Position, sans: readonly string[]): string | undefined {
  let position = start;
  for (const san of sans) {
    const move = parseSan(position, san);
    // A sign of check that is not there, or is missing, cannot be this game either.
    if (!move.ok || makeSan(position, move.value) !== san) return san;
    position = playMove(position, move.value);
  }
  return undefined;
}

export interface GarbledLineQuestion {
  readonly code: 'garbled-line';
  readonly line: string;
  readonly garbled: string;
  readonly after: string;
}

/** A smudged move: this one has other signs, or the next move could not follow it. */
export type GarbledLineNote =
  | UnreadableNote
  | Extract<WrittenNote, { code: 'usually-written' }>
  | { readonly code: 'not-on-the-sheet'; readonly san: string }
  | { readonly code: 'does-not-go-on'; readonly san: string; readonly next: string };

export const garbledLineFamily = defineFamily<GarbledTask, 'write', GarbledLineQuestion, GarbledLineNote>({
  id: 'garbled-line',
  version: 1,
  stage: 'notation',
  skill: 'reading-moves',
  answerMode: 'write',
  levels: 4,
  taskSchema: garbledShape.check(
    z.refine((task) => listFittingMoves(task).length === 1, 'more than one move fits, or none'),
  ),
  question(task) {
    const { position } = solveGarbled(task);
    return {
      code: 'garbled-line',
      line: numberSheet(position, task.before),
      garbled: task.garbled,
      after: numberAfter(position, task.after),
    };
  },
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: () => ({ kind: 'write', form: 'move' }),
  solution: (task) => ({ kind: 'write', text: solveGarbled(task).san }),
  judge(task, { text }) {
    const { position, san } = solveGarbled(task);
    const read = readMove(position, text);
    if (read.kind === 'wrong') return wrongFor([{ code: 'unreadable', reason: read.reason }]);
    if (read.san === san) {
      return read.kind === 'exact'
        ? RIGHT
        : { ...RIGHT, notes: [{ code: 'usually-written', san, remarks: read.diagnoses }] };
    }
    const isLike = listLookalikes(position, task.garbled).some(
      (move) => makeSan(position, move) === read.san,
    );
    if (!isLike) return wrongFor([{ code: 'not-on-the-sheet', san: read.san }]);
    const next = findBreak(playMove(position, read.move), task.after) ?? '';
    return wrongFor([{ code: 'does-not-go-on', san: read.san, next }]);
  },
  /** Signs that are missing, and moves that look like it but do not go on. */
  measure: (task) =>
    4 * Array.from(task.garbled).filter((sign) => sign === SMUDGE).length +
    6 * (listLookalikes(getPosition(task.fen), task.garbled).length - 1),
  hints: (task) => [{ kind: 'begins-with', text: solveGarbled(task).san.charAt(0) }],
});

/** What stands after the move of this turn, numbered as on a sheet. */
function numberAfter({ turn, fullmoves }: Position, after: readonly string[]): string {
  const plies = turn === 'white' ? 1 : 0;
  return after
    .map((san, index) =>
      (index + plies) % 2 === 0 ? `${fullmoves + 1 + Math.floor(index / 2)}. ${san}` : san,
    )
    .join(' ');
}

function solveGarbled(task: GarbledTask): { position: Position; san: string } {
  const position = getPosition(task.fen);
  const [move] = listFittingMoves(task);
  if (move === undefined) throw new Error('a parsed task has one move that fits');
  return { position, san: makeSan(position, move) };
}
