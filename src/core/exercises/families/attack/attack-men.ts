/** Family `attack-men`: every piece that can answer an attack in one given way, or every square the attacked piece can go to. */
import { z } from 'zod/mini';
import type { Square, Side, Role } from '../../../board';
import { getPosition, makeSan } from '../../../notation';
import { ATTACK_ANSWERS, type AttackAnswer } from '../../../tactics';
import { compareMarks, tapHints, tapSquares } from '../../answers/tap';
import { defineFamily } from '../../family/family';
import { sceneOfPosition } from '../../family/legalTask';
import type { SquareNote } from '../../family/note';
import { noteNotReached, type NotReachedNote } from '../movement/reachNotes';
import {
  aboutAttack,
  attackedShape,
  getAttack,
  isAttack,
  isOfKind,
  listDeeds,
  listSound,
  showLoss,
} from './attackedTask';

const attackMenShape = z.extend(attackedShape, { answer: z.enum(ATTACK_ANSWERS) });

type AttackMenTask = z.infer<typeof attackMenShape>;

export interface AttackMenQuestion {
  readonly code: 'attack-men';
  readonly turn: Side;
  readonly target: Square;
  readonly targetRole: Role;
  readonly attacker: Square;
  readonly attackerRole: Role;
  readonly answer: AttackAnswer;
}

export type AttackMenNote =
  | NotReachedNote
  | SquareNote<'nobody-there' | 'not-your-man'>
  /** A man or a square that has an answer, and the move. */
  | { readonly code: 'can-answer'; readonly square: Square; readonly move: string }
  /** A man that has none of this kind. */
  | {
      readonly code: 'cannot-answer';
      readonly square: Square;
      readonly role: Role;
      readonly answer: AttackAnswer;
    }
  /** The man has an answer, but of another kind. */
  | {
      readonly code: 'answers-otherwise';
      readonly square: Square;
      readonly role: Role;
      readonly move: string;
    }
  /** A move of this kind that loses something, as these moves show. */
  | {
      readonly code: 'move-is-lost';
      readonly square: Square;
      readonly move: string;
      readonly moves: readonly string[];
    };

export const attackMenFamily = defineFamily<AttackMenTask, 'tap', AttackMenQuestion, AttackMenNote>({
  id: 'attack-men',
  version: 2,
  stage: 'attack',
  skill: 'answers-to-attack',
  answerMode: 'tap',
  levels: 4,
  taskSchema: attackMenShape.check(
    z.refine(isAttack, 'nobody is attacked there'),
    z.refine((task) => listAnsweringSquares(task).length > 0, 'there is no such answer'),
  ),
  question: (task) => ({ code: 'attack-men', ...aboutAttack(task), answer: task.answer }),
  scene: ({ fen, target }) => sceneOfPosition(fen, { asked: [target] }),
  ask: () => ({ kind: 'tap', isSingle: false, labels: [] }),
  solution: (task) => tapSquares(listAnsweringSquares(task)),
  judge: (task, answer) =>
    compareMarks(
      listAnsweringSquares(task),
      answer,
      (square) => noteSquare(task, square),
      (square) => noteSquare(task, square),
    ),
  /** The kinds that are seen last weigh most (common practice: taking and going away are seen first). */
  measure(task) {
    const { board } = getPosition(task.fen);
    return 12 * ATTACK_ANSWERS.indexOf(task.answer) + board.filter((man) => man !== undefined).length;
  },
  hints: (task) => tapHints(listAnsweringSquares(task)),
});

/** The men that can do it; of going away, the squares. */
function listAnsweringSquares(task: AttackMenTask): Square[] {
  const squares = listSound(task)
    .filter(isOfKind(task.answer))
    .map(({ move }) => (task.answer === 'go-away' ? move.to : move.from));
  return [...new Set(squares)].sort((one, other) => one - other);
}

function noteSquare(task: AttackMenTask, square: Square): AttackMenNote {
  const { position } = getAttack(task);
  const isAway = task.answer === 'go-away';
  const deeds = listDeeds(task).filter(({ move }) =>
    isAway ? move.from === task.target && move.to === square : move.from === square,
  );
  const doing = deeds.filter(isOfKind(task.answer));
  const sound = doing.find(({ isSound }) => isSound);
  if (sound !== undefined) return { code: 'can-answer', square, move: makeSan(position, sound.move) };
  const [lost] = doing;
  if (lost !== undefined) {
    const [move = '', ...moves] = showLoss(task, lost);
    return { code: 'move-is-lost', square, move, moves };
  }
  if (isAway) return noteNotReached(position, task.target, square);
  const man = position.board[square];
  if (man === undefined) return { code: 'nobody-there', square };
  if (man.side !== position.turn) return { code: 'not-your-man', square };
  const other = deeds.find(({ isSound, kinds }) => isSound && kinds.length > 0);
  return other === undefined
    ? { code: 'cannot-answer', square, role: man.role, answer: task.answer }
    : { code: 'answers-otherwise', square, role: man.role, move: makeSan(position, other.move) };
}
