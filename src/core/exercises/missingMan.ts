/**
 * Families in which one man of a named mate has been taken off. `missing-man`: it is of the side that mates, put it back where it makes
 * the mate. `missing-part`: it may be of either side, a helper or a man that takes a square from its own king; which part of the
 * picture is missing is for the student to find. Any one man that makes the mate of this name is right.
 */
import { z } from 'zod/mini';
import {
  getMan,
  opponentOf,
  ROLES,
  SIDES,
  type Board,
  type Man,
  type Role,
  type Side,
  type Square,
  rankOf,
} from '../board';
import { findPosition, getDraft, makeFen } from '../notation';
import { namePatterns, PATTERN_IDS, type PatternId } from '../patterns';
import { findKing, isCheckmate, listAttackers, type PositionDraft } from '../rules';
import { squareSchema, type AnswerOf } from './answer';
import { defineFamily } from './family';
import { boardTextSchema, sceneOf } from './lessonBoard';
import { RIGHT, wrongFor, type Verdict } from './verdict';

const PARTS = {
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

const gapShape = { fen: boardTextSchema, id: z.enum(PATTERN_IDS), square: squareSchema };

const missingManShape = z.object({
  ...gapShape,
  role: z.enum(ROLES),
  /** The men there are to choose from. */
  tray: z.array(z.enum(ROLES)).check(z.minLength(1)),
});
export type MissingManTask = z.infer<typeof missingManShape>;

/** The mating side of a picture: the other one is to move. */
const matingSideOf = (fen: string): Side => opponentOf(getDraft(fen).turn);

export const missingManFamily = defineFamily<MissingManTask, 'place'>({
  ...PARTS,
  id: 'missing-man',
  levels: 4,
  taskSchema: missingManShape.check(
    z.refine(
      (task) => task.tray.includes(task.role) && isFilledBy(task, getMan(matingSideOf(task.fen), task.role)),
      'the man does not make the mate',
    ),
  ),
  question: ({ fen, id }) => ({ code: 'missing-man', pattern: id, side: matingSideOf(fen) }),
  scene: sceneOfGap,
  ask: ({ fen, tray }) => ({ kind: 'place', tray: tray.map((role) => getMan(matingSideOf(fen), role)) }),
  solution: (task) => solve(task, getMan(matingSideOf(task.fen), task.role)),
  judge: (task, answer) => judgeAdded(task, answer, [matingSideOf(task.fen)]),
  measure: ({ fen, tray }) => countMen(getDraft(fen)) + 4 * tray.length,
  hints: ({ tray, role, square }) => [
    ...(tray.length > 1
      ? [{ kind: 'not-this' as const, option: tray.find((one) => one !== role) ?? role }]
      : []),
    { kind: 'man', square },
  ],
});

const manShape = z.object({ side: z.enum(SIDES), role: z.enum(ROLES) });
const missingPartShape = z.object({
  ...gapShape,
  man: manShape,
  tray: z.array(manShape).check(z.minLength(2)),
});
export type MissingPartTask = z.infer<typeof missingPartShape>;

export const missingPartFamily = defineFamily<MissingPartTask, 'place'>({
  ...PARTS,
  id: 'missing-part',
  levels: 3,
  taskSchema: missingPartShape.check(
    z.refine(
      (task) =>
        task.tray.some((man) => man.side === task.man.side && man.role === task.man.role) &&
        SIDES.every((side) => task.tray.some((man) => man.side === side)) &&
        isFilledBy(task, getMan(task.man.side, task.man.role)),
      'the man does not make the mate, or the tray tells whose it is',
    ),
  ),
  question: ({ fen, id }) => ({ code: 'missing-part', pattern: id, side: matingSideOf(fen) }),
  scene: sceneOfGap,
  ask: ({ tray }) => ({ kind: 'place', tray: tray.map(({ side, role }) => getMan(side, role)) }),
  solution: (task) => solve(task, getMan(task.man.side, task.man.role)),
  judge: (task, answer) => judgeAdded(task, answer, SIDES),
  measure: ({ fen, tray }) => countMen(getDraft(fen)) + 4 * tray.length,
  hints: ({ square }) => [{ kind: 'man', square }],
});

const countMen = ({ board }: PositionDraft) => board.filter((man) => man !== undefined).length;

function sceneOfGap({ fen }: Gap) {
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

function isFilledBy(gap: Gap, man: Man): boolean {
  return getDraft(gap.fen).board[gap.square] === undefined && isThisMate(putOn(gap, gap.square, man), gap.id);
}

function solve(gap: Gap, man: Man): AnswerOf<'place'> {
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

function judgeAdded(gap: Gap, { men }: AnswerOf<'place'>, sides: readonly Side[]): Verdict {
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
