/**
 * Families of the answers to an attack (kinds and grades: `core/tactics/attackAnswers`). One man of the side to move is attacked by one
 * man of theirs and would be lost in the exchange on its square. `attack-kinds`: which kinds of answer there are. `attack-men`: every
 * man that can answer in one of these ways, or every square the attacked man can go to. An answer is a move of that kind that is
 * sound: nothing is lost in the exchange where the man went, nor on the square of the attacked man.
 */
import { z } from 'zod/mini';
import type { Square } from '../board';
import { getPosition, makeSan, makeSanLine } from '../notation';
import { playMove } from '../rules';
import {
  ATTACK_ANSWERS,
  exchangeOn,
  findAttack,
  findTaken,
  listAttackAnswers,
  type AnsweringMove,
  type AttackAnswer,
} from '../tactics';
import { squareSchema } from './answer';
import { chooseHints, chooseOptions, compareOptions } from './chooseVerdict';
import { defineFamily } from './family';
import { positionTextSchema, sceneOfPosition } from './legalTask';
import { getRole } from './lessonBoard';
import { noteNotReached } from './reachNotes';
import { compareMarks, tapHints, tapSquares } from './tapVerdict';
import { scaleSchema } from './values';
import type { Note, Reason } from './verdict';

const attackedShape = z.object({ fen: positionTextSchema, target: squareSchema, values: scaleSchema });
type AttackedTask = z.infer<typeof attackedShape>;
const isAttack = (task: AttackedTask) => openAttack(task) !== undefined;

export const attackKindsFamily = defineFamily<AttackedTask, 'choose'>({
  id: 'attack-kinds',
  version: 2,
  stage: 'attack',
  skill: 'answers-to-attack',
  answerMode: 'choose',
  levels: 4,
  taskSchema: attackedShape.check(
    z.refine(isAttack, 'nobody is attacked there'),
    z.refine((task) => listKinds(task).length > 0, 'there is no answer'),
  ),
  question: (task) => ({ code: 'attack-kinds', ...aboutAttack(task) }),
  scene: ({ fen, target }) => sceneOfPosition(fen, { asked: [target] }),
  ask: () => ({ kind: 'choose', options: ATTACK_ANSWERS, isMultiple: true }),
  solution: (task) => chooseOptions(listKinds(task)),
  judge: (task, answer) => compareOptions(listKinds(task), answer, (option) => reasonOfKind(task, option)),
  measure(task) {
    const answers = listSound(task);
    return answers.length + 8 * new Set(answers.flatMap(({ kinds }) => kinds)).size;
  },
  hints: (task) => chooseHints(ATTACK_ANSWERS, listKinds(task)),
});

const attackMenShape = z.extend(attackedShape, { answer: z.enum(ATTACK_ANSWERS) });
type AttackMenTask = z.infer<typeof attackMenShape>;

export const attackMenFamily = defineFamily<AttackMenTask, 'tap'>({
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

/** The attack with all that can be done about it; undefined when there is none that one man alone makes. */
function openAttack({ fen, target, values }: AttackedTask) {
  const position = getPosition(fen);
  const attack = findAttack(position, target, values);
  return attack && { position, attack };
}

function getAttack(task: AttackedTask) {
  const opened = openAttack(task);
  if (opened === undefined) throw new Error('a parsed task has an attack');
  return opened;
}

function aboutAttack(task: AttackedTask) {
  const { position, attack } = getAttack(task);
  return {
    turn: position.turn,
    ...attack,
    targetRole: getRole(position, attack.target),
    attackerRole: getRole(position, attack.attacker),
  };
}

/** Moves that do something, worked out once: judging asks for them several times, and each time some thousand moves are looked at. */
const knownDeeds = new WeakMap<AttackedTask, readonly AnsweringMove[]>();
function listDeeds(task: AttackedTask): readonly AnsweringMove[] {
  const { position, attack } = getAttack(task);
  const deeds = knownDeeds.get(task) ?? listAttackAnswers(position, attack, task.values);
  knownDeeds.set(task, deeds);
  return deeds;
}

/** The answers: moves of any kind that lose nothing. */
function listSound(task: AttackedTask): AnsweringMove[] {
  return listDeeds(task).filter(({ kinds, isSound }) => isSound && kinds.length > 0);
}

function listKinds(task: AttackedTask): AttackAnswer[] {
  const found = new Set(listSound(task).flatMap(({ kinds }) => kinds));
  return ATTACK_ANSWERS.filter((kind) => found.has(kind));
}

const isOfKind =
  (answer: string) =>
  ({ kinds }: AnsweringMove) =>
    kinds.some((kind) => kind === answer);

/** The moves that do it; or a move that does it but loses something, with what comes of it. */
function reasonOfKind(task: AttackedTask, option: string): Reason {
  const { position } = getAttack(task);
  const sound = listSound(task).filter(isOfKind(option));
  if (sound.length > 0) return { code: 'moves-do', moves: sound.map(({ move }) => makeSan(position, move)) };
  const tempting = listDeeds(task).find(isOfKind(option));
  return tempting === undefined
    ? { code: 'nothing-does' }
    : { code: 'but-then', moves: showLoss(task, tempting) };
}

/** A move that loses something, and the captures that show it. */
function showLoss(task: AttackedTask, { move }: AnsweringMove): string[] {
  const { position } = getAttack(task);
  const after = playMove(position, move);
  const stands = move.from === task.target ? move.to : task.target;
  const got = findTaken(position, move, task.values);
  const worst = [move.to, stands]
    .map((square) => exchangeOn(after, square, task.values))
    .find(({ gain }) => gain > got);
  return makeSanLine(position, [move, ...(worst?.moves ?? [])]);
}

/** The men that can do it; of going away, the squares. */
function listAnsweringSquares(task: AttackMenTask): Square[] {
  const squares = listSound(task)
    .filter(isOfKind(task.answer))
    .map(({ move }) => (task.answer === 'go-away' ? move.to : move.from));
  return [...new Set(squares)].sort((one, other) => one - other);
}

function noteSquare(task: AttackMenTask, square: Square): Note {
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
