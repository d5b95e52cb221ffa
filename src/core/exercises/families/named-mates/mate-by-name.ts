/** Family `mate-by-name`: a named mate is given in one move. In a mixed review the name is not told. */
import type { Side } from '../../../board';
import { z } from 'zod/mini';
import { getPosition, makeMoveText } from '../../../notation';
import { namePatterns, type PatternId } from '../../../patterns';
import { isCheckmate, listLegalMoves, playMove, type Move } from '../../../rules';
import { tagMiss } from '../../answers/missGeometry';
import type { AnswerOf } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { findLegalMove, isMatingMove, positionTextSchema, sceneOfPosition } from '../../family/legalTask';
import { RIGHT, wrongFor, type Verdict } from '../../family/verdict';
import { whyNoMate, type NoMateNote } from '../check/whyNoMate';
import { countMen, getOwnMan, PARTS, patternSchema } from './mateBoard';
import type { NotLegalNote } from '../../answers/firstMove';
import type { NamedMateNote } from './missing';

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

export interface MateByNameQuestion {
  readonly code: 'mate-by-name';
  readonly turn: Side;
  readonly pattern: PatternId | undefined;
}

export type ByNameNote = NotLegalNote | NoMateNote | NamedMateNote<'other-mate'>;

export const mateByNameFamily = defineFamily<ByNameTask, 'play', MateByNameQuestion, ByNameNote>({
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

function judgeNamedMate(task: ByNameTask, { moves }: AnswerOf<'play'>): Verdict<ByNameNote> {
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
  const verdict: Verdict<ByNameNote> = isMatingMove(position, move)
    ? wrongFor([{ code: 'other-mate', square: move.to, role, pattern: task.id }])
    : whyNoMate(position, move);
  return tagMiss({ ...verdict, wrongPly: 0 }, position, right);
}
