/** What the families of the named mates share (definitions of the names: `core/patterns`). */
import { z } from 'zod/mini';
import { opponentOf, type Man, type Role, type Square } from '../../../board';
import { getPosition } from '../../../notation';
import { PATTERN_IDS } from '../../../patterns';
import type { Position, PositionDraft } from '../../../rules';
import { compareMarks } from '../../answers/tap';
import type { AnswerOf } from '../../family/answer';
import { positionTextSchema } from '../../family/legalTask';
import { sceneOf } from '../../family/lessonBoard';
import type { SquareNote } from '../../family/note';
import type { Verdict } from '../../family/verdict';

export const PARTS = { version: 1, stage: 'named-mates' } as const;

export const patternSchema = z.enum(PATTERN_IDS);

export const countMen = ({ board }: PositionDraft) => board.filter((man) => man !== undefined).length;

/** A mate as the side that gives it sees it. */
export function sceneOfMate(position: Position) {
  return sceneOf(position, { bottom: opponentOf(position.turn) });
}

export function getOwnMan({ board }: PositionDraft, square: Square): Man {
  const man = board[square];
  if (man === undefined) throw new Error('a legal move is made by a man');
  return man;
}

export const mateShape = z.object({ fen: positionTextSchema });

export type MateBoardTask = z.infer<typeof mateShape>;

export type MenNote<Code extends string> =
  | SquareNote<'nobody-there'>
  | { readonly code: 'not-asked' | Code; readonly square: Square; readonly role: Role };

/** Compares tapped men of the mating side with the right ones; the two codes say what a wrong and a missed one is. */
export function compareMen<Code extends 'is-needed' | 'is-spare' | 'not-in-the-way' | 'stands-in-the-way'>(
  { fen }: MateBoardTask,
  solution: readonly Square[],
  answer: AnswerOf<'tap'>,
  [wrong, missed]: readonly [wrong: Code, missed: Code],
): Verdict<MenNote<Code>> {
  const position = getPosition(fen);
  return compareMarks(
    solution,
    answer,
    (square): MenNote<Code> => {
      const man = position.board[square];
      if (man === undefined) return { code: 'nobody-there', square };
      // The mating king is never one of the right ones: taking it off says nothing of a game.
      const isAsked = man.side !== position.turn && (man.role !== 'king' || wrong === 'not-in-the-way');
      return { code: isAsked ? wrong : 'not-asked', square, role: man.role };
    },
    (square): MenNote<Code> => ({ code: missed, square, role: getOwnMan(position, square).role }),
  );
}
