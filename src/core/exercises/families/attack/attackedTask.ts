/**
 * The attack that `attack-kinds` and `attack-men` ask about (kinds and grades of answers: `core/tactics/attackAnswers`). One man of the side
 * to move is attacked by one man of theirs and would be lost in the exchange on its square. An answer is a move of its kind that is sound:
 * nothing is lost in the exchange where the man went, nor on the square of the attacked man.
 */
import { z } from 'zod/mini';
import { getPosition, makeSanLine } from '../../../notation';
import { playMove } from '../../../rules';
import { exchangeOn, findAttack, findTaken, listAttackAnswers, type AnsweringMove } from '../../../tactics';
import { squareSchema } from '../../family/answer';
import { positionTextSchema } from '../../family/legalTask';
import { getRole } from '../../family/lessonBoard';
import { scaleSchema } from '../values/scale';

export const attackedShape = z.object({ fen: positionTextSchema, target: squareSchema, values: scaleSchema });

export type AttackedTask = z.infer<typeof attackedShape>;

export const isAttack = (task: AttackedTask) => openAttack(task) !== undefined;

/** The attack with all that can be done about it; undefined when there is none that one man alone makes. */
function openAttack({ fen, target, values }: AttackedTask) {
  const position = getPosition(fen);
  const attack = findAttack(position, target, values);
  return attack && { position, attack };
}

export function getAttack(task: AttackedTask) {
  const opened = openAttack(task);
  if (opened === undefined) throw new Error('a parsed task has an attack');
  return opened;
}

export function aboutAttack(task: AttackedTask) {
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

export function listDeeds(task: AttackedTask): readonly AnsweringMove[] {
  const { position, attack } = getAttack(task);
  const deeds = knownDeeds.get(task) ?? listAttackAnswers(position, attack, task.values);
  knownDeeds.set(task, deeds);
  return deeds;
}

/** The answers: moves of any kind that lose nothing. */
export function listSound(task: AttackedTask): AnsweringMove[] {
  return listDeeds(task).filter(({ kinds, isSound }) => isSound && kinds.length > 0);
}

export const isOfKind =
  (answer: string) =>
  ({ kinds }: AnsweringMove) =>
    kinds.some((kind) => kind === answer);

/** A move that loses something, and the captures that show it. */
export function showLoss(task: AttackedTask, { move }: AnsweringMove): string[] {
  const { position } = getAttack(task);
  const after = playMove(position, move);
  const stands = move.from === task.target ? move.to : task.target;
  const got = findTaken(position, move, task.values);
  const worst = [move.to, stands]
    .map((square) => exchangeOn(after, square, task.values))
    .find(({ gain }) => gain > got);
  return makeSanLine(position, [move, ...(worst?.moves ?? [])]);
}
