/** Family `who-mates`: the same position with either side to move. Who could mate in one if it were their turn? */
import { z } from 'zod/mini';
import type { Side } from '../../../board';
import { getPosition, makeSan } from '../../../notation';
import { isCheck, listLegalMoves, passTurn, type Position } from '../../../rules';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { isMatingMove } from '../../family/legalTask';
import { sceneOf } from '../../family/lessonBoard';
import { countMen, mateShape, PARTS, type MateBoardTask } from './mateBoard';
import type { MovesReason, PlainReason } from '../../family/note';

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

export interface WhoMatesQuestion {
  readonly code: 'who-mates';
}

export const whoMatesFamily = defineFamily<
  MateBoardTask,
  'choose',
  WhoMatesQuestion,
  ChoiceNote<MovesReason<'mates'> | PlainReason<'nothing-does'>>
>({
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
