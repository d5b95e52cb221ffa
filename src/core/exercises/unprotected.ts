/**
 * Family `unprotected`: tap every man of the other side that none of its own protects (stage of attack and defence). A man protects a
 * square when it attacks it; that it might be pinned is another lesson, and there are no kings on the board.
 */
import { z } from 'zod';
import { opponentOf, type Square } from '../board';
import { listAttackers } from '../rules';
import type { TapFamily, TapNote } from './family';
import { boardTextSchema, getDraft, getRole, noteNotTheirs, sceneOfTheirs } from './lessonBoard';
import { compareMarks } from './tapVerdict';

export const unprotectedTaskSchema = z
  .object({ fen: boardTextSchema })
  .refine(({ fen }) => listUnprotected(fen).length > 0, 'every man is protected');
export type UnprotectedTask = z.infer<typeof unprotectedTaskSchema>;

export const unprotectedFamily: TapFamily<UnprotectedTask> = {
  id: 'unprotected',
  version: 1,
  skill: 'attack-and-defend',
  answerMode: 'tap',
  levels: 4,
  taskSchema: unprotectedTaskSchema,
  scene: ({ fen }) => sceneOfTheirs(fen),
  solution: ({ fen }) => listUnprotected(fen),
  judge({ fen }, marks) {
    const draft = getDraft(fen);
    const noteProtected = (square: Square): TapNote => {
      const [by] = listProtectors(fen, square);
      if (by === undefined) throw new Error('a man that was marked too much has a protector');
      return { code: 'protected', square, role: getRole(draft, square), by, byRole: getRole(draft, by) };
    };
    const noteExtra = (square: Square) => noteNotTheirs(draft, square) ?? noteProtected(square);
    return compareMarks(listUnprotected(fen), marks, noteExtra, (square) => ({
      code: 'unprotected',
      square,
      role: getRole(draft, square),
    }));
  },
  /** Every man of the other side is held against every other one, and own men stand in the lines. */
  measure({ fen }) {
    const { board, turn } = getDraft(fen);
    const others = board.filter((man) => man?.side === opponentOf(turn)).length;
    return others * (others - 1) + board.filter((man) => man?.side === turn).length;
  },
};

function listProtectors(fen: string, square: Square): Square[] {
  const { board, turn } = getDraft(fen);
  return listAttackers(board, square, opponentOf(turn));
}

function listUnprotected(fen: string): Square[] {
  const { board, turn } = getDraft(fen);
  return board.flatMap((man, square) =>
    man?.side === opponentOf(turn) && listProtectors(fen, square).length === 0 ? [square] : [],
  );
}
