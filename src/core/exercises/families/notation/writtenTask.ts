/**
 * A move that is shown or written. The reader of moves says what a text means, so every way to write the move is right and the taught form is
 * shown.
 */
import { z } from 'zod/mini';
import { getPosition, makeSan, readMove, type ReadMove, type NotationReason } from '../../../notation';
import { isSameMove, type Move, type Position } from '../../../rules';
import { notationWaysSchema, USUAL_WAYS, writeAsTaught } from '../../answers/notationWays';
import { findLegalMove, positionTextSchema, sceneOfPosition } from '../../family/legalTask';
import type { FamilyNote } from '../../family/note';
import { wrongFor, type Verdict } from '../../family/verdict';

export const writtenTaskSchema = z
  .object({
    fen: positionTextSchema,
    move: z.string(),
    /** How the club had moves written when the task was made; as usual when nothing is said. */
    ways: z.optional(notationWaysSchema),
  })
  .check(
    z.refine(({ fen, move }) => findLegalMove(getPosition(fen), move) !== undefined, 'not a legal move'),
  );

export type WrittenTask = z.infer<typeof writtenTaskSchema>;

export function openTask({ fen, move: text }: WrittenTask): { position: Position; move: Move; san: string } {
  const position = getPosition(fen);
  const move = findLegalMove(position, text);
  if (move === undefined) throw new Error('a parsed task has a legal move');
  return { position, move, san: makeSan(position, move) };
}

/** What has to be thought of: letter, capture, check, disambiguation, promotion, castling. */
export function measureWritten(task: WrittenTask): number {
  const { san } = openTask(task);
  const ofSign = (pattern: RegExp) => (pattern.test(san) ? 1 : 0);
  return (
    ofSign(/^[KQRBN]/) +
    2 * ofSign(/x/) +
    ofSign(/\+/) +
    2 * ofSign(/#/) +
    3 * ofSign(/O-O/) +
    4 * ofSign(/=/) +
    5 * ofSign(/^[KQRBN][a-h1-8]{1,2}x?[a-h][1-8]/)
  );
}

export const PARTS = {
  version: 1,
  stage: 'notation',
  taskSchema: writtenTaskSchema,
  measure: measureWritten,
} as const;

/** A shown move that is to be written. */
export const WRITE_PARTS = {
  ...PARTS,
  answerMode: 'write',
  scene(task: WrittenTask) {
    const { from, to } = openTask(task).move;
    return sceneOfPosition(task.fen, { bottom: 'white', trace: { from, to } });
  },
  ask: () => ({ kind: 'write', form: 'move' }) as const,
  solution(task: WrittenTask) {
    const { position, move } = openTask(task);
    return { kind: 'write', text: writeAsTaught(position, move, task.ways ?? USUAL_WAYS) } as const;
  },
  hints: (task: WrittenTask) => [{ kind: 'begins-with', text: openTask(task).san.charAt(0) } as const],
} as const;

/** What the text means here; how the asked move is written is for the family to judge. */
/** What was written cannot be read; or it is another move. */
export type NotMeantNote =
  UnreadableNote | { readonly code: 'writes-another'; readonly san: string; readonly asked: string };

export interface UnreadableNote {
  readonly code: 'unreadable';
  readonly reason: NotationReason;
}

export function judgeWriting<Note extends FamilyNote>(
  task: WrittenTask,
  text: string,
  judgeMeant: (position: Position, read: Extract<ReadMove, { kind: 'exact' | 'tolerable' }>) => Verdict<Note>,
): Verdict<NotMeantNote | Note> {
  const { position, move, san } = openTask(task);
  const read = readMove(position, text);
  if (read.kind === 'wrong') return wrongFor([{ code: 'unreadable', reason: read.reason }]);
  if (!isSameMove(read.move, move)) return wrongFor([{ code: 'writes-another', san: read.san, asked: san }]);
  return judgeMeant(position, read);
}
