/** A named mate from which one man has been taken off. Any one man that makes the mate of this name is right. */
import { z } from 'zod/mini';
import {
  getMan,
  opponentOf,
  rankOf,
  type Board,
  type Man,
  type Role,
  type Side,
  type Square,
} from '../../../board';
import { findPosition, getDraft, makeFen } from '../../../notation';
import { namePatterns, PATTERN_IDS, type PatternId } from '../../../patterns';
import { findKing, isCheckmate, listAttackers, type PositionDraft } from '../../../rules';
import { squareSchema, type AnswerOf } from '../../family/answer';
import { boardTextSchema, sceneOf } from '../../family/lessonBoard';
import type { AttackedNote, ManNote, SquareNote } from '../../family/note';
import { RIGHT, wrongFor, type Verdict } from '../../family/verdict';

export const PARTS = {
  version: 1,
  stage: 'named-mates',
  skill: 'ingredients',
  answerMode: 'place',
} as const;

/** A picture without one man, the mated side to move, and where that man stood. */
interface Gap {
  readonly fen: string;
  readonly id: PatternId;
  readonly square: Square;
}

export const gapShape = { fen: boardTextSchema, id: z.enum(PATTERN_IDS), square: squareSchema };

/** The mating side of a picture: the other one is to move. */
export const matingSideOf = (fen: string): Side => opponentOf(getDraft(fen).turn);

export const countMen = ({ board }: PositionDraft) => board.filter((man) => man !== undefined).length;

export function sceneOfGap({ fen }: Gap) {
  const draft = getDraft(fen);
  return sceneOf(draft, { bottom: opponentOf(draft.turn) });
}

/** The board with one man more. */
function putOn({ fen }: Gap, square: Square, man: Man): PositionDraft {
  const draft = getDraft(fen);
  const board = draft.board.slice();
  board[square] = man;
  return { ...draft, board };
}

/** Is it this mate, strictly or broadly? */
function isThisMate(draft: PositionDraft, id: PatternId): boolean {
  const position = findPosition(makeFen(draft));
  return position !== undefined && namePatterns(position).some((match) => match.id === id);
}

export function isFilledBy(gap: Gap, man: Man): boolean {
  return getDraft(gap.fen).board[gap.square] === undefined && isThisMate(putOn(gap, gap.square, man), gap.id);
}

export function solve(gap: Gap, man: Man): AnswerOf<'place'> {
  return { kind: 'place', men: listMen(putOn(gap, gap.square, man).board), slips: 0 };
}

function listMen(board: Board): { square: Square; side: Side; role: Role }[] {
  return board.flatMap((man, square) =>
    man === undefined ? [] : [{ square, side: man.side, role: man.role }],
  );
}

/** Nobody mates while in check: such a board comes from no game. */
function findAttackerOfMatingKing({ board, turn }: PositionDraft) {
  const king = findKing(board, opponentOf(turn));
  const [by] = king === undefined ? [] : listAttackers(board, king, turn);
  const byRole = by === undefined ? undefined : board[by]?.role;
  return by === undefined || byRole === undefined ? undefined : { by, byRole };
}

/** Why a man that was put on the board does not make this mate. */
export type AddedNote =
  | { readonly code: 'one-man-only' }
  | SquareNote<'pawn-on-last-rank'>
  | AttackedNote<'leaves-king-in-check'>
  | ManNote<'not-mate-yet'>
  | NamedMateNote<'not-this-mate'>;

/** A mate, or none, but not the one of this name. */
export interface NamedMateNote<Code extends string> {
  readonly code: Code;
  readonly square: Square;
  readonly role: Role;
  readonly pattern: PatternId;
}

export function judgeAdded(gap: Gap, { men }: AnswerOf<'place'>, sides: readonly Side[]): Verdict<AddedNote> {
  const draft = getDraft(gap.fen);
  const stays = listMen(draft.board).every((one) =>
    men.some(({ square, side, role }) => square === one.square && side === one.side && role === one.role),
  );
  const [one, ...others] = men.filter(({ square }) => draft.board[square] === undefined);
  if (!stays || one === undefined || others.length > 0 || !sides.includes(one.side))
    return wrongFor([{ code: 'one-man-only' }]);
  const { square, role } = one;
  // No game comes to such a board, whatever else stands on it.
  if (role === 'pawn' && (rankOf(square) === 0 || rankOf(square) === 7))
    return wrongFor([{ code: 'pawn-on-last-rank', square }], { extra: [square] });
  const filled = putOn(gap, square, getMan(one.side, role));
  if (isThisMate(filled, gap.id)) return { ...RIGHT, right: [square] };
  const by = findAttackerOfMatingKing(filled);
  if (by !== undefined)
    return wrongFor([{ code: 'leaves-king-in-check', square, ...by }], { extra: [square] });
  return wrongFor(
    [
      isCheckmate(filled)
        ? { code: 'not-this-mate', square, role, pattern: gap.id }
        : { code: 'not-mate-yet', square, role },
    ],
    { extra: [square] },
  );
}
