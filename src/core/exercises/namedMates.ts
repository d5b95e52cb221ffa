/**
 * Families of the named mates (definitions: `core/patterns`). `name-mate`: which one is on the board; exactly one of the names shown
 * fits. `mate-by-name`: give it in one move; in a mixed review the name is not told. `spare-men`: men of the mating side without which, one by one or all together, it is still
 * mate. `open-line`: the man that stands in the way of the mate. `who-mates`: the same picture
 * with either side to move: who could mate in one if it were its turn?
 */
import { z } from 'zod/mini';
import { opponentOf, type Man, type Side, type Square } from '../board';
import { getPosition, makeMoveText, makeSan } from '../notation';
import { namePatterns, PATTERN_IDS, type PatternId, type PatternMatch } from '../patterns';
import {
  isCheck,
  isCheckmate,
  listLegalMoves,
  passTurn,
  playMove,
  type Move,
  type Position,
  type PositionDraft,
} from '../rules';
import type { AnswerOf } from './answer';
import { whyNoMate } from './check';
import { chooseHints, chooseOptions, compareOptions } from './chooseVerdict';
import { defineFamily } from './family';
import { findLegalMove, isMatingMove, positionTextSchema, sceneOfPosition } from './legalTask';
import { sceneOf } from './lessonBoard';
import { without } from './looseMoves';
import { compareMarks, tapHints, tapSquares } from './tapVerdict';
import { tagMiss } from './missGeometry';
import { RIGHT, wrongFor, type Reason, type Verdict } from './verdict';

const PARTS = { version: 1, stage: 'named-mates' } as const;
const patternSchema = z.enum(PATTERN_IDS);

const countMen = ({ board }: PositionDraft) => board.filter((man) => man !== undefined).length;

const nameMateShape = z.object({
  fen: positionTextSchema,
  options: z.array(patternSchema).check(z.minLength(2), z.maxLength(6)),
});
export type NameMateTask = z.infer<typeof nameMateShape>;

/** The names shown that fit, in any reading. */
function listFitting({ fen, options }: NameMateTask): PatternId[] {
  const names = namePatterns(getPosition(fen)).map(({ id }) => id);
  return options.filter((id) => names.includes(id));
}

export const nameMateFamily = defineFamily<NameMateTask, 'choose'>({
  ...PARTS,
  id: 'name-mate',
  skill: 'names-of-mates',
  answerMode: 'choose',
  levels: 4,
  taskSchema: nameMateShape.check(
    z.refine(
      (task) => listFitting(task).length === 1 && new Set(task.options).size === task.options.length,
      'not exactly one name fits',
    ),
  ),
  question: ({ fen }) => ({ code: 'name-mate', turn: opponentOf(getPosition(fen).turn) }),
  scene: ({ fen }) => sceneOfMate(getPosition(fen)),
  ask: ({ options }) => ({ kind: 'choose', options, isMultiple: false }),
  solution: (task) => chooseOptions(listFitting(task)),
  judge: (task, answer) => {
    const fitting = listFitting(task);
    const match = findMatch(task.fen, fitting[0]);
    return compareOptions(fitting, answer, (option) => match && reasonOfName(task, match, option));
  },
  measure: ({ fen, options }) => countMen(getPosition(fen)) + 6 * options.length,
  hints: (task) => chooseHints(task.options, listFitting(task)),
});

/** A wrong name is answered by who gives the check; the right one by the name itself. */
function reasonOfName({ fen }: NameMateTask, { id, roles }: PatternMatch, option: string): Reason {
  const { mating: square } = roles;
  if (option !== id) return { code: 'gives-check', squares: [square] };
  return { code: 'is-called', pattern: id, square, role: getOwnMan(getPosition(fen), square).role };
}

function findMatch(fen: string, id: PatternId | undefined): PatternMatch | undefined {
  return namePatterns(getPosition(fen)).find((match) => match.id === id);
}

/** A mate as the side that gives it sees it. */
function sceneOfMate(position: Position) {
  return sceneOf(position, { bottom: opponentOf(position.turn) });
}

const byNameShape = z.object({
  fen: positionTextSchema,
  id: patternSchema,
  /** In a mixed review the name is not told. */
  isNamed: z.boolean(),
});
export type ByNameTask = z.infer<typeof byNameShape>;

/** Mating moves that give the mate of this name; any mate when the name is not told. */
function listNamedMates({ fen, id, isNamed }: ByNameTask): Move[] {
  const position = getPosition(fen);
  return listLegalMoves(position).filter((move) => {
    const after = playMove(position, move);
    return isCheckmate(after) && (!isNamed || namePatterns(after).some((match) => match.id === id));
  });
}

export const mateByNameFamily = defineFamily<ByNameTask, 'play'>({
  ...PARTS,
  id: 'mate-by-name',
  skill: 'named-mates',
  answerMode: 'play',
  levels: 5,
  taskSchema: byNameShape.check(z.refine((task) => listNamedMates(task).length > 0, 'nobody mates so')),
  question: ({ fen, id, isNamed }) => ({
    code: 'mate-by-name',
    turn: getPosition(fen).turn,
    pattern: isNamed ? id : undefined,
  }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ fen }) => ({ kind: 'play', rules: 'legal', fen }),
  solution: (task) => ({ kind: 'play', moves: listNamedMates(task).slice(0, 1).map(makeMoveText), slips: 0 }),
  judge: judgeNamedMate,
  measure: ({ fen, isNamed }) => countMen(getPosition(fen)) + (isNamed ? 0 : 30),
  hints: (task) =>
    listNamedMates(task)
      .slice(0, 1)
      .map(({ from }) => ({ kind: 'man', square: from })),
  listRightMoves: (task, moves) => (moves.length > 0 ? [] : listNamedMates(task).map(makeMoveText)),
});

function judgeNamedMate(task: ByNameTask, { moves }: AnswerOf<'play'>): Verdict {
  const position = getPosition(task.fen);
  const move = findLegalMove(position, moves[0] ?? '');
  if (move === undefined) return wrongFor([{ code: 'not-a-legal-move' }]);
  const right = listNamedMates(task);
  if (
    right.some(
      ({ from, to, promotion }) => from === move.from && to === move.to && promotion === move.promotion,
    )
  )
    return RIGHT;
  const { role } = getOwnMan(position, move.from);
  const verdict = isMatingMove(position, move)
    ? wrongFor([{ code: 'other-mate', square: move.to, role, pattern: task.id }])
    : whyNoMate(position, move);
  return tagMiss({ ...verdict, wrongPly: 0 }, position, right);
}

function getOwnMan({ board }: PositionDraft, square: Square): Man {
  const man = board[square];
  if (man === undefined) throw new Error('a legal move is made by a man');
  return man;
}

const mateShape = z.object({ fen: positionTextSchema });
export type MateBoardTask = z.infer<typeof mateShape>;

/** Men of the mating side without which it is still mate; not its king. */
export function listSpareMen({ fen }: MateBoardTask): Square[] {
  const position = getPosition(fen);
  return position.board.flatMap((man, square) =>
    man?.side === opponentOf(position.turn) && man.role !== 'king' && isCheckmate(without(position, square))
      ? [square]
      : [],
  );
}

export const spareMenFamily = defineFamily<MateBoardTask, 'tap'>({
  ...PARTS,
  id: 'spare-men',
  skill: 'ingredients',
  answerMode: 'tap',
  levels: 4,
  taskSchema: mateShape.check(
    z.refine((task) => {
      const position = getPosition(task.fen);
      const spare = listSpareMen(task);
      // Where one man could stand in for another, each is spare but not both: such a board is not asked about.
      return (
        spare.length > 0 &&
        isCheckmate(spare.reduce<PositionDraft>((rest, at) => without(rest, at), position))
      );
    }, 'nobody is spare, or not all of them together'),
  ),
  question: ({ fen }) => ({ code: 'spare-men', side: opponentOf(getPosition(fen).turn) }),
  scene: ({ fen }) => sceneOfMate(getPosition(fen)),
  ask: () => ({ kind: 'tap', isSingle: false, labels: [] }),
  solution: (task) => tapSquares(listSpareMen(task)),
  judge: (task, answer) => compareMen(task, listSpareMen(task), answer, ['is-needed', 'is-spare']),
  measure: (task) => countMen(getPosition(task.fen)) + 10 * listSpareMen(task).length,
  hints: (task) => tapHints(listSpareMen(task)),
});

/** Compares tapped men of the mating side with the right ones; the two codes say what a wrong and a missed one is. */
function compareMen(
  { fen }: MateBoardTask,
  solution: readonly Square[],
  answer: AnswerOf<'tap'>,
  [wrong, missed]: readonly ['is-needed', 'is-spare'] | readonly ['not-in-the-way', 'stands-in-the-way'],
): Verdict {
  const position = getPosition(fen);
  return compareMarks(
    solution,
    answer,
    (square) => {
      const man = position.board[square];
      if (man === undefined) return { code: 'nobody-there', square };
      // The mating king is never one of the right ones: taking it off says nothing of a game.
      const isAsked = man.side !== position.turn && (man.role !== 'king' || wrong === 'not-in-the-way');
      return { code: isAsked ? wrong : 'not-asked', square, role: man.role };
    },
    (square) => ({ code: missed, square, role: getOwnMan(position, square).role }),
  );
}

/** Men of the side that wants to mate that stand in the way: without the man it is mate. */
export function listMenInTheWay({ fen }: MateBoardTask): Square[] {
  const position = getPosition(fen);
  return position.board.flatMap((man, square) =>
    man?.side === opponentOf(position.turn) && isCheckmate(without(position, square)) ? [square] : [],
  );
}

export const openLineFamily = defineFamily<MateBoardTask, 'tap'>({
  ...PARTS,
  id: 'open-line',
  skill: 'ingredients',
  answerMode: 'tap',
  levels: 3,
  taskSchema: mateShape.check(
    z.refine(
      (task) => !isCheckmate(getPosition(task.fen)) && listMenInTheWay(task).length === 1,
      'not exactly one man stands in the way',
    ),
  ),
  question: ({ fen }) => ({ code: 'open-line', side: opponentOf(getPosition(fen).turn) }),
  scene: ({ fen }) => sceneOfMate(getPosition(fen)),
  ask: () => ({ kind: 'tap', isSingle: true, labels: [] }),
  solution: (task) => tapSquares(listMenInTheWay(task)),
  judge: (task, answer) =>
    compareMen(task, listMenInTheWay(task), answer, ['not-in-the-way', 'stands-in-the-way']),
  measure: ({ fen }) => countMen(getPosition(fen)),
  hints: () => [],
});

const MATERS = ['white-mates', 'black-mates', 'both-mate', 'nobody-mates'] as const;

/** The mating moves of one side, in SAN, if it is its move. */
function listMatesOf(position: Position, side: Side): string[] {
  const place = position.turn === side ? position : passTurn(position);
  if (place === undefined) return [];
  return listLegalMoves(place)
    .filter((move) => isMatingMove(place, move))
    .map((move) => makeSan(place, move));
}

function whoMates({ fen }: MateBoardTask): (typeof MATERS)[number] {
  const position = getPosition(fen);
  const [white, black] = (['white', 'black'] as const).map((side) => listMatesOf(position, side).length > 0);
  if (white === true) return black === true ? 'both-mate' : 'white-mates';
  return black === true ? 'black-mates' : 'nobody-mates';
}

export const whoMatesFamily = defineFamily<MateBoardTask, 'choose'>({
  ...PARTS,
  id: 'who-mates',
  skill: 'named-mates',
  answerMode: 'choose',
  levels: 3,
  taskSchema: mateShape.check(
    z.refine(({ fen }) => {
      const position = getPosition(fen);
      // Either side may be to move, so neither king is in check.
      return !isCheck(position) && passTurn(position) !== undefined;
    }, 'a king is in check'),
  ),
  question: () => ({ code: 'who-mates' }),
  scene: ({ fen }) => ({ ...sceneOf(getPosition(fen), { bottom: 'white' }), turn: undefined }),
  ask: () => ({ kind: 'choose', options: MATERS, isMultiple: false }),
  solution: (task) => chooseOptions([whoMates(task)]),
  judge: (task, answer) =>
    compareOptions([whoMates(task)], answer, () => {
      const position = getPosition(task.fen);
      const moves = [...listMatesOf(position, 'white'), ...listMatesOf(position, 'black')];
      return moves.length === 0 ? { code: 'nothing-does' } : { code: 'mates', moves };
    }),
  measure: ({ fen }) => countMen(getPosition(fen)),
  hints: (task) => chooseHints(MATERS, [whoMates(task)]),
});
