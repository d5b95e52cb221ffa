/**
 * Family `captures`: tap every man of the other side that can be taken now, none forgotten (stage of capturing). No kings on the board;
 * en passant is another lesson.
 */
import { z } from 'zod';
import type { Square } from '../board';
import { listReach } from '../rules';
import type { TapFamily, TapNote } from './family';
import { boardTextSchema, getDraft, getRole, noteNotTheirs, sceneOfTheirs } from './lessonBoard';
import { compareMarks } from './tapVerdict';

export const capturesTaskSchema = z
  .object({ fen: boardTextSchema })
  .refine(({ fen }) => listCaptures(fen).length > 0, 'nothing can be taken');
export type CapturesTask = z.infer<typeof capturesTaskSchema>;

export const capturesFamily: TapFamily<CapturesTask> = {
  id: 'captures',
  version: 1,
  skill: 'capturing',
  answerMode: 'tap',
  levels: 4,
  taskSchema: capturesTaskSchema,
  scene: ({ fen }) => sceneOfTheirs(fen),
  solution: ({ fen }) => listTaken(fen),
  judge({ fen }, marks) {
    const draft = getDraft(fen);
    const noteExtra = (square: Square): TapNote =>
      noteNotTheirs(draft, square) ?? { code: 'not-taken', square, role: getRole(draft, square) };
    const noteMissed = (square: Square): TapNote => {
      const from = listCaptures(fen).find(({ to }) => to === square)?.from ?? square;
      return { code: 'missed', square, from, role: getRole(draft, from) };
    };
    return compareMarks(listTaken(fen), marks, noteExtra, noteMissed);
  },
  /** Every own man has to be held against every man of the other side. */
  measure({ fen }) {
    const { board, turn } = getDraft(fen);
    const own = board.filter((man) => man?.side === turn).length;
    return own * board.filter((man) => man !== undefined && man.side !== turn).length;
  },
};

function listCaptures(fen: string) {
  const draft = getDraft(fen);
  return draft.board
    .flatMap((man, square) => (man?.side === draft.turn ? listReach(draft, square) : []))
    .filter(({ to }) => draft.board[to] !== undefined);
}

function listTaken(fen: string): Square[] {
  return [...new Set(listCaptures(fen).map(({ to }) => to))].sort((one, other) => one - other);
}
